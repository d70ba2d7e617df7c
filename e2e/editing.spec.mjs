import { test, expect, takeDemo, stageLink, swapped } from './support.mjs';

test('a value is edited in place from the keyboard, refused with its text kept, and undone', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  const driver = page.locator('#L2-driver');
  await driver.focus();
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(driver).toBeFocused();
  await expect(driver).toHaveAttribute('aria-expanded', 'true');
  const field = page.locator('#baseOhms-L2');
  await field.fill('lots');
  expect((await swapped(page, () => page.keyboard.press('Enter'))).status()).toBe(422);
  await expect(page.locator('#notice')).toContainText('“lots” cannot be read as a resistance in ohms. Write it like 4k7 or 470 Ω.');
  await expect(field).toHaveValue('lots');
  await field.fill('4k7');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(field).toBeFocused();
  await expect(field).toHaveValue('4.7 kΩ');
  await expect(page.locator('#tray')).toContainText('“Extractor fan” pulls in on the bench only');
  await expect(page.getByRole('link', { name: /^Driver to coil: weak/ })).toHaveCount(1);
  expect(page.url()).toContain('open=L2.driver');

  await page.locator('#L1-pin').focus();
  await swapped(page, () => page.keyboard.press('Control+z'));
  await expect(page.locator('#tray')).not.toContainText('Extractor fan');
  await swapped(page, () => page.keyboard.press('Control+Shift+Z'));
  await expect(page.locator('#tray')).toContainText('Extractor fan');
  await swapped(page, () => page.keyboard.press('Escape'));
  await expect(page.locator('.drawer')).toHaveCount(0);

  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Ctrl Z, Ctrl Shift Z');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Keys' }).click();
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(0);
});

test('one edit can be made for several lines', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => page.locator('#L1-driver').click());
  const form = page.locator('form', { has: page.locator('#baseOhms-L1') });
  await form.getByText('Also for …').click();
  await form.getByLabel('Worktop lamp').check();
  await form.getByLabel('Heated airer').check();
  await page.locator('#baseOhms-L1').fill('1k');
  await swapped(page, () => page.locator('#baseOhms-L1').press('Enter'));
  await expect(page.locator('#notice')).toContainText('Fit 1 kΩ as base resistor for “Dehumidifier”, “Heated airer”, “Worktop lamp”');
  await expect(page.locator('#tray .finding', { hasText: '3 times' })).toContainText('forced gain');
  await swapped(page, () => page.getByRole('button', { name: 'Fit 560 Ω at the base, for all 3' }).click());
  await expect(page.locator('#tray .finding .tag')).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'revision 3' })).toBeVisible();
});

test('a function is seated by keyboard and by click, and a pin goes by both its names', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => page.locator('#latches').getByRole('link', { name: /^Pins/ }).click());
  await page.locator('#fn-F1').focus();
  await swapped(page, () => page.keyboard.press('Enter'));
  const pin5 = page.getByRole('button', { name: /^Seat on GPIO5 \(printed 5\), usable: strapped pin, wrong at reset/ });
  await expect(pin5).toBeVisible();
  await expect(page.getByRole('button', { name: /^Seat on GPIO36 \(printed VP\), not possible: input only/ })).toBeVisible();
  await page.locator('#pin-GPIO18').focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.locator('#pin-GPIO19')).toBeFocused();
  await page.locator('#pin-GPIO5').focus();
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(page.locator('#tray')).toContainText('GPIO5 (printed 5) is at');
  await swapped(page, () => page.locator('#pin-GPIO23').click());
  await expect(page.locator('#tray')).not.toContainText('GPIO5');

  await page.locator('#type-pin').fill('VP');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(page.locator('#tray')).toContainText('“Dehumidifier relay” is an output, and GPIO36 (printed VP) can only read.');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await swapped(page, () => page.getByRole('button', { name: 'Lock', exact: true }).click());
  await page.locator('#type-pin').fill('4');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(page.locator('#notice')).toContainText('is locked on GPIO23. Unlock it before you move it.');
});

test('a second tab cannot overwrite what the first has changed', async ({ page, context }) => {
  await takeDemo(page, 'Utility room board');
  await page.goto(page.url() + '?open=L1.name');
  const second = await context.newPage();
  await second.goto(page.url());
  await page.locator('#rename-L1').fill('Drier');
  await swapped(page, () => page.keyboard.press('Enter'));
  await second.locator('#rename-L1').fill('Dryer');
  expect((await swapped(second, () => second.keyboard.press('Enter'))).status()).toBe(409);
  await expect(second.locator('#notice')).toContainText('was changed elsewhere');
  await expect(second.locator('#notice')).toContainText('yours "Dryer"; now "Drier"');
  await expect(second.locator('#L1-name')).toContainText('Drier');
  await swapped(second, () => second.getByRole('button', { name: 'Make it all the same' }).click());
  await expect(second.locator('#L1-name')).toContainText('Dryer');
});

test('what is refused is said at its field, which keeps text and focus', async ({ page }) => {
  await takeDemo(page, 'First try');
  await page.locator('#L4-driver').click();
  const field = page.locator('#baseOhms-L4');
  await field.fill('4 banana');
  await field.press('Enter');
  await expect(field).toHaveAttribute('aria-invalid', 'true');
  await expect(page.locator('#refused')).toContainText('cannot be read as a resistance');
  await expect(field).toHaveValue('4 banana');
  await expect(field).toBeFocused();
  await field.fill('560');
  await expect(page.locator('#refused')).toHaveCount(0);
  await field.press('Enter');
  await expect(page.locator('#L4-driver')).toContainText('560 Ω');
});

test('what did not arrive is sent again by the same key', async ({ browser, baseURL }) => {
  // A page of its own: one that fails its test on a lost request would not do.
  const page = await browser.newPage({ baseURL });
  await takeDemo(page, 'First try');
  await page.locator('#L4-driver').click();
  const field = page.locator('#baseOhms-L4');
  await page.route('**/edits', (route) => route.abort(), { times: 1 });
  await field.fill('560');
  const lost = page.waitForEvent('requestfailed');
  await field.press('Enter');
  await lost;
  await expect(page.locator('#notice')).toContainText('repeat the step');
  await expect(field).toHaveValue('560');
  await field.press('Enter');
  await expect(page.locator('#L4-driver')).toContainText('560 Ω');
  await page.close();
});

test('a fact is taken back where it was said, and said again by undo', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => stageLink(page, 'Mains').click());
  await page.locator('#mains-inlet').click();
  const inlet = page.locator('#state-box-inlet');
  const was = await inlet.inputValue();
  expect(was).not.toBe('');
  await swapped(page, () => inlet.selectOption({ label: 'not known' }));
  await expect(inlet).toHaveValue('');
  await expect(page.locator('#notice')).toContainText('Take back what was said');
  await expect(stageLink(page, 'Mains')).toContainText('not checked');
  const amps = page.locator('#state-box-inletAmps');
  await amps.fill('');
  await swapped(page, () => amps.press('Enter'));
  await expect(page.locator('label[for=state-box-inletAmps] .knows')).toHaveText('open');
  for (const _ of [1, 2]) await swapped(page, () => page.locator('#undo button').click());
  await expect(inlet).toHaveValue(was);
});

test('a remedy that is still in sight after an edit is worked out anew', async ({ page }) => {
  await takeDemo(page, 'First try');
  const base = page.locator('#tray .offers input[name=base]').first();
  await expect(base).toHaveValue(await page.locator('#board-head').getAttribute('data-revision'));
  await page.locator('#L4-driver').click();
  await page.locator('#baseOhms-L4').fill('560');
  await swapped(page, () => page.locator('#baseOhms-L4').press('Enter'));
  await expect(page.locator('#L4-driver')).toContainText('560 Ω');
  await expect(page.locator('#tray .offers input[name=base]').first()).toHaveValue(
    await page.locator('#board-head').getAttribute('data-revision'),
  );
});

test('everything works without scripts', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ javaScriptEnabled: false, baseURL });
  const page = await context.newPage();
  await takeDemo(page, 'First try');
  await page.locator('#L4-driver').click();
  await page.locator('#baseOhms-L4').fill('560');
  await page
    .locator('form', { has: page.locator('#baseOhms-L4') })
    .getByRole('button', { name: 'Save' })
    .click();
  await expect(page.locator('#L4-driver')).toContainText('560 Ω');
  await page.locator('#baseOhms-L4').fill('nonsense');
  await page
    .locator('form', { has: page.locator('#baseOhms-L4') })
    .getByRole('button', { name: 'Save' })
    .click();
  await expect(page.locator('#notice')).toContainText('You had entered: ohms “nonsense”');
  await page.locator('#latches').getByRole('link', { name: /^Pins/ }).click();
  await page.locator('#fn-F1').click();
  await page.locator('#pin-GPIO4').click();
  await expect(page.locator('#fn-F1')).toContainText('GPIO4');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('#fn-F1')).toContainText('GPIO23');
  await context.close();
});
