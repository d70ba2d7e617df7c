import { test, expect, takeDemo, swapped } from './support.mjs';

async function openWiring(page, tab) {
  await swapped(page, () => page.getByRole('link', { name: 'Wiring', exact: true }).click());
  await expect(page.getByRole('heading', { name: 'Wiring' })).toBeVisible();
  if (tab) await swapped(page, () => page.getByRole('link', { name: tab, exact: true }).click());
}

test('a wire lights its whole net by pointer and by keyboard, and opens with its numbers', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openWiring(page);
  const net = page.locator('svg.wiring a.net[aria-label^="base of Dehumidifier"]');
  const width = () => net.locator('.wire').evaluate((path) => parseFloat(getComputedStyle(path).strokeWidth));
  const thin = await width();
  await net.focus();
  expect(await width()).toBeGreaterThan(thin);
  await expect(net).toHaveAttribute('aria-label', 'base of Dehumidifier, signal: J11, J12');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(page.locator('#drawer-title')).toContainText('base of Dehumidifier');
  await expect(page.locator('#wiring-drawer')).toContainText('joint on the board');
  await page.keyboard.press('Escape');
  await expect(page.locator('#wiring-drawer .drawer')).toHaveCount(0);
});

test('a line is lit from finger to filament on every sheet', async ({ page }) => {
  await takeDemo(page, 'Fermentation cupboard');
  await openWiring(page, 'Mains');
  await swapped(page, () => page.getByRole('button', { name: 'Heat belt' }).click());
  await expect(page.locator('svg.wiring .device.lit .id')).toHaveText(['K11 contact', 'K41 contact', 'F14', 'X12']);
  await expect(page.locator('svg.wiring')).toContainText('brass');
});

test('what is set on the sheet changes the wiring, and the difference says what to do', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openWiring(page, 'Mains');
  await swapped(page, () => page.locator('svg.wiring a.device[aria-label^="K11,"]').click());
  await expect(page.locator('#drawer-title')).toContainText('K11');
  await swapped(page, () => page.getByLabel('The contact is fed').selectOption('at NO'));
  await expect(page.getByLabel('The contact is fed')).toHaveValue('0');
  await swapped(page, () => page.getByRole('link', { name: 'What changes' }).click());
  await expect(page.locator('#wiring-list')).toContainText('Move');
  await expect(page.locator('#wiring-list .wires').first()).toContainText('K11 11, 11b, COM');
  await swapped(page, () => page.getByLabel('Live and neutral run as a').selectOption('chain: from one to the next'));
  await swapped(page, () => page.getByLabel('The clamps used').selectOption('take one conductor'));
  await expect(page.locator('#tray')).toContainText('more conductors lie in a clamp than it takes');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('#tray')).not.toContainText('more conductors lie in a clamp than it takes');
});

test('a length that cannot be is refused at its field', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openWiring(page);
  await swapped(page, () => page.locator('svg.wiring a.net[aria-label^="Dehumidifier relay"]').press('Enter'));
  const length = page.getByLabel('Length of W11');
  await length.fill('300 m');
  await length.press('Enter');
  await expect(page.locator('#notice')).toContainText('from 5 mm to 200 m');
  await expect(length).toHaveValue('300 m');
  await length.fill('25 cm');
  await swapped(page, () => length.press('Enter'));
  await expect(page.getByLabel('Length of W11')).toHaveValue('250 mm');
});

test('every sheet and list is printed, each sheet on a page of its own', async ({ page }) => {
  await takeDemo(page, 'Fermentation cupboard');
  await openWiring(page);
  await page.getByRole('link', { name: 'To print' }).click();
  await expect(page.getByRole('heading', { name: 'Wiring of Fermentation cupboard' })).toBeVisible();
  await expect(page.locator('svg.wiring')).toHaveCount(4);
  await page.emulateMedia({ media: 'print' });
  const breaks = await page.locator('.printed-sheet').evaluateAll((all) => all.map((one) => getComputedStyle(one).breakBefore));
  expect(breaks).toEqual(['page', 'page', 'page', 'page']);
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.length).toBeGreaterThan(20000);
});
