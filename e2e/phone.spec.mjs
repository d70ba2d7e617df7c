import AxeBuilder from '@axe-core/playwright';
import { serveDoor } from './server.mjs';
import { test as base, expect, swapped, takeDemo } from './support.mjs';

/** A phone in the same house, by the door for phones, and how to break its connection. */
const test = base.extend({
  door: async ({ server, baseURL }, use) => {
    // The shelf is fresh before the door is opened: that is what asking for the address does.
    void baseURL;
    const door = await serveDoor(server.worker);
    await use(door);
    door.end();
  },
  phone: async ({ browser, door }, use) => {
    const context = await browser.newContext({ baseURL: door.url, viewport: { width: 390, height: 844 }, hasTouch: true });
    const phone = await context.newPage();
    const faults = [];
    phone.on('pageerror', (error) => faults.push(error.message));
    phone.on('request', (request) => {
      if (![`${door.url}/`, 'data:', 'blob:'].some((own) => request.url().startsWith(own))) faults.push(`asked ${request.url()}`);
    });
    await use(phone);
    await context.close();
    expect(faults).toEqual([]);
  },
});

const wide = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
const axe = async (page) => (await new AxeBuilder({ page }).withTags(wide).analyze()).violations;

async function codeOf(page, may = 'bench and commissioning') {
  await page.goto('/phone');
  await page.getByLabel('The next device may').selectOption(may);
  await page.getByRole('button', { name: /Make a code|Another code/ }).click();
  return (await page.getByLabel('Code', { exact: true }).innerText()).replace(/\D/g, '');
}

async function pair(phone, code) {
  await phone.goto('/');
  await phone.getByLabel('Code on the desk').fill(code);
  await phone.getByLabel('Name of this device').fill('phone in the workshop');
  await phone.getByRole('button', { name: 'Pair it' }).click();
}

/** Both look at the walk of the third copy of the demo. */
async function atTheBench(page, phone, step) {
  await takeDemo(page, 'Utility room board');
  const walk = `${new URL(page.url()).pathname.replace(/\/[a-z-]+$/, '')}/copies/B3?step=${step}`;
  await pair(phone, await codeOf(page));
  await phone.goto(walk);
  return walk;
}

test('a phone is paired by its code, may what is said of it, and is out at once when it is taken out', async ({ page, phone, door }) => {
  await phone.goto('/rule-book');
  await expect(phone).toHaveURL(/\/pair$/);
  expect(await axe(phone)).toEqual([]);
  await pair(phone, '00000000');
  await expect(phone.getByRole('alert')).toContainText('does not open the desk');
  await pair(phone, await codeOf(page));
  await expect(phone.getByRole('link', { name: 'Utility room board', exact: true })).toBeVisible();
  await expect(phone.getByText('Keep safe')).toHaveCount(0);
  await expect(phone.locator('.restricted')).toContainText('This device may look, use the bench and commission.');
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.goto('/phone');
  await expect(page.locator('main')).toContainText(door.url);
  await expect(page.getByRole('region', { name: 'Devices', exact: true })).toContainText('phone in the workshop');
  expect(await axe(page)).toEqual([]);
  // It may not write.
  const written = await phone.evaluate(
    async () => (await fetch('/boards', { method: 'POST', body: new URLSearchParams({ name: 'x' }) })).status,
  );
  expect(written).toBe(403);
  await page.getByRole('button', { name: 'Take phone in the workshop out' }).click();
  await phone.reload();
  await expect(phone).toHaveURL(/\/pair$/);
});

test('the phone commissions while the desk edits and looks on', async ({ page, phone }) => {
  const walk = await atTheBench(page, phone, 'rail:R1');
  await page.goto(walk);
  await phone.getByLabel('Read, in V').fill('4.7');
  await phone.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(phone.locator('.card')).toContainText('Last: 4.7 V not as it should be');
  // The desk edits the board meanwhile: the copy is still that of its own revision.
  await page.goto(`${walk.split('/copies')[0]}/lines?open=L5.name`);
  await swapped(page, () =>
    page
      .getByRole('button', { name: /^Remove / })
      .first()
      .click(),
  );
  await phone.getByLabel('Read, in V').fill('4.8');
  await phone.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(phone.locator('.card')).toContainText('Last: 4.8 V not as it should be');
  await page.goto(walk);
  await phone.getByLabel('Read, in V').fill('4.7');
  await phone.getByRole('button', { name: 'Keep this reading' }).click();
  // The desk follows, and goes on with its own.
  await expect(page.locator('.card')).toContainText('Last: 4.7 V not as it should be', { timeout: 4000 });
  await page.getByLabel('Read, in V').fill('5');
  await phone.getByLabel('Read, in V').fill('4.99');
  await page.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(page.locator('.walk-steps')).toContainText('Rail 5 V alone as it should be');
  // What is typed on the phone stays, and both values are shown.
  await expect(phone.locator('#notice')).toContainText('Another device has put something down', { timeout: 4000 });
  await expect(phone.getByLabel('Read, in V')).toHaveValue('4.99');
  await phone.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(phone.locator('#notice')).toContainText('“5 V as it should be”');
  await expect(phone.locator('#notice')).toContainText('“4.99”');
  await expect(phone.getByLabel('Read, in V')).toHaveValue('4.99');
  expect(await axe(phone)).toEqual([]);
  await phone.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(phone.locator('.card h2')).not.toHaveText('Rail 5 V alone');
  await page.goto(`${walk.split('/copies')[0]}/log?open=B3`);
  await page.getByText(/\d+ readings/).click();
  const readings = page.getByRole('region', { name: 'Readings of UR-003' });
  for (const one of ['4.7 V not as it should be', '5 V as it should be', '4.99 V as it should be'])
    await expect(readings).toContainText(one);
});

test('what is entered while the connection is broken waits, and is sent in order and once', async ({ page, phone }) => {
  const walk = await atTheBench(page, phone, 'rail:R1');
  await phone.context().setOffline(true);
  for (const value of ['4.6', '5.02']) {
    await phone.getByLabel('Read, in V').fill(value);
    await phone.getByRole('button', { name: 'Keep this reading' }).click();
  }
  await expect(phone.locator('#waiting')).toContainText('2 entries wait on this device until the desk answers.');
  await expect(phone.locator('#waiting li')).toHaveText(['Rail 5 V alone: 4.6', 'Rail 5 V alone: 5.02']);
  await phone.context().setOffline(false);
  await expect(phone.locator('#waiting')).toHaveCount(0, { timeout: 15_000 });
  await page.goto(`${walk.split('/copies')[0]}/log?open=B3`);
  await page.getByText(/\d+ readings/).click();
  const rows = page.getByRole('region', { name: 'Readings of UR-003' }).locator('tr', { hasText: 'Rail 5 V alone' });
  await expect(rows).toHaveCount(2);
  await expect(rows.nth(1)).toContainText('4.6 V');
  await expect(rows.nth(0)).toContainText('5.02 V');
});

test('what was entered without a connection and is not true any more is shown with both values, wherever one is', async ({
  page,
  phone,
}) => {
  const walk = await atTheBench(page, phone, 'rail:R1');
  await page.goto(walk);
  await phone.context().setOffline(true);
  await phone.getByLabel('Read, in V').fill('4.6');
  await phone.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(phone.locator('#waiting')).toContainText('1 entry waits');
  await page.getByLabel('Read, in V').fill('5.02');
  await page.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(page.locator('.card h2')).not.toHaveText('Rail 5 V alone');
  // Meanwhile something else is being typed there, and stays.
  await phone.getByLabel('Read, in V').fill('4.5');
  await phone.context().setOffline(false);
  await expect(phone.locator('#waiting')).toContainText('“5.02 V as it should be”', { timeout: 15_000 });
  await expect(phone.locator('#waiting')).toContainText('“4.6”');
  await expect(phone.getByLabel('Read, in V')).toHaveValue('4.5');
  expect(await axe(phone)).toEqual([]);
  await phone.getByRole('button', { name: 'Keep mine as well' }).click();
  await expect(phone.locator('#waiting')).toHaveCount(0);
  await expect(page.locator('.walk-steps')).toContainText('Rail 5 V alone not as it should be', { timeout: 6000 });
});

test('a run on the bench is followed, and nothing is asked while nobody looks', async ({ page, phone }) => {
  await takeDemo(page, 'Utility room board');
  const bench = `${new URL(page.url()).pathname.replace(/\/[a-z-]+$/, '')}/bench`;
  await pair(phone, await codeOf(page));
  await phone.goto(bench);
  await page.goto(bench);
  await phone.locator('.bench-hands button').first().click();
  await expect(page.locator('#do-back')).toBeEnabled({ timeout: 6000 });
  const asked = [];
  page.on('request', (request) => asked.push(request.url()));
  await page.evaluate(() => {
    Object.defineProperty(document, 'hidden', { configurable: true, get: () => true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  await phone.locator('.bench-hands button').first().click();
  await expect(phone.locator('.htmx-request')).toHaveCount(0);
  await page.waitForTimeout(3500);
  expect(asked.filter((url) => url.includes('/mark'))).toEqual([]);
});

test('many who guess at once get five tries between them', async ({ page, door }) => {
  const code = await codeOf(page, 'everything');
  const guess = (at) =>
    fetch(`${door.url}/pair`, {
      method: 'POST',
      redirect: 'manual',
      headers: { Origin: door.url },
      body: new URLSearchParams({ code: String((Number(code) + at) % 100_000_000).padStart(8, '0') }),
    }).then((answer) => answer.status);
  const answers = await Promise.all(Array.from({ length: 40 }, (_, at) => guess(at + 1)));
  expect(new Set(answers)).toEqual(new Set([403]));
  expect(await guess(0)).toBe(403);
  await page.goto('/phone');
  await expect(page.locator('main')).toContainText('5 wrong tries since');
  await expect(page.locator('main')).toContainText('Nobody is let in for another');
});
