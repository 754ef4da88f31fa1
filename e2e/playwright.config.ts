import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './chromium';

const { BASE_URL, BROWSER_REPORT } = process.env;
if (!BASE_URL) throw new Error('BASE_URL is not set; run npm test');

export default defineConfig({
  testDir: '.',
  workers: 2,
  retries: 0,
  fullyParallel: true,
  forbidOnly: true,
  // Generous: on a loaded machine a page takes long, and nothing here measures speed.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  reporter: [
    ['list'],
    ...(BROWSER_REPORT ? [['json', { outputFile: BROWSER_REPORT }] as const] : []),
  ] as never,
  outputDir: '../.aviarum/browser-results',
  use: {
    baseURL: BASE_URL,
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
  },
});
