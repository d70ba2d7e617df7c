import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'var/playwright',
  globalSetup: './e2e/server.mjs',
  // Each worker has a server, a database and a shelf of its own, and each test a fresh shelf: any test can stand beside any other.
  workers: 2,
  fullyParallel: true,
  timeout: 60_000,
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium' },
  },
});
