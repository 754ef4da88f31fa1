import { type Skirt } from './plan/kinds';
import { type Foot } from '../../ground/foot';
import { shapeOf } from './plan/shape';
import type { FenceLine, FenceWalk, LineMember } from '../../ground/fenceLines';
import type { Profile } from '../../ground/profile';
import { plus, times } from '../../ground/vector';
import { type Chosen, type Facet, choicesFor } from '../../plan/effective';
import type { Plan } from '../../plan/schema';

/** The lines that skirts lie along: those of the fence, parted where a straight has one skirt on one side and another on the next. */
export interface SkirtLines {
  readonly lines: readonly FenceLine[];
  readonly walks: readonly FenceWalk[];
  /** What each of them has. */
  readonly skirts: ReadonlyMap<FenceLine, Skirt>;
  /** Where a part begins on the line it was parted from, m. */
  readonly partOf: ReadonlyMap<FenceLine, { readonly line: FenceLine; readonly from: number }>;
}

const same = (a: Skirt, b: Skirt): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

function partLine(line: FenceLine, members: readonly LineMember[]): FenceLine {
  const [first] = members;
  const last = members[members.length - 1];
  if (!first || !last) throw new RangeError('a part of a line has at least one side');
  const from = first.offset;
  const to = last.offset + last.ringSide.length;
  const within = <T extends { readonly from: number; readonly to: number }>(all: readonly T[]) =>
    all
      .filter((o) => o.from >= from - 1e-9 && o.from < to - 1e-9)
      .map((o) => ({ ...o, from: o.from - from, to: o.to - from }));
  return {
    ...line,
    id: first.ringSide.side.id,
    number: first.ringSide.number,
    members: members.map((m) => ({ ...m, offset: m.offset - from })),
    length: to - from,
    start: plus(line.start, times(line.direction, from)),
    end: plus(line.start, times(line.direction, to)),
    startCorner: first.ringSide.startCorner,
    endCorner: last.ringSide.endCorner,
    turn: last === line.members[line.members.length - 1] ? line.turn : 0,
    openings: within(line.openings),
    doors: within(line.doors),
  };
}

/** What is chosen for skirts, and where. */
export interface SkirtBy {
  readonly choices: Chosen<Facet<'skirt'>>;
  readonly enclosures: Plan['enclosures'];
}

/** A line by the skirts of its sides: lengths that have one skirt, or the line itself where all are alike. */
function parts(by: SkirtBy, line: FenceLine): readonly (readonly [FenceLine, Skirt])[] {
  const groups: { skirt: Skirt; members: LineMember[] }[] = [];
  for (const member of line.members) {
    const { skirt } = choicesFor(by, member.ringSide.side.id);
    const last = groups[groups.length - 1];
    if (last && same(last.skirt, skirt)) last.members.push(member);
    else groups.push({ skirt, members: [member] });
  }
  return groups.map((g) => [groups.length < 2 ? line : partLine(line, g.members), g.skirt]);
}

export function skirtLines(by: SkirtBy, walks: readonly FenceWalk[]): SkirtLines {
  const partOf = new Map<FenceLine, { line: FenceLine; from: number }>();
  const skirts = new Map<FenceLine, Skirt>();
  const partsOf = (line: FenceLine): readonly FenceLine[] => {
    const partsOfLine = parts(by, line);
    for (const [part, skirt] of partsOfLine) {
      skirts.set(part, skirt);
      if (part === line) continue;
      const from = line.members.find((m) => m.ringSide.side.id === part.id)?.offset ?? 0;
      partOf.set(part, { line, from });
    }
    return partsOfLine.map(([part]) => part);
  };
  const parted = walks.map((walk): FenceWalk => ({ ...walk, lines: walk.lines.flatMap(partsOf) }));
  return { lines: parted.flatMap((w) => w.lines), walks: parted, skirts, partOf };
}

/** What lies at the foot of each side. */
export const feetOf = ({ skirts }: SkirtLines): ReadonlyMap<string, Foot> =>
  new Map(
    [...skirts].flatMap(([line, skirt]) => {
      const shape = shapeOf(skirt);
      const foot: Foot = {
        closed: shape !== null,
        beneath: shape !== null && shape.laid !== 'flat' && shape.depth > 0,
        up: shape?.mesh ? shape.up : 0,
        stones: shape?.fill?.above ?? 0,
      };
      return line.members.map((m) => [m.ringSide.side.id, foot] as const);
    }),
  );

/** The ground under a part of a line. */
function partProfile(whole: Profile, from: number, length: number): Profile {
  const begins = whole.groundAt(from);
  const to = from + length;
  const inside = whole.points.filter((p) => p.along > from && p.along < to);
  const at = (along: number) => ({ along, height: whole.heightAt(along), ground: whole.groundAt(along) });
  return {
    points: [at(from), ...inside, at(to)].map((p) => ({
      along: p.along - from,
      height: p.height,
      ground: p.ground - begins,
    })),
    level: whole.level,
    ground: whole.groundAt(to) - begins,
    heightAt: (along) => whole.heightAt(along + from),
    groundAt: (along) => whole.groundAt(along + from) - begins,
  };
}

/** The ground under lines, and under the parts of those that are parted. */
export function withParts(
  profiles: ReadonlyMap<FenceLine, Profile>,
  { partOf }: Pick<SkirtLines, 'partOf'>,
): ReadonlyMap<FenceLine, Profile> {
  if (partOf.size === 0) return profiles;
  const all = new Map(profiles);
  for (const [part, { line, from }] of partOf) {
    const whole = profiles.get(line);
    if (whole) all.set(part, partProfile(whole, from, part.length));
  }
  return all;
}
