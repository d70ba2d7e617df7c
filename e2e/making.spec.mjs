import { test, expect, latches, stageLink, swapped, repair } from './support.mjs';

/** Adds a line by the form below the strips. */
async function addLine(page, name, appliance) {
  await page.getByLabel('Name, as you call it').fill(name);
  await page.locator('#add-appliance').selectOption({ label: appliance });
  await swapped(page, () => page.getByRole('button', { name: 'Add', exact: true }).click());
  await expect(page.locator('.strip', { hasText: name })).toBeVisible();
}

test('a board is made from nothing, and every gap is named until it is filled', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Name').fill('Pantry');
  await page.locator('form[action$="/boards"] select[name=carrier]').selectOption({ label: 'ESP8266 carrier, D labels, 30 pins' });
  await page.locator('select[name=supply]').selectOption({ label: 'Mains module 5 V, 5 W' });
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'No line yet' })).toBeVisible();
  await expect(stageLink(page, 'Lines')).toContainText('not checked: 1 fact');

  await addLine(page, 'Freezer alarm lamp', 'LED lamp');
  await addLine(page, 'Heater', 'Portable heater');
  await expect(stageLink(page, 'Lines')).toContainText('shut');
  await expect(stageLink(page, 'Pins')).toContainText('open: 2 broken');
  await swapped(page, () => stageLink(page, 'Mains').click());
  await expect(page.locator('#tray')).toContainText('The contact interrupts');
  await swapped(page, () => stageLink(page, 'Lines').click());

  // Both outputs get boot-quiet pins, one after the other.
  for (const name of ['Freezer alarm lamp relay', 'Heater relay']) {
    await repair(page, name, /^Seat it on/);
  }
  await expect(page.locator('#L1-pin')).toContainText('GPIO5');
  await expect(page.locator('#L1-pin')).toContainText('print D1');
  await expect(page.locator('#L2-pin')).toContainText('GPIO4');

  // Stated for both lines at once.
  await swapped(page, () => page.locator('#L1-appliance').click());
  // Where nobody has said it of any line, it is offered for all of them.
  await expect(page.locator('.drawer form', { has: page.locator('[name=conductor]') }).getByLabel('Heater')).toBeChecked();
  await swapped(page, () => page.locator('.drawer').getByLabel('The contact interrupts').selectOption('live'));
  await swapped(page, () => stageLink(page, 'Mains').click());
  await expect(page.locator('#tray')).not.toContainText('The contact interrupts');
  await swapped(page, () => stageLink(page, 'Lines').click());

  // A heater on D0 would be switched on at every start: that is a danger, and a move is offered.
  await swapped(page, () => page.locator('#L2-pin').click());
  await page.locator('#pin-L2').fill('D0');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(stageLink(page, 'Pins')).toContainText('open: 1 danger');
  await expect(page.getByRole('link', { name: /^Pin to driver: danger/ })).toHaveCount(1);
  await repair(page, 'must never start by itself', 'Seat it on GPIO4 (printed D2)');

  // Nothing operates the lines yet: one gets a button, of the other it is said to be meant so.
  await expect(stageLink(page, 'Controls')).toContainText('open: 2 weak');
  await repair(page, 'Nothing operates', /^Operate it by a push button on/);
  await repair(page, 'Nothing operates', 'It is meant so');
  await expect(latches(page)).not.toContainText('open');
});

test('a name that can be read two ways is asked about', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Name').fill('Two ways');
  await page.locator('form[action$="/boards"] select[name=carrier]').selectOption({ label: 'ESP8266 carrier, D labels, 30 pins' });
  await page.getByRole('button', { name: 'Make it' }).click();
  await addLine(page, 'Lamp', 'LED lamp');
  await swapped(page, () => page.locator('#L1-pin').click());
  await page.locator('#pin-L1').fill('4');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(page.locator('#tray')).toContainText(
    'was written as “4” and read as GPIO4 (printed D2); it can also mean GPIO2 (printed D4).',
  );
  await swapped(page, () => page.getByRole('button', { name: 'Confirm GPIO4 (printed D2)' }).click());
  await expect(page.locator('#L1-pin')).toContainText('GPIO4');
  await expect(page.locator('#tray')).not.toContainText('was written as');
});

test('a finding is accepted only with a reason and a name, and says so from then on', async ({ page }) => {
  await page.goto('/');
  await page.locator('select[name=demo]').selectOption({ label: 'First try' });
  await page.getByRole('button', { name: 'Take' }).click();
  await swapped(page, () =>
    page
      .locator('#tray')
      .getByRole('link', { name: /the serial console/ })
      .click(),
  );
  const accept = page.getByRole('button', { name: 'Accept', exact: true });
  await page.getByLabel('Reason').fill('a lamp may blink');
  expect((await swapped(page, () => accept.click())).status()).toBe(422);
  await expect(page.locator('#notice')).toContainText('give the reason and the name of who decided');
  await expect(page.getByLabel('Reason')).toHaveValue('a lamp may blink');
  await page.getByLabel('Decided by').fill('R. Alder');
  await swapped(page, () => accept.click());
  await expect(page.locator('#stage')).toContainText('Accepted by R. Alder');
  await expect(page.locator('#tray')).toContainText('Accepted by R. Alder: a lamp may blink');
  await swapped(page, () => page.getByRole('button', { name: 'Accept it no longer' }).click());
  await expect(page.locator('#tray')).not.toContainText('R. Alder');
});

test('a board is put off the shelf and back, and a broken file changes nothing', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Name').fill('Short lived');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.goto('/');
  await page.getByRole('button', { name: 'Put Short lived off the shelf' }).click();
  await expect(page.getByRole('link', { name: 'Open Short lived' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put Short lived back' }).click();
  await expect(page.getByRole('link', { name: 'Open Short lived' })).toHaveCount(1);
  const boards = await page.locator('article.card').count();
  await page
    .getByLabel('Board file (JSON)')
    .setInputFiles({ name: 'half.json', mimeType: 'application/json', buffer: Buffer.from('{"format": "iron-latch/board", "vers') });
  await page.locator('form[action$="/boards/open"] button').click();
  await expect(page.locator('#notice')).toContainText('“half.json” was not opened. This file is not complete JSON');
  await expect(page.locator('article.card')).toHaveCount(boards);
});
