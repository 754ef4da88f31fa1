/* Plans at the ends of what the schema lets through, each reckoned as the editor would that has it for the first time; prints one JSON object. */
import { DEMO_PLANS, type Plan, checkPlan, reckon } from '../core/src/index';
import { EXTREMES } from '../core/src/testing/extremes';

for (let i = 0; i < 20; i++) reckon(structuredClone(DEMO_PLANS[0] as Plan));
const results: Record<string, number> = {};
for (const [name, make] of Object.entries(EXTREMES)) {
  const read = checkPlan(make());
  if (!read.ok) throw new Error(`${name} is not a valid plan: ${JSON.stringify(read.problems[0])}`);
  const began = performance.now();
  reckon(read.plan);
  results[`reckon, ${name}, ms`] = performance.now() - began;
}
process.stdout.write(JSON.stringify(results));
