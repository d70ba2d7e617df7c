import { test, expect, takeDemo, stageLink, swapped, repair } from './support.mjs';

async function openControls(page) {
  await swapped(page, () => stageLink(page, 'Controls').click());
  await expect(page.getByRole('region', { name: 'Lines on their surfaces' })).toBeVisible();
}
const cell = (page, line, text) => page.getByRole('row', { name: new RegExp(`^${line}`) }).getByRole('link', { name: text });

test('a line is renamed once and every name follows; one name is made the maker’s own and found illegal', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openControls(page);
  await swapped(page, () => page.locator('#line-L5').click());
  await page.getByLabel('Its one name').fill('Bench light');
  await swapped(page, () => page.getByRole('button', { name: 'Rename it everywhere' }).click());
  await expect(page.locator('.card')).toContainText('BENCH_LIGHT');
  await expect(page.locator('.card')).toContainText('alder-row/utility/bench-light/state');
  // By voice, by the rules in the house and on the panel.
  await expect(cell(page, 'Bench light', 'Bench light on and off')).toHaveCount(3);

  const topic = page.locator('#entry-S19');
  await topic.getByLabel(/^Topic/).fill('bench/#');
  await swapped(page, () => topic.getByRole('button', { name: /^(Set|Save)/ }).click());
  await expect(page.locator('#tray')).toContainText('“bench/#” cannot be a topic on “House broker”');
  await repair(page, 'cannot be a topic', 'Use the derived one');
  await expect(page.locator('#tray')).not.toContainText('cannot be a topic');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('#tray')).toContainText('“bench/#” cannot be a topic');
});

test('keys of the simulated remote are read and assigned by keyboard; a key for two lines is a finding', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openControls(page);
  await swapped(page, () => page.getByRole('link', { name: /^Infrared keys/ }).click());
  const infrared = page.locator('#infrared');
  await swapped(page, () => infrared.getByRole('button', { name: 'Press 1 on the simulated remote' }).click());
  await swapped(page, () => infrared.getByRole('button', { name: 'Press 2 on the simulated remote' }).click());
  await expect(infrared).toContainText('2 keys; 2 repeats dropped');
  await infrared.getByLabel('Line for 0x0BF4827D').selectOption({ label: 'Heated airer' });
  await infrared.getByRole('button', { name: 'Assign 0x0BF4827D' }).focus();
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(infrared.getByRole('row', { name: /^0x0BF4827D/ })).toContainText('Heated airer');
  await infrared.getByLabel('Line for 0x0BF4827D').selectOption({ label: 'Water valve' });
  await swapped(page, () => infrared.getByRole('button', { name: 'Assign 0x0BF4827D' }).click());
  await expect(page.locator('#tray')).toContainText('“Heated airer” and “Water valve” answer to the same key, 0x0BF4827D.');
  await repair(page, 'answer to the same key', 'Take the key away here');
  await expect(page.locator('#tray')).not.toContainText('answer to the same key');
  await page.locator('#infrared textarea').fill('no code at all');
  await infrared.getByRole('button', { name: 'Read the log' }).click();
  await expect(page.locator('#notice')).toContainText('There is no code in this text');
  await expect(page.locator('#infrared textarea')).toHaveValue('no code at all');
});

test('a group that would start the airer is a danger, and a channel is added with all lines on it', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openControls(page);
  await swapped(page, () => page.getByRole('link', { name: /^Groups/ }).click());
  const group = page.locator('form', { has: page.getByRole('button', { name: 'Add the group' }) });
  await group.getByLabel('Called').fill('Morning');
  await group.getByText('Lines and channels').click();
  await group.getByLabel('Heated airer').check();
  await group.getByLabel('Worktop lamp').check();
  await group.getByLabel('on House broker').check();
  await swapped(page, () => group.getByRole('button', { name: 'Add the group' }).click());
  await expect(page.locator('#tray')).toContainText('“Heated airer” must never start by itself, but “Morning” switches it on.');
  await repair(page, '“Morning” switches it on', 'Let those groups only switch off');
  await expect(page.locator('#tray')).not.toContainText('Morning');

  await swapped(page, () => page.getByRole('link', { name: /^Channels/ }).click());
  const channel = page.locator('form', { has: page.getByRole('button', { name: 'Add the channel' }) });
  await channel.getByLabel('One more channel').selectOption({ label: 'Remote service with numbers of its own' });
  await channel.getByLabel('Called').fill('Pocket');
  await swapped(page, () => channel.getByRole('button', { name: 'Add the channel' }).click());
  await expect(page.locator('#tray')).toContainText('While it reconnects, the program stands still for');
  const pocket = page.locator('#channels .entry', { hasText: 'Pocket' }).last();
  await swapped(page, () => pocket.getByRole('button', { name: 'Put every line on it' }).click());
  await expect(page.locator('#tray')).toContainText('“Pocket” takes 5 entries, and 6 are put on it.');
  await swapped(page, () => page.getByRole('link', { name: /^Program and set-up sheets/ }).click());
  await page.locator('#sheets').getByRole('link', { name: 'Pocket', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pocket: set-up for Utility room board');
  await expect(page.locator('.caution')).toContainText('Isolate and prove dead');
  await expect(page.getByRole('row', { name: /Heated airer/ })).toContainText('53');
});

test('constants in use are held against the board, and either side is adopted', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openControls(page);
  await swapped(page, () => page.getByRole('link', { name: /^Program and set-up sheets/ }).click());
  const header = await (await page.request.get(await page.getByRole('link', { name: 'Header for C++' }).getAttribute('href'))).text();
  expect(header).toContain('constexpr int32_t DEHUMIDIFIER_PIN = 23;');
  expect(header).not.toContain('PASSWORD');
  await swapped(page, () => page.getByRole('link', { name: /^Drift/ }).click());
  const drift = page.locator('#drift');
  await drift.locator('textarea').fill(header);
  await swapped(page, () => drift.getByRole('button', { name: 'Compare' }).click());
  await expect(drift).toContainText('Both say the same.');
  await drift
    .locator('textarea')
    .fill(header.replace('WORKTOP_LAMP_KEY = 0x0BF402FD', 'WORKTOP_LAMP_KEY = 0x0BF410EF').replace('DEBOUNCE_MS = 30', 'DEBOUNCE_MS = 45'));
  await swapped(page, () => drift.getByRole('button', { name: 'Compare' }).click());
  await expect(drift).toContainText('2 differences');
  await expect(drift.getByRole('row', { name: /^DEBOUNCE_MS/ })).toContainText('DEBOUNCE_MS = 30');
  await swapped(page, () => drift.getByRole('button', { name: 'Let the board say 0x0BF410EF for WORKTOP_LAMP_KEY' }).click());
  await expect(drift).toContainText('1 difference.');
  await expect(cell(page, 'Worktop lamp', /0x0BF410EF/)).toBeVisible();
});

test('the way of a spoken word is seen hop by hop, and a hop is tried away', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openControls(page);
  await swapped(page, () =>
    page
      .getByRole('row', { name: /^Worktop lamp/ })
      .getByRole('link', { name: 'Worktop lamp on and off' })
      .first()
      .click(),
  );
  const way = page.getByRole('figure', { name: 'Way of the command to Worktop lamp' });
  await expect(way.locator('.hop')).toHaveCount(4);
  await expect(way.locator('.hop').nth(0)).toContainText('say “turn on Worktop lamp”');
  await expect(way.locator('.hop').nth(2)).toContainText('publish “ON” to alder-row/utility/worktop-lamp/set');
  await expect(way).toContainText(/From the act to the board\s+1.1\s+s\s+usually/);
  await swapped(page, () => way.getByRole('link', { name: 'Try it while the machine of “House rules” is off' }).click());
  const dark = page.locator('.tagged.dark');
  // Three lines by voice, three by rules; panels and broker act as before.
  await expect(dark).toHaveCount(6);
  await expect(page.getByRole('row', { name: /^Worktop lamp/ })).toContainText('by 5 of 7');
  await swapped(page, () => page.locator('.levers').getByRole('link', { name: 'radio', exact: true }).click());
  await expect(dark).toHaveCount(20);
  await swapped(page, () => page.getByRole('link', { name: 'All is well again' }).click());
  await expect(dark).toHaveCount(0);
});

test('a key acts on a scene, a hop is put before another, and what is missing is said and mended', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openControls(page);
  await swapped(page, () => page.getByRole('link', { name: /^Groups/ }).click());
  const group = page.locator('form', { has: page.getByRole('button', { name: 'Add the group' }) });
  await group.getByLabel('One more group of').selectOption('scene');
  await group.getByLabel('Called').fill('Evening');
  await group.getByText('Lines and channels').click();
  await group.getByLabel('Extractor fan').check();
  await group.getByLabel('Worktop lamp').check();
  await swapped(page, () => group.getByRole('button', { name: 'Add the group' }).click());
  const evening = page.locator('#together .entry', { hasText: 'Evening' });
  await evening.getByRole('checkbox', { name: 'Worktop lamp' }).first().check();
  await swapped(page, () => evening.getByRole('button', { name: 'Set the scene Evening' }).click());
  await evening.getByLabel('One more key for all of it').selectOption('infrared key');
  await swapped(page, () => evening.getByRole('button', { name: 'Add a key for Evening' }).click());
  await expect(evening).toContainText('Infrared key no key yet');
  await expect(evening.getByLabel('means').first()).toHaveValue('scene');

  await swapped(page, () => page.getByRole('link', { name: /^Channels/ }).click());
  const channel = page.locator('form', { has: page.getByRole('button', { name: 'Add the channel' }) });
  await channel.getByLabel('One more channel').selectOption({ label: 'Rule service' });
  await channel.getByLabel('Called').fill('Outside rules');
  await swapped(page, () => channel.getByRole('button', { name: 'Add the channel' }).click());
  const rules = page.locator('#channels .entry', { hasText: 'Outside rules' }).last();
  await rules.getByLabel('It hands on to').selectOption({ label: 'House broker' });
  await swapped(page, () => rules.getByRole('button', { name: 'Say what Outside rules hands on to' }).click());
  const voice = page.locator('#channels .entry', { has: page.getByRole('button', { name: 'Say what Voice hands on to' }) });
  await voice.getByLabel('It hands on to').selectOption({ label: 'Outside rules' });
  await swapped(page, () => voice.getByRole('button', { name: 'Say what Voice hands on to' }).click());
  await expect(page.locator('#tray')).toContainText('which hands on to “Outside rules”, and that does not know the line.');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('#tray')).not.toContainText('does not know the line');
});

test('set-up of all hops and the message list are taken along', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openControls(page);
  await swapped(page, () => page.getByRole('link', { name: /^Messages/ }).click());
  await expect(page.getByRole('region', { name: 'Messages' }).getByRole('row')).not.toHaveCount(0);
  const csv = await (
    await page.request.get(await page.locator('#messages').getByRole('link', { name: 'CSV' }).getAttribute('href'))
  ).text();
  expect(csv).toContain('House broker,Worktop lamp,command,to the board,alder-row/utility/worktop-lamp/set,ON,not retained');
  expect(csv).toContain('House broker,Utility room board,"presence, last will",from the board,alder-row/utility/presence,offline,retained');
  await swapped(page, () => page.getByRole('link', { name: /^Program and set-up sheets/ }).click());
  await expect(page.locator('#program')).toContainText('2026-03-14 worked: esp32 core 3.0.7');
  await page.getByRole('link', { name: 'All on one page, to print' }).click();
  await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText('1. By hand');
  await expect(page.getByRole('heading', { level: 2, name: '8. Voice' })).toBeVisible();
  await page.getByLabel('Step 1 of House broker is done').check();
  await expect(page.getByRole('region', { name: 'Rows of House rules' })).toContainText('Voice: “turn on Worktop lamp”');
});
