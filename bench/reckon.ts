/* Medians of `reckon` after warming up; prints one JSON object. */
import { DEMO_PLANS, type Plan, checkPlan, reckon } from '../core/src/index';
import { aPolygon } from '../core/src/testing/aRun';

function median(plan: Plan, runs: number): number {
  for (let i = 0; i < 80; i++) reckon(plan);
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    reckon(plan);
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? NaN;
}

const [demo] = DEMO_PLANS;
if (!demo) throw new Error('no demo plan');
const large = aPolygon(200, 3.1, demo.choices.plan);
if (!checkPlan(large).ok) throw new Error('the outline of 200 sides is not a valid plan');
const results = {
  'reckon, demo plan, median ms': median(demo, 400),
  'reckon, 200 sides, median ms': median(large, 200),
};
process.stdout.write(JSON.stringify(results));
