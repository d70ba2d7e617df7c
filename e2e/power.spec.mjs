import { readFileSync } from 'node:fs';
import { test, expect, takeDemo, stageLink, swapped, repair } from './support.mjs';

async function openPower(page) {
  await swapped(page, () => stageLink(page, 'Power').click());
  await swapped(page, () => page.locator('#rail-R1').click());
  await expect(page.locator('#offers tbody tr').first()).toBeVisible();
  await expect(page.locator('#wave svg.wave')).toBeVisible();
}

test('a supply that carries too much is seen, another one is found and taken', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openPower(page);
  await expect(page.getByRole('group', { name: /^Currents in the scenario All pull in at once/ })).toBeVisible();
  await expect(page.locator('#tray')).toContainText('Mains module 5 V, 3 W gives 600 mA in air at 40 °C');
  const row = page.locator('.rails-table tbody tr').first();
  await expect(row).toContainText('broken');
  await expect(page.locator('#offers tbody tr').first()).toContainText('sound');
  await swapped(page, () => page.locator('#offers').getByRole('button', { name: 'Use Mains module 5 V, 10 W' }).click());
  await expect(page.locator('#tray')).not.toContainText('gives 600 mA in air at 40 °C');
  await expect(page.locator('#offers tr.own')).toContainText('Mains module 5 V, 10 W');
  // The clamp and the regulator’s capacitors are still to be mended: both by one click each.
  await repair(page, /clamp for 5 V|clamps/, 'Fit surge clamp for 6 V in its place');
  await repair(page, '1117 for 3.3 V in SOT-223, which feeds', 'Fit its capacitors');
  await repair(page, '“Display” takes up to', 'Feed it from the controller’s pin supply');
  await expect(stageLink(page, 'Power')).toContainText('shut');
});

test('a capacitance is slid, seen in the dip, and fitted', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openPower(page);
  const before = await page.locator('#wave').textContent();
  const slide = page.getByLabel('Try a capacitance');
  await slide.focus();
  for (let step = 0; step < 6; step += 1) await slide.press('ArrowRight');
  await expect(page.locator('#farads')).toHaveValue('2.2 mF');
  await expect(page.locator('#wave')).toContainText('with 1.76 mF');
  expect(await page.locator('#wave').textContent()).not.toBe(before);
  await swapped(page, () => page.locator('#farads').press('Enter'));
  await expect(page.getByLabel('Capacitance at the loads', { exact: true })).toHaveValue('2.2 mF');
  await page.getByLabel('What happens').selectOption('cold start, capacitors empty');
  await expect(page.locator('#wave')).toContainText(/The rail (stands after|does not rise)/);
});

test('a scenario of one’s own, hours, a device, and back again', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openPower(page);
  await swapped(page, () => page.getByRole('link', { name: 'Evening' }).click());
  await expect(page.locator('.scenarios a[aria-current]')).toHaveText('Evening');
  await swapped(page, () => page.getByRole('link', { name: /^A day, and a year/ }).click());
  await page.getByLabel('Hours a day of Heated airer').fill('3 h');
  await swapped(page, () => page.getByLabel('Hours a day of Heated airer').press('Enter'));
  await expect(page.getByLabel('Hours a day of Heated airer')).toHaveValue('3 h');
  await swapped(page, () => page.getByRole('link', { name: /^What else hangs/ }).click());
  await page.getByLabel('Attach').selectOption({ label: 'Character display with backlight, 5 V' });
  await page.getByLabel('Called').fill('Display');
  await swapped(page, () =>
    page
      .locator('.drawer form', { has: page.getByLabel('Attach') })
      .getByRole('button', { name: 'Add' })
      .click(),
  );
  await expect(page.locator('#tray')).toContainText('“Display” gets down to 3.2 V');
  await repair(page, 'gets down to 3.2 V', 'Feed it from the rail 5 V');
  await expect(stageLink(page, 'Power')).toContainText('shut');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('#tray')).not.toContainText('Display');
});

test('the circuit of a rail is taken along', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openPower(page);
  const file = await (
    await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'SPICE netlist' }).click()])
  )[0].path();
  expect(readFileSync(file, 'utf8')).toMatch(/^\* Rail 5 V of Utility room board[\s\S]*\.tran [\s\S]*\.end\s*$/);
});
