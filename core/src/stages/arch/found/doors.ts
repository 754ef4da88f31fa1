import { type Finding, finding } from '../../../findings/types';
import type { Change } from '../../../plan/changes/types';
import { EPSILON, tidy } from '../../../units/round';
import { type Opening, hangingOf, partsFence } from '../../ways/plan/kinds';
import { openingsIn } from '../arched';
import { type ArchShape, headroomOver } from '../shape';
import { partOf } from './of';

/** A place beside the middle is looked for in steps so long, m. */
const STEP = 0.01;

/** How near to the middle an opening so wide and high must begin, from its side's beginning, m; null where it fits nowhere. */
function placeFor(shape: ArchShape, opening: Opening, high: number): number | null {
  const { base, curve, top } = shape;
  if (!curve || high > top + EPSILON) return null;
  const middle = (base - opening.width) / 2;
  if (headroomOver(shape, { along: middle, width: opening.width }) < high - EPSILON) return null;
  // From where it is towards the middle: the first place where both its edges are high enough.
  const way = Math.sign(middle - opening.along);
  const reach = Math.abs(middle - opening.along);
  for (let moved = 0; moved < reach; moved += STEP) {
    const along = tidy(opening.along + way * moved);
    if (headroomOver(shape, { along, width: opening.width }) >= high - EPSILON) return along;
  }
  return tidy(middle);
}

/** Doors and gates in its ends: higher than the curve there, and whether a keeper gets in. */
export function doors(shape: ArchShape, openings: readonly Opening[], stature: number): Finding[] {
  const { name, top } = shape;
  const within = openingsIn(shape, openings);
  const high = within.flatMap((opening): Finding[] => {
    const hanging = hangingOf(opening);
    const height = hanging.hangs === 'posts' ? hanging.height : (hanging.bottom ?? 0) + hanging.height;
    if (height === null) return [];
    const there = headroomOver(shape, opening);
    if (height <= there + EPSILON) return [];
    const lower = Math.floor((there - (hanging.hangs === 'mesh' ? (hanging.bottom ?? 0) : 0)) * 100) / 100;
    const along = placeFor(shape, opening, height);
    const mends: Change[] = [
      ...(lower > 0.2 ? [{ verb: 'set-opening', id: opening.id, to: { height: lower } } as const] : []),
      ...(along !== null ? [{ verb: 'set-opening', id: opening.id, to: { along } } as const] : []),
    ];
    const by = along === null ? null : Math.abs(along - opening.along);
    const params = { way: opening.kind, height, there, by };
    return [
      finding(
        'arch.door-high',
        { severity: 'mend', stage: 'arch', part: { on: 'opening', opening: opening.id } },
        params,
        mends,
      ),
    ];
  });
  const low =
    within.some(partsFence) && top < stature - EPSILON && top > 0
      ? [
          finding(
            'arch.stoop',
            { severity: 'know', stage: 'arch', part: partOf(shape) },
            { name, top, stature },
          ),
        ]
      : [];
  return [...high, ...low];
}
