import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: true,
  timeout: 90_000,
  expect: { timeout: 10_000 },
  // A second try only where the machine is shared; a test that needs it is reported as flaky.
  retries: process.env['CI'] ? 1 : 0,
  reporter: [['list']],
  globalSetup: './global-setup.ts',
  use: {
    // Each page would fetch the whole application once more for its shelf; those that are about that allow it.
    serviceWorkers: 'block',
    locale: 'en-GB',
    // Another zone than that of the book's waters, by hours and a half: an hour that is not theirs shows.
    timezoneId: 'America/St_Johns',
    launchOptions: {
      executablePath: process.env['DAGBOEK_CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
    viewport: { width: 1280, height: 800 },
  },
});
