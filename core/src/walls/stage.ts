import type { Market } from '../catalogue/market';
import type { Run } from '../cutting/types';
import { type Finding, finding } from '../findings/types';
import { type FenceLine, keysOf } from '../ground/fenceLines';
import type { Assumptions } from '../plan/assumptions';
import type { Scope } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import type { SettingOut } from '../posts/setOut';
import { type OpeningLimits, passing, shorterSide } from '../threats/openings';
import { finerMesh, tornBy } from '../threats/strongMesh';
import { EPSILON } from '../units/round';
import { type Term, product, sum, value } from '../working';
import { type HungBand, type MeshRow, hangBands } from './rows';
import { type Lies, type WallRun, clearSpans, wallRuns } from './runs';

/** Fence lines that wear the same bands. */
export interface WallGroup {
  readonly scope: Scope;
  readonly lines: readonly FenceLine[];
  readonly runs: readonly WallRun[];
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
  readonly runs: readonly Run[];
  readonly leaves: readonly Run[];
  /** Wall pieces with their end allowances and what they lean, before joints and leaves, m. */
  readonly working: Term;
  /** What straight grades under the pieces add, m; 0 where mesh steps. */
  readonly slopeExtra: number;
}

export interface WallStage {
  readonly groups: readonly WallGroup[];
  readonly courses: readonly MeshCourse[];
  readonly findings: readonly Finding[];
}

export const scopePath = (scope: Scope): string =>
  scope.scope === 'plan' ? '' : `${scope.scope}:${scope.of}/`;

function scopeOf(plan: Pick<Plan, 'choices' | 'enclosures'>, line: FenceLine): Scope {
  if (plan.choices.side[line.id]?.bands) return { scope: 'side', of: line.id };
  if (Object.keys(plan.choices.enclosure).length === 0) return { scope: 'plan' };
  const enclosure = plan.enclosures.find((e) => e.ring.some((step) => step.side === line.id));
  if (enclosure && plan.choices.enclosure[enclosure.id]?.bands)
    return { scope: 'enclosure', of: enclosure.id };
  return { scope: 'plan' };
}

function courseWorking(group: WallGroup, lies: Lies, row: MeshRow, band: HungBand, each: number): Term {
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
    value('mesh.end-count', 2 * group.runs.length, 'piece', {}),
    value('mesh.end-each', each, 'm', {}),
  ]);
  const leaning = group.runs.flatMap((run) => run.grades).map((g) => leanTerm(row, g.grade));
  return sum('mesh.wall', 'm', { top: band.band.top }, [...sides, ...gates, ends, ...leaning]);
}

/** A strip hung parallel to a grade leans while its ends are cut plumb: its height × grade more (domain.md 13). */
const leanTerm = (row: MeshRow, grade: number): Term =>
  product('mesh.lean', 'm', {}, [
    value('mesh.lean-height', row.top - row.bottom, 'm', {}),
    value('mesh.lean-grade', Math.abs(grade), 'grade', {}),
  ]);

function course(
  group: WallGroup,
  lies: Lies,
  band: HungBand,
  row: MeshRow,
  rowIndex: number,
  figures: Assumptions,
): MeshCourse {
  const tail = `band:${band.band.id}/row:${rowIndex}`;
  const height = row.top - row.bottom;
  const runs = group.runs.map((run): Run => ({
    part: `side:${run.spans[0]?.side ?? group.lines[0]?.id ?? ''}/${tail}/run:${run.place}`,
    use: 'band',
    length: run.length,
    startAllowance: figures.endAllowance,
    endAllowance: figures.endAllowance,
    joints: run.posts,
    place: run.place,
    spans: run.spans,
    leans: run.grades.map(({ from, to, grade }) => ({ from, to, extra: height * Math.abs(grade) })),
  }));
  const leaves = group.lines.flatMap((line) =>
    line.openings.map(({ opening }): Run => {
      const length = opening.width + figures.leafOverlap;
      const { along, width, side } = opening;
      return {
        part: `opening:${opening.id}/leaf/${tail}`,
        use: 'leaf',
        length,
        startAllowance: 0,
        endAllowance: 0,
        joints: [],
        place: 10000 + line.number,
        spans: [{ side, from: along, to: along + width, cut: length, way: 'along' }],
        leans: [],
      };
    }),
  );
  return {
    group,
    band,
    row,
    rowIndex,
    runs,
    leaves,
    working: courseWorking(group, lies, row, band, figures.endAllowance),
    slopeExtra: runs.reduce((total, run) => total + run.leans.reduce((t, lean) => t + lean.extra, 0), 0),
  };
}

function bandFindings(
  plan: Plan,
  market: Market,
  limits: OpeningLimits,
  group: WallGroup,
  band: HungBand,
): Finding[] {
  const found: Finding[] = [];
  const below = group.bands[band.index - 1]?.top ?? 0;
  const part = `${scopePath(group.scope)}band:${band.band.id}`;
  const mesh = market.mesh(band.band.mesh);
  const opening = shorterSide(mesh);
  const change = (to: { mesh?: string; top?: number; widths?: 'cheapest' }) =>
    ({ verb: 'set-band', scope: group.scope, id: band.band.id, to }) as const;

  const through = passing(limits, opening);
  for (const severity of ['mend', 'know'] as const) {
    const these = through.filter((t) => t.onlyKnow === (severity === 'know'));
    if (these.length === 0) continue;
    const limit = Math.min(...these.map((t) => t.limit));
    const finer = finerMesh(
      market,
      limit,
      these.map((t) => t.threat),
    );
    found.push(
      finding(
        'opening.passes',
        severity,
        'walls',
        part,
        { of: 'band', opening, threats: these.map((t) => t.threat), limit, from: below },
        finer ? [change({ mesh: finer, widths: 'cheapest' })] : [],
      ),
    );
  }
  if (limits.bird && opening > limits.bird.opening + EPSILON) {
    const params = { kind: limits.bird.kind, opening, holds: limits.bird.opening };
    found.push(finding('birds.through', 'mend', 'walls', part, params));
  }
  const torn = tornBy(plan, mesh.type, mesh.wire);
  if (torn) {
    const finer = finerMesh(market, limits.largestOpening ?? 1, torn.threats);
    found.push(
      finding(
        'mesh.torn',
        'mend',
        'walls',
        part,
        { of: 'band', ...torn, wire: mesh.wire },
        finer ? [change({ mesh: finer, widths: 'cheapest' })] : [],
      ),
    );
  }
  if (band.tooTall)
    found.push(finding('band.no-roll', 'mend', 'walls', part, { height: band.band.top - band.bottom }));
  else if (band.shortBy > EPSILON) {
    found.push(
      finding(
        'band.short',
        'mend',
        'walls',
        part,
        { reach: band.top, top: band.band.top, by: band.shortBy },
        [change({ top: Math.round(band.top * 1e4) / 1e4 }), change({ widths: 'cheapest' })],
      ),
    );
  }
  return found;
}

/** Sides that step are cut apart from those that do not: what is wrong with a band of both is said once. */
function once(findings: readonly Finding[]): readonly Finding[] {
  const seen = new Set<string>();
  return findings.filter(({ code, part, severity }) => {
    const key = `${code} ${part} ${severity}`;
    return !seen.has(key) && seen.add(key);
  });
}

/** Bands hung on the posts as set out: courses of mesh with their runs, and what they let through. */
export function wallStage(
  plan: Plan,
  market: Market,
  setting: SettingOut,
  lies: Lies,
  limits: OpeningLimits,
  figures: Assumptions,
): WallStage {
  const bandKeys = keysOf(setting.lines, (choices) => choices.bands);
  /** Mesh that steps down to the ground is higher by the drop: such lines are cut on their own. */
  const dropOf = (line: FenceLine) => (line.choices.slope.foot === 'mesh' ? (lies.get(line)?.drop ?? 0) : 0);
  const keys = new Map(setting.lines.map((line) => [line, `${dropOf(line)} ${bandKeys.get(line) ?? ''}`]));
  const runs = wallRuns(setting, setting.walks, lies, (a, b) => keys.get(a) === keys.get(b));
  const grouped = new Map<string, FenceLine[]>();
  for (const line of setting.lines) {
    const key = keys.get(line) ?? '';
    grouped.set(key, [...(grouped.get(key) ?? []), line]);
  }
  const groups = [...grouped.entries()].map(([key, lines]): WallGroup => {
    const first = lines[0];
    if (!first) throw new RangeError('a group has at least one line');
    const length = lines.flatMap(clearSpans).reduce((total, s) => total + s.to - s.from, 0);
    return {
      scope: scopeOf(plan, first),
      lines,
      runs: runs.filter((run) => run.lines[0] && keys.get(run.lines[0]) === key),
      bands: hangBands(market, first.choices.bands, length, figures.bandLap, dropOf(first)),
      drop: dropOf(first),
      top: first.choices.bands[first.choices.bands.length - 1]?.top ?? 0,
    };
  });
  return {
    groups,
    courses: groups.flatMap((group) =>
      group.bands.flatMap((band) =>
        band.rows.map((row, rowIndex) => course(group, lies, band, row, rowIndex, figures)),
      ),
    ),
    findings: once(
      groups.flatMap((group) =>
        group.bands.flatMap((band) => bandFindings(plan, market, limits, group, band)),
      ),
    ),
  };
}
