import AxeBuilder from '@axe-core/playwright';
import { test, expect, takeDemo } from './support.mjs';

const sizes = { 'at the desk': { width: 1280, height: 800 }, 'on a phone': { width: 390, height: 844 } };

for (const [where, viewport] of Object.entries(sizes)) {
  for (const colorScheme of ['light', 'dark']) {
    test(`every screen is accessible ${where}, ${colorScheme}`, async ({ page }) => {
      test.setTimeout(600_000);
      await page.setViewportSize(viewport);
      await page.emulateMedia({ colorScheme });
      // The dark theme differs in its colours only, a phone in its layout.
      const differs = [...(colorScheme === 'dark' ? ['color-contrast'] : []), ...(where === 'on a phone' ? ['target-size', 'scrollable-region-focusable'] : [])];
      const scan = () => differs.length > 0
        ? new AxeBuilder({ page }).withRules(differs)
        : new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']);
      await takeDemo(page, 'First try');
      const board = page.url().replace(/\/lines.*/, '');
      const screens = ['/', '/rule-book', '/catalogue', '/catalogue/esp32-carrier-38', '/catalogue/esp32-carrier-38/copy', `${board}/compare`, `${board}/read`, `${board}/lines`, `${board}/lines?open=L4.driver`, `${board}/lines?open=L1.appliance`, `${board}/pins`, `${board}/pins?open=F3`, `${board}/drive`, `${board}/drive?open=A4`, `${board}/power`, `${board}/power?open=R2.on`, `${board}/mains`, `${board}/controls`, `${board}/controls?open=L6`, `${board}/sheets/C1`, '/catalogue/module-5v-10w', '/reckoner', `${board}/revisions`, `${board}/settings`, `${board}/finding?open=drive.does-not-pull-in:A4`];
      for (const screen of screens) {
        await page.goto(screen);
        await page.waitForLoadState('networkidle');
        const { violations } = await scan().analyze();
        expect(violations.map((one) => `${screen}: ${one.id} ${one.nodes[0].target} ${one.nodes[0].failureSummary}`)).toEqual([]);
        expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), `${screen} is wider than the window`).toBeLessThanOrEqual(0);
      }
    });
  }
}

test('six lines stand whole at 1280 × 800, and no strip is taller than 88 px', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  const strips = await page.locator('.strip').evaluateAll((all) => all.map((strip) => strip.getBoundingClientRect()).map(({ height, bottom }) => ({ height, bottom })));
  expect(strips).toHaveLength(6);
  for (const strip of strips) expect(strip.height).toBeLessThanOrEqual(88);
  expect(strips[5].bottom).toBeLessThanOrEqual(800);
});

test('more than eight lines stand in compact strips of at most 40 px', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  const board = page.url().replace(/\/lines.*/, '');
  for (let number = 7; number <= 16; number += 1) {
    await page.getByLabel('Name, as you call it').fill(`Line ${number}`);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.locator('.strip')).toHaveCount(number);
  }
  await page.goto(`${board}/lines`);
  for (const height of await page.locator('.strip').evaluateAll((all) => all.map((strip) => strip.getBoundingClientRect().height))) {
    expect(height).toBeLessThanOrEqual(40);
  }
});
