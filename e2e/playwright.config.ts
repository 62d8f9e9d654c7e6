import { defineConfig } from '@playwright/test';

const port = Number(process.env.E2E_PORT ?? 4390);

/** Drives the built application in Debian's Chromium, against a MariaDB of its own that is thrown away afterwards. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../test-results',
  globalSetup: './startApplication.ts',
  workers: 1,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: process.env.E2E_REPORT ? [['line'], ['json', { outputFile: process.env.E2E_REPORT }]] : 'line',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    locale: 'en-GB',
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: '--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync'.split(
        ' ',
      ),
    },
  },
});
