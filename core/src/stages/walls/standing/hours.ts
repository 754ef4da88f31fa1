import { type FenceLine, replacedOn } from '../../../ground/fenceLines';
import type { Ring } from '../../../ground/survey';
import type { Assumptions } from '../../../plan/assumptions';
import { perUnit } from '../../../build/rate';
import { EPSILON } from '../../../units/round';
import { distance } from '../../../ground/vector';
import type { TakenDown } from '../../outline/plan/choice';
import type { Standing } from '../../outline/plan/standing';
import type { Post, SetOut } from '../../posts/shown/setOut';
import { type Term, product, value } from '../../../working';

/** A post that is set anew in a fence that stands: not one of a gate, which has no mesh beside it to be taken off. */
const isReplaced = ({ line, standing, role }: Post): boolean =>
  line.standing !== null && standing === null && role !== 'gate';

/** Bays of fences that stand beside a post that is set anew, m by line. */
function baysOff({ posts, stretches }: SetOut): ReadonlyMap<FenceLine, number> {
  const anew = posts.filter(isReplaced);
  const off = new Map<FenceLine, number>();
  for (const { line, from, to } of stretches) {
    if (!line.standing) continue;
    const beside = anew.some(
      (post) =>
        post.line === line &&
        (Math.abs(post.lineAlong - from) < EPSILON || Math.abs(post.lineAlong - to) < EPSILON),
    );
    if (beside) off.set(line, (off.get(line) ?? 0) + to - from);
  }
  return off;
}

const takenOff = (length: number, { bands }: Standing, a: Assumptions): Term =>
  product('hours.take-off', 'h', {}, [
    value('hours.metres', length, 'm', {}),
    value('hours.bands', Math.max(1, bands.length), 'piece', {}),
    perUnit(a.hoursTakeOffMetre),
  ]);

/** Hours to take down what new fences take the place of, each side once (rules: What stands). */
export function replacedHours(
  rings: readonly Ring[],
  takenDown: readonly TakenDown[],
  a: Assumptions,
): readonly Term[] {
  const sides = new Map(rings.flatMap((ring) => ring.sides.map((s) => [s.side.id, s] as const)));
  return [
    ...[...sides.values()].flatMap(({ side, length }) => {
      const before = replacedOn(side);
      return before ? [takenOff(length, before, a)] : [];
    }),
    ...takenDown.map(({ from, to, standing }) => takenOff(distance(from, to), standing, a)),
  ];
}

/** Hours to take mesh off where posts are set anew, band by band, and to hang it again as new (rules: What stands). */
export function standingHours(setOut: SetOut, a: Assumptions): readonly Term[] {
  return [...baysOff(setOut)].flatMap(([{ standing }, length]) => {
    if (!standing) return [];
    const bands = value('hours.bands', Math.max(1, standing.bands.length), 'piece', {});
    const metres = value('hours.metres', length, 'm', {});
    const again = product('hours.mesh', 'h', {}, [metres, bands, perUnit(a.hoursMeshMetre)]);
    return [takenOff(length, standing, a), again];
  });
}
