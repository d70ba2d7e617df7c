import { test, expect, takeDemo, stageLink, swapped, repair } from './support.mjs';

async function openMains(page) {
  await swapped(page, () => stageLink(page, 'Mains').click());
  await expect(page.getByRole('group', { name: /^Live path from the inlet/ })).toBeVisible();
}

test('dangers of a box are seen on their part, and mended one by one', async ({ page }) => {
  await takeDemo(page, 'First try');
  await openMains(page);
  await expect(page.locator('#main .caution')).toContainText('Isolate and prove dead');
  const tray = page.locator('#tray');
  await expect(tray).toContainText('The lead carries 17.1 A and bears 10 A (1 mm²).');
  await expect(tray).toContainText('reinforced insulation wants 5 mm here');
  await expect(page.locator('.live-path')).toContainText('neutral switched');
  await repair(page, 'The lead carries', 'Use a lead of 2.5 mm²');
  await expect(tray).not.toContainText('The lead carries');
  await repair(page, 'reinforced insulation wants 5 mm here', /Will be done, to be verified: lay it out with 6 mm/);
  await expect(tray).not.toContainText('reinforced insulation wants 5 mm here');
  await expect(tray).toContainText('The clearance between mains and low voltage is 6 mm or more all over');
  await swapped(page, () => page.getByRole('link', { name: 'Inlet and lead' }).click());
  await swapped(page, () => page.getByLabel('The mains comes in by').selectOption('plug that fits both ways'));
  await expect(tray).toContainText('“Saw” is switched in one conductor, behind a plug that fits both ways');
  // Outlets of 230 V take a plug both ways: another plug is no repair, a second pole is.
  await repair(page, 'behind a plug that fits both ways', /^Switch both by a second relay on the same output/);
  await expect(tray).not.toContainText('“Desk lamp” is switched in one conductor');
  await repair(page, 'is switched in the neutral', 'Switch the live (brown) conductor instead');
  await expect(page.locator('.live-path')).not.toContainText('neutral switched');
});

test('facts of a line are stated for several at once, and lines are kept apart by their contacts', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openMains(page);
  await swapped(page, () => page.locator('#mains-L3').click());
  await expect(page.locator('#drawer-title')).toHaveText('Heated airer');
  await swapped(page, () => page.getByLabel('Independent thermal cut-out').selectOption('is not there'));
  await expect(page.locator('#tray')).toContainText('“Heated airer” heats, and nothing but the board switches it off.');
  await repair(page, 'nothing but the board', 'Will be done, to be verified: fit an independent thermal cut-out');
  await expect(page.locator('#tray')).not.toContainText('nothing but the board');

  await swapped(page, () => page.getByRole('link', { name: 'Keep lines apart' }).click());
  const group = page.locator('form', { has: page.getByRole('button', { name: 'Keep them apart' }) });
  await group.getByLabel('Name').fill('Damp and dry');
  await group.getByLabel('Dehumidifier').check();
  await group.getByLabel('Heated airer').check();
  await swapped(page, () => group.getByRole('button', { name: 'Keep them apart' }).click());
  await expect(page.locator('#tray')).toContainText('Relays of the group are interlocked');
  await swapped(page, () => page.getByRole('link', { name: /^Damp and dry/ }).click());
  await page.getByLabel('Pause between the relays of Damp and dry').fill('100 ms');
  await swapped(page, () => page.getByLabel('Interlock of Damp and dry').selectOption('by their contacts'));
  await expect(page.locator('#tray')).not.toContainText('Relays of the group are interlocked');
  await expect(page.locator('#tray')).not.toContainText('Pause between the relays');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('#tray')).toContainText('Relays of the group are interlocked');
});

test('the house around the box is stated, drawn and judged', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openMains(page);
  const tray = page.locator('#tray');
  const house = page.getByRole('group', { name: /^From the distribution/ });
  await expect(house).toContainText('16 A, curve B');
  await swapped(page, () => house.getByRole('link', { name: /^Utility room wall/ }).click());
  await swapped(page, () => page.getByLabel('Residual-current device before it').selectOption('none'));
  await expect(tray).toContainText('No residual-current device stands before “Utility room wall”');
  await expect(house).toContainText('weak');
  await repair(page, 'No residual-current device', 'Will be done, to be verified: have a residual-current device of 30 mA fitted');
  await expect(tray).not.toContainText('No residual-current device');

  await swapped(page, () => page.getByRole('link', { name: /^The house around it/ }).click());
  await page.getByLabel('Another place').fill('Landing');
  await swapped(page, () => page.getByRole('button', { name: 'Add it' }).click());
  await swapped(page, () => house.getByRole('link', { name: /^Landing/ }).click());
  await page.getByLabel('Worktop lamp push button').check();
  await swapped(page, () => page.getByRole('button', { name: 'Just these are here' }).click());
  await expect(house).toContainText('no cable drawn');
  await page.locator('#state-place-circuits-H3').fill('2');
  await swapped(page, () => page.locator('#state-place-circuits-H3').press('Enter'));
  await expect(tray).toContainText('2 circuits come into “Landing”: with one breaker off it is still live.');
  await repair(page, '1 switch at “Landing” wants 2 cores to the board; no cable runs there.', 'Pull a cable of 2 cores for them alone');
  await expect(house).toContainText('2 extra-low voltage');
});

test('a heater gets a guard and is heard, and what remains after one fault is shown', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openMains(page);
  await swapped(page, () => page.locator('#mains-L3').click());
  await expect(page.locator('.works')).toContainText('stays on; its cut-out limits it');
  await swapped(page, () => page.getByRole('button', { name: 'Put a second relay in series' }).click());
  await expect(page.locator('.live-path').first()).toContainText('guard');
  await repair(page, '“Heated airer guard” (relay output) has no pin yet.', /^Seat it on/);
  await page.getByLabel('Coupler behind its contact').selectOption({ index: 1 });
  await swapped(page, () => page.getByRole('button', { name: 'Hear its state by voltage' }).click());
  await expect(page.getByRole('button', { name: 'Hear it no more' })).toBeVisible();
  await swapped(page, () => page.getByRole('link', { name: /^One fault at a time/ }).click());
  await expect(page.locator('.faults')).toContainText('goes off');
});

test('a fan gets a step that closes two capacitors, and its percentages follow', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openMains(page);
  await swapped(page, () => page.getByRole('link', { name: /never together/ }).click());
  const steps = page.locator('#main');
  await expect(steps).toContainText(
    'From a percentage: 0 % off, 1–49 % Extractor fan low, 50–83 % Extractor fan medium, 84–100 % Extractor fan full.',
  );
  const more = page.locator('form', { has: page.getByText('One more step closes together') });
  await more.getByLabel('Extractor fan low').check();
  await more.getByLabel('Extractor fan medium').check();
  await swapped(page, () => more.getByRole('button', { name: 'Add this step' }).click());
  await expect(steps.getByRole('row', { name: /^Extractor fan low \+ Extractor fan medium/ })).toContainText('V');
  await expect(steps).toContainText('88–100 % Extractor fan low + Extractor fan medium');
  await expect(page.locator('#tray')).toContainText(
    'With “Extractor fan low” and “Extractor fan medium” closed the motor gets 301 V; it is made for 230 V.',
  );
  await swapped(page, () => page.getByRole('button', { name: 'Remove the step Extractor fan low', exact: true }).click());
  await expect(steps).toContainText('1–49 % Extractor fan medium');
  await page.getByLabel('Series capacitor of Extractor fan low').fill('lots');
  await page.getByRole('button', { name: 'Save the capacitor of Extractor fan low' }).click();
  await expect(page.locator('#notice')).toContainText('lots');
  await expect(page.getByLabel('Series capacitor of Extractor fan low')).toHaveValue('lots');
});
