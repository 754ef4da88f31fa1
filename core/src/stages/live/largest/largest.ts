import { ringStraights, straights } from '../../../ground/polyline';
import { type Vector, insideOrOn } from '../../../ground/vector';
import { tidy } from '../../../units/round';
import { areaOf, crossesItself, lengthOf } from '../route/loop';
import { clearanceOf } from '../route/clear';
import { type Thing, insideBy, outsideBy } from '../route/things';
import { tightestRound } from '../route/tightest';
import { type Wall, inflate } from './inflate';

/** A line that the loop keeps off, m. */
export interface KeptOff {
  readonly line: readonly Vector[];
  readonly keeps: number;
}

/** What a largest loop is looked for from: plain values, so that it can be sent to a worker. */
export interface LargestTask {
  /** Lengths of the whole nets, m. */
  readonly pieces: readonly number[];
  /** From one of a net's own posts to the next, m: between them it is straight. */
  readonly spacing: number;
  /** Has to be inside, whole. */
  readonly inside: readonly Thing[];
  /** Stays outside. */
  readonly outside: readonly Thing[];
  readonly lines: readonly KeptOff[];
  /** Where it begins if nothing has to be inside. */
  readonly about: Vector;
}

export type Largest =
  | {
      readonly found: 'loop';
      readonly points: readonly Vector[];
      readonly area: number;
      readonly length: number;
      /** No loop of these nets encloses more, whatever stands about, m²: the regular polygon with as many corners as they have posts. */
      readonly bound: number;
    }
  /** The nets do not go round what has to be inside: by so much, m. */
  | { readonly found: 'short'; readonly by: number; readonly length: number }
  /** Something that stays outside stands between what has to be inside. */
  | { readonly found: 'between'; readonly things: readonly string[] };

/** Spans between the posts of some nets, joined at their ends without a lap. */
export const spansOf = (pieces: readonly number[], spacing: number): number =>
  pieces.reduce((t, p) => t + Math.max(1, Math.round(p / spacing)), 0);

/** The area of the regular polygon of so many corners and such a length round, m². */
export const regularArea = (length: number, corners: number): number =>
  corners < 3 ? 0 : (length * length) / (4 * corners * Math.tan(Math.PI / corners));

/** A loop of very many nets has no more corners than a plan takes, with room for a few by hand. */
const MOST_CORNERS = 360;

/** No boundary is touched: so near it comes, m. */
const LEAST_OFF = 0.03;

/** Straights that the loop keeps off, with how far. */
function wallsOf({ inside, outside, lines }: LargestTask): readonly Wall[] {
  const round = (thing: Thing, off: number): Wall[] => {
    const [only] = thing.points;
    if (thing.points.length === 1 && only) return [{ a: only, b: only, off }];
    return ringStraights(thing.points).map(([a, b]) => ({ a, b, off }));
  };
  return [
    ...inside.flatMap((t) => round(t, insideBy(t))),
    ...outside.flatMap((t) => round(t, outsideBy(t))),
    ...lines.flatMap(({ line, keeps }) =>
      straights(line).map(([a, b]) => ({ a, b, off: Math.max(keeps, LEAST_OFF) })),
    ),
  ];
}

/** So many places on a ring, equally far apart along it. */
function spread(ring: readonly Vector[], count: number): readonly Vector[] {
  const whole = lengthOf(ring, 'loop');
  const ways = ringStraights(ring);
  const made: Vector[] = [];
  let i = 0;
  let begins = 0;
  for (let k = 0; k < count; k++) {
    const along = (k * whole) / count;
    for (;;) {
      const way = ways[i];
      if (!way) break;
      const length = Math.hypot(way[1].x - way[0].x, way[1].y - way[0].y);
      if (along <= begins + length || i === ways.length - 1) {
        const t = length > 0 ? Math.min(1, (along - begins) / length) : 0;
        made.push({ x: way[0].x + (way[1].x - way[0].x) * t, y: way[0].y + (way[1].y - way[0].y) * t });
        break;
      }
      begins += length;
      i += 1;
    }
  }
  return made;
}

const circle = (at: Vector, radius: number): readonly Vector[] =>
  Array.from({ length: 24 }, (_, i) => ({
    x: at.x + radius * Math.cos((i * Math.PI) / 12),
    y: at.y + radius * Math.sin((i * Math.PI) / 12),
  }));

/** Rooms are kept to this, m: corners are rounded to a tenth of a millimetre. */
const ROUNDED = 2e-3;

/** Whether a loop is one: simple, no longer than its nets, with everything where it belongs and as far off as it has to be. */
export function fits(points: readonly Vector[], task: LargestTask, most: number): boolean {
  if (points.length < 3 || crossesItself(points, 'loop') || lengthOf(points, 'loop') > most + 1e-6)
    return false;
  const right = (thing: Thing, stands: 'inside' | 'outside') => {
    const here = clearanceOf(points, 'loop', thing);
    return here.stands === stands && here.gap >= here.wanted - ROUNDED;
  };
  return (
    task.inside.every((t) => right(t, 'inside')) &&
    task.outside.every((t) => right(t, 'outside')) &&
    task.lines.every(({ line, keeps }) => clearOf(points, line, keeps))
  );
}

const clearOf = (points: readonly Vector[], line: readonly Vector[], keeps: number): boolean =>
  straights(line).every(([a, b]) => {
    const thing = { id: '', part: { on: 'plan' }, name: '', kind: 'run', points: [a, b], radius: 0 } as const;
    const { gap, stands } = clearanceOf(points, 'loop', thing);
    return stands !== 'through' && gap >= keeps - ROUNDED;
  });

/** Ways in which a loop is first drawn out, radians; null for all alike. */
const HEADINGS: readonly (number | null)[] = [null, 0, 2, 4, 6, 1, 3, 5, 7].map((n) =>
  n === null ? null : (n * Math.PI) / 4,
);

/** Of loops with more corners than these all headings are tried with a share of them, and the best of them with all. */
const COARSE = { from: 100, share: 8, followed: 2 } as const;

/** Corners at which it goes straight on are none. */
const plain = (points: readonly Vector[]): readonly Vector[] => {
  const kept = points.filter((p, i) => {
    const [a, b] = [
      points[(i + points.length - 1) % points.length] ?? p,
      points[(i + 1) % points.length] ?? p,
    ];
    const turn = Math.atan2(
      (p.x - a.x) * (b.y - p.y) - (p.y - a.y) * (b.x - p.x),
      (p.x - a.x) * (b.x - p.x) + (p.y - a.y) * (b.y - p.y),
    );
    return Math.abs(turn) > 1e-3;
  });
  return kept.length >= 3 ? kept : points;
};

/** What stands in the way of the shortest loop itself. */
function between(task: LargestTask, ring: readonly Vector[]): readonly string[] {
  const things = task.outside
    .filter((t) => {
      const { stands, gap } = clearanceOf(ring, 'loop', t);
      return stands !== 'outside' || gap < 0.02;
    })
    .map((t) => t.name);
  return things;
}

/**
 * The largest loop of whole nets round what has to be inside, clear of everything else.
 *
 * A loop with a corner at each of the nets' posts begins tight and is drawn out under a small outward push, each span no longer than it is and every
 * straight as far off everything as it has to be, from nine beginnings: all round alike, and drawn first to each of eight headings. Very many nets are drawn
 * with a share of their corners first, and the best of these with all. The best that
 * holds when it is looked at exactly is taken. On open ground that is the regular polygon, which is the bound; among obstacles it is a local best.
 *
 * @param onward  told after each beginning what share is done and the best so far; the search ends when it says so
 */
export function largestLoop(
  task: LargestTask,
  onward: (share: number, area: number) => 'go on' | 'stop' = () => 'go on',
): Largest {
  const length = task.pieces.reduce((t, p) => t + p, 0);
  const posts = spansOf(task.pieces, task.spacing);
  const corners = Math.min(posts, MOST_CORNERS);
  const tight = tightestRound(task.inside);
  if (tight && tight.length > length + 1e-9)
    return { found: 'short', by: tight.length - length, length: tight.length };
  const start = tight?.points ?? circle(task.about, 0.6);
  const inWay = between(task, start);
  if (inWay.length > 0) return { found: 'between', things: inWay };
  const walls = wallsOf(task);
  const bound = regularArea(length, posts);
  let best: readonly Vector[] = start;
  let area = lengthOf(start, 'loop') <= length ? areaOf(start) : 0;
  const drawn = (heading: number | null, count: number) => {
    const made = inflate({
      start: spread(start, count),
      walls,
      span: length / count,
      heading,
      reach: length / (2 * Math.PI),
    });
    return plain(made).map(({ x, y }) => ({ x: tidy(x), y: tidy(y) }));
  };
  const coarse = corners > COARSE.from ? Math.round(corners / COARSE.share) : null;
  const tries = HEADINGS.length + (coarse === null ? 0 : COARSE.followed);
  const ranked: { readonly heading: number | null; readonly area: number }[] = [];
  let tried = 0;
  const asked = { stops: false };
  /** @returns whether another one need not be tried: nothing is in the way, or whoever waits has had enough */
  const look = (heading: number | null, count: number): boolean => {
    const points = drawn(heading, count);
    const here = areaOf(points);
    const holds = fits(points, task, length);
    ranked.push({ heading, area: holds ? here : 0 });
    if (here > area && holds) [best, area] = [points, here];
    tried += 1;
    asked.stops = onward(tried / tries, area) === 'stop';
    return asked.stops || (holds && here >= 0.999 * regularArea(length, count === corners ? posts : count));
  };
  HEADINGS.some((heading) => look(heading, coarse ?? corners));
  if (!asked.stops && coarse !== null) {
    const followed = [...ranked].sort((a, b) => b.area - a.area).slice(0, COARSE.followed);
    followed.some(({ heading }) => look(heading, corners));
  }
  if (!fits(best, task, length))
    return {
      found: 'between',
      things: task.outside.filter((t) => insideOrOn(t.points[0] ?? task.about, best, 1)).map((t) => t.name),
    };
  return { found: 'loop', points: best, area, length: lengthOf(best, 'loop'), bound };
}
