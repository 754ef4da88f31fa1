import { KINDS as ARCHES } from '../../stages/arch/plan/kinds';
import { emptyPlan } from '../../starts/newPlan';
import type { Building, Corner, Opening, Plan, Side } from '../schema';
import { SAMPLED } from '../../stages/choices';
import { PLACE } from './place';

/** A rectangle square to the axes as the ground of an arch along x: its feet below and above, its far end to the right. */
function under(
  [a, b, c, d]: readonly [string, string, string, string],
  {
    x,
    y,
    length,
    base,
  }: { readonly x: number; readonly y: number; readonly length: number; readonly base: number },
): Corner[] {
  return [
    { id: a, x, y },
    { id: b, x: x + length, y },
    { id: c, x: x + length, y: y + base },
    { id: d, x, y: y + base },
  ];
}

const HIGH: Side[] = [
  { id: 's1', from: 'c1', to: 'c2', kind: 'arch-foot' },
  { id: 's2', from: 'c2', to: 'c3', kind: 'arch-end' },
  { id: 's3', from: 'c3', to: 'c4', kind: 'arch-foot' },
  { id: 's4', from: 'c4', to: 'c1', kind: 'building', building: 'pump' },
];
const LOW: Side[] = [
  { id: 's5', from: 'c5', to: 'c6', kind: 'arch-foot' },
  { id: 's6', from: 'c6', to: 'c7', kind: 'arch-end' },
  { id: 's7', from: 'c7', to: 'c8', kind: 'arch-foot' },
  { id: 's8', from: 'c8', to: 'c5', kind: 'arch-end' },
];

const BUILDING: Building = {
  id: 'pump',
  name: 'Pump house',
  eaves: 2.3,
  height: 3.2,
  stands: 'walls',
  outline: [
    { x: -2.6, y: 0 },
    { x: 0, y: 0 },
    { x: 0, y: 3 },
    { x: -2.6, y: 3 },
  ],
};

const DOORS: Opening[] = [
  {
    id: 'g1',
    kind: 'panel-door',
    side: 's2',
    along: 0.8,
    width: 0.8,
    gap: 0.013,
    height: 1.7,
    catches: 'one-step',
    lock: 'none',
    sill: 'board',
  },
  {
    id: 'h1',
    kind: 'hatch',
    use: 'cleaning',
    side: 's6',
    along: 0.45,
    width: 0.6,
    height: 0.6,
    bottom: 0.2,
    make: 'kit',
  },
];

/** A high arch of panels on the gable of a brick pump house for nine growers, film on in autumn, and a low pen of pipe hoops for ducklings beside it. */
export function pumpHouse(): Plan {
  const base = emptyPlan('pump-house', 'Pump house', 'metric');
  const ring = (sides: readonly Side[]) => sides.map((s) => ({ side: s.id, forward: true }));
  return {
    ...base,
    place: PLACE,
    flock: [
      { id: 'f1', kind: 'grower', count: 9, keeping: 'confined' },
      { id: 'f2', kind: 'duck', count: 4, keeping: 'part-day' },
    ],
    threats: { fox: 'seen', hawk: 'likely', cat: 'likely' },
    ground: {
      ...base.ground,
      buildings: [BUILDING],
    },
    corners: [
      ...under(['c1', 'c2', 'c3', 'c4'], { x: 0, y: 0.3, length: 3.81, base: 2.4 }),
      ...under(['c5', 'c6', 'c7', 'c8'], { x: 0.6, y: -2.5, length: 2.44, base: 1.5 }),
    ],
    sides: [...HIGH, ...LOW],
    enclosures: [
      { id: 'high', name: 'High arch', ring: ring(HIGH) },
      { id: 'low', name: 'Duckling pen', ring: ring(LOW) },
    ],
    arches: [
      {
        ...ARCHES.panel.usual({ id: 'a1', enclosure: 'high' }),
        ridge: 'joist-100x47',
        low: 'fine-13',
        film: 'film',
      },
      { ...ARCHES.hoop.usual({ id: 'a2', enclosure: 'low' }), bent: 3, skin: 'welded-25' },
    ],
    openings: DOORS,
    choices: {
      ...base.choices,
      plan: { ...base.choices.plan, ...SAMPLED.pumpHouse },
    },
    settled: { birds: true },
  };
}
