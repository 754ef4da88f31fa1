import { emptyPlan } from '../../starts/newPlan';
import { type Standing, usualStanding } from '../../stages/outline/plan/standing';
import { PLAIN_GATE } from '../../stages/ways/plan/kinds/gate';
import type { Building, Plan, Side } from '../schema';
import { SAMPLED } from '../../stages/choices';
import { PLACE } from './place';

/** Chain link that hung there for many years. */
const TIRED: Standing = {
  ...usualStanding(1.5),
  bands: [{ mesh: 'chain-50', top: 1.5 }],
  state: 'tired',
};

const SIDES: Side[] = [
  {
    id: 's1',
    from: 'c1',
    to: 'c2',
    kind: 'fence',
    standing: { ...TIRED, low: { mesh: 'welded-25', top: 0.9 } },
  },
  { id: 's2', from: 'c2', to: 'c3', kind: 'fence', replaces: TIRED },
  { id: 's3', from: 'c3', to: 'c4', kind: 'wall' },
  { id: 's4', from: 'c4', to: 'c1', kind: 'wall' },
];

const DOVECOTE: Building = {
  id: 'dovecote',
  name: 'dovecote',
  outline: [
    { x: 0.5, y: 2.7 },
    { x: 2.2, y: 2.7 },
    { x: 2.2, y: 4.4 },
    { x: 0.5, y: 4.4 },
  ],
  eaves: 2,
  height: 2.8,
  stands: 'walls',
  vents: [{ id: 'v1', name: 'lights', width: 0.3, height: 0.2, count: 2, found: 'fly-screen', mesh: null }],
};

/** A corner between two brick walls: one old fence is kept and its foot closed, the other is built anew. */
export function walledCorner(): Plan {
  const base = emptyPlan('walled-corner', 'Walled corner', 'metric');
  return {
    ...base,
    place: PLACE,
    flock: [{ id: 'f1', kind: 'hen-heavy', count: 12, keeping: 'confined' }],
    threats: { fox: 'seen', cat: 'likely', hawk: 'seen' },
    ground: { ...base.ground, buildings: [DOVECOTE] },
    corners: [
      { id: 'c1', x: 0, y: 0 },
      { id: 'c2', x: 9.6, y: 0 },
      { id: 'c3', x: 6, y: 4.8 },
      { id: 'c4', x: 0, y: 4.8 },
    ],
    sides: SIDES,
    openings: [{ ...PLAIN_GATE, id: 'g1', side: 's1', along: 5.35, width: 0.95 }],
    enclosures: [
      { id: 'run', name: 'Walled corner', ring: SIDES.map((s) => ({ side: s.id, forward: true })) },
    ],
    choices: {
      ...base.choices,
      plan: {
        ...base.choices.plan,
        ...SAMPLED.walledCorner,
        bands: [
          { id: 'low', mesh: 'welded-25', top: 0.9, widths: 'cheapest' },
          { id: 'high', mesh: 'welded-50x25', top: 1.5, widths: 'cheapest' },
        ],
      },
    },
    settled: { birds: true, threats: true },
  };
}
