import type { Market } from '../catalogue/market';
import type { Run } from '../cutting/types';
import type { Finding } from '../findings/types';
import { type FenceLine, keysOf } from '../ground/fenceLines';
import type { Assumptions } from '../plan/assumptions';
import type { Scope } from '../plan/changes/types';
import { scopeOf } from '../plan/effective';
import type { Plan } from '../plan/schema';
import { leafTop } from '../ways/leaf';
import { STRAIGHT } from '../ground/survey';
import type { SettingOut } from '../posts/setOut';
import type { OpeningLimits } from '../threats/openings';
import { EPSILON } from '../units/round';
import { type Term, product, sum, value } from '../working';
import { type HungBand, type MeshRow, hangBands } from './rows';
import { bandFindings } from './findings';
import { type BoardCourse, boardCourses } from './boards';
import { isRigid } from './rigid';
import { type Lies, type WallRun, wallRuns } from './runs';
import type { StackChoice } from './stackProof';
import { type StackWant, chooseStacks } from './stacks';

/** Fence lines that wear the same bands. */
export interface WallGroup {
  readonly scope: Scope;
  readonly lines: readonly FenceLine[];
  readonly runs: readonly WallRun[];
  /** The same, cut at every corner as rigid panels are. */
  readonly cornerless: readonly WallRun[];
  readonly bands: readonly HungBand[];
  /** Top of the wall as meant, m. */
  readonly top: number;
  /** What the lowest band is higher, to reach the ground at the low posts of bays that step, m. */
  readonly drop: number;
}

/** One roll width of one band, all along its group. */
export interface MeshCourse {
  readonly group: WallGroup;
  readonly band: HungBand;
  readonly row: MeshRow;
  readonly rowIndex: number;
  /** A rigid panel, butted at posts. */
  readonly rigid: boolean;
  readonly runs: readonly Run[];
  readonly leaves: readonly Run[];
  /** Pieces above leaves that are lower than the wall. */
  readonly above: readonly Run[];
  /** Squares that close an overhang at its corners. */
  readonly patches: readonly Run[];
  /** Wall pieces with their end allowances and what they lean, before joints and leaves, m. */
  readonly working: Term;
  /** What straight grades under the pieces add, m; 0 where mesh steps. */
  readonly slopeExtra: number;
}

export interface WallStage {
  readonly groups: readonly WallGroup[];
  readonly courses: readonly MeshCourse[];
  readonly boards: readonly BoardCourse[];
  /** What the choice of roll widths rests on. */
  readonly choice: StackChoice;
  /** What is weak about the bands; worked out when asked. */
  readonly findings: () => readonly Finding[];
}

export const scopePath = (scope: Scope): string =>
  scope.scope === 'plan' ? '' : `${scope.scope}:${scope.of}/`;

function courseWorking(
  group: WallGroup,
  runs: readonly WallRun[],
  lies: Lies,
  row: MeshRow,
  band: HungBand,
  each: number,
): Term {
  /** As bought: along the ground, or on the level where it steps. */
  const bought = (line: FenceLine, from: number, to: number) => {
    const lie = lies.get(line);
    if (!lie || lie.hang === 'step') return to - from;
    return lie.profile.groundAt(to) - lie.profile.groundAt(from);
  };
  const sides = group.lines.map((line) =>
    value('mesh.side', bought(line, 0, line.length), 'm', { side: line.number }),
  );
  const gates = group.lines.flatMap((line) =>
    line.openings.map((o) =>
      value('mesh.gate', -bought(line, o.from, o.to), 'm', { width: o.opening.width }),
    ),
  );
  const ends = product('mesh.ends', 'm', {}, [
    value('mesh.end-count', 2 * runs.length, 'piece', {}),
    value('mesh.end-each', each, 'm', {}),
  ]);
  const leaning = runs.flatMap((run) => run.grades).map((g) => leanTerm(row, g.grade));
  return sum('mesh.wall', 'm', { top: band.band.top }, [
    ...sides,
    ...gates,
    ...(each > 0 ? [ends] : []),
    ...leaning,
  ]);
}

/** A strip hung parallel to a grade leans while its ends are cut plumb: its height × grade more (domain.md 13). */
const leanTerm = (row: MeshRow, grade: number): Term =>
  product('mesh.lean', 'm', {}, [
    value('mesh.lean-height', row.top - row.bottom, 'm', {}),
    value('mesh.lean-grade', Math.abs(grade), 'grade', {}),
  ]);

/** What closes one gate in one row: the leaf below its top, and mesh of its own above it (domain.md 8). */
function gateRuns(
  line: FenceLine,
  wallTop: number,
  row: MeshRow,
  tail: string,
  allowance: number,
  figures: Assumptions,
) {
  const leaves: Run[] = [];
  const above: Run[] = [];
  for (const { opening } of line.openings) {
    const { along, width, side } = opening;
    const top = leafTop(opening, wallTop);
    const piece = (
      use: 'leaf' | 'band',
      part: string,
      length: number,
      ends: number,
      across: number,
    ): Run => ({
      part: `opening:${opening.id}/${part}/${tail}`,
      use,
      length,
      startAllowance: ends,
      endAllowance: ends,
      across,
      joints: [],
      place: 10000 + line.number,
      spans: [{ side, from: along, to: along + width, cut: length, way: 'along' }],
      leans: [],
    });
    if (row.bottom < top - EPSILON) {
      const high = Math.min(row.top, top) - row.bottom;
      leaves.push(piece('leaf', 'leaf', width + figures.leafOverlap, 0, high));
    }
    if (Math.min(row.top, wallTop) > top + EPSILON) {
      const high = Math.min(row.top, wallTop) - Math.max(row.bottom, top);
      above.push(piece('band', 'above', width, allowance, high));
    }
  }
  return { leaves, above };
}

function course(
  group: WallGroup,
  lies: Lies,
  band: HungBand,
  row: MeshRow,
  rowIndex: number,
  rigid: boolean,
  figures: Assumptions,
): MeshCourse {
  const tail = `band:${band.band.id}/row:${rowIndex}`;
  const height = row.top - row.bottom;
  const allowance = rigid ? 0 : figures.endAllowance;
  const wallRuns = rigid ? group.cornerless : group.runs;
  const runs = wallRuns.map((run): Run => ({
    part: `side:${run.spans[0]?.side ?? group.lines[0]?.id ?? ''}/${tail}/run:${run.place}`,
    use: 'band',
    length: run.length,
    startAllowance: allowance,
    endAllowance: allowance,
    across: null,
    joints: run.posts,
    place: run.place,
    spans: run.spans,
    leans: run.grades.map(({ from, to, grade }) => ({ from, to, extra: height * Math.abs(grade) })),
  }));
  const gates = group.lines.map((line) => gateRuns(line, group.top, row, tail, allowance, figures));
  return {
    group,
    band,
    row,
    rowIndex,
    rigid,
    runs,
    leaves: gates.flatMap((g) => g.leaves),
    above: gates.flatMap((g) => g.above),
    patches:
      band.overhang > 0 && rowIndex === band.rows.length - 1 ? patches(group, band.overhang, tail) : [],
    working: courseWorking(group, wallRuns, lies, row, band, allowance),
    slopeExtra: runs.reduce((total, run) => total + run.leans.reduce((t, lean) => t + lean.extra, 0), 0),
  };
}

/** An overhang folded outward opens at every convex corner: a square patch closes it. */
function patches(group: WallGroup, overhang: number, tail: string): readonly Run[] {
  return group.lines
    .filter((line) => line.turn > STRAIGHT)
    .map((line, i): Run => ({
      part: `corner:${line.endCorner}/${tail}`,
      use: 'patch',
      length: overhang,
      startAllowance: 0,
      endAllowance: 0,
      across: overhang,
      joints: [],
      place: 15000 + i,
      spans: [],
      leans: [],
    }));
}

/** Sides that step are cut apart from those that do not: what is wrong with a band of both is said once. */
function once(findings: readonly Finding[]): readonly Finding[] {
  const seen = new Set<string>();
  return findings.filter(({ code, part, severity }) => {
    const key = `${code} ${part} ${severity}`;
    return !seen.has(key) && seen.add(key);
  });
}

/** Lines that wear the same bands, before the widths of their rolls are chosen. */
interface Gathered extends Omit<WallGroup, 'bands'> {
  /** What each of their rows is bought for, and takes at least, m. */
  readonly length: number;
  readonly least: number;
  readonly hang: (stackOf: Parameters<typeof hangBands>[2]) => readonly HungBand[];
}

const leastLength = (runs: readonly WallRun[], figures: Assumptions) =>
  runs.reduce((total, run) => total + run.length + 2 * figures.endAllowance, 0);
const boughtLength = (runs: readonly WallRun[], lines: readonly FenceLine[], figures: Assumptions) =>
  leastLength(runs, figures) +
  lines
    .flatMap((line) => line.openings)
    .reduce((total, { opening }) => total + opening.width + figures.leafOverlap, 0);

/** Hangs all groups with the widths that are cheapest for all together; a band given its widths takes its own. */
function hangAll(
  market: Market,
  gathered: readonly Gathered[],
  taken: ReadonlyMap<string, number>,
): { readonly groups: readonly WallGroup[]; readonly choice: StackChoice } {
  const wants: StackWant[] = [];
  const least: StackWant[] = [];
  const anyway = new Map(taken);
  const bought = new Map(taken);
  for (const { hang, length, least: atLeast } of gathered) {
    // The heights wanted do not depend on the widths: what would reach them just so stands in for these.
    const bands = hang((want) => {
      wants.push({ ...want, length });
      least.push({ ...want, length: atLeast });
      return [want.height];
    });
    for (const { band, rows } of bands) {
      if (band.widths === 'cheapest') continue;
      for (const { width } of rows) {
        const key = `${band.mesh} ${width}`;
        bought.set(key, (bought.get(key) ?? 0) + length);
        anyway.set(key, (anyway.get(key) ?? 0) + atLeast);
      }
    }
  }
  const stacks = chooseStacks(market, wants, bought);
  let next = 0;
  const groups = gathered.map(({ hang, length: _, least: _least, ...group }) => ({
    ...group,
    bands: hang(() => stacks[next++]),
  }));
  return { groups, choice: { wants: least, stacks, taken: anyway } };
}

/**
 * Bands hung on the posts as set out: courses of mesh with their runs, and what they let through.
 *
 * @param taken  m of each `mesh width` that skirts take anyway: a stack may share their rolls
 */
export function wallStage(
  plan: Plan,
  market: Market,
  setting: SettingOut,
  lies: Lies,
  limits: OpeningLimits,
  figures: Assumptions,
  taken: ReadonlyMap<string, number> = new Map(),
): WallStage {
  const bandKeys = keysOf(setting.lines, ({ bands, overhang }) => [bands, overhang]);
  /** Mesh that steps down to the ground is higher by the drop: such lines are cut on their own. */
  const dropOf = (line: FenceLine) => (line.choices.slope.foot === 'mesh' ? (lies.get(line)?.drop ?? 0) : 0);
  const keys = new Map(setting.lines.map((line) => [line, `${dropOf(line)} ${bandKeys.get(line) ?? ''}`]));
  const runs = wallRuns(setting, setting.walks, lies, (a, b) => keys.get(a) === keys.get(b));
  const anyRigid = setting.lines.some((line) =>
    line.choices.bands.some((b) => isRigid(market.mesh(b.mesh).type)),
  );
  const cornerless = anyRigid ? wallRuns(setting, setting.walks, lies, () => false) : [];
  const grouped = new Map<string, FenceLine[]>();
  for (const line of setting.lines) {
    const key = keys.get(line) ?? '';
    grouped.set(key, [...(grouped.get(key) ?? []), line]);
  }
  const gathered = [...grouped.entries()].map(([key, lines]): Gathered => {
    const first = lines[0];
    if (!first) throw new RangeError('a group has at least one line');
    const ofThese = (all: readonly WallRun[]) =>
      all.filter((run) => run.lines[0] && keys.get(run.lines[0]) === key);
    const { bands, overhang } = first.choices;
    const group = { lines, runs: ofThese(runs), cornerless: ofThese(cornerless), drop: dropOf(first) };
    return {
      ...group,
      length: boughtLength(group.runs, lines, figures),
      least: leastLength(group.runs, figures),
      scope: scopeOf(plan, first.id, 'bands'),
      top: bands[bands.length - 1]?.top ?? 0,
      hang: (stackOf) => hangBands(market, bands, stackOf, figures.bandLap, group.drop, overhang),
    };
  });
  const { groups, choice } = hangAll(market, gathered, taken);
  return {
    groups,
    choice,
    courses: groups.flatMap((group) =>
      group.bands.flatMap((band) =>
        band.rows.map((row, rowIndex) => {
          const rigid = isRigid(market.mesh(band.band.mesh).type);
          return course(group, lies, band, row, rowIndex, rigid, figures);
        }),
      ),
    ),
    boards: boardCourses(setting, lies),
    findings: () => once(groups.flatMap((group) => bandFindings(plan, market, limits, group))),
  };
}
