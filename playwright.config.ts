import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/chromium.mjs';

/** Drives the built application in Debian's Chromium, on a fresh demo season for each worker. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 600_000,
  // Waited for, not slept through: long enough for a machine that is busy with other things.
  expect: { timeout: 30_000 },
  fullyParallel: false,
  workers: 2,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    launchOptions: CHROMIUM,
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
  },
});
