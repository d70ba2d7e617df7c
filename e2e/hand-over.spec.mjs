import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parse } from 'csv-parse/sync';
import { HtmlValidate } from 'html-validate';
import AxeBuilder from '@axe-core/playwright';
import { test, expect, takeDemo, swapped } from './support.mjs';

async function opened(page) {
  await takeDemo(page, 'Utility room board');
  await swapped(page, () => page.getByRole('link', { name: 'Hand over' }).click());
}

/** A file that is taken, unpacked where it is an archive. */
async function taken(page, link) {
  const download = page.waitForEvent('download');
  await link.click();
  const file = await (await download).path();
  const folder = mkdtempSync(join(tmpdir(), 'package-'));
  execFileSync('unzip', ['-q', file, '-d', folder]);
  return { file, folder };
}

/** Pages as they come out of the printer. */
async function printed(page, file, name) {
  const path = join(mkdtempSync(join(tmpdir(), 'print-')), 'page.pdf');
  const sheet = await page.context().newPage();
  await sheet.goto('file://' + file);
  writeFileSync(path, await sheet.pdf({ preferCSSPageSize: true }));
  await sheet.close();
  const info = execFileSync('pdfinfo', [path], { encoding: 'utf8' });
  return { text: execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }), info, name };
}

test('one click takes everything, and it is whole', async ({ page }) => {
  await opened(page);
  const { file, folder } = await taken(page, page.getByRole('link', { name: 'Everything, in one package' }));
  const said = execFileSync('bin/latch', ['verify', file], { encoding: 'utf8' });
  expect(said).toContain('It is whole');
  expect(said).toContain('byte for byte');
  // Pages by a validator of the registry, lists by a parser of it.
  const validator = new HtmlValidate({ extends: ['html-validate:standard'], rules: { 'long-title': 'off' } });
  for (const name of ['read-first.html', '1-build/build-sheet.html', '1-build/labels.html']) {
    const report = await validator.validateString(readFileSync(join(folder, name), 'utf8'));
    expect(report.results.flatMap((one) => one.messages.map((fault) => `${name}: ${fault.ruleId} ${fault.message}`))).toEqual([]);
  }
  const lists = readdirSync(join(folder, '2-wiring')).filter((name) => name.endsWith('.csv'));
  expect(lists.length).toBeGreaterThan(3);
  for (const name of lists) {
    expect(parse(readFileSync(join(folder, '2-wiring', name)), { relax_column_count: true }).length).toBeGreaterThan(3);
  }
});

test('pages are printed on A4 and on Letter with their number and revision, large where that is asked for', async ({ page }) => {
  await opened(page);
  const { folder } = await taken(page, page.getByRole('link', { name: 'Everything, in one package' }));
  const sheet = await printed(page, join(folder, '1-build/build-sheet.html'), 'build sheet');
  expect(sheet.info).toMatch(/Page size:\s+59[45]/);
  const pages = Number(/Pages:\s+(\d+)/.exec(sheet.info)[1]);
  expect(sheet.text).toContain(`page ${pages} of ${pages}`);
  expect(sheet.text.split('Utility room board, revision 1, ').length).toBeGreaterThan(pages);
  expect(sheet.text).toContain('Mains kills.');
  expect(sheet.text).toContain('Cover shut, then mains');
  const letter = await taken(page, page.getByRole('link', { name: 'Package on Letter paper' }));
  expect((await printed(page, join(letter.folder, 'read-first.html'), 'first page')).info).toMatch(/Page size:\s+612 x 792/);
  const labels = await printed(page, join(folder, '1-build/labels.html'), 'labels');
  expect(labels.text).toContain('Isolate before opening');
  const large = await taken(page, page.getByRole('link', { name: 'Package in large print' }));
  const big = await printed(page, join(large.folder, '1-build/build-sheet.html'), 'large');
  expect(Number(/Pages:\s+(\d+)/.exec(big.info)[1])).toBeGreaterThan(pages * 1.5);
});

test('each piece is looked at where it stands, and taken by itself', async ({ page }) => {
  await opened(page);
  const piece = (name) => page.locator('.pieces > li').filter({ has: page.locator('b', { hasText: new RegExp(`^${name}$`) }) });
  await piece('Build sheet').locator('summary').click();
  await expect(page.frameLocator('iframe[title="Build sheet"]').locator('h1')).toHaveText('Build sheet: Utility room board');
  await piece('Wiring list').locator('summary').click();
  await expect(piece('Wiring list').locator('pre')).toContainText('number');
  await piece('Plan, 1:1').locator('summary').click();
  await expect(piece('Plan, 1:1').locator('img')).toBeVisible();
  expect((await new AxeBuilder({ page }).exclude('iframe').include('.hand-over').analyze()).violations).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a pack for somebody else says what remains, and nothing of its maker', async ({ page }) => {
  await opened(page);
  const { folder } = await taken(page, page.getByRole('link', { name: 'Pack for somebody else' }));
  const first = readFileSync(join(folder, 'read-first.html'), 'utf8');
  expect(first).toContain('It belongs to the fixed wiring. Who connects it, by name');
  expect(first).toContain('Whoever sells it is its manufacturer');
  expect(first).toContain('HOUSE_BROKER_PASSWORD');
  expect(readdirSync(folder)).not.toContain('board.json');
});

/** What a layout desk sends back, in a file. */
function sentBack(how) {
  const path = join(mkdtempSync(join(tmpdir(), 'back-')), `${how}.txt`);
  writeFileSync(path, execFileSync('php', ['tests/Support/layout-desk.php', how]));
  return path;
}

async function heldAgainst(page, how) {
  await page.getByLabel('File that came back').setInputFiles(sentBack(how));
  await page.getByRole('button', { name: 'Hold it against the board' }).click();
  await expect(page.locator('.returned-file')).toBeVisible();
}

const verdict = (page) => page.locator('.returned-file > p').first();

test('a netlist that comes back is held against the board, and a fault shows its place, net and line', async ({ page }) => {
  await opened(page);
  await heldAgainst(page, 'sound');
  await expect(verdict(page)).toContainText('It agrees with this board.');
  await heldAgainst(page, 'exchanged');
  await expect(verdict(page)).toContainText('1 difference from this board.');
  const fault = page.locator('.layout-findings details').first();
  await expect(fault).toContainText('“Dehumidifier push button” would then act on “Extractor fan”');
  await fault.locator('summary').click();
  await expect(fault.getByRole('img')).toHaveAccessibleName(/U01 R12, U01 R13/);
  expect((await new AxeBuilder({ page }).include('.hand-over-back').analyze()).violations).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await swapped(page, () => fault.getByRole('link', { name: 'U01 on the plan' }).click());
  await expect(page).toHaveURL(/build\?open=plan\.U01/);
});

test('the netlist as CSV comes back as it went out', async ({ page }) => {
  await opened(page);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Take Netlist as CSV' }).click();
  await page.getByLabel('File that came back').setInputFiles(await (await download).path());
  await page.getByRole('button', { name: 'Hold it against the board' }).click();
  await expect(verdict(page)).toContainText('It agrees with this board.');
  await expect(page.locator('.returned-file')).toContainText('It says nothing of places');
});

test('mains too near is a danger', async ({ page }) => {
  await opened(page);
  await heldAgainst(page, 'near');
  await expect(page.locator('.layout-findings')).toContainText('DANGER', { ignoreCase: true });
  await expect(page.locator('.layout-findings')).toContainText('between mains and low voltage 10 mm are wanted, as you have promised');
});

test('a part under another name is settled by keyboard', async ({ page }) => {
  await opened(page);
  await heldAgainst(page, 'renamed');
  await expect(verdict(page)).toContainText('No difference, and 1 doubt to settle.');
  await page.getByLabel('“RLY6” there is taken as K61').focus();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(verdict(page)).toContainText('It agrees with this board.');
  await expect(page.locator('.returned li').first()).toContainText('It agrees with this board.');
});

test('a placement list is told by the netlist of the same layout', async ({ page }) => {
  await opened(page);
  await heldAgainst(page, 'sound');
  await heldAgainst(page, 'placed');
  await expect(verdict(page)).toContainText('It agrees with this board.');
  await heldAgainst(page, 'turned');
  await expect(page.locator('.layout-findings')).toContainText('D31 is turned by');
});

test('a parts list that was pasted is compared, its columns are put right, and prose is refused', async ({ page }) => {
  await opened(page);
  await page.getByText('or paste it').click();
  await page.getByLabel('Its text').fill('this is no list');
  await page.getByRole('button', { name: 'Hold it against the board' }).click();
  await expect(page.locator('#notice')).toContainText('No row of this file names two columns');
  await expect(page.getByLabel('Its text')).toHaveValue('this is no list');
  await page.getByLabel('Its text').fill('Part,Description,Code\nR11,film,1k\n');
  await page.getByRole('button', { name: 'Hold it against the board' }).click();
  await page.getByText('How its columns were read').click();
  await page.getByLabel('“Code”').selectOption('value');
  await page.getByRole('button', { name: 'Read it so' }).click();
  await expect(page.locator('.layout-findings')).toContainText('R11 is “1k” there, and 470 Ω here.');
});
