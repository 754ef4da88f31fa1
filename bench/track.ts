/* Time to read and thin a GPX of 50,000 points; prints one JSON object. */
import { DEMO_PLANS } from '../core/src/index';
import { STROLL, placePart, practiceWalk, readTracks, thinTrack } from '../core/src/formats/exchange';

const POINTS = 50_000;
const [demo] = DEMO_PLANS;
if (!demo) throw new Error('no demo plan');
// Once round 34.2 m in steps that make fifty thousand of them.
const text = practiceWalk(demo, { ...STROLL, every: 34.2 / (STROLL.speed * POINTS) });
const times: number[] = [];
let read = 0;
for (let i = 0; i < 5; i++) {
  const began = performance.now();
  const [part] = await readTracks(text, { onProgress: () => undefined });
  if (!part) throw new Error('no part');
  const thinned = thinTrack(placePart(part, demo).points, 1);
  read = thinned.read;
  times.push(performance.now() - began);
}
times.sort((a, b) => a - b);
process.stdout.write(
  JSON.stringify({ 'GPX read and thinned, points': read, 'GPX read and thinned, median ms': times[2] }),
);
