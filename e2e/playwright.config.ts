import { defineConfig } from '@playwright/test';

/** Each worker starts a server of its own (fixtures.ts), so tests do not see each other's data. */
export default defineConfig({
  testDir: '.',
  testMatch: '**/*.spec.ts',
  workers: 2,
  fullyParallel: true,
  timeout: 240_000,
  expect: { timeout: 20_000 },
  forbidOnly: Boolean(process.env['CI']),
  // a loaded machine may miss a beat once; what passes only at the second try is told as flaky
  retries: process.env['CI'] ? 1 : 0,
  reporter: process.env['EVENINGTIDE_REPORT'] ? [['line'], ['json', { outputFile: process.env['EVENINGTIDE_REPORT'] }]] : [['list']],
  outputDir: '../test-results/traces',
  use: {
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
    // what cannot be pressed is told soon, not when the whole test is over
    actionTimeout: 30_000,
    launchOptions: {
      executablePath: process.env['EVENINGTIDE_CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
});
