import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { test, expect, takeDemo } from './support.mjs';

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** Every screen, with its drawers; «board» stands for the demo board “First try”. */
const screens = [
  '/',
  '/rule-book',
  '/brief',
  '/brief?words=three+lamps%2C+a+heater+and+a+pump%2C+wall+switches%2C+230+V%2C+in+a+case',
  '/reckoner',
  '/reckoner/base-resistor',
  '/catalogue',
  '/catalogue/esp32-carrier-38',
  '/catalogue/module-5v-10w',
  '/catalogue/esp32-carrier-38/copy',
  'board/brief',
  'board/lines',
  'board/lines?open=L4.driver',
  'board/lines?open=L1.appliance',
  'board/pins',
  'board/pins?open=F3',
  'board/drive',
  'board/drive?open=A4',
  'board/power',
  'board/power?open=R2.on',
  'board/power?open=heat',
  'board/power?open=devices',
  'board/mains',
  'board/mains?open=L3',
  'board/mains?open=barrier',
  'board/mains?open=wires',
  'board/facts',
  'board/controls',
  'board/controls?open=L6',
  'board/controls?open=S21',
  'board/controls?open=channels',
  'board/controls?open=lamps',
  'board/controls?open=messages',
  'board/controls?open=out-radio',
  'board/set-up',
  'board/messages',
  'board/sheets/C1',
  'board/build',
  'board/build?open=plan.K31',
  'board/build?open=lines',
  'board/build?open=forms',
  'board/build?open=order',
  '/prices',
  '/phone',
  'board/bench',
  'board/bench/shows',
  'board/bench/show?finding=pins.boot-twitch:A3',
  'board/bench/trial/0',
  'board/wiring',
  'board/wiring?open=mains.L1',
  'board/wiring?open=box',
  'board/wiring?open=low.K11',
  'board/wiring?open=wires',
  'board/wiring?open=continuity',
  'board/sheets',
  'board/compare',
  'board/hand-over',
  'board/log',
  'board/program',
  'board/read',
  'board/revisions',
  'board/settings',
  'board/finding?open=drive.does-not-pull-in:A4',
];

/** Addresses that are no screens: files, and pieces that a screen loads into itself. */
const others = [
  /\/panel$/, // hand-panel.spec.mjs scans it where the board serves it

  /^\/boards\/\{id\}$/,
  /^\/backup$/,
  /\.(json|csv|cir|h|env)$/,
  /\/(exports|pieces|previews)\/\{what\}$/,
  /\/drive\/\{actuator\}\/(ways|spread|sketch\/\{value\})$/,
  /\/power\/\{rail\}\/(offers|waveform)$/,
  /\/bench\/look$/,
  /\/pins\/(\{function\}\/straps|comparison)$/,
  /^\/boards\/\{id\}\/offers$/,
  // A run is there once it was made: bench.spec.mjs scans its page; its files are no screens.
  /\/runs\/\{run\}(\.\{form\})?$/,
  // So is a copy of a board: log.spec.mjs scans its walk.
  /\/copies\/\{copy\}$/,
  /\/log\/pictures\/\{picture\}$/,
  // What a page that follows another device asks for; phone.spec.mjs scans the page at which one is paired.
  /\/mark$/,
  /^\/pair$/,
  /^\/build\/\{file\}$/,
  // So is a file that came back: hand-over.spec.mjs scans it where it is shown.
  /\/returned\/\{file\}(\/places\/\{place\})?$/,
];

// All sheets on one page are four scans of ten drawings.
test.describe.configure({ timeout: 150_000 });

for (const screen of screens) {
  test(`${screen} is accessible at the desk and on a phone, light and dark`, async ({ page }) => {
    const faults = async (scan) =>
      (await scan.analyze()).violations.map((one) => `${one.id} ${one.nodes[0].target} ${one.nodes[0].failureSummary}`);
    await page.setViewportSize(desk);
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto('/');
    const board = new URL(await page.getByRole('link', { name: 'Open First try' }).getAttribute('href'), page.url()).pathname.replace(
      /\/lines$/,
      '',
    );
    await page.goto(screen.replace(/^board/, board));
    await page.waitForLoadState('networkidle');
    expect(
      await faults(new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])),
      'light, at the desk',
    ).toEqual([]);
    // The dark theme differs in its colours only, a phone in its layout: what depends on neither is not looked at again.
    await page.emulateMedia({ colorScheme: 'dark' });
    expect(await faults(new AxeBuilder({ page }).withRules(['color-contrast'])), 'dark').toEqual([]);
    expect(await tooWide(page), 'wider than the window of a desk').toBeLessThanOrEqual(0);
    await page.setViewportSize(phone);
    expect(await faults(new AxeBuilder({ page }).withRules(['target-size', 'scrollable-region-focusable'])), 'on a phone').toEqual([]);
    expect(await tooWide(page), 'wider than a phone').toBeLessThanOrEqual(0);
  });
}

const tooWide = (page) => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

test('no screen is left out of the scans', () => {
  const routes = JSON.parse(
    execFileSync('php', ['bin/console', 'debug:router', '--format=json'], { env: { ...process.env, APP_ENV: 'prod' } }),
  );
  // The screens of a board are found as the application finds them: each class has its name.
  const names = readdirSync('src/Screen')
    .filter((file) => /.Screen\.php$/.test(file) && file !== 'BoardScreen.php')
    .map((file) => /return '([a-z-]+)';/.exec(readFileSync(`src/Screen/${file}`, 'utf8'))[1]);
  expect(names.length).toBeGreaterThan(10);
  const addresses = Object.values(routes)
    .filter((route) => /GET|ANY/.test(route.method))
    .flatMap(({ path }) => (path.includes('{view}') ? names.map((one) => path.replace('{view}', one)) : [path]));
  const known = screens.map((screen) => screen.replace(/^board/, '/boards/x').replace(/\?.*/, ''));
  const missing = addresses.filter(
    (address) =>
      !others.some((other) => other.test(address)) &&
      !known.some((screen) => new RegExp(`^${address.replace(/\{\w+\}/g, '[^/]+')}$`).test(screen)),
  );
  expect(missing).toEqual([]);
});

test('six lines stand whole at 1280 × 800, and no strip is taller than 88 px', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  const strips = await page
    .locator('.strip')
    .evaluateAll((all) => all.map((strip) => strip.getBoundingClientRect()).map(({ height, bottom }) => ({ height, bottom })));
  expect(strips).toHaveLength(6);
  for (const strip of strips) expect(strip.height).toBeLessThanOrEqual(88);
  expect(strips[5].bottom).toBeLessThanOrEqual(800);
});

test('more than eight lines stand in compact strips of at most 40 px', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  const board = page.url().replace(/\/lines.*/, '');
  for (let number = 7; number <= 16; number += 1) {
    await page.getByLabel('Name, as you call it').fill(`Line ${number}`);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.locator('.strip')).toHaveCount(number);
  }
  await page.goto(`${board}/lines`);
  for (const height of await page.locator('.strip').evaluateAll((all) => all.map((strip) => strip.getBoundingClientRect().height))) {
    expect(height).toBeLessThanOrEqual(40);
  }
});
