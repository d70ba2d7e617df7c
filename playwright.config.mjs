import { defineConfig } from '@playwright/test';

const port = 8043;

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'var/playwright',
  workers: 1,
  timeout: 60_000,
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium' },
  },
  webServer: {
    command: `rm -f var/e2e.db* && php bin/console doctrine:migrations:migrate -n -q && php bin/console latch:seed && exec php -d expose_php=0 -d upload_max_filesize=12M -d post_max_size=13M -S 127.0.0.1:${port} -t public bin/router.php 2>var/e2e.log`,
    url: `http://127.0.0.1:${port}/rule-book`,
    env: { APP_ENV: 'prod', DATABASE_URL: 'sqlite:///%kernel.project_dir%/var/e2e.db', PHP_CLI_SERVER_WORKERS: '2' },
    reuseExistingServer: false,
  },
});
