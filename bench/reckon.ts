/* Medians of `reckon` on a plan that the process sees for the first time; prints one JSON object. */
import {
  type LargestTask,
  type Plan,
  acrossArch,
  apply,
  checkPlan,
  previewArches,
  previewNets,
  reckon,
  sectionScene,
  sheetScene,
  thingsIn,
} from '../core/src/index';
import { largestLoop } from '../core/src/stages/live/largest/largest';
import { aPolygon } from '../core/src/testing/aRun';
import { panels } from '../core/src/testing/anArch';
import { median } from './median';
import { plans } from './plans';

/** Warmed up, but each time another copy of the plan: nothing of it was made before. */
function cold(plan: Plan, runs: number): number {
  for (let i = 0; i < 80; i++) reckon(structuredClone(plan));
  return median(runs, () => {
    const fresh = structuredClone(plan);
    return () => reckon(fresh);
  });
}

const [demo, ...others] = plans;
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
const leat = plans.find((plan) => plan.nets.length > 0);
if (!leat) throw new Error('no demo plan with a net');
/** The demo plan without what is live in it: what is left is what that takes. */
const dead: Plan = { ...demo, hotWires: [] };
/** As it is drawn while a corner is pulled. */
const drawn = median(400, () => {
  const x = 1 + Math.random();
  return () => {
    const points = leat.nets[0]?.points?.map((p, i) => (i === 1 ? { x, y: p.y } : p)) ?? [];
    const plan = apply(leat, { verb: 'set-net', id: 'day', to: { points } });
    sheetScene(plan, previewNets(plan));
  };
});
/** Four nets of 50 m round a house, among twelve trees. */
const among: LargestTask = {
  pieces: [50, 50, 50, 50],
  spacing: 25 / 7,
  inside: thingsIn(leat).filter((t) => t.kind === 'house'),
  outside: Array.from({ length: 12 }, (_, i) => ({
    id: `tree:t${i}`,
    part: { on: 'tree', tree: `t${i}` } as const,
    name: `tree ${i}`,
    kind: 'tree' as const,
    points: [{ x: 6 + 22 * Math.cos(i * 2.4), y: 8 + 22 * Math.sin(i * 2.4) }],
    radius: 1 + (i % 3) / 2,
  })),
  lines: [],
  about: { x: 0, y: 0 },
};
const open = largestLoop({ ...among, outside: [] });
const results = {
  'reckon, demo plan new to the process, median ms': cold(demo, 400),
  ...Object.fromEntries(others.map((plan) => [`reckon, ${plan.name}, median ms`, cold(plan, 100)])),
  'reckon, an arch alone, median ms': cold(arch, 300),
  'reckon, the same run between walls, median ms': cold(walled, 300),
  'an arch drawn anew as its foot is pulled, median ms': pulled,
  'reckon, 200 sides new to the process, median ms': cold(large, 100),
  'the largest loop of four nets among twelve trees, median ms': median(15, () => () => largestLoop(among)),
  'the largest loop on open ground, share of its bound': open.found === 'loop' ? open.area / open.bound : 0,
  'a net drawn anew as its corner is pulled, median ms': drawn,
  'reckon, the demo plan without its hot wire, median ms': cold(dead, 200),
};
process.stdout.write(JSON.stringify(results));
