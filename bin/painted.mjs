// From a click to what it leads to being painted, in milliseconds: median of nine, in headless Chromium at 1280 × 800, server included.
// bin/timings starts it with the address of a served shelf; it prints one line of JSON for each row.
import { chromium } from '@playwright/test';

const [base] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

/** Clicks and waits for the frame that is painted after the answer has settled. */
const painted = (selector) =>
  page.evaluate(
    (wanted) =>
      new Promise((resolve) => {
        const target = document.querySelector(wanted);
        if (!target) throw new Error(`There is no ${wanted}.`);
        const begin = performance.now();
        const settled = (event) => {
          if (event.target instanceof Element && event.target.closest('.offers')) return;
          document.removeEventListener('htmx:afterSettle', settled);
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - begin)));
        };
        document.addEventListener('htmx:afterSettle', settled);
        target.click();
      }),
    selector,
  );

async function row(name, board, view, selectors) {
  await page.goto(`${base}${board}/${view}`);
  await page.waitForLoadState('networkidle');
  const times = [];
  for (let round = 0; round < 9; round += 1) {
    for (const selector of selectors) {
      times.push(await painted(selector));
      // What comes into sight afterwards is a matter of its own, and stands in nobody’s way who looks first.
      await page.waitForTimeout(200);
      await page.waitForFunction(() => !document.querySelector('.htmx-request'));
    }
  }
  times.sort((a, b) => a - b);
  console.log(JSON.stringify({ name, milliseconds: Math.round(times[Math.floor(times.length / 2)]) }));
}

await page.goto(`${base}/`);
const boards = await page
  .locator('a[aria-label^="Open "]')
  .evaluateAll((links) =>
    links.map((link) => [link.getAttribute('aria-label').slice(5), new URL(link.href).pathname.replace(/\/lines$/, '')]),
  );
for (const [name, board] of boards) {
  await row(`${name}: open a link of a line`, board, 'lines', ['#L1-pin', '#L1-driver']);
  await row(`${name}: from stage to stage`, board, 'lines', ['.latches li:nth-child(5) a', '.latches li:nth-child(1) a']);
  // An edit to undo and make again, over and over.
  await page.goto(`${base}${board}/lines?open=L1.name`);
  await page.locator('#rename-L1').fill('Another name');
  await Promise.all([
    page.waitForResponse((response) => 'POST' === response.request().method()),
    page.locator('#rename-L1').press('Enter'),
  ]);
  await row(`${name}: undo an edit, and make it again`, board, 'lines', ['#undo button', '#redo button']);
}
await browser.close();
