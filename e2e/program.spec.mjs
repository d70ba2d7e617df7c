import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test, expect, takeDemo, swapped } from './support.mjs';

test('a program is read before it is taken, and builds as it is taken', async ({ page }) => {
  await takeDemo(page, 'Fermentation cupboard');
  await swapped(page, () => page.getByRole('link', { name: 'Hand over' }).click());
  await swapped(page, () => page.getByRole('link', { name: 'What the program will do' }).click());
  await expect(page.locator('.program-lines')).toContainText('Makes room for, and never runs with, “Cooler” (100 ms apart).');
  await expect(page.locator('.program')).toContainText('39 %');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Program, ready to build' }).click();
  const folder = mkdtempSync(join(tmpdir(), 'program-'));
  execFileSync('unzip', ['-q', await (await download).path(), '-d', folder]);
  execFileSync('make', ['-C', folder, 'all'], { stdio: 'pipe' });
  expect(execFileSync('avr-size', [join(folder, 'program.elf'), join(folder, 'trial.elf')], { encoding: 'utf8' })).toContain('program.elf');
});
