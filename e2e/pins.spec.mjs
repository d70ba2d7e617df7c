import { test, expect, takeDemo, stageLink, swapped, repair } from './support.mjs';

const openPins = (page) => swapped(page, () => stageLink(page, 'Pins').click());

/** A board of so many relays, made from a pasted list. */
async function readIn(page, carrier, lines) {
  await page.goto('/');
  await page.locator('#read-carrier').selectOption({ label: carrier });
  await page.locator('textarea[name=text]').fill(lines.join('\n'));
  await page.getByRole('button', { name: 'Show how it reads' }).click();
  await page.getByRole('button', { name: 'Make the board' }).click();
  await expect(page.getByRole('heading', { name: 'Pins' }).first()).toBeVisible();
}

test('everything is seated at once, a locked seat stays, and all of it is undone', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openPins(page);
  await swapped(page, () => page.locator('#fn-F14').click());
  await swapped(page, () => page.getByRole('button', { name: 'Lock', exact: true }).click());
  await expect(page.locator('#fn-F14')).toContainText('locked');
  await swapped(page, () => page.getByRole('button', { name: 'Seat all' }).click());
  await expect(page.locator('#notice')).toContainText('Seat all 16 functions');
  await expect(page.locator('#fn-F14')).toContainText('GPIO33');
  await expect(page.locator('#fn-F1')).toContainText('GPIO23');
  for (const gone of ['wired to the flash', 'both sit on', 'can only read', 'holds GPIO0']) {
    await expect(page.locator('#tray')).not.toContainText(gone);
  }
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('#fn-F16')).toContainText('GPIO9');
});

test('a function is dragged to a pin', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openPins(page);
  await swapped(page, () => page.locator('#fn-F1').dragTo(page.locator('[data-pin=GPIO14]')));
  await expect(page.locator('#fn-F1')).toContainText('GPIO14');
  await expect(page.locator('#tray')).toContainText('“Dehumidifier” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms)');
  // From pin to pin as well.
  await swapped(page, () => page.locator('#pin-GPIO14').dragTo(page.locator('[data-pin=GPIO23]')));
  await expect(page.locator('#fn-F1')).toContainText('GPIO23');
  await expect(page.locator('#tray')).toContainText('None from the');
});

test('the film shows a twitch with its length, and the remedy plays it away', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openPins(page);
  const heater = page.getByRole('group', { name: 'Fan heater relay, GPIO14 (printed 14)' });
  await expect(heater.locator('.frame').nth(1)).toContainText('toggling; pulls in 50 ms');
  await expect(heater.locator('.frame').nth(5)).toContainText('driven low');
  await repair(page, '“Fan heater” on GPIO14', /./);
  const film = page.getByRole('group', { name: /^Fan heater relay/ });
  await expect(film).toHaveCount(1);
  await expect(film).not.toContainText('pulls in');
  await expect(page.locator('.film')).toContainText('Desk lamp wall switch on GPIO0 (printed 0): the chip waits for a download');
});

test('a board that does not fit says what does not, and each way out is one click', async ({ page }) => {
  await readIn(
    page,
    'ESP8266 carrier, D labels, 30 pins',
    Array.from({ length: 12 }, (_, i) => `Lamp ${i + 1}, none`),
  );
  await expect(page.locator('#tray')).toContainText('cannot all be seated on the ESP8266 carrier');
  await swapped(page, () => page.getByRole('link', { name: 'Compare controllers' }).click());
  const own = page.locator('.compare .own');
  await expect(own).toContainText('3 too many');
  const s3 = page.locator('.compare tr', { hasText: 'ESP32-S3' });
  await expect(s3).toContainText('all fits');
  await swapped(page, () => page.getByRole('button', { name: /^Move the relays to MCP23017/ }).click());
  await expect(page.locator('#notice')).toContainText('Move the relays to MCP23017, 16 bits, and seat all');
  await expect(page.getByRole('heading', { name: /MCP23017 X1/ })).toContainText('0x20');
  await expect(page.locator('[data-pin="X1.A0"]')).toContainText('Lamp 1');
  await expect(page.locator('#tray')).not.toContainText('cannot all be seated');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await swapped(page, () => page.getByRole('link', { name: 'Compare controllers' }).click());
  await swapped(page, () => page.getByRole('button', { name: 'Use ESP32-S3 carrier, 44 pins' }).click());
  await expect(page.locator('#stage')).toContainText('ESP32-S3 carrier, 44 pins.');
  await expect(page.locator('#tray')).not.toContainText('has no pin yet');
});

test('a frozen map asks before a pin is moved, and a pin is found by either name', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openPins(page);
  await swapped(page, () => page.getByRole('button', { name: 'Freeze the pin map' }).click());
  await swapped(page, () => page.locator('#fn-F1').click());
  await page.locator('#type-pin').fill('14');
  expect((await swapped(page, () => page.keyboard.press('Enter'))).status()).toBe(422);
  await expect(page.locator('#notice')).toContainText('would move “Dehumidifier relay” from GPIO23');
  await swapped(page, () => page.getByRole('button', { name: 'Move them all the same' }).click());
  await expect(page.locator('#tray')).toContainText('The firmware in use has “Dehumidifier relay” on GPIO23');
  await swapped(page, () => page.getByRole('button', { name: 'Put it back on GPIO23 (printed 23)' }).click());
  // Back onto its frozen pin is a move off another, but not off a frozen one of its own.
  await expect(page.locator('#tray')).not.toContainText('The firmware in use');
  await page.locator('#find').fill('VN');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(page.locator('li.found')).toHaveCount(1);
  await expect(page.locator('li.found')).toHaveAttribute('data-pin', 'GPIO39');
});

test('a list in either naming becomes a board, and what is doubtful is asked', async ({ page }) => {
  await page.goto('/');
  await page.locator('#read-carrier').selectOption({ label: 'ESP8266 carrier, D labels, 30 pins' });
  await page.locator('textarea[name=text]').fill('Lamp relay, D1\n#define FAN_PIN 12\nhello there\nwall switch = 4');
  await page.getByRole('button', { name: 'Show how it reads' }).click();
  await expect(page.locator('table.rows tbody tr')).toHaveCount(4);
  await expect(page.locator('table.rows')).toContainText('“4” is the print of GPIO2 and the number of GPIO4.');
  await page.getByLabel('Pin of row 4').selectOption({ label: 'GPIO2 (printed D4)' });
  await page.getByLabel('Name of row 3').fill('Door');
  await page.getByLabel('Kind of row 3').selectOption({ label: 'reed contact' });
  await page.getByLabel('Take row 3').check();
  await page.getByRole('button', { name: 'Make the board' }).click();
  await expect(page.locator('#tray')).toContainText('If “Wall switch” stands closed at power-up it holds GPIO2 (printed D4) low');
  await expect(page.locator('#tray')).toContainText('“Door” (reed contact) has no pin yet.');
  await expect(page.locator('#tray')).not.toContainText('was written as');
});
