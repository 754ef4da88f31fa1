import type { CutSpan, Span } from '../../../buying/run';
import { type Place, placeAt } from '../../../plan/place';
import { type FenceLine, type FenceWalk, goesStraightOn, onSide } from '../../../ground/fenceLines';
import { straightGrades } from '../../../ground/profile';
import type { SetOut } from '../../posts/shown/setOut';
import { EPSILON, TOUCH } from '../../../units/round';
import type { Facet } from '../../../plan/effective';
import type { Profile } from '../../../ground/profile';
import type { Falls, LineFall } from '../slope';

export type { Falls } from '../slope';

/** A straight grade under a run, rise over run. Distances along the run, m. */
export interface RunGrade {
  readonly from: number;
  readonly to: number;
  readonly grade: number;
}

/** A length of wall between two free ends of mesh, with the posts inside it where it may be jointed. */
export interface WallRun {
  readonly lines: readonly FenceLine[];
  /** As bought: along the ground, or on the level where it steps, m. */
  readonly length: number;
  /** Distances of posts from its start, m. */
  readonly posts: readonly number[];
  readonly spans: readonly CutSpan[];
  readonly grades: readonly RunGrade[];
  /** Which run of all, along the fence. */
  readonly nth: number;
  readonly place: Place;
}

interface ClearSpan {
  readonly line: FenceLine;
  readonly from: number;
  readonly to: number;
}

/** The parts of a line that carry wall mesh, between its gates. */
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

const wayOn = (line: FenceLine, side: string) =>
  line.members.find((m) => m.ringSide.side.id === side)?.ringSide.forward === false ? 'against' : 'along';

/** The same with what is cut for each, along the ground; split at changes of grade as well. */
export function groundSpans(line: FenceLine, profile: Profile, from: number, to: number): readonly CutSpan[] {
  if (profile.level) return bayOf(line, from, to);
  return straightGrades(profile, from, to).flatMap(({ from: a, to: b, grade }) =>
    spansOnSides(line, a, b).map((span) => ({
      side: span.side,
      from: span.from,
      to: span.to,
      cut: (span.to - span.from) * Math.hypot(1, grade),
      way: wayOn(line, span.side),
    })),
  );
}

/** A span on the level: of a level line, or of a bay that steps. */
const bayOf = (line: FenceLine, from: number, to: number): readonly CutSpan[] =>
  spansOnSides(line, from, to).map((span) => ({
    side: span.side,
    from: span.from,
    to: span.to,
    cut: span.to - span.from,
    way: wayOn(line, span.side),
  }));

export const stepsOn = (fall: LineFall | undefined): boolean => fall?.hang === 'step';

function fallOf(falls: Falls, line: FenceLine): LineFall {
  const fall = falls.get(line);
  if (!fall) throw new RangeError(`line ${line.id} was not laid on the ground`);
  return fall;
}

function makeRun(
  spans: readonly ClearSpan[],
  postsOn: ReadonlyMap<FenceLine, readonly number[]>,
  falls: Falls,
  nth: number,
): WallRun {
  let length = 0;
  const posts: number[] = [];
  const grades: RunGrade[] = [];
  const [first] = spans;
  const place = placeAt('wall', nth);
  if (first && stepsOn(falls.get(first.line))) {
    return {
      lines: [first.line],
      length: first.to - first.from,
      posts: [],
      spans: bayOf(first.line, first.from, first.to),
      grades: [],
      nth,
      place,
    };
  }
  spans.forEach((span, i) => {
    const { profile } = fallOf(falls, span.line);
    const begins = profile.groundAt(span.from);
    if (i > 0) posts.push(length);
    for (const along of postsOn.get(span.line) ?? []) {
      if (along > span.from + TOUCH && along < span.to - TOUCH)
        posts.push(length + profile.groundAt(along) - begins);
    }
    if (!profile.level) {
      for (const { from, to, grade } of straightGrades(profile, span.from, span.to)) {
        if (Math.abs(grade) < EPSILON) continue;
        const [a, b] = [profile.groundAt(from), profile.groundAt(to)];
        grades.push({ from: length + a - begins, to: length + b - begins, grade });
      }
    }
    length += profile.groundAt(span.to) - begins;
  });
  return {
    lines: spans.map((s) => s.line),
    length,
    posts,
    spans: spans.flatMap((s) => groundSpans(s.line, fallOf(falls, s.line).profile, s.from, s.to)),
    grades,
    nth,
    place,
  };
}

/** A line's clear spans; where its mesh steps, bay by bay. */
function hungSpans(line: FenceLine, falls: Falls): readonly ClearSpan[] {
  const fall = fallOf(falls, line);
  if (fall.hang === 'follow') return clearSpans(line);
  return fall.bays.map(({ from, to }) => ({ line, from, to }));
}

/**
 * The lengths in which wall mesh hangs.
 *
 * Continuous mesh runs on round corners until an opening, a house wall, an end, or a change of wall; hung side by side it
 * is cut at each corner; where it steps, each bay is a piece of its own.
 *
 * @param bands  what is chosen along each line
 * @param falls  how each line takes the fall of the ground
 * @param same   whether the mesh of one line runs on into the next
 * @see rules: Walls, Slope and survey
 */
export function wallRuns(
  setOut: SetOut,
  bands: ReadonlyMap<FenceLine, Facet<'bands'>>,
  falls: Falls,
  same: (a: FenceLine, b: FenceLine) => boolean,
): readonly WallRun[] {
  const postsOn = new Map<FenceLine, number[]>();
  for (const post of setOut.posts) {
    const on = postsOn.get(post.line);
    if (on) on.push(post.lineAlong);
    else postsOn.set(post.line, [post.lineAlong]);
  }
  for (const along of postsOn.values()) along.sort((a, b) => a - b);

  const isContinuous = (line: FenceLine) => bands.get(line)?.hanging === 'continuous';
  let nth = 0;
  return setOut.walks.flatMap((walk) => {
    const joins = (a: ClearSpan, b: ClearSpan) =>
      a.line !== b.line &&
      a.to > a.line.length - TOUCH &&
      b.from < TOUCH &&
      (goesStraightOn(a.line, b.line) || (isContinuous(a.line) && isContinuous(b.line))) &&
      !stepsOn(falls.get(a.line)) &&
      !stepsOn(falls.get(b.line)) &&
      same(a.line, b.line);
    const groups: ClearSpan[][] = [];
    for (const span of walk.lines.flatMap((line) => hungSpans(line, falls))) {
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
    return groups.map((group) => makeRun(group, postsOn, falls, nth++));
  });
}

const follows = (walk: FenceWalk, a: FenceLine, b: FenceLine) =>
  walk.lines.indexOf(b) === walk.lines.indexOf(a) + 1;
