import { defineConfig } from '@playwright/test';
import { databaseUrls } from './e2e/databases';

export default defineConfig({
  testDir: 'e2e',
  // Generous: a busy machine is no fault of the application.
  timeout: 300_000,
  expect: { timeout: 90_000 },
  // Each worker has a server and a database of its own; the tests of a file run in order.
  workers: Math.max(1, databaseUrls.length),
  // What fails and then passes is told at the end (scripts/summary.mjs).
  retries: 1,
  reporter: 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    // What does not come ends its test, not the time of all.
    actionTimeout: 90_000,
    navigationTimeout: 120_000,
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
