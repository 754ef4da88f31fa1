/* Time from navigation to the docket shown, in headless Chromium; prints one JSON object. */
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';

const base = process.env.BASE_URL ?? '';
const browser = await chromium.launch(CHROMIUM);
const times: number[] = [];
for (let i = 0; i < 9; i++) {
  // A context of its own each time: nothing cached.
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const began = performance.now();
  await page.goto(`${base}/h/hollin-bank/p/orchard-run/docket`, { waitUntil: 'commit' });
  await page.locator('.totalrow').waitFor();
  times.push(performance.now() - began);
  await context.close();
}
await browser.close();
times.sort((a, b) => a - b);
process.stdout.write(JSON.stringify({ 'navigation to docket shown, median ms': times[4] }));
