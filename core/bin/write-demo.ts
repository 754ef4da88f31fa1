/* Writes the demo plans as files into demo/. */
import { writeFileSync } from 'node:fs';
import { DEMO_PLANS, writePlan } from '../src/index';

for (const plan of DEMO_PLANS)
  writeFileSync(new URL(`../../demo/${plan.id}.json`, import.meta.url), writePlan(plan));
