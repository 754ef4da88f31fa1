import type { Span } from '../cutting/types';
import { type FenceLine, type FenceWalk, onSide } from '../ground/fenceLines';
import type { SettingOut } from '../posts/setOut';
import { EPSILON, TOUCH } from '../units/round';

/** A length of wall between two free ends of mesh, with the posts inside it where it may be jointed. */
export interface WallRun {
  readonly lines: readonly FenceLine[];
  readonly length: number;
  /** Distances of posts from its start, m. */
  readonly posts: readonly number[];
  readonly spans: readonly Span[];
  readonly place: number;
}

interface ClearSpan {
  readonly line: FenceLine;
  readonly from: number;
  readonly to: number;
}

/** The parts of a line that carry wall mesh, between its openings. */
export function clearSpans(line: FenceLine): readonly ClearSpan[] {
  const spans: ClearSpan[] = [];
  let from = 0;
  for (const opening of line.openings) {
    if (opening.from - from > TOUCH) spans.push({ line, from, to: opening.from });
    from = opening.to;
  }
  if (line.length - from > TOUCH) spans.push({ line, from, to: line.length });
  return spans;
}

/** Line coordinates as spans of the sides beneath, split where a member side ends. */
export function spansOnSides(line: FenceLine, from: number, to: number): readonly Span[] {
  const [only] = line.members;
  if (only && line.members.length === 1) {
    const { side, forward, length } = only.ringSide;
    return [forward ? { side: side.id, from, to } : { side: side.id, from: length - to, to: length - from }];
  }
  return line.members.flatMap(({ ringSide, offset }) => {
    const a = Math.max(from, offset);
    const b = Math.min(to, offset + ringSide.length);
    if (b - a <= EPSILON) return [];
    const near = onSide(line, (a + b) / 2);
    const half = (b - a) / 2;
    return [{ side: near.side, from: near.along - half, to: near.along + half }];
  });
}

function makeRun(
  spans: readonly ClearSpan[],
  postsOn: ReadonlyMap<FenceLine, readonly number[]>,
  place: number,
): WallRun {
  let length = 0;
  const posts: number[] = [];
  spans.forEach((span, i) => {
    if (i > 0) posts.push(length);
    for (const along of postsOn.get(span.line) ?? []) {
      if (along > span.from + TOUCH && along < span.to - TOUCH) posts.push(length + along - span.from);
    }
    length += span.to - span.from;
  });
  return {
    lines: spans.map((s) => s.line),
    length,
    posts,
    spans: spans.flatMap((s) => spansOnSides(s.line, s.from, s.to)),
    place,
  };
}

/**
 * The lengths in which wall mesh hangs.
 *
 * Continuous mesh runs on round corners until an opening, a house wall, an end, or a change of wall; hung side by side it
 * is cut at each corner.
 *
 * @param same  whether the mesh of one line runs on into the next
 * @see domain.md 6
 */
export function wallRuns(
  setting: SettingOut,
  walks: readonly FenceWalk[],
  same: (a: FenceLine, b: FenceLine) => boolean,
): readonly WallRun[] {
  const postsOn = new Map<FenceLine, number[]>();
  for (const post of setting.posts) {
    const on = postsOn.get(post.line);
    if (on) on.push(post.lineAlong);
    else postsOn.set(post.line, [post.lineAlong]);
  }
  for (const along of postsOn.values()) along.sort((a, b) => a - b);

  let place = 0;
  return walks.flatMap((walk) => {
    const joins = (a: ClearSpan, b: ClearSpan) =>
      a.line !== b.line &&
      a.to > a.line.length - TOUCH &&
      b.from < TOUCH &&
      a.line.choices.hanging === 'continuous' &&
      b.line.choices.hanging === 'continuous' &&
      same(a.line, b.line);
    const groups: ClearSpan[][] = [];
    for (const span of walk.lines.flatMap(clearSpans)) {
      const group = groups[groups.length - 1];
      const last = group?.[group.length - 1];
      if (
        group &&
        last &&
        last.line !== span.line &&
        follows(walk, last.line, span.line) &&
        joins(last, span)
      )
        group.push(span);
      else groups.push([span]);
    }
    // In a closed ring the last run goes on into the first, unless they are one and the same.
    const first = groups[0];
    const last = groups[groups.length - 1];
    const tail = last?.[last.length - 1];
    const head = first?.[0];
    if (walk.cyclic && first && last && first !== last && tail && head && joins(tail, head)) {
      groups.shift();
      groups[groups.length - 1] = [...last, ...first];
    }
    return groups.map((group) => makeRun(group, postsOn, place++));
  });
}

const follows = (walk: FenceWalk, a: FenceLine, b: FenceLine) =>
  walk.lines.indexOf(b) === walk.lines.indexOf(a) + 1;
