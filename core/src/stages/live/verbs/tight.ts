import { nextId } from '../../../plan/ids';
import type { ChangeOf } from '../../../plan/changes/types';
import type { Plan } from '../../../plan/schema';

/** A loop drawn tight round every run and the houses that they are built on to; of houses alone, round the first. */
export function tightLoop(plan: Plan): ChangeOf<'add-net'> {
  const houses = plan.sides.flatMap((s) => (s.kind === 'building' ? [`building:${s.building}`] : []));
  const runs = plan.enclosures.map((e) => `run:${e.id}`);
  const alone = plan.ground.buildings.slice(0, 1).map((b) => `building:${b.id}`);
  const count = plan.nets.length;
  return {
    verb: 'add-net',
    net: {
      id: nextId('net', plan.nets),
      name: count === 0 ? 'Live net' : `Live net ${count + 1}`,
      form: 'loop',
      kind: 'double-122',
      points: null,
      pieces: null,
      inside: runs.length > 0 ? [...runs, ...new Set(houses)] : alone,
      gate: null,
      when: 'always',
      foot: 'live',
      dips: [],
    },
  };
}
