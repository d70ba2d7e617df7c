import { test, expect, latches, stageLink, swapped } from './support.mjs';

const words = 'three lamps, a heater 2 kW and a pump, wall switches, network, 230 V, in a case';

/** Counts what a hand does. */
function hand() {
  const done = { clicks: 0, fields: 0 };
  return {
    done,
    click: (target) => {
      done.clicks += 1;
      return target.click();
    },
    fill: (target, text) => {
      done.fields += 1;
      return target.fill(text);
    },
  };
}

/** Every seat of a board, from its file. */
async function boardOf(page) {
  return (await page.request.get(`${new URL(page.url()).pathname.split('/').slice(0, 3).join('/')}/board.json`)).json();
}

const whole = (page) => expect(page.locator('#drafts-said')).toContainText('ways worked out; the best of each kind', { timeout: 30_000 });

test('from the shelf with one sentence to a board that asks only what its maker can know, and two lines more', async ({ page }) => {
  const by = hand();
  await page.goto('/');
  await by.fill(page.getByLabel('What is switched, how, where'), words);
  await by.click(page.getByRole('button', { name: 'Draft boards' }));
  // The first draft stands there at once, the others come by themselves.
  await expect(page.locator('.draft').first()).toBeVisible();
  await expect(page.locator('.heard')).toContainText('1 × heater of 2000 W');
  await whole(page);
  const count = await page.locator('.draft').count();
  expect(count).toBeGreaterThanOrEqual(3);
  const price = (await page.locator('.draft').first().locator('.plate').first().innerText()).match(/[\d.]+/)[0];
  await by.click(page.getByRole('button', { name: 'Take draft 1' }));

  await expect(page.locator('.strip')).toHaveCount(5);
  for (const stage of ['Lines', 'Pins', 'Drive', 'Power', 'Mains', 'Controls', 'Board'])
    await expect(stageLink(page, stage)).toContainText(/shut|not checked: \d+ facts?/);
  await expect(latches(page)).not.toContainText('open');
  console.log(`${by.done.clicks} clicks, ${by.done.fields} fields`);
  expect(by.done.clicks).toBeLessThan(12);
  expect(by.done.fields).toBeLessThan(20);
  await stageLink(page, 'Board').click();
  await expect(page.locator('.stage-head')).toContainText(price);
  // What is open is named, each with what it decides.
  await page.locator('#facts-link').click();
  await expect(page.locator('#main form.ask, #main .ask').first()).toBeVisible();
  const before = await boardOf(page);
  expect(before.box.clearanceMetres).toBeUndefined();
  expect(before.brief.appliances.map((row) => row.lines.length)).toEqual([3, 1, 1]);

  // Later two more lamps are wanted: what stands stays where it is.
  await stageLink(page, 'Brief').click();
  await page.getByLabel('How many: Lamp').fill('5');
  await swapped(page, () => page.getByRole('button', { name: 'Show what becomes of the board', exact: true }).click());
  await expect(page.locator('.drafts')).toContainText(`${Object.keys(before.seats).length} of ${Object.keys(before.seats).length} seats`);
  await expect(page.locator('.drafts')).toContainText('new: Lamp 4, Lamp 5');
  expect((await boardOf(page)).lines).toEqual(before.lines);
  await swapped(page, () => page.getByRole('button', { name: 'Let the board follow' }).click());
  const after = await boardOf(page);
  expect(Object.keys(after.lines)).toHaveLength(7);
  for (const [id, seat] of Object.entries(before.seats)) expect(after.seats[id].pin).toBe(seat.pin);
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  expect(await boardOf(page)).toEqual(before);
});

test('drafts follow what is ticked, two are held against each other, and what fails says why', async ({ page }) => {
  await page.goto('/brief');
  await expect(page.locator('#drafts')).toContainText('Say what is to be switched');
  await page.getByLabel('How many: a new row').first().fill('2');
  await page.getByLabel('Which appliance: a new row').first().selectOption({ label: 'LED lamp' });
  await page.getByLabel('Called: a new row').first().fill('Shelf lamp');
  await page.getByLabel('Called: a new row').first().blur();
  await expect(page.locator('.draft').first()).toContainText('Shelf lamp 2', { timeout: 20_000 });
  await page.getByRole('checkbox', { name: 'network topic' }).first().check();
  // Without a network there are 41 ways, with one those controllers fall out that have no radio.
  await expect(page.locator('#drafts-said')).toContainText('29 of 29 ways worked out', { timeout: 30_000 });
  await expect(page.locator('.draft', { hasText: 'ATmega328P' })).toHaveCount(0);
  const ticks = page.getByRole('checkbox', { name: 'hold against' });
  await ticks.nth(0).check();
  await ticks.nth(1).check();
  await swapped(page, () => page.getByRole('button', { name: 'Hold the two that are ticked' }).click());
  await expect(page.locator('#against')).toContainText('Price');
  await page.getByText('Why not another controller?').click();
  await expect(page.locator('#drafts dl')).toContainText('it has no radio');
});

test('what is not understood is kept and underlined, and a value that cannot be is answered in words', async ({ page }) => {
  await page.goto(`/brief?words=${encodeURIComponent('a lamp and a laser, 230 V')}`);
  await expect(page.locator('.heard u')).toHaveText('a laser');
  await page.getByLabel('Breaker before it').fill('900 A');
  await page.getByLabel('Breaker before it').blur();
  await expect(page.locator('#notice')).toContainText('125 A');
  await expect(page.getByLabel('Breaker before it')).toHaveValue('900 A');
  await page.goto(`/brief?words=${encodeURIComponent('a motor, 230 V')}`);
  await expect(page.locator('#notice')).toContainText('State its watts and its kind of load');
});

test('a board like an earlier one, but with more', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'A board like Fermentation cupboard, but …' }).click();
  await expect(page.locator('h1')).toContainText('Fermentation');
  const rows = page.locator('.row-of');
  await expect(rows.first().locator('input').first()).toHaveValue('1');
  await page.getByLabel(/^How many: (Circulation fan|Vent fan)/).fill('2');
  await swapped(page, () => page.getByRole('button', { name: 'Show what becomes of the board', exact: true }).click());
  await expect(page.locator('.drafts')).toContainText('nothing that is seated has to move');
});

test.describe('without scripts', () => {
  test.use({ javaScriptEnabled: false });

  test('a brief is drafted, worked out whole, taken, and followed', async ({ page }) => {
    await page.goto('/');
    await page.getByLabel('What is switched, how, where').fill('two lamps, push buttons, 230 V, in a case, esp8266');
    await page.getByRole('button', { name: 'Draft boards' }).click();
    await page.getByRole('button', { name: 'Draft it' }).click();
    if ((await page.getByRole('button', { name: 'Work out the rest' }).count()) > 0)
      await page.getByRole('button', { name: 'Work out the rest' }).click();
    await whole(page);
    await page.getByRole('button', { name: 'Take draft 1' }).click();
    await expect(page.locator('.strip')).toHaveCount(2);
    await stageLink(page, 'Brief').click();
    await page.getByLabel('How many: Lamp').fill('3');
    await page.getByRole('button', { name: 'Show what becomes of the board', exact: true }).click();
    await page.getByRole('button', { name: 'Let the board follow' }).click();
    await stageLink(page, 'Lines').click();
    await expect(page.locator('.strip')).toHaveCount(3);
  });
});
