import { standsOf } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import type { Change } from '../../plan/changes/types';
import { newId } from '../../plan/ids';
import type { Plan } from '../../plan/schema';
import { tidy } from '../../units/round';
import { KINDS, KIND_IDS, type Opening, hangingOf } from './plan/kinds';

/** Left of a side on both sides of a gate together at least, m. */
const BESIDE = 0.2;
const MOST = 6;

/** Gates and doors that a run without any could get: in the middle of its longest sides first; in the end of an arch what fits there first. */
export function gatesFor(ring: Ring) {
  return (plan: Plan): readonly Change[] => {
    const sides = ring.sides
      .filter(({ side }) => standsOf(side) !== null && side.kind !== 'arch-foot')
      .sort((a, b) => b.length - a.length);
    const kinds = KIND_IDS.filter((kind) => KINDS[kind].between !== 'runs');
    const gates = sides.flatMap(({ side, length }) => {
      const end = side.kind === 'arch-end';
      const fit = kinds.filter((kind) => end || KINDS[kind].between !== 'arch');
      const first = end ? [...fit].sort((a, b) => rank(a) - rank(b)) : fit;
      return first.flatMap((kind): Change[] => {
        const [added] = KINDS[kind].added;
        if (!added || length < added.clear + BESIDE) return [];
        const at = { id: newIdFor(plan, kind), side: side.id, width: added.clear };
        const opening: Opening = added.make({ ...at, along: tidy((length - added.clear) / 2) });
        return hangingOf(opening).hangs === 'posts' ? [{ verb: 'add-opening', opening }] : [];
      });
    });
    return gates.slice(0, MOST);
  };
}

const rank = (kind: (typeof KIND_IDS)[number]): number => (KINDS[kind].between === 'arch' ? 0 : 1);
/** The first id of its kind that is free: the same plan gives the same change. */
const newIdFor = (plan: Plan, kind: (typeof KIND_IDS)[number]): string =>
  newId(KINDS[kind].prefix, plan.openings, () => 0);
