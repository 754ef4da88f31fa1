import { emptyPlan } from '../starts/newPlan';
import type { Plan, Side } from '../plan/schema';
import { PLAIN_GATE } from '../stages/ways/plan/kinds/gate';
import { FOOT, INCH } from '../units/factors';
import { tidy } from '../units/round';

/** Two open sides of an old cart shed closed in with fine mesh for quail: its other two are the shed's own walls. */
export function leanTo(): Plan {
  const base = emptyPlan('lean-to-infill', 'Lean-to infill', 'imperial');
  const feet = (n: number) => tidy(n * FOOT);
  const corners = [
    { id: 'c1', x: 0, y: 0 },
    { id: 'c2', x: feet(14), y: 0 },
    { id: 'c3', x: feet(14), y: feet(9) },
    { id: 'c4', x: 0, y: feet(9) },
  ];
  const sides: Side[] = [
    { id: 's1', from: 'c1', to: 'c2', kind: 'fence' },
    { id: 's2', from: 'c2', to: 'c3', kind: 'fence' },
    { id: 's3', from: 'c3', to: 'c4', kind: 'wall' },
    { id: 's4', from: 'c4', to: 'c1', kind: 'wall' },
  ];
  return {
    ...base,
    // Priced early in November: today's prices can be taken.
    buying: { ...base.buying, edition: '2026-11', pricesAsOf: '2026-11-02' },
    flock: [{ id: 'f1', kind: 'quail', count: 40, keeping: 'confined' }],
    space: 'roomy',
    threats: { fox: 'seen', mink: 'seen', weasel: 'likely', rat: 'likely' },
    corners,
    sides,
    openings: [{ ...PLAIN_GATE, id: 'g1', side: 's1', along: feet(9), width: feet(3), gap: 0.012 }],
    enclosures: [{ id: 'run', name: 'Lean-to', ring: sides.map((s) => ({ side: s.id, forward: true })) }],
    choices: {
      ...base.choices,
      plan: {
        ...base.choices.plan,
        posts: { ...base.choices.plan.posts, line: 'round-75' },
        bands: [
          { id: 'low', mesh: 'fine-13', top: tidy(4 * FOOT), widths: 'cheapest' },
          { id: 'high', mesh: 'fine-13', top: tidy(5 * FOOT + 10 * INCH), widths: 'cheapest' },
        ],
      },
    },
    settled: { birds: true, threats: true },
  };
}
