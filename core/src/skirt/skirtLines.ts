import type { FenceLine, FenceWalk, LineMember } from '../ground/fenceLines';
import type { Profile } from '../ground/profile';
import { plus, times } from '../ground/vector';
import { choicesFor } from '../plan/effective';
import type { Plan, Skirt } from '../plan/schema';
import type { SettingOut } from '../posts/setOut';
import type { Lies } from '../walls/runs';

/** The lines that skirts lie along: those of the fence, parted where a straight has one skirt on one side and another on the next. */
export interface SkirtLines extends Pick<SettingOut, 'lines' | 'walks'> {
  /** Where a part begins on the line it was parted from, m. */
  readonly partOf: ReadonlyMap<FenceLine, { readonly line: FenceLine; readonly from: number }>;
}

const same = (a: Skirt, b: Skirt): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

function partLine(line: FenceLine, members: readonly LineMember[], skirt: Skirt): FenceLine {
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
    choices: { ...line.choices, skirt },
    openings: within(line.openings),
    flaps: within(line.flaps),
  };
}

/** Parts a line by the skirts of its sides; itself where they are all alike. */
function parts(plan: Pick<Plan, 'choices' | 'enclosures'>, line: FenceLine): readonly FenceLine[] {
  if (line.members.length < 2) return [line];
  const groups: { skirt: Skirt; members: LineMember[] }[] = [];
  for (const member of line.members) {
    const { skirt } = choicesFor(plan, member.ringSide.side.id);
    const last = groups[groups.length - 1];
    if (last && same(last.skirt, skirt)) last.members.push(member);
    else groups.push({ skirt, members: [member] });
  }
  return groups.length < 2 ? [line] : groups.map((g) => partLine(line, g.members, g.skirt));
}

export function skirtLines(
  plan: Pick<Plan, 'choices' | 'enclosures'>,
  { lines, walks }: Pick<SettingOut, 'lines' | 'walks'>,
): SkirtLines {
  const partOf = new Map<FenceLine, { line: FenceLine; from: number }>();
  const parted = new Map(
    lines.map((line) => {
      const these = parts(plan, line);
      if (these.length > 1)
        for (const part of these) {
          const from = line.members.find((m) => m.ringSide.side.id === part.id)?.offset ?? 0;
          partOf.set(part, { line, from });
        }
      return [line, these] as const;
    }),
  );
  if (partOf.size === 0) return { lines, walks, partOf };
  const of = (all: readonly FenceLine[]) => all.flatMap((line) => parted.get(line) ?? [line]);
  return { lines: of(lines), walks: walks.map((w): FenceWalk => ({ ...w, lines: of(w.lines) })), partOf };
}

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

/** How lines lie on the ground, with the parts of those that are parted. */
export function withParts(lies: Lies, { partOf }: SkirtLines): Lies {
  if (partOf.size === 0) return lies;
  const all = new Map(lies);
  for (const [part, { line, from }] of partOf) {
    const lie = lies.get(line);
    if (lie) all.set(part, { ...lie, line: part, profile: partProfile(lie.profile, from, part.length) });
  }
  return all;
}
