import { defineConfig } from '@playwright/test';
import { browserHere } from './bin/steps.mjs';
import { SOAKING } from './e2e/soak';

/** How long a page may take before it counts as hung, ms; what takes longer by its nature says so where it waits. */
const PATIENCE_MS = Number(process.env.FARVIN_PATIENCE_MS ?? 20_000);

/** Browser tests run against the built application that `npm test` serves at FARVIN_URL. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 15 * PATIENCE_MS,
  expect: { timeout: PATIENCE_MS },
  workers: 2,
  // What passes only the second time is told as such at the end of the list. Tests of loss, walls and attacks say themselves
  // that once is too often, and a soak looks for what is shaky.
  retries: SOAKING ? 0 : 1,
  reporter: 'list',
  use: {
    baseURL: process.env.FARVIN_URL ?? 'http://127.0.0.1:3000',
    viewport: { width: 1280, height: 800 },
    // The program that opens pages without a network fetches all of them first, which takes longer than most tests: those that
    // are about it, and the story of a whole day, let it in.
    serviceWorkers: 'block',
    actionTimeout: 2 * PATIENCE_MS,
    launchOptions: {
      executablePath: browserHere() ?? '/usr/bin/chromium',
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
