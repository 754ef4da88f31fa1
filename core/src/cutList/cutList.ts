import type { Plan, PostRole } from '../plan/schema';
import type { Part } from '../reckoning';
import type { CutRoll, CuttingPool, Piece } from '../cutting/types';

/** A post at which a piece begins or ends. */
export interface PostAt {
  readonly number: number;
  readonly role: PostRole;
}

/** One cut, in the order in which a roll is unrolled. */
export interface CutStep {
  readonly roll: CutRoll;
  /** Counted from 1 in its pool. */
  readonly rollNumber: number;
  readonly piece: Piece;
  /** Posts at its ends; null where it ends at none, such as what lies on the ground. */
  readonly from: PostAt | null;
  readonly to: PostAt | null;
  /** How far the roll is unrolled when this piece is cut off, m. */
  readonly unrolled: number;
}

type PostPart = Extract<Part, { kind: 'post' }>;

/** Posts closer to the end of a piece than this are meant, m. */
const NEAR = 0.06;

function postFinder(plan: Pick<Plan, 'sides' | 'corners'>, parts: readonly Part[]) {
  const posts = parts.filter((p): p is PostPart => p.kind === 'post');
  const sides = new Map(plan.sides.map((s) => [s.id, s]));
  const corners = new Map(plan.corners.map((c) => [c.id, c]));
  return (side: string, along: number): PostAt | null => {
    const { from, to } = sides.get(side) ?? {};
    const [a, b] = [corners.get(from ?? ''), corners.get(to ?? '')];
    const length = a && b ? Math.hypot(b.x - a.x, b.y - a.y) : Infinity;
    const corner = along < NEAR ? from : along > length - NEAR ? to : undefined;
    const post =
      posts.find((p) => p.side === side && Math.abs(p.along - along) < NEAR) ??
      posts.find((p) => p.part.on === 'corner-post' && p.part.corner === corner);
    return post ? { number: post.number, role: post.role } : null;
  };
}

/**
 * What is cut from each roll of a pool, in the order in which it is unrolled along the fence.
 *
 * @param parts  of the same reckoning: the posts give their numbers
 */
export function cutList(
  plan: Pick<Plan, 'sides' | 'corners'>,
  parts: readonly Part[],
  pool: Pick<CuttingPool, 'rolls'>,
): readonly CutStep[] {
  const postAt = postFinder(plan, parts);
  return pool.rolls.flatMap((roll, i) => {
    let unrolled = 0;
    return roll.pieces.map((piece): CutStep => {
      const [first, last] = [piece.spans[0], piece.spans[piece.spans.length - 1]];
      const hung = piece.use === 'band' && piece.lies === null && piece.part.on !== 'above-leaf';
      unrolled = piece.lies ? piece.lies.x + piece.lies.along : unrolled + piece.length;
      return {
        roll,
        rollNumber: i + 1,
        piece,
        from: hung && first ? postAt(first.side, first.from) : null,
        to: hung && last ? postAt(last.side, last.to) : null,
        unrolled,
      };
    });
  });
}
