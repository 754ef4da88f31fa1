import { KINDS as COVERS } from '../../stages/cover/plan/kinds';
import { PLAIN_GATE } from '../../stages/ways/plan/kinds/gate';
import { emptyPlan } from '../../starts/newPlan';
import type { Plan, Side } from '../schema';
import { PLACE } from './place';

/** The corner of two garden walls with two light fences, under a low lid of close panels. */
export function bantamCourt(): Plan {
  const base = emptyPlan('bantam-court', 'Bantam court', 'metric');
  const corners = [
    { id: 'c1', x: 0, y: 0 },
    { id: 'c2', x: 4.5, y: 0 },
    { id: 'c3', x: 4.5, y: 3.6 },
    { id: 'c4', x: 0, y: 3.6 },
  ];
  const sides: Side[] = [
    { id: 's1', from: 'c1', to: 'c2', kind: 'fence' },
    { id: 's2', from: 'c2', to: 'c3', kind: 'fence' },
    { id: 's3', from: 'c3', to: 'c4', kind: 'wall' },
    { id: 's4', from: 'c4', to: 'c1', kind: 'wall' },
  ];
  const over = { id: 'lid', name: 'panel lid', enclosure: 'run', outline: null, height: 1.2 };
  return {
    ...base,
    place: PLACE,
    flock: [{ id: 'f1', kind: 'bantam', count: 9, keeping: 'confined' }],
    threats: { fox: 'likely', marten: 'likely', hawk: 'seen', rat: 'likely' },
    corners,
    sides,
    openings: [{ ...PLAIN_GATE, id: 'g1', side: 's1', along: 2, width: 0.8 }],
    enclosures: [
      { id: 'run', name: 'Bantam court', ring: sides.map((s) => ({ side: s.id, forward: true })) },
    ],
    choices: {
      ...base.choices,
      plan: {
        ...base.choices.plan,
        posts: { ...base.choices.plan.posts, line: 'round-75' },
        bands: [{ id: 'wall', mesh: 'welded-25', top: 1.2, widths: 'cheapest' }],
      },
    },
    covers: [{ ...COVERS.panels.usual(over), beam: 'joist-125x47' }],
    settled: { birds: true },
  };
}
