import { defineConfig } from '@playwright/test';
import { CHROMIUM_FLAGS } from '../scripts/lib.mjs';

const json = process.env['ANELLO_E2E_JSON'];

export default defineConfig({
  testDir: '.',
  testMatch: '*.journey.ts',
  timeout: 90_000,
  expect: { timeout: 8_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  retries: process.env['CI'] ? 1 : 0,
  reporter: json ? [['list'], ['json', { outputFile: json }]] : [['list']],
  outputDir: '../test-results',
  use: {
    viewport: { width: 1280, height: 800 },
    // It would answer for the page before a journey's own routes; the journey about it allows it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env['ANELLO_CHROMIUM'] ?? '/usr/bin/chromium',
      args: CHROMIUM_FLAGS,
    },
    trace: 'off',
    screenshot: 'only-on-failure',
  },
});
