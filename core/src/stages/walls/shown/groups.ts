import type { Products } from '../../../catalogue/products';
import { ringsAlong } from '../../../fasteners/along';
import { type FenceLine, keysOf } from '../../../ground/fenceLines';
import type { Assumptions } from '../../../plan/assumptions';
import type { Scope } from '../../../plan/changes/types';
import type { PartRef } from '../../../plan/partRef';
import { type Chosen, type Facet, scopeOf } from '../../../plan/effective';
import type { Plan } from '../../../plan/schema';
import type { SetOut } from '../../posts/shown/setOut';
import { type MeshCourse, courseOf } from '../courses';
import type { WallLines } from '../lines';
import { isRigid } from '../../../catalogue/rigid';
import { type BandPlace, type HungBand, hangBand, placeBands } from '../rows';
import { type Falls, type WallRun, wallRuns } from './runs';

/** The same with its bands as they hang. */
export interface WallGroup extends WallLines {
  readonly bands: readonly HungBand[];
}

/** A band where it is chosen. */
export function bandPart(scope: Scope, band: string): PartRef {
  if (scope.scope === 'plan') return { on: 'band', band };
  return scope.scope === 'side'
    ? { on: 'side-band', side: scope.of, band }
    : { on: 'enclosure-band', enclosure: scope.of, band };
}

/** Roll of one row, m, and rings along a seam of it. */
export interface Row {
  readonly length: number;
  readonly seam: number;
}

/** Lines that have the same bands, before the widths of their rolls are chosen. */
export interface Gathered {
  readonly wall: WallLines;
  /** Where its bands hang, whichever rolls they are of. */
  readonly places: readonly BandPlace[];
  /** What each of their rows takes at least, and with a leaf in every gate. */
  readonly least: Row;
  readonly most: Row;
  /** A band as it hangs from rolls of some widths, with its courses: made once. */
  readonly dressed: (place: BandPlace, widths: readonly number[]) => DressedBand;
}

/** A band as it hangs, with a course of mesh for each of its rows. */
export interface DressedBand {
  readonly band: HungBand;
  readonly courses: readonly MeshCourse[];
}

const leastRow = (runs: readonly WallRun[], allowance: number): Row => ({
  length: runs.reduce((total, run) => total + run.length + 2 * allowance, 0),
  seam: runs.reduce((total, run) => total + ringsAlong(run.length), 0),
});
/** With a leaf in every gate. */
function mostRow(least: Row, lines: readonly FenceLine[], figures: Assumptions): Row {
  const leaves = lines
    .flatMap((line) => line.openings)
    .map(({ opening }) => opening.width + figures.leafOverlap);
  return {
    length: leaves.reduce((total, leaf) => total + leaf, least.length),
    seam: leaves.reduce((total, leaf) => total + ringsAlong(leaf), least.seam),
  };
}

/** Bands by where they hang and from what, each worked out once: what is weighed is what is hung. */
function dresser(by: WallsBy, wall: WallLines): Gathered['dressed'] {
  const known = new Map<BandPlace, Map<string, DressedBand>>();
  return (place, widths) => {
    const bandsThere = known.get(place) ?? new Map<string, DressedBand>();
    known.set(place, bandsThere);
    const key = widths.join();
    const before = bandsThere.get(key);
    if (before) return before;
    const band = hangBand(place, widths);
    const rigid = isRigid(by.products.mesh(band.band.mesh).type);
    const made = {
      band,
      courses: band.rows.map((row, i) =>
        courseOf(wall, by.falls, { band, row, rowIndex: i, rigid }, by.assumed),
      ),
    };
    bandsThere.set(key, made);
    return made;
  };
}

/** What walls are hung by, before anything is priced. */
export interface WallsBy {
  readonly products: Products;
  readonly setOut: SetOut;
  readonly falls: Falls;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
  readonly choices: Chosen<Facet<'bands'>>;
  readonly enclosures: Plan['enclosures'];
  readonly assumed: Assumptions;
}

/** Lines by what hangs on them, with the runs of mesh that hang on their posts. */
export function gatherLines(by: WallsBy): readonly Gathered[] {
  const { products, setOut, falls, bands: chosen, choices, enclosures, assumed } = by;
  const bandKeys = keysOf(setOut.lines, chosen, ({ bands, overhang }) => [bands, overhang]);
  /** Mesh that steps down to the ground is higher by the drop: such lines are cut on their own. */
  const dropOf = (line: FenceLine) => {
    const fall = falls.get(line);
    return fall?.foot === 'mesh' ? fall.drop : 0;
  };
  const keys = new Map(
    setOut.lines.map((line) => [
      line,
      `${line.standing ? 'stands' : ''} ${dropOf(line)} ${bandKeys.get(line) ?? ''}`,
    ]),
  );
  const runs = wallRuns(setOut, chosen, falls, (a, b) => keys.get(a) === keys.get(b));
  const bandsOf = (line: FenceLine) => chosen.get(line)?.bands ?? [];
  const rigidOn = (line: FenceLine) => bandsOf(line).some((b) => isRigid(products.mesh(b.mesh).type));
  const cornerless = setOut.lines.some(rigidOn) ? wallRuns(setOut, chosen, falls, () => false) : [];
  const grouped = new Map<string, FenceLine[]>();
  for (const line of setOut.lines) {
    const key = keys.get(line) ?? '';
    grouped.set(key, [...(grouped.get(key) ?? []), line]);
  }
  return [...grouped.entries()].map(([key, lines]): Gathered => {
    const first = lines[0];
    if (!first) throw new RangeError('a group has at least one line');
    const ofThese = (all: readonly WallRun[]) =>
      all.filter((run) => run.lines[0] && keys.get(run.lines[0]) === key);
    const bands = bandsOf(first);
    const wall: WallLines = {
      scope: first.standing
        ? { scope: 'side', of: first.id }
        : scopeOf({ choices, enclosures }, first.id, 'bands'),
      lines,
      stands: first.standing !== null,
      runs: ofThese(runs),
      cornerless: ofThese(cornerless),
      top: bands[bands.length - 1]?.top ?? 0,
      drop: dropOf(first),
    };
    // Panels butt: where there are any, no row surely takes the turns round its end posts.
    const least = leastRow(wall.runs, rigidOn(first) ? 0 : assumed.endAllowance);
    return {
      wall,
      places: placeBands(products, bands, {
        bandLap: assumed.bandLap,
        drop: wall.drop,
        overhang: chosen.get(first)?.overhang ?? 0,
      }),
      least,
      most: mostRow(least, lines, assumed),
      dressed: dresser(by, wall),
    };
  });
}
