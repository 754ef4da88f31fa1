import type { FenceLine } from '../../../ground/fenceLines';
import type { Assumptions } from '../../../plan/assumptions';
import { perUnit } from '../../../build/rate';
import { EPSILON } from '../../../units/round';
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

/** Hours to take mesh off where posts are set anew, band by band, and to hang it again as new (rules: What stands). */
export function standingHours(setOut: SetOut, a: Assumptions): readonly Term[] {
  return [...baysOff(setOut)].flatMap(([line, length]) => {
    const bands = value('hours.bands', Math.max(1, line.standing?.bands.length ?? 0), 'piece', {});
    const metres = value('hours.metres', length, 'm', {});
    return [
      product('hours.take-off', 'h', {}, [metres, bands, perUnit(a.hoursTakeOffMetre)]),
      product('hours.mesh', 'h', {}, [metres, bands, perUnit(a.hoursMeshMetre)]),
    ];
  });
}
