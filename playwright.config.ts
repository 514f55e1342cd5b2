import { defineConfig } from '@playwright/test';
import { chromium } from './scripts/chromium.mjs';

const PORT = 4391;

/** The built app, driven in the Chromium that `npm test` found. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  timeout: 150_000,
  // Pages wait for their database more than they reckon: four keep two cores busy. What is waited for comes, but not always within five seconds.
  expect: { timeout: 30_000 },
  workers: 4,
  fullyParallel: true,
  reporter: [['line'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // Words follow the browser's language until they are chosen.
    locale: 'en-GB',
    // Where it is not what is tested, no browser takes the whole app into its keeping first.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: chromium(),
      // Four pages keep both cores busy: what a page's script engine hands to further threads would only be in the way of another page's.
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-quic', '--js-flags=--single-threaded'],
    },
  },
  webServer: {
    command: 'node --import tsx server/main.ts',
    env: { PORT: String(PORT), LEDGER_COPIES: 'test-results/copies' },
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
  },
});
