import { defineConfig } from '@playwright/test';
import { BROWSER_FLAGS, installedChromium } from '../scripts/lib/browser.mjs';

/** Rooms with tests that take long: begun first, so that the last to end is a short one. */
const LONG = /(every-view|starting|evenings|to-the-log|jobs)\.spec\.ts$/;

/** A machine that runs all tests at once may be slow; what never comes is told late there. */
const PATIENCE = process.env['CI'] ? 2 : 1;

/** Each worker has a server of its own, on which each test finds the demo as it is at first (fixtures.ts): no test sees another's data. */
export default defineConfig({
  testDir: '.',
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'short', testMatch: '**/*.spec.ts', testIgnore: LONG },
  ],
  // each test waits for the page a third of its time: three keep two cores busy
  workers: 3,
  fullyParallel: true,
  timeout: PATIENCE * 240_000,
  expect: { timeout: PATIENCE * 20_000 },
  forbidOnly: Boolean(process.env['CI']),
  // a loaded machine may miss a beat once; what passes only at the second try is told as flaky
  retries: process.env['CI'] ? 1 : 0,
  reporter: process.env['EVENINGTIDE_REPORT'] ? [['line'], ['json', { outputFile: process.env['EVENINGTIDE_REPORT'] }]] : [['list']],
  outputDir: '../test-results/traces',
  use: {
    viewport: { width: 1280, height: 800 },
    // recording each test would take a third of the time
    trace: process.env['CI'] ? 'on-first-retry' : 'retain-on-failure',
    // what cannot be pressed is told soon, not when the whole test is over
    actionTimeout: PATIENCE * 30_000,
    launchOptions: {
      executablePath: process.env['EVENINGTIDE_CHROMIUM'] ?? installedChromium(),
      // as in a painter's own browser, bars take room
      ignoreDefaultArgs: ['--hide-scrollbars'],
      args: BROWSER_FLAGS,
    },
  },
});
