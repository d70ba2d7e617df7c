import { test as base, expect } from '@playwright/test';
import { freshShelf, serve } from './server.mjs';

export const test = base.extend({
  /** The server of this worker. */
  server: [
    async ({}, use, info) => {
      const server = await serve(info.parallelIndex);
      await use(server);
      server.end();
    },
    { scope: 'worker' },
  ],

  /** The address of that server, with the demo boards and nothing else on its shelf. */
  baseURL: async ({ server }, use) => {
    freshShelf(server.worker);
    await use(server.url);
  },

  /** A page that fails its test on a script error, a broken policy, or a request to any other host. */
  page: async ({ page, baseURL }, use) => {
    const faults = [];
    page.on('pageerror', (error) => faults.push(error.message));
    page.on('console', (message) => {
      // A refused edit answers 422 or 409, which the browser notes as an error of its own; htmx notes what a newer request has stopped.
      const isMeant = /status of (422|409)|^htmx:(afterRequest|sendAbort),/.test(message.text());
      if (message.type() === 'error' && !isMeant) faults.push(message.text());
    });
    page.on('request', (request) => {
      if (![`${baseURL}/`, 'data:', 'blob:'].some((own) => request.url().startsWith(own))) faults.push(`asked ${request.url()}`);
    });
    await use(page);
    expect(faults).toEqual([]);
  },
});
export { expect };

export async function takeDemo(page, name) {
  await page.goto('/');
  await page.locator('select[name=demo]').selectOption({ label: name });
  await page.getByRole('button', { name: 'Take' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
}

export const latches = (page) => page.locator('#latches');
export const stageLink = (page, name) => latches(page).getByRole('link', { name: new RegExp(`^${name}`) });

/** Clicks and waits until the answer has been swapped in; what the tray works out by itself is no answer. */
export async function swapped(page, action) {
  const answer = page.waitForResponse(
    (response) => response.request().headers()['hx-request'] === 'true' && !response.url().includes('/offers?'),
  );
  await action();
  const response = await answer;
  await response.finished();
  await expect(page.locator('.htmx-request, .htmx-swapping, .htmx-settling')).toHaveCount(0, { timeout: 20_000 });
  return response;
}

/** Scrolls to a finding in the tray, where what can be done about it is worked out, and does it. */
export async function repair(page, finding, button) {
  const group = page.locator('#tray div.finding', { hasText: finding }).first();
  await group.locator('.offers').scrollIntoViewIfNeeded();
  await expect(group.locator('.offers').locator('form button, details').first()).toBeAttached({ timeout: 20_000 });
  const folded = group.locator('.offers details:not([open]) > summary');
  while ((await folded.count()) > 0) await folded.first().click();
  return swapped(page, () => group.getByRole('button', { name: button }).first().click());
}
