import type { Goods } from '../catalogue/goods';
import { ringsAlong } from '../fasteners/along';
import { type FenceLine, keysOf } from '../ground/fenceLines';
import type { Assumptions } from '../plan/assumptions';
import type { Scope } from '../plan/changes/types';
import type { PartRef } from '../plan/partRef';
import { type Chosen, type Facet, scopeOf } from '../plan/effective';
import type { Plan } from '../plan/schema';
import type { SettingOut } from '../posts/setOut';
import { isRigid } from './rigid';
import { type HungBand, hangBands } from './rows';
import { type Lies, type WallRun, wallRuns } from './runs';
import type { StackWant } from './stacks';

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

/** A band where it is chosen. */
export function bandPart(scope: Scope, band: string): PartRef {
  if (scope.scope === 'plan') return { on: 'band', band };
  return scope.scope === 'side'
    ? { on: 'side-band', side: scope.of, band }
    : { on: 'enclosure-band', enclosure: scope.of, band };
}

/** Roll of one row, m, and rings along a seam of it. */
type Row = Pick<StackWant, 'length' | 'seam'>;

/** Lines that wear the same bands, before the widths of their rolls are chosen. */
export interface Gathered extends Omit<WallGroup, 'bands'> {
  /** What each of their rows is bought for, and what it takes at least. */
  readonly bought: Row;
  readonly least: Row;
  /** Where their bands are chosen: once a side where each has its own. */
  readonly scopes: readonly Scope[];
  readonly hang: (stackOf: Parameters<typeof hangBands>[2]) => readonly HungBand[];
}

const leastRow = (runs: readonly WallRun[], allowance: number): Row => ({
  length: runs.reduce((total, run) => total + run.length + 2 * allowance, 0),
  seam: runs.reduce((total, run) => total + ringsAlong(run.length), 0),
});
/** With a leaf in every gate. */
function boughtRow(least: Row, lines: readonly FenceLine[], figures: Assumptions): Row {
  const leaves = lines
    .flatMap((line) => line.openings)
    .map(({ opening }) => opening.width + figures.leafOverlap);
  return {
    length: leaves.reduce((total, leaf) => total + leaf, least.length),
    seam: leaves.reduce((total, leaf) => total + ringsAlong(leaf), least.seam),
  };
}

/** The scopes that choose the bands of these lines, each once. */
function scopesOf(
  plan: Pick<WallsBy, 'choices' | 'enclosures'>,
  lines: readonly FenceLine[],
): readonly Scope[] {
  const sides = lines.flatMap((line) => line.members.map((m) => m.ringSide.side.id));
  const scopes = sides.map((side) => scopeOf(plan, side, 'bands'));
  return [...new Map(scopes.map((s) => [s.scope === 'plan' ? '' : `${s.scope} ${s.of}`, s])).values()];
}

/** What walls are hung by, before anything is priced. */
export interface WallsBy {
  readonly goods: Goods;
  readonly setting: SettingOut;
  readonly lies: Lies;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
  readonly choices: Chosen<Facet<'bands'>>;
  readonly enclosures: Plan['enclosures'];
  readonly assumed: Assumptions;
}

/** Lines by what they wear, with the runs of mesh that hang on their posts. */
export function gatherLines({
  goods,
  setting,
  lies,
  bands: chosen,
  choices,
  enclosures,
  assumed,
}: WallsBy): readonly Gathered[] {
  const bandKeys = keysOf(setting.lines, chosen, ({ bands, overhang }) => [bands, overhang]);
  /** Mesh that steps down to the ground is higher by the drop: such lines are cut on their own. */
  const dropOf = (line: FenceLine) => {
    const lie = lies.get(line);
    return lie?.foot === 'mesh' ? lie.drop : 0;
  };
  const keys = new Map(setting.lines.map((line) => [line, `${dropOf(line)} ${bandKeys.get(line) ?? ''}`]));
  const runs = wallRuns(setting, chosen, lies, (a, b) => keys.get(a) === keys.get(b));
  const bandsOf = (line: FenceLine) => chosen.get(line)?.bands ?? [];
  const anyRigid = setting.lines.some((line) => bandsOf(line).some((b) => isRigid(goods.mesh(b.mesh).type)));
  const cornerless = anyRigid ? wallRuns(setting, chosen, lies, () => false) : [];
  const grouped = new Map<string, FenceLine[]>();
  for (const line of setting.lines) {
    const key = keys.get(line) ?? '';
    grouped.set(key, [...(grouped.get(key) ?? []), line]);
  }
  return [...grouped.entries()].map(([key, lines]): Gathered => {
    const first = lines[0];
    if (!first) throw new RangeError('a group has at least one line');
    const ofThese = (all: readonly WallRun[]) =>
      all.filter((run) => run.lines[0] && keys.get(run.lines[0]) === key);
    const bands = bandsOf(first);
    const overhang = chosen.get(first)?.overhang ?? 0;
    const group = { lines, runs: ofThese(runs), cornerless: ofThese(cornerless), drop: dropOf(first) };
    // Panels butt: where there are any, no row surely takes the turns round its end posts.
    const rigid = bands.some((b) => isRigid(goods.mesh(b.mesh).type));
    const least = leastRow(group.runs, rigid ? 0 : assumed.endAllowance);
    return {
      ...group,
      least,
      bought: boughtRow(least, lines, assumed),
      scope: scopeOf({ choices, enclosures }, first.id, 'bands'),
      scopes: scopesOf({ choices, enclosures }, lines),
      top: bands[bands.length - 1]?.top ?? 0,
      hang: (stackOf) => hangBands(goods, bands, stackOf, assumed.bandLap, group.drop, overhang),
    };
  });
}
