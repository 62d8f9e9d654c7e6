import { defineConfig } from '@playwright/test';
import { SIDE_BY_SIDE } from './startApplication';

/** Drives the built application in Debian's Chromium, against a MariaDB of its own that is thrown away afterwards. */
export default defineConfig({
  testDir: '.',
  // Commands that keep both cores busy have the machine for themselves, after all else.
  projects: [
    { name: 'browser', testMatch: '*.spec.ts', testIgnore: 'commands.spec.ts' },
    { name: 'commands', testMatch: 'commands.spec.ts', dependencies: ['browser'] },
  ],
  outputDir: '../test-results',
  globalSetup: './startApplication.ts',
  workers: SIDE_BY_SIDE,
  fullyParallel: false,
  retries: 0,
  // Generous: nothing waits longer than it must, and a busy machine may take a while.
  timeout: 360_000,
  expect: { timeout: 60_000 },
  reporter: process.env.E2E_REPORT ? [['line'], ['json', { outputFile: process.env.E2E_REPORT }]] : 'line',
  use: {
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    locale: 'en-GB',
    // A trace of every step costs a fifth of the time: it is made when asked for.
    trace: process.env.E2E_TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: '--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync'.split(
        ' ',
      ),
    },
  },
});
