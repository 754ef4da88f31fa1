import type { DoorPlace, GatePlace, OpeningPlace } from '../plan/openingPlace';
import type { Partings } from './partings';
import type { Plan, Side } from '../plan/schema';
import type { Standing } from '../stages/outline/plan/standing';
import { type Ring, type RingSide, STRAIGHT } from './survey';
import type { Vector } from './vector';

/** One side's place in a fence line: it begins `offset` m from the line's start. */
export interface LineMember {
  readonly ringSide: RingSide;
  readonly offset: number;
}

export type Stands = 'posts' | 'arch';

/** What closes a side of a kind that is built; others are there, or left open. */
const STANDS: Readonly<Partial<Record<Side['kind'], Stands>>> = {
  fence: 'posts',
  'arch-foot': 'arch',
  'arch-end': 'arch',
};
export const standsOf = ({ kind }: Pick<Side, 'kind'>): Stands | null => STANDS[kind] ?? null;

/** The fence that stands on a side already; null where none does. */
export const standingOn = (side: Side): Standing | null =>
  side.kind === 'fence' ? (side.standing ?? null) : null;

/** The fence that a new one takes the place of; null where none stood. */
export const replacedOn = (side: Side): Standing | null =>
  side.kind === 'fence' ? (side.replaces ?? null) : null;

/** A straight length of fence from corner to corner, through any corner with no turn and no change of wall. */
export interface FenceLine {
  readonly id: string;
  /** On posts of a fence, or under an arch, which has none. */
  readonly stands: Stands;
  /** What stands there already; null for a fence that is built. */
  readonly standing: Standing | null;
  /** What the keeper calls its first side. */
  readonly number: number;
  readonly members: readonly LineMember[];
  readonly length: number;
  readonly start: Vector;
  readonly end: Vector;
  readonly direction: Vector;
  readonly outward: Vector;
  readonly startCorner: string;
  readonly endCorner: string;
  /** Turn at its end, radians, positive where convex; 0 where no fence goes on. */
  readonly turn: number;
  /** The class of its wall: lines of one class go straight on into each other. */
  readonly wall: number;
  /** Gates by near and far edge in line coordinates, in order, m. */
  readonly openings: readonly OpeningOn<GatePlace>[];
  /** Pop doors and hatches hang in the mesh between posts: they part neither posts nor mesh. */
  readonly doors: readonly OpeningOn<DoorPlace>[];
}

export interface OpeningOn<O> {
  readonly opening: O;
  readonly from: number;
  readonly to: number;
}

/** Fence lines that follow each other round corners without a break. */
export interface FenceWalk {
  readonly lines: readonly FenceLine[];
  /** The last line ends where the first begins. */
  readonly cyclic: boolean;
  /** Which ring it belongs to, as its place among the plan's enclosures. */
  readonly ring: number;
}

/** What fence lines are laid out by: where the openings are, and what parts one line from the next. No choice is in it. */
export interface FencePlan {
  readonly sides: Plan['sides'];
  readonly openings: readonly OpeningPlace[];
  readonly partings: Partings;
}

function makeLine(plan: FencePlan, run: readonly RingSide[], goesOn: boolean): FenceLine {
  const first = run[0];
  const last = run[run.length - 1];
  if (!first || !last) throw new RangeError('a fence line has at least one side');
  let offset = 0;
  const members = run.map((ringSide) => {
    const member = { ringSide, offset };
    offset += ringSide.length;
    return member;
  });
  const onLine = members.flatMap(({ ringSide, offset: begins }) =>
    plan.openings
      .filter((o) => o.side === ringSide.side.id)
      .map((opening) => {
        const near = ringSide.forward ? opening.along : ringSide.length - opening.along - opening.width;
        return { opening, from: begins + near, to: begins + near + opening.width };
      }),
  );
  onLine.sort((a, b) => a.from - b.from);
  return {
    id: first.side.id,
    stands: standsOf(first.side) ?? 'posts',
    standing: standingOn(first.side),
    number: first.number,
    members,
    length: offset,
    start: first.start,
    end: last.end,
    direction: first.direction,
    outward: first.outward,
    startCorner: first.startCorner,
    endCorner: last.endCorner,
    turn: goesOn ? last.turn : 0,
    wall: plan.partings.walls.get(first.side.id) ?? 0,
    openings: onLine.flatMap(({ opening, ...at }) => (opening.hangs === 'posts' ? [{ opening, ...at }] : [])),
    doors: onLine.flatMap(({ opening, ...at }) => (opening.hangs === 'mesh' ? [{ opening, ...at }] : [])),
  };
}

/**
 * Sets the fenced sides of all rings out as lines and walks; a side shared by two rings belongs to the first.
 *
 * @see rules: Posts. Set out per fenced side; a turn of 0° takes a post only where the kind of wall changes
 */
export function fenceWalks(plan: FencePlan, rings: readonly Ring[]): readonly FenceWalk[] {
  const incident = new Map<string, number>();
  for (const side of plan.sides) {
    for (const corner of [side.from, side.to]) incident.set(corner, (incident.get(corner) ?? 0) + 1);
  }
  const sidesTaken = new Set<string>();
  const walks: FenceWalk[] = [];

  rings.forEach((ring, ringIndex) => {
    const fenced = ring.sides.map((s) => standsOf(s.side) !== null && !sidesTaken.has(s.side.id));
    ring.sides.forEach((s) => sidesTaken.add(s.side.id));
    const n = ring.sides.length;
    const cyclic = fenced.every(Boolean);
    const straightInto = (i: number) => {
      const a = ring.sides[(i + n - 1) % n];
      const b = ring.sides[i];
      if (!a || !b || !fenced[i] || !fenced[(i + n - 1) % n]) return false;
      if (standsOf(a.side) !== standsOf(b.side)) return false;
      if (Math.abs(a.turn) >= STRAIGHT || incident.get(b.startCorner) !== 2) return false;
      const { lines } = plan.partings;
      return (lines.get(a.side.id) ?? 0) === (lines.get(b.side.id) ?? 0);
    };
    // Begin where a line begins and, in a broken ring, where a walk begins.
    const begins = (i: number) =>
      cyclic ? !straightInto(i) : fenced[i] === true && fenced[(i + n - 1) % n] === false;
    const first = ring.sides.findIndex((_, i) => begins(i));
    if (first < 0) return;

    let walk: FenceLine[] = [];
    let run: RingSide[] = [];
    const endLine = (goesOn: boolean) => {
      if (run.length > 0) walk.push(makeLine(plan, run, goesOn));
      run = [];
    };
    const endWalk = () => {
      if (walk.length > 0) walks.push({ lines: walk, cyclic, ring: ringIndex });
      walk = [];
    };
    for (let k = 0; k < n; k++) {
      const i = (first + k) % n;
      const side = ring.sides[i];
      if (!side || !fenced[i]) continue;
      if (run.length > 0 && !straightInto(i)) endLine(true);
      run.push(side);
      const following = (i + 1) % n;
      if (!fenced[following]) {
        endLine(false);
        endWalk();
      }
    }
    endLine(cyclic);
    endWalk();
  });
  return walks;
}

/** The same without what stands on no posts: a walk is broken there. */
export function onPosts(walks: readonly FenceWalk[]): readonly FenceWalk[] {
  if (walks.every(({ lines }) => lines.every(({ stands }) => stands === 'posts'))) return walks;
  return walks.flatMap((walk): FenceWalk[] => {
    const { lines, cyclic } = walk;
    const arched = lines.findIndex(({ stands }) => stands === 'arch');
    if (arched < 0) return [walk];
    // A ring begins anew behind an arch, so that what goes on round its first corner stays together.
    const ordered = cyclic ? [...lines.slice(arched), ...lines.slice(0, arched)] : lines;
    const runs: FenceLine[][] = [];
    ordered.forEach((line, i) => {
      if (line.stands === 'arch') return;
      if (i === 0 || ordered[i - 1]?.stands === 'arch') runs.push([line]);
      else runs[runs.length - 1]?.push(line);
    });
    return runs.map((these) => ({ ...walk, lines: these, cyclic: false }));
  });
}

/** Whether one line runs on into the next without a turn and with the same wall. */
export const goesStraightOn = (line: FenceLine, next: FenceLine): boolean =>
  Math.abs(line.turn) < STRAIGHT && line.wall === next.wall;

/** Line coordinates turned back into the side's own: which side, and how far from its `from` corner, m. */
export function onSide(line: FenceLine, along: number): { readonly side: string; readonly along: number } {
  const member = line.members.findLast((m) => m.offset <= along + 1e-9) ?? line.members[0];
  if (!member) throw new RangeError('a fence line has at least one side');
  const inRing = along - member.offset;
  const { ringSide } = member;
  return { side: ringSide.side.id, along: ringSide.forward ? inRing : ringSide.length - inRing };
}

/** A key for what lines share of their choices; the same choices are looked at once. */
export function keysOf<C>(
  lines: readonly FenceLine[],
  chosen: ReadonlyMap<FenceLine, C>,
  part: (choices: C) => unknown,
): ReadonlyMap<FenceLine, string> {
  const known = new Map<C | undefined, string>();
  return new Map(
    lines.map((line) => {
      const own = chosen.get(line);
      const key = known.get(own) ?? (own === undefined ? '' : JSON.stringify(part(own)));
      known.set(own, key);
      return [line, key];
    }),
  );
}
