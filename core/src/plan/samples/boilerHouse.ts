import { KINDS as COVERS } from '../../stages/cover/plan/kinds';
import { PLAIN_GATE } from '../../stages/ways/plan/kinds/gate';
import { FOOT, INCH } from '../../units/factors';
import { tidy } from '../../units/round';
import { emptyPlan } from '../../starts/newPlan';
import type { Band, Plan, Side } from '../schema';
import { PLACE } from './place';

const feet = (n: number) => tidy(n * FOOT);

/** Fine mesh to 4 ft, and on to a height, ft. */
const bandsTo = (top: number): Band[] => [
  { id: 'low', mesh: 'fine-13', top: feet(4), widths: 'cheapest' },
  { id: 'high', mesh: 'fine-13', top: tidy(top), widths: 'cheapest' },
];

/** A lean-to on the brick wall of a boiler house, roofed with sheets and closed in for call ducks; in feet and inches. */
export function boilerHouse(): Plan {
  const base = emptyPlan('boiler-house', 'Boiler house', 'imperial');
  const [eave, ridge] = [tidy(5 * FOOT + 10 * INCH), tidy(6 * FOOT + 8 * INCH)];
  const corners = [
    { id: 'c1', x: 0, y: 0 },
    { id: 'c2', x: feet(12), y: 0 },
    { id: 'c3', x: feet(12), y: feet(8) },
    { id: 'c4', x: 0, y: feet(8) },
  ];
  const sides: Side[] = [
    { id: 's1', from: 'c1', to: 'c2', kind: 'fence' },
    { id: 's2', from: 'c2', to: 'c3', kind: 'fence' },
    { id: 's3', from: 'c3', to: 'c4', kind: 'wall' },
    { id: 's4', from: 'c4', to: 'c1', kind: 'fence' },
  ];
  const over = { id: 'roof', name: 'sheet roof', enclosure: 'run', outline: null, height: eave };
  return {
    ...base,
    place: PLACE,
    flock: [{ id: 'f1', kind: 'duck', count: 6, keeping: 'confined' }],
    threats: { fox: 'seen', mink: 'seen', hawk: 'likely', rat: 'likely' },
    corners,
    sides,
    openings: [{ ...PLAIN_GATE, id: 'g1', side: 's1', along: feet(4.5), width: feet(3), gap: 0.012 }],
    enclosures: [
      { id: 'run', name: 'Boiler house', ring: sides.map((s) => ({ side: s.id, forward: true })) },
    ],
    choices: {
      ...base.choices,
      plan: {
        ...base.choices.plan,
        posts: { ...base.choices.plan.posts, line: 'sawn-100' },
        bands: bandsTo(eave),
      },
      // At its two ends the wall goes up to the roof, and is cut to its fall.
      side: { s2: { bands: bandsTo(ridge) }, s4: { bands: bandsTo(ridge) } },
    },
    covers: [
      {
        ...COVERS.sheet.usual(over),
        rise: tidy(ridge - eave),
        purlin: 'joist-100x47',
        rafter: 'joist-150x47',
      },
    ],
    settled: { birds: true, threats: true },
  };
}
