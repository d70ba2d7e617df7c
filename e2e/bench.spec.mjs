import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { test, expect, takeDemo, stageLink, swapped } from './support.mjs';

test('a whole board is tried with progress, and its latch shuts', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => stageLink(page, 'Bench').click());
  await expect(stageLink(page, 'Bench')).toContainText('not tried yet');
  await page.getByRole('button', { name: 'Try all of it' }).click();
  await expect(page.locator('#trial')).toContainText('Nothing failed.', { timeout: 30_000 });
  await expect(stageLink(page, 'Bench')).toContainText('shut, 307 tried');
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
  const failed = page.locator('#trial table').nth(1).locator('tr', { hasText: 'Something else moves' });
  await expect(failed).toContainText('“Dosing pump” runs for a moment');
  await failed.getByText('9 cells').click();
  await expect(failed.getByRole('listitem').first()).toContainText('power cycle');
  await expect(page.locator('#trial')).toContainText('Timer of “Dosing pump”: its times');
});
