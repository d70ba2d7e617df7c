// The panel that a board serves itself, in a browser: the sketch that is handed over runs on this computer.
import { execFileSync, spawn } from 'node:child_process';
import { createServer } from 'node:http';
import { connect } from 'node:net';
import { test, expect } from '@playwright/test';
import AxeBuilder from '@axe-core/playwright';

const KEY = 'twelve-letters-1';
let built;
const running = [];

test.beforeAll(() => {
  built = JSON.parse(execFileSync('php', ['tests/Support/panel-desk.php'], { encoding: 'utf8', timeout: 300_000 }));
});
test.afterEach(() => {
  for (const end of running.splice(0)) end();
});

const freePort = () =>
  new Promise((found) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => found(port));
    });
  });

async function desk(key = KEY) {
  const port = await freePort();
  const secrets = { PANEL_PORT: String(port), POCKET_PANEL_KEY: key, HOUSE_BROKER_HOST: '127.0.0.1:9' };
  const child = spawn(built.desk, { env: { ...process.env, ...secrets } });
  let said = '';
  child.stdout.on('data', (data) => {
    said += data;
  });
  running.push(() => child.kill('SIGKILL'));
  const one = {
    port,
    url: `http://127.0.0.1:${port}/`,
    do: (line) => child.stdin.write(line + '\n'),
    said: () => said,
    kill: () => child.kill('SIGKILL'),
  };
  await expect.poll(() => said).toContain('says');
  return one;
}

const row = (page, name) => page.locator('section', { hasText: name });
const relay = (level) => ` ${built.relay} ${level}\n`;

async function enter(page, one, key = KEY) {
  await page.goto(one.url);
  await page.getByLabel('Key of this board').fill(key);
  await page.getByRole('button', { name: 'Enter' }).click();
}

/** What somebody says who is no browser, and what the board answers until it ends. */
const raw = (port, text) =>
  new Promise((heard) => {
    const socket = connect(port, '127.0.0.1', () => socket.write(text));
    let answer = '';
    socket.on('data', (data) => {
      answer += data.toString('latin1');
    });
    socket.on('close', () => heard(answer));
    socket.on('error', () => heard(answer));
  });

test('a line is switched from the phone, and the phone shows what a hand does at the board', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const one = await desk();
  await enter(page, one);
  await expect(page.getByRole('status')).toHaveText('The board answers.');
  await expect(row(page, 'Worktop lamp')).toContainText('off');
  await page.getByRole('button', { name: 'Worktop lamp: On' }).click();
  await expect(row(page, 'Worktop lamp').locator('.state')).toHaveText('on');
  expect(one.said()).toContain(relay(1));
  one.do(`pin ${built.button} 0`);
  await expect(row(page, 'Worktop lamp').locator('.state')).toHaveText('off');
  await page.getByLabel('Extractor fan, in percent').fill('100');
  await expect(row(page, 'Extractor fan').locator('.state')).toHaveText('100 %');
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  const widest = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(widest).toBeLessThanOrEqual(390);
  // The key is known from now on; a board that is gone is said to be gone, and nothing is known of its lines.
  await page.reload();
  await expect(page.getByRole('status')).toHaveText('The board answers.');
  one.kill();
  await expect(page.getByRole('status')).toContainText('The board is not reached');
  await expect(row(page, 'Worktop lamp').locator('.state')).toHaveText('not known');
  await expect(page.getByRole('button', { name: 'Worktop lamp: On' })).toBeDisabled();
});

test('a wrong key is said, and nobody is let in for a while', async ({ page }) => {
  const one = await desk();
  await enter(page, one, 'not-the-key-at-all');
  await expect(page.getByRole('status')).toHaveText('That is not the key of this board.');
  await page.getByLabel('Key of this board').fill(KEY);
  await page.getByRole('button', { name: 'Enter' }).click();
  await expect(page.getByRole('status')).toHaveText('The board answers.', { timeout: 20_000 });
  expect(one.said()).not.toContain(relay(1));
});

test('without a key of its own a board lets nobody in', async ({ page }) => {
  const one = await desk('');
  await enter(page, one, KEY);
  await expect(page.getByRole('status')).toHaveText('That is not the key of this board.');
});

test('a foreign page, a foreign frame, a foreign name and a foreign socket switch nothing', async ({ page }) => {
  const one = await desk();
  // A page of another origin, which even knows the key.
  const script = `const log = (word) => document.title = word;
    const socket = new WebSocket('ws://127.0.0.1:${one.port}/words');
    socket.onopen = () => { socket.send('key ${KEY}'); socket.send('worktop-lamp on'); log('open'); };
    socket.onclose = () => log('closed');`;
  const hostile = createServer((request, response) => {
    response.setHeader('Content-Type', 'text/html');
    response.end(request.url === '/frame' ? `<iframe src="${one.url}"></iframe>` : `<script>${script}</script>`);
  });
  const port = await new Promise((found) => hostile.listen(0, '127.0.0.1', () => found(hostile.address().port)));
  running.push(() => hostile.close());
  await page.goto(`http://127.0.0.1:${port}/`);
  await expect(page).toHaveTitle('closed');
  await page.goto(`http://127.0.0.1:${port}/frame`);
  await expect(page.frames()[1].locator('h1', { hasText: 'Utility room board' })).toHaveCount(0);
  const opens = (host, origin) =>
    `GET /words HTTP/1.1\r\nHost: ${host}\r\n${origin}Upgrade: websocket\r\nConnection: Upgrade\r\n` +
    'Sec-WebSocket-Version: 13\r\nSec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==\r\n\r\n';
  const own = `127.0.0.1:${one.port}`;
  expect(await raw(one.port, opens('evil.example', 'Origin: http://evil.example\r\n'))).toContain('421');
  expect(await raw(one.port, opens(own, ''))).toContain('403');
  expect(await raw(one.port, opens(own, 'Origin: null\r\n'))).toContain('421');
  expect(await raw(one.port, opens(own, `Origin: http://${own}\r\nHost: evil.example\r\n`))).toContain('421');
  expect(await raw(one.port, `POST / HTTP/1.1\r\nHost: ${own}\r\n\r\n`)).toContain('405');
  expect(await raw(one.port, `GET /../secrets.h HTTP/1.1\r\nHost: ${own}\r\n\r\n`)).toContain('404');
  expect(await raw(one.port, `GET / HTTP/1.1\r\nHost: ${own}\r\nX: ${'x'.repeat(9000)}\r\n\r\n`)).toBe('');
  // RFC 6455, section 1.3, has this answer to this nonce.
  const open = connect(one.port, '127.0.0.1', () => open.write(opens(own, `Origin: http://${own}\r\n`)));
  const greeted = await new Promise((heard) => open.once('data', (data) => heard(data.toString('latin1'))));
  expect(greeted).toContain('Sec-WebSocket-Accept: s3pPLMBiTxaQ9kYGzzhZRbK+xOo=');
  // Without the key: a command at once.
  const says = Buffer.from('worktop-lamp on');
  open.write(Buffer.concat([Buffer.from([0x81, 0x80 | says.length, 0, 0, 0, 0]), says]));
  await new Promise((ended) => open.once('close', ended));
  expect(one.said()).not.toContain(relay(1));
});
