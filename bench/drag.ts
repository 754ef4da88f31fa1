/* Scripting a frame while a corner of a 200-side outline with 400 posts is dragged, in headless Chromium; one JSON object. */
import { chromium } from '@playwright/test';
import { apply, checkPlan, reckon } from '../core/src/index';
import { aPolygon } from '../core/src/testing/aRun';
import { CHROMIUM } from '../e2e/chromium';

const MOVES = 120;
const base = process.env.BASE_URL ?? '';

// Sides of 4.0 and bays of 2.4: one corner and one line post a side.
const plan = { ...aPolygon(200, 4), id: `drag-${process.pid}` };
if (!checkPlan(plan).ok) throw new Error('the outline of 200 sides is not a valid plan');
const posts = reckon(plan).figures['posts.total'];
if (posts !== 400) throw new Error(`expected 400 posts, got ${posts}`);
const moved = apply(plan, { verb: 'move-corner', corner: 'p0', to: { x: 128.5, y: 1 } });
if (!checkPlan(moved).ok) throw new Error('the drag would lead to a draft');

const response = await fetch(`${base}/api/holdings/home/plans`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ plan }),
});
if (!response.ok) throw new Error(`the plan was not taken: ${response.status}`);

const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${base}/h/home/p/${plan.id}/outline`);
await page.getByRole('region', { name: 'Docket summary' }).getByText('Fence').waitFor();
const handle = page.locator('[data-stop="corner:p0"]');
const box = await handle.boundingBox();
if (!box) throw new Error('no handle to drag');
const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };

const cdp = await page.context().newCDPSession(page);
await cdp.send('Performance.enable');
const scripted = async () => {
  const { metrics } = await cdp.send('Performance.getMetrics');
  return (metrics.find((m) => m.name === 'ScriptDuration')?.value ?? NaN) * 1000;
};
const frame = () =>
  page.evaluate(
    () => new Promise<void>((done) => requestAnimationFrame(() => requestAnimationFrame(() => done()))),
  );

await page.mouse.move(at.x, at.y);
await page.mouse.down();
const times: number[] = [];
let lagged = 0;
for (let i = 1; i <= MOVES; i++) {
  const to = { x: at.x + 12 * Math.sin(i / 9), y: at.y - 12 * Math.cos(i / 9) };
  const before = await scripted();
  await page.mouse.move(to.x, to.y);
  await frame();
  times.push((await scripted()) - before);
  // The knob in hand is drawn where the pointer is, up to what it falls on: twice 9 px where two lines cross.
  const knob = await page.locator('.handle[data-state="moving"]').boundingBox();
  if (!knob || Math.hypot(knob.x + knob.width / 2 - to.x, knob.y + knob.height / 2 - to.y) > 20) lagged += 1;
}
await page.mouse.up();
await browser.close();
times.sort((a, b) => a - b);
const part = (share: number) => times[Math.floor(times.length * share)];
process.stdout.write(
  JSON.stringify({
    'drag a corner of 200 sides, scripting a frame, median ms': part(0.5),
    'drag a corner of 200 sides, scripting a frame, p95 ms': part(0.95),
    'drag, frames in which the knob was behind the pointer': lagged,
  }),
);
