import { readFileSync } from 'node:fs';
import { parse } from 'csv-parse/sync';
import { test, expect, takeDemo, stageLink, swapped } from './support.mjs';

async function openBoard(page) {
  await swapped(page, () => stageLink(page, 'Board').click());
  await expect(page.locator('#stage').getByRole('heading', { name: 'Board', exact: true })).toBeVisible();
}

const piece = (page, id) => page.locator(`svg.plan a.piece[data-device="${id}"]`);
const left = (page, id) => piece(page, id).locator('.body').getAttribute('x').then(Number);

/** A table of numbers and words, read by a parser of another origin. */
async function downloaded(page, name) {
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name }).click();
  return parse(readFileSync(await (await download).path(), 'utf8'), { relaxColumnCount: false });
}

test('a part is chosen in the plan or in the list, moved by keys and by hand, and each move is undone', async ({ page }) => {
  await takeDemo(page, 'Fermentation cupboard');
  await openBoard(page);
  await expect(stageLink(page, 'Board')).toContainText('shut');
  await swapped(page, () => page.locator('#build-parts').getByRole('link', { name: 'reservoir 220 µF' }).click());
  await expect(page.locator('#drawer-title')).toContainText('C13');
  await expect(piece(page, 'C13')).toHaveClass(/lit/);
  await expect(page.locator('#build-parts tr.lit')).toContainText('reservoir');

  const from = await left(page, 'K31');
  await piece(page, 'K31').focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('#moving')).toContainText('mm to the other side');
  await page.keyboard.press('Escape');
  await expect(page.locator('#moving')).toBeEmpty();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await swapped(page, () => page.keyboard.press('Enter'));
  await expect(page.locator('#notice')).toContainText('Move K31');
  expect(await left(page, 'K31')).toBeCloseTo(from + 2, 1);
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  expect(await left(page, 'K31')).toBeCloseTo(from, 1);

  // Onto the fuse: it is said while it moves, and stands as a finding once it is laid down.
  await page.locator('svg.plan').evaluate((plan) => plan.scrollIntoView({ block: 'center' }));
  const start = await piece(page, 'R41').locator('.body').boundingBox();
  const end = await piece(page, 'F01').locator('.body').boundingBox();
  await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
  await page.mouse.down();
  await page.mouse.move(end.x + end.width / 2, end.y + end.height / 2, { steps: 6 });
  await expect(page.locator('#moving')).toContainText('too near');
  await swapped(page, () => page.mouse.up());
  await expect(stageLink(page, 'Board')).toContainText('danger');
  await expect(page.locator('#tray')).toContainText('needed here');
  await swapped(page, () => page.getByRole('button', { name: 'Place all anew' }).click());
  await expect(stageLink(page, 'Board')).toContainText('shut');
});

test('what does not fit says which supply would', async ({ page }) => {
  await takeDemo(page, 'Fermentation cupboard');
  await page.goto(`${page.url().replace(/\/[^/]*$/, '')}/power?open=heat`);
  for (const [label, size] of [
    ['length', '118 mm'],
    ['width', '70 mm'],
  ]) {
    await page.locator(`#state-box-${label}Metres`).fill(size);
    await swapped(page, () => page.locator(`#state-box-${label}Metres`).press('Enter'));
  }
  await openBoard(page);
  await expect(stageLink(page, 'Board')).not.toContainText('shut');
  const offers = page.locator('#tray .offers').first();
  await offers.scrollIntoViewIfNeeded();
  const smaller = page.getByRole('button', { name: /Take Mains module 5 V, 3 W instead of Mains module 5 V, 5 W/ }).first();
  await swapped(page, () => smaller.click());
  await expect(page.locator('#build-parts')).toContainText('Mains module 5 V, 3 W');
  await expect(stageLink(page, 'Board')).toContainText('shut');
});

test('prices, drawer and currency of the shelf stand in every list', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openBoard(page);
  const row = page.locator('#build-parts tr', { hasText: 'Mains module 5 V, 10 W' });
  await expect(row).toContainText('7.50 €');
  await page.getByRole('link', { name: 'Prices and drawer' }).click();
  await page.getByLabel('Money is counted in').fill('£');
  await page.getByLabel('of which go for one euro').fill('0.8');
  await page.getByRole('button', { name: 'Count in it' }).click();
  await page.getByLabel(/CSV with the headings part and price/).fill('part,price\nmodule-5v-10w,cheap');
  await page.getByRole('button', { name: 'Keep the price list' }).click();
  await expect(page.locator('#notice')).toContainText('Row 2: “cheap” is no price');
  await expect(page.getByLabel(/CSV with the headings part and price/)).toHaveValue(/cheap/);
  await page.getByLabel(/CSV with the headings part and price/).fill('part,price,source\nmodule-5v-10w,5.20,the fair');
  await page.getByRole('button', { name: 'Keep the price list' }).click();
  await expect(page.getByText('1 price replaces the shipped one.')).toBeVisible();
  await page.getByLabel(/with its count/).fill('4 × 10 kΩ\n20 × 470 Ω');
  await page.getByRole('button', { name: 'Keep the drawer' }).click();
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page
    .getByRole('link', { name: /Utility room board/ })
    .first()
    .click();
  await openBoard(page);
  await expect(row).toContainText('5.20 £');
  await expect(row).toContainText('yours');
  await expect(page.locator('#build-parts tr', { hasText: 'ESP32 carrier' })).toContainText('5.60 £');
  await expect(page.locator('#build-parts tr', { hasText: '10 kΩ' })).toContainText('4, buy 7');
  await expect(page.locator('#build-parts tr', { hasText: '470 Ω' })).toContainText('all 8');
  await swapped(page, () => page.locator('#build-parts').getByRole('link', { name: 'Relay 5 V, 0.4 W' }).first().click());
  await swapped(page, () => page.getByRole('link', { name: 'Other parts, each tried' }).click());
  const cube = page.locator('#build-drawer tr', { hasText: 'Cube relay 5 V' });
  await expect(cube).toContainText('Against it: ');
  await swapped(page, () => cube.getByRole('button', { name: 'Take it' }).click());
  await expect(page.locator('#build-parts')).toContainText('Cube relay 5 V');
  await swapped(page, () => page.getByRole('button', { name: 'Undo' }).click());
  await expect(page.locator('#build-parts')).not.toContainText('Cube relay 5 V');
  await swapped(page, () => page.getByRole('link', { name: 'Built otherwise' }).click());
  await expect(page.locator('main')).toContainText('£');
  await swapped(page, () => page.getByRole('button', { name: 'Build it so' }).first().click());
  await expect(page.locator('#tray')).toContainText('Driver circuits have no board to sit on');
});

test('both files of an order are read back by a parser of another origin', async ({ page }) => {
  await takeDemo(page, 'Utility room board');
  await openBoard(page);
  const list = await downloaded(page, 'As CSV');
  const heads = list.findIndex((row) => row[0] === 'count');
  const parts = list.slice(heads + 1).map((row) => Object.fromEntries(row.map((cell, place) => [list[heads][place], cell])));
  const relays = parts.find((part) => part.part.startsWith('Relay 5 V') && part.side === 'across the barrier');
  expect(relays).toMatchObject({ count: '7', 'euros each': '2.20', 'euros together': '15.40', 'must bear': '1.52 A', bears: '16 A' });
  const shown = (await page.locator('#build-parts tfoot').innerText()).match(/([\d.]+) €/)[1];
  const sum = parts.reduce((total, part) => total + Number(part['euros together'] || 0), 0);
  expect(sum).toBeCloseTo(Number(shown), 0);
  await swapped(page, () => page.getByRole('link', { name: 'Order', exact: true }).click());
  await swapped(page, () => page.getByLabel('It is made under the terms of').selectOption({ index: 1 }));
  await expect(page.locator('main')).toContainText('boards at least');
  const order = await downloaded(page, 'Parts for the order, CSV');
  expect(order[0].slice(0, 4)).toEqual(['designators', 'value', 'package', 'quantity']);
  const placement = await downloaded(page, 'Placement, CSV');
  expect(placement[0].slice(0, 5)).toEqual(['designator', 'x', 'y', 'side', 'rotation']);
  const fitted = new Set(order.slice(1).flatMap((row) => row[0].split(' ')));
  const placed = placement.slice(1).filter((row) => /^[A-Z]\d+$/.test(row[0]));
  expect(placed.length).toBeGreaterThan(60);
  for (const row of placed) {
    expect(fitted.has(row[0]), row[0]).toBe(true);
    expect(row[1]).toMatch(/^\d+\.\d\d mm$/);
  }
});
