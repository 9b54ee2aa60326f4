import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  globalSetup: './demoDatabase.ts',
  outputDir: '../test-results',
  // Each on an app and a database of its own.
  workers: 2,
  // Wide enough for a machine that others keep busy too; what is waited for ends the wait.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  forbidOnly: true,
  use: {
    contextOptions: { reducedMotion: 'reduce' },
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    // A trace of every test takes a quarter of its time; add --trace on to look into one.
    trace: 'off',
    // It fetches the whole app once more: only what is tried without a network needs it.
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--disable-gpu', '--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
    },
  },
});
