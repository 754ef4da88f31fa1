import { type AtJoint, NO_JOINTS, type Run } from '../../buying/run';
import { spliceRings } from '../../fasteners/joints';
import type { FenceLine } from '../../ground/fenceLines';
import { STRAIGHT } from '../../ground/survey';
import { placeAt } from '../../plan/place';
import type { Assumptions } from '../../plan/assumptions';
import { EPSILON } from '../../units/round';
import { leafTop } from '../ways/shown/leaf';
import { once } from '../../units/once';
import { type Term, product, sum, value } from '../../working';
import type { WallLines } from './lines';
import type { HungBand, MeshRow } from './rows';
import type { Falls, WallRun } from './shown/runs';

/** One roll width of one band, all along its group. */
export interface MeshCourse {
  readonly group: WallLines;
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
  readonly working: () => Term;
  /** What straight grades under the pieces add, m; 0 where mesh steps. */
  readonly slopeExtra: number;
}

function courseWorking(
  group: WallLines,
  runs: readonly WallRun[],
  falls: Falls,
  { row, band, each }: { readonly row: MeshRow; readonly band: HungBand; readonly each: number },
): Term {
  /** As bought: along the ground, or on the level where it steps. */
  const bought = (line: FenceLine, from: number, to: number) => {
    const fall = falls.get(line);
    if (!fall || fall.hang === 'step') return to - from;
    return fall.profile.groundAt(to) - fall.profile.groundAt(from);
  };
  const sides = group.lines.map((line) =>
    value('mesh.side', bought(line, 0, line.length), 'm', { side: line.number }),
  );
  const gates = group.lines.flatMap((line) =>
    line.openings.map((o) =>
      value('mesh.gate', -bought(line, o.from, o.to), 'm', { width: o.opening.width, way: o.opening.kind }),
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

/** A strip hung parallel to a grade leans while its ends are cut plumb: its height × grade more (rules: Slope and survey). */
const leanTerm = (row: MeshRow, grade: number): Term =>
  product('mesh.lean', 'm', {}, [
    value('mesh.lean-height', row.top - row.bottom, 'm', {}),
    value('mesh.lean-grade', Math.abs(grade), 'grade', {}),
  ]);

/** Of which band, and which row of it, from the ground up. */
interface Tail {
  readonly band: string;
  readonly row: number;
}

/** What closes one gate in one row: the leaf below its top, and mesh of its own above it (rules: Gates and doors). */
function gateRuns(
  line: FenceLine,
  wallTop: number,
  { row, tail, allowance }: { readonly row: MeshRow; readonly tail: Tail; readonly allowance: number },
  figures: Assumptions,
) {
  const leaves: Run[] = [];
  const above: Run[] = [];
  for (const { opening } of line.openings) {
    const { along, width, side } = opening;
    const top = leafTop(opening, wallTop);
    const piece = (
      use: 'leaf' | 'band',
      part: Run['part'],
      { length, ends, across }: { readonly length: number; readonly ends: number; readonly across: number },
    ): Run => ({
      part,
      use,
      length,
      startAllowance: ends,
      endAllowance: ends,
      across,
      joints: [],
      atJoint: NO_JOINTS,
      place: placeAt('gate', line.number),
      spans: [{ side, from: along, to: along + width, cut: length, way: 'along' }],
      leans: [],
    });
    if (row.bottom < top - EPSILON && !opening.found) {
      const high = Math.min(row.top, top) - row.bottom;
      leaves.push(
        piece(
          'leaf',
          { on: 'leaf', opening: opening.id, ...tail },
          { length: width + figures.leafOverlap, ends: 0, across: high },
        ),
      );
    }
    if (Math.min(row.top, wallTop) > top + EPSILON) {
      const high = Math.min(row.top, wallTop) - Math.max(row.bottom, top);
      above.push(
        piece(
          'band',
          { on: 'above-leaf', opening: opening.id, ...tail },
          { length: width, ends: allowance, across: high },
        ),
      );
    }
  }
  return { leaves, above };
}

export interface CourseAt {
  readonly band: HungBand;
  readonly row: MeshRow;
  readonly rowIndex: number;
  readonly rigid: boolean;
}

export function courseOf(
  group: WallLines,
  falls: Falls,
  { band, row, rowIndex, rigid }: CourseAt,
  figures: Assumptions,
): MeshCourse {
  const tail = { band: band.band.id, row: rowIndex };
  const height = row.top - row.bottom;
  const allowance = rigid ? 0 : figures.endAllowance;
  // Panels are butted.
  const atJoint: readonly AtJoint[] = rigid ? NO_JOINTS : [spliceRings(height, 'walls')];
  const wallRuns = rigid ? group.cornerless : group.runs;
  const runs = wallRuns.map((run): Run => ({
    part: {
      on: 'run',
      side: run.spans[0]?.side ?? group.lines[0]?.id ?? '',
      band: band.band.id,
      row: rowIndex,
      run: run.nth,
    },
    use: 'band',
    length: run.length,
    startAllowance: allowance,
    endAllowance: allowance,
    across: null,
    joints: run.posts,
    atJoint,
    place: run.place,
    spans: run.spans,
    leans: run.grades.map(({ from, to, grade }) => ({ from, to, extra: height * Math.abs(grade) })),
  }));
  const gates = group.lines.map((line) => gateRuns(line, group.top, { row, tail, allowance }, figures));
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
    working: once(() => courseWorking(group, wallRuns, falls, { row, band, each: allowance })),
    slopeExtra: runs.reduce((total, run) => total + run.leans.reduce((t, lean) => t + lean.extra, 0), 0),
  };
}

/** An overhang folded outward opens at every convex corner: a square patch closes it. */
function patches(group: WallLines, overhang: number, tail: Tail): readonly Run[] {
  return group.lines
    .filter((line) => line.turn > STRAIGHT)
    .map((line, i): Run => ({
      part: { on: 'patch', corner: line.endCorner, ...tail },
      use: 'patch',
      length: overhang,
      startAllowance: 0,
      endAllowance: 0,
      across: overhang,
      joints: [],
      atJoint: NO_JOINTS,
      place: placeAt('patch', i),
      spans: [],
      leans: [],
    }));
}
