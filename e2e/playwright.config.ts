import { defineConfig } from '@playwright/test';
import { LAUNCH } from '../scripts/lib/packages.mjs';

// A page lives for seconds here: making its scripts faster while they run took longer than it gained.
const NOT_MADE_FASTER = '--js-flags=--no-maglev --no-opt --min-semi-space-size=32';
const browser = {
  browserName: 'chromium' as const,
  launchOptions: { ...LAUNCH, args: [...LAUNCH.args, NOT_MADE_FASTER] },
};

/** Started by scripts/test.mjs, which brings the scratch database and the exported application. */
export default defineConfig({
  testDir: '.',
  globalSetup: './fixtures/furnish-shop.ts',
  outputDir: '../.data/test-results',
  fullyParallel: false,
  // Two drive Chromium, which fills two cores; the third runs the server's tests, which wait most of the time.
  workers: 3,
  timeout: 180_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  // Machines here are shared: what a stall breaks passes the second time, and is named as flaky.
  retries: 1,
  reporter: [['list'], ['json']],
  use: { actionTimeout: 30_000 },
  projects: [
    { name: 'api', testMatch: 'api/*.spec.ts', workers: 1 },
    {
      name: 'phone',
      testMatch: 'phone/*.spec.ts',
      workers: 2,
      use: { ...browser, viewport: { width: 390, height: 844 }, hasTouch: true },
    },
    {
      name: 'wide',
      testMatch: 'wide/*.spec.ts',
      workers: 1,
      use: { ...browser, viewport: { width: 1280, height: 800 } },
    },
  ],
});
