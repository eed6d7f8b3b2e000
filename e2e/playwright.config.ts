/** Playwright on Debian's Chromium, each worker with its own server and database. */
import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'journeys',
  outputDir: '../test-results',
  timeout: 240_000,
  expect: { timeout: 40_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  use: {
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
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
    permissions: ['clipboard-read', 'clipboard-write'],
  },
});
