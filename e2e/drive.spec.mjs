import { readFileSync } from 'node:fs';
import { test, expect, takeDemo, stageLink, swapped, repair } from './support.mjs';

async function openDrive(page, relay) {
  await swapped(page, () => stageLink(page, 'Drive').click());
  await swapped(page, () => page.locator(`#drive-${relay}`).click());
  await expect(page.locator('#ways tbody tr').first()).toBeVisible();
  await expect(page.locator('#spread svg.spread')).toBeVisible();
}

test('a base resistor is slid, seen to move, set, and the fan’s relay pulls in on every board', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openDrive(page, 'A4');
  await expect(page.locator('#sketch')).toContainText('4.7 kΩ');
  await expect(page.locator('#spread')).toContainText(/[1-9]\d* of\s+10000 boards drawn at random do not pull in/);
  // From 4.7 kΩ eleven steps of E12 down to 560 Ω: tried, not yet made.
  const slide = page.getByLabel('Try base resistor');
  await slide.focus();
  for (let step = 0; step < 11; step += 1) await slide.press('ArrowLeft');
  await expect(page.locator('#value-baseOhms')).toHaveValue('560 Ω');
  await expect(page.locator('#sketch')).toContainText('560 Ω');
  await expect(page.locator('#tray')).toContainText('“Window fan” pulls in on the bench only');
  await swapped(page, () => page.locator('#value-baseOhms').press('Enter'));
  await expect(page.locator('#tray')).not.toContainText('“Window fan” pulls in on the bench only');
  await expect(page.locator('#spread')).toContainText('0 of 10000 boards');
});

test('another circuit is taken from the ranked list, and a missing clamp is stated', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openDrive(page, 'A4');
  await swapped(page, () => page.getByRole('button', { name: /^Use MOSFET specified at 2.5 V/ }).click());
  await expect(page.getByRole('img', { name: /^MOSFET low side between pin and coil/ })).toBeVisible();
  await expect(page.locator('#drive-A4')).toContainText('sound');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.getByRole('img', { name: /^NPN low side between pin and coil/ })).toBeVisible();

  await openDrive(page, 'A5');
  await expect(page.locator('#tray .finding', { hasText: 'Nothing clamps the coil' })).toHaveCount(1);
  await swapped(page, () => page.getByLabel('The coil is clamped by').selectOption('diode and zener'));
  await expect(page.locator('#tray .finding', { hasText: 'Nothing clamps the coil' })).toHaveCount(0);
  await expect(page.getByRole('row', { name: /^diode and zener fitted/ })).toBeVisible();
});

test('a circuit is taken along as a netlist', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openDrive(page, 'A4');
  const file = await (
    await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'SPICE netlist' }).click()])
  )[0].path();
  expect(readFileSync(file, 'utf8')).toMatch(/^\* NPN low side of First try, relay of .*[\s\S]*\.model [\s\S]*\.end\s*$/);
});

test('the Reckoner answers as values change, and refuses what cannot be', async ({ page }) => {
  await page.goto('/reckoner');
  const card = page.locator('#base-resistor');
  await expect(card).toContainText('680 Ω');
  await card.getByLabel('Forced gain').fill('10');
  await swapped(page, () => card.getByLabel('Forced gain').press('Enter'));
  await expect(card).toContainText('330 Ω');
  await card.getByLabel('Pin, high').fill('0.5 V');
  await swapped(page, () => card.getByRole('button', { name: 'Reckon' }).click());
  await expect(card.getByRole('alert')).toContainText('The pin must be higher than the base–emitter voltage');
  await expect(card.getByLabel('Pin, high')).toHaveValue('0.5 V');
});

test('a valve is switched without a relay, and a mains line is not', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  const valve = page.locator('.strip', { hasText: 'DC +' }).first();
  await swapped(page, () => valve.getByRole('link', { name: /^Coil/ }).first().click());
  await swapped(page, () => page.getByRole('button', { name: 'Switch it without a relay' }).click());
  await expect(page.locator('.strip', { hasText: 'switched by its driver' })).toHaveCount(1);
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('.strip', { hasText: 'switched by its driver' })).toHaveCount(0);
});

test('a bistable relay is opened from an output of its own', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openDrive(page, 'A1');
  const board = page.url().replace(/\/drive.*/, '');
  await page.goto(`${board}/lines?open=L1.coil`);
  await swapped(page, () => page.locator('select[name=relay]').selectOption({ label: 'Bistable relay 5 V, one winding, 16 A' }));
  await repair(page, 'wants its current turned round', /^Drive it both ways by Full bridge/);
  await expect(page.locator('#tray')).not.toContainText('turned round');
  await swapped(page, () => stageLink(page, 'Drive').click());
  await expect(page.locator('.functions')).toContainText(', opening');
  await expect(page.getByRole('row', { name: /^without power not driven off as it was/ })).toBeVisible();
});
