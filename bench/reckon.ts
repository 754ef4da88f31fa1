/* Medians of `reckon` on a plan that the process sees for the first time; prints one JSON object. */
import {
  DEMO_PLANS,
  type Plan,
  acrossArch,
  apply,
  checkPlan,
  previewArches,
  reckon,
  sectionScene,
} from '../core/src/index';
import { aPolygon } from '../core/src/testing/aRun';
import { panels } from '../core/src/testing/anArch';
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
const arch = panels({ base: 2.4, length: 3.81 });
/** The same run between walls, under nothing: what is left is what the arch takes. */
const walled: Plan = {
  ...arch,
  arches: [],
  sides: arch.sides.map(({ id, from, to }) => ({ id, from, to, kind: 'wall' })),
};
const line = acrossArch(arch, 'a');
if (!line) throw new Error('no arch to draw');
/** As it is drawn while a foot is pulled. */
const pulled = median(400, () => {
  const base = 2 + Math.random();
  return () => {
    const plan = apply(arch, { verb: 'place-arch', id: 'a', to: { base } });
    sectionScene(plan, previewArches(plan), line);
  };
});
const results = {
  'reckon, demo plan new to the process, median ms': cold(demo, 400),
  'reckon, an arch alone, median ms': cold(arch, 300),
  'reckon, the same run between walls, median ms': cold(walled, 300),
  'an arch drawn anew as its foot is pulled, median ms': pulled,
  'reckon, 200 sides new to the process, median ms': cold(large, 100),
};
process.stdout.write(JSON.stringify(results));
