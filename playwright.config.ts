import { defineConfig } from '@playwright/test';

/** Browser tests run against the built application that `npm test` serves at FARVIN_URL. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 900_000,
  /** Generous, so that a slow machine fails no test; FARVIN_PATIENCE_MS shortens it while writing one. */
  expect: { timeout: Number(process.env.FARVIN_PATIENCE_MS ?? 90_000) },
  workers: 2,
  retries: 0,
  reporter: 'list',
  use: {
    baseURL: process.env.FARVIN_URL ?? 'http://127.0.0.1:3000',
    viewport: { width: 1280, height: 800 },
    actionTimeout: 2 * Number(process.env.FARVIN_PATIENCE_MS ?? 90_000),
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
