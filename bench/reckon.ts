/* Medians of `reckon` on a plan that the process sees for the first time; prints one JSON object. */
import { DEMO_PLANS, type Plan, checkPlan, reckon } from '../core/src/index';
import { aPolygon } from '../core/src/testing/aRun';
import { median } from './median';

/** Warmed up, but each time another copy of the plan: nothing of it was made before. */
function cold(plan: Plan, runs: number): number {
  for (let i = 0; i < 80; i++) reckon(structuredClone(plan));
  return median(runs, () => {
    const fresh = structuredClone(plan);
    return () => reckon(fresh);
  });
}

const [demo] = DEMO_PLANS;
if (!demo) throw new Error('no demo plan');
const large = aPolygon(200, 3.1, demo.choices.plan);
if (!checkPlan(large).ok) throw new Error('the outline of 200 sides is not a valid plan');
const results = {
  'reckon, demo plan new to the process, median ms': cold(demo, 400),
  'reckon, 200 sides new to the process, median ms': cold(large, 100),
};
process.stdout.write(JSON.stringify(results));
