import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { test, expect, takeDemo, stageLink, swapped } from './support.mjs';

test('a whole board is tried with progress, and its latch shuts', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => stageLink(page, 'Bench').click());
  await expect(stageLink(page, 'Bench')).toContainText('not tried yet');
  await page.getByRole('button', { name: 'Try all of it' }).click();
  await expect(page.locator('#trial')).toContainText('Nothing failed.', { timeout: 30_000 });
  await expect(stageLink(page, 'Bench')).toContainText('shut, 366 tried');
  await expect(page.locator('.all-shut')).toContainText('Every latch is shut.');

  await page.getByText('Run a script').click();
  await page.getByRole('button', { name: 'Run it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Run of revision 1');
  for (const [size, colorScheme] of [
    [{ width: 1280, height: 800 }, 'light'],
    [{ width: 390, height: 844 }, 'dark'],
  ]) {
    await page.setViewportSize(size);
    await page.emulateMedia({ colorScheme });
    const scan = new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']);
    expect((await scan.analyze()).violations.map((one) => `${one.id} ${one.nodes[0].target}`)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  const row = page.locator('.happenings tr', { hasText: 'pulls in.' }).first();
  await row.getByRole('link').click();
  await expect(page.locator('.happenings tr:target')).toContainText('is fed.');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Levels over time, VCD' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('$timescale 1 us $end');
  await page.getByRole('link', { name: 'Bench of Utility room board' }).click();
  await page.getByRole('button', { name: 'Throw away Run of revision 1' }).click();
  await expect(page.locator('#runs tbody tr')).toHaveCount(0);
});

test('what fails says how, what was seen and where', async ({ page }) => {
  await takeDemo(page, 'Aquarium cabinet');
  await swapped(page, () => stageLink(page, 'Bench').click());
  await page.getByRole('button', { name: 'Try all of it' }).click();
  await expect(stageLink(page, 'Bench')).toContainText('17 of 58 fail', { timeout: 30_000 });
  const failed = page.locator('#trial .failed tr', { hasText: 'Something else moves' });
  await expect(failed).toContainText('“Dosing pump” runs for a moment');
  await failed.getByText('9 cells').click();
  await expect(failed.getByRole('listitem').first()).toContainText('power cycle');
  await expect(page.locator('#trial')).toContainText('Timer of “Dosing pump”: its times');
});

const state = (page, part) => page.locator(`[data-part="${part}"]`).first();
const stands = async (page) => {
  await page.getByRole('radio', { name: 'stands' }).check({ force: true });
};
const act = (page, name) => swapped(page, () => page.getByRole('button', { name, exact: true }).click());

test('a press lights a lamp, an outage keeps a message away, and mains goes and comes', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => stageLink(page, 'Bench').click());
  const lamp = state(page, 'appliance L5');
  await expect(lamp).toHaveAttribute('data-state', '0');
  await act(page, 'Press: push button of Worktop lamp');
  // What led here is played: pin, coil, armature, lamp.
  await expect(lamp).toHaveAttribute('data-state', '1');
  await expect(lamp).toContainText('on');
  await expect(state(page, 'relay A5')).toHaveAttribute('data-state', '1');
  await expect(page.locator('#ledger')).toContainText('“Worktop lamp” is on.');

  await act(page, 'Cut: radio');
  await expect(page.locator('.bench-levers')).toContainText('radio gone');
  await act(page, 'Off: Worktop lamp on House broker');
  await expect(page.locator('#ledger .told')).toContainText('lost');
  await expect(lamp).toHaveAttribute('data-state', '1');
  await act(page, 'Press: push button of Worktop lamp');
  await expect(lamp).toHaveAttribute('data-state', '0');

  await act(page, 'Press: push button of Heated airer');
  await expect(state(page, 'appliance L3')).toHaveAttribute('data-state', '1');
  await act(page, 'Cut: mains');
  await expect(state(page, 'chip ').first()).toHaveAttribute('data-state', 'off');
  await expect(state(page, 'appliance L3')).toHaveAttribute('data-state', '0');
  await act(page, 'Put back: mains');
  await expect(state(page, 'chip ').first()).toHaveAttribute('data-state', 'running', { timeout: 10_000 });
  // What heats never comes back by itself.
  await expect(state(page, 'appliance L3')).toHaveAttribute('data-state', '0');
});

test('time stands, steps, and one walks back to the hand that began it, by keyboard', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => stageLink(page, 'Bench').click());
  await page.getByRole('radio', { name: 'runs' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'stands' })).toBeChecked();
  const before = await page.locator('[data-clock]').textContent();
  // Two seconds on by key, and the clock stands where it was put.
  await page.getByRole('button', { name: '1 s', exact: true }).focus();
  await swapped(page, () => page.keyboard.press('Enter'));
  const after = await page.locator('[data-clock]').textContent();
  expect(parseFloat(after) - parseFloat(before)).toBeGreaterThanOrEqual(1);
  expect(await page.locator('[data-clock]').textContent()).toBe(after);
  // The focus stays on the button that was pressed.
  await expect(page.getByRole('button', { name: '1 s', exact: true })).toBeFocused();

  await page.getByRole('button', { name: 'Press: push button of Worktop lamp', exact: true }).focus();
  await swapped(page, () => page.keyboard.press('Enter'));
  const lamp = state(page, 'appliance L5');
  await expect(lamp).toHaveAttribute('data-state', '0');
  for (let steps = 0; steps < 12 && '1' !== (await lamp.getAttribute('data-state')); steps += 1) await act(page, 'Next event');
  await expect(lamp).toHaveAttribute('data-state', '1');
  await page.locator('#ledger .is-appliance a').last().focus();
  await swapped(page, () => page.keyboard.press('Enter'));
  const why = page.locator('#why li');
  await expect(why).toHaveCount(6);
  await expect(why.first()).toContainText('“Worktop lamp” is on.');
  await expect(why.last()).toContainText('Press push button of “Worktop lamp”. That is where it began.');
  // From moment to moment by the arrow keys.
  await page.locator('.ledger th[aria-current] a').focus();
  await swapped(page, () => page.keyboard.press('ArrowLeft'));
  await expect(page.locator('.bench-back')).toContainText('You look back at');
  await expect(lamp).toHaveAttribute('data-state', '0');
  await expect(page.locator('.ledger th[aria-current] a')).toBeFocused();
  await swapped(page, () => page.getByRole('link', { name: 'Back to now' }).click());
  await expect(lamp).toHaveAttribute('data-state', '1');
  await act(page, 'Take back the last act');
  await expect(lamp).toHaveAttribute('data-state', '0');
});

test('nothing is asked of the server while nothing comes', async ({ page }) => {
  await takeDemo(page, 'Fermentation cupboard');
  await swapped(page, () => stageLink(page, 'Bench').click());
  await expect(page.locator('#shows a, #shows .gaps').first()).toBeAttached();
  const asked = [];
  page.on('request', (request) => asked.push(request.url()));
  const first = await page.locator('[data-clock]').textContent();
  await expect(page.locator('[data-clock]')).not.toHaveText(first);
  await expect
    .poll(async () => parseFloat(await page.locator('[data-clock]').textContent()), { timeout: 10_000 })
    .toBeGreaterThan(parseFloat(first) + 2);
  expect(asked.filter((url) => url.includes('/bench/live'))).toEqual([]);
});

test('on a phone the bench is worked with one hand', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await takeDemo(page, 'Utility room board');
  await page.goto(page.url().replace('/lines', '/bench'));
  await stands(page);
  const press = page.getByRole('button', { name: 'Press: push button of Worktop lamp', exact: true });
  await press.scrollIntoViewIfNeeded();
  const box = await press.boundingBox();
  expect(box.height).toBeGreaterThanOrEqual(44);
  await swapped(page, () => press.click());
  // Time lies under the thumb, wherever one has scrolled to.
  const bar = await page.locator('.bench-time').boundingBox();
  expect(bar.y + bar.height).toBeLessThanOrEqual(845);
  expect(bar.y).toBeGreaterThan(600);
  await act(page, '1 s');
  await expect(state(page, 'appliance L5')).toHaveAttribute('data-state', '1');
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
});

test('a failing cell opens where it fails, and what is repaired is said', async ({ page }) => {
  await takeDemo(page, 'Aquarium cabinet');
  await swapped(page, () => stageLink(page, 'Bench').click());
  await page.getByRole('button', { name: 'Try all of it' }).click();
  await expect(stageLink(page, 'Bench')).toContainText('17 of 58 fail', { timeout: 30_000 });
  await page.locator('.trial-table a').first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('“Front light”, push button, the wireless network is gone');
  await expect(page.locator('.bench-back')).toContainText('The moment at which it fails');
  await page.locator('.told a').last().click();
  await expect(page.locator('#why')).toContainText('Press push button of “Front light”.');
  await page.getByRole('link', { name: 'To where it fails' }).click();
  await expect(page.locator('.bench-back')).toContainText('The moment at which it fails');
});

test('a finding is shown beside what mends it, and the first try fails by what is shown', async ({ page }) => {
  await takeDemo(page, 'First try');
  await swapped(page, () => stageLink(page, 'Bench').click());
  await expect(state(page, 'chip ').first()).toHaveAttribute('data-state', 'stuck');
  await page.locator('#shows').scrollIntoViewIfNeeded();
  await expect(page.locator('.shows li')).toHaveCount(24, { timeout: 20_000 });
  await page.getByRole('link', { name: 'Show me: Relay that twitches at start-up, Fan heater' }).click();
  const [faulty, mended] = [page.locator('.shown-half').first(), page.locator('.shown-half').last()];
  await expect(mended.getByRole('heading')).toHaveText('Seat it on GPIO26 (printed 26)');
  await expect(faulty.locator('.pointed')).toHaveCount(1);
  // It plays by itself, and again when asked: the armature moves on the one and not on the other.
  await page.getByRole('button', { name: 'Play it slowly' }).click();
  await expect(faulty.locator('[data-part="relay A3"]').first()).toHaveAttribute('data-state', '1', { timeout: 15_000 });
  await expect(faulty.locator('.told-all .now').first()).toContainText('pulls in');
  await expect(mended.locator('[data-part="relay A3"]').first()).toHaveAttribute('data-state', '0');
  await page.getByRole('link', { name: 'the finding', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Show me on the bench' })).toBeVisible();
});

test.describe('without scripts', () => {
  test.use({ javaScriptEnabled: false });

  test('acts, steps, looking back and showing work', async ({ page }) => {
    await takeDemo(page, 'Utility room board');
    await page.goto(page.url().replace('/lines', '/bench'));
    await page.getByRole('button', { name: 'Press: push button of Worktop lamp', exact: true }).click();
    await expect(state(page, 'appliance L5')).toHaveAttribute('data-state', '1');
    await page.getByRole('button', { name: '1 min', exact: true }).click();
    await page.locator('#ledger .is-appliance a').last().click();
    await expect(page.locator('#why li')).toHaveCount(6);
    await page.getByRole('link', { name: 'Back to now' }).click();
    await page.getByRole('button', { name: 'Take back the last act' }).click();
    await expect(state(page, 'appliance L5')).toHaveAttribute('data-state', '0');
    await expect(page.getByText('Click of the relays')).toBeHidden();
    await takeDemo(page, 'First try');
    await page.goto(page.url().replace('/lines', '/bench'));
    await page.getByRole('link', { name: 'What can be shown' }).click();
    await page.locator('.shows a').first().click();
    await expect(page.locator('.told-all').first()).toContainText('“Fan heater” pulls in.');
    await expect(page.getByRole('button', { name: 'Play it slowly' })).toBeHidden();
  });
});

test('the panel of the board is the phone on the bench', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => page.getByRole('link', { name: /^Bench/ }).click());
  const panel = page.frameLocator('.bench-phone iframe');
  const lamp = panel.locator('section', { hasText: 'Worktop lamp' });
  await expect(panel.getByRole('status')).toHaveText('The board on the bench answers.');
  await expect(lamp.locator('.state')).toHaveText('off');
  await panel.getByRole('button', { name: 'Worktop lamp: On' }).click();
  await expect(lamp.locator('.state')).toHaveText('on');
  await expect(page.locator('.bench-row', { hasText: 'Worktop lamp' }).locator('.bench-load .state')).toHaveText('on');
  // What a hand does at the board is told to the phone; without its radio the board is not reached, and nothing is known of its lines.
  await page.locator('.bench-row', { hasText: 'Worktop lamp' }).getByRole('button', { name: 'Press' }).first().click();
  await expect(lamp.locator('.state')).toHaveText('off');
  await page.getByRole('button', { name: 'Cut: radio' }).click();
  await expect(lamp.locator('.state')).toHaveText('not known');
  await expect(panel.getByRole('button', { name: 'Worktop lamp: On' })).toBeDisabled();
});
