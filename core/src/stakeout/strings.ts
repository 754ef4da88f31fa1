import { formatPart } from '../plan/partRef';
import type { FenceLine } from '../ground/fenceLines';
import type { Ring } from '../ground/survey';
import type { Profile } from '../ground/profile';
import type { Part } from '../reckoning';
import { TOUCH } from '../units/round';
import type { StringGate, StringLine, StringPost } from './types';

type PostPart = Extract<Part, { kind: 'post' }>;

/** A post's running distance along a line; undefined where it stands on another. */
function runningOn(line: FenceLine, post: PostPart): number | undefined {
  const corner = post.part.on === 'corner-post' ? post.part.corner : undefined;
  if (corner === line.startCorner) return 0;
  if (corner === line.endCorner) return line.length;
  const member = line.members.find((m) => m.ringSide.side.id === post.side);
  if (!member) return undefined;
  const { ringSide, offset } = member;
  return offset + (ringSide.forward ? post.along : ringSide.length - post.along);
}

/** A line post is named by where it stands: its number is another's as soon as the spacing changes, and what was ticked off stays where it is. */
const nameOf = ({ part, side, along }: PostPart): string =>
  part.on === 'post' ? `side:${side}@${along.toFixed(2)}` : formatPart(part);

const toMark = (post: PostPart, mark: number): StringPost => ({
  part: `post:${nameOf(post)}`,
  number: post.number,
  role: post.role,
  mark,
  depth: post.depth,
  above: post.above,
  buy: post.buy,
  cutOff: post.cutOff,
  origin: post.origin,
});

/**
 * Gates between the inner faces of their posts. The plan's opening is what is to be clear: a post of its own stands back
 * by half its width; one that is the corner's stays, and the opening begins at its face.
 */
function hang(line: FenceLine, posts: readonly { readonly post: PostPart; readonly at: number }[]) {
  const moved = new Map<PostPart, number>();
  const gates = line.openings.flatMap(({ opening, from, to }): StringGate[] => {
    const near = posts.find(({ at }) => Math.abs(at - from) < TOUCH);
    const far = posts.find(({ at }) => Math.abs(at - to) < TOUCH);
    if (!near || !far) return [];
    const fixed = (p: typeof near) => p.at < TOUCH || p.at > line.length - TOUCH;
    const half = (p: typeof near) => p.post.size / 2;
    let begins = fixed(near) ? near.at + half(near) : from;
    let ends = begins + opening.width;
    if (fixed(far)) {
      ends = far.at - half(far);
      if (!fixed(near)) begins = ends - opening.width;
    }
    if (!fixed(near)) moved.set(near.post, begins - half(near));
    if (!fixed(far)) moved.set(far.post, ends + half(far));
    return [
      {
        part: formatPart({ on: 'opening', opening: opening.id }),
        way: opening.kind,
        from: begins,
        to: ends,
        clear: ends - begins,
      },
    ];
  });
  return { gates, moved };
}

/** Every string from corner to corner, with the running marks of its posts; `profiles` are the ground's under each line. */
export function stringsOf(
  profiles: ReadonlyMap<FenceLine, Profile>,
  rings: readonly Ring[],
  parts: readonly Part[],
): readonly StringLine[] {
  const numbers = new Map(rings.flatMap((r) => r.sides.map((s) => [s.startCorner, s.startNumber] as const)));
  const standing = parts.filter((p): p is PostPart => p.kind === 'post');
  return [...profiles].map(([line, profile]): StringLine => {
    const on = standing.flatMap((post) => {
      const at = runningOn(line, post);
      return at === undefined ? [] : [{ post, at }];
    });
    on.sort((a, b) => a.at - b.at);
    const { gates, moved } = hang(line, on);
    return {
      part: formatPart({ on: 'side', side: line.id }),
      side: line.number,
      from: numbers.get(line.startCorner) ?? 0,
      to: numbers.get(line.endCorner) ?? 0,
      level: line.length,
      ground: profile.ground,
      posts: on.map(({ post, at }) => toMark(post, moved.get(post) ?? at)),
      gates,
    };
  });
}
