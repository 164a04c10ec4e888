import { availableParallelism } from 'node:os';
import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/chromium.mjs';

/** Drives the built application in Debian's Chromium, on a fresh copy of the data for each test. */
export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/global-setup.ts',
  // A busy machine may give a test a fifth of its processors for a while.
  timeout: 120_000,
  // Waited for, not slept through.
  expect: { timeout: 25_000 },
  fullyParallel: true,
  // One for each core: with more, what a page works out is late on a machine that has other work.
  workers: availableParallelism(),
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    launchOptions: {
      ...CHROMIUM,
      // A name on the hall’s network: by it a page is no secure one, as on a phone.
      args: [...CHROMIUM.args, '--host-resolver-rules=MAP stage.test 127.0.0.2'],
    },
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
  },
});
