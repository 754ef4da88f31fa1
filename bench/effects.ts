/* Effects of all options of a panel on the demo plan, as the worker previews them; prints one JSON object. */
import { DEMO_PLANS, type Plan, apply, effectOf, estimateOf, makeEstimator, reckon } from '../core/src/index';
import { everyOption } from '../core/src/testing/everyOption';

const demo = DEMO_PLANS[0] as Plan;

/** The demo plan with a corner moved by so many millimetres: nothing that was cut before is cut so again. */
const moved = (by: number): Plan => {
  const [corner] = demo.corners;
  if (!corner) throw new Error('the demo plan has no corners');
  return apply(demo, {
    verb: 'move-corner',
    corner: corner.id,
    to: { x: corner.x - by / 1000, y: corner.y - by / 1000 },
  });
};

const ROUNDS = 40;
const results: Record<string, number> = {};
for (const panel of Object.keys(everyOption(demo))) {
  let asked = 0;
  const estimate = makeEstimator();
  const times = Array.from({ length: ROUNDS }, (_, i) => {
    const plan = moved(i + 1);
    const changes = (everyOption(plan)[panel] ?? [])
      .flatMap((g) => g.options)
      .filter((o) => o.chosen === 'no')
      .map((o) => o.change);
    asked = changes.length;
    const base = estimateOf(reckon(plan));
    const began = performance.now();
    for (const change of changes) effectOf(plan, base, change, estimate);
    return performance.now() - began;
  });
  const settled = times.slice(ROUNDS / 4).sort((a, b) => a - b);
  results[`effects of the ${asked} options of ${panel}, demo plan, median ms`] =
    settled[Math.floor(settled.length / 2)] ?? NaN;
}
process.stdout.write(JSON.stringify(results));
