import type { Ask, AskOf, Demand, Reason } from '../../buying/demand';
import { pieceTerms } from '../../buying/pieceTerms';
import { openStack } from '../../buying/stack';
import { ringed } from '../../fasteners/seams';
import type { Assumptions } from '../../plan/assumptions';
import { value } from '../../working';
import type { BoardCourse } from './shown/boards';
import type { MeshCourse } from './courses';
import { type Gathered, bandPart } from './shown/groups';
import type { BandPlace } from './rows';
import { bandSeams, patchSeams, rowSeams } from './seams';
import { reachingOf } from './stage';

/** The mesh of one row, all along its lines. */
function courseAsk(
  reason: Reason,
  course: MeshCourse,
  { least, most }: Gathered,
  lap: number,
): AskOf<'mesh'> {
  const { band, row, rowIndex, rigid, runs, leaves, above, patches, working } = course;
  const topmost = rowIndex === band.rows.length - 1;
  return {
    stage: reason.stage,
    part: reason.part,
    buy: 'mesh',
    mesh: band.band.mesh,
    width: row.width,
    lap: rigid ? 0 : lap,
    runs: [...runs, ...leaves, ...above, ...patches],
    takes: { least: least.length, most: most.length },
    trimmed: topmost ? band.trimmed : 0,
    short: topmost ? band.shortBy : 0,
    need: () => [
      working(),
      ...leaves.map((leaf) => value('mesh.leaf', leaf.length, 'm', { width: leaf.length })),
      ...pieceTerms('mesh.above', above),
      ...pieceTerms('mesh.patch', patches),
    ],
  };
}

/** What a band takes from rolls of some widths: its rows, and rings where row lies on row. */
function bandAsks(group: Gathered, place: BandPlace, widths: readonly number[], lap: number): readonly Ask[] {
  const reason: Reason = { stage: 'walls', part: bandPart(group.wall.scope, place.band.id) };
  const { courses } = group.dressed(place, widths);
  return [
    ...courses.map((course) => courseAsk(reason, course, group, lap)),
    ...(courses.length > 1 ? [ringed(reason, rowSeams(group.wall, courses))] : []),
    ...(place.overhang > 0 ? [ringed(reason, patchSeams(courses))] : []),
  ];
}

/** Mesh of walls band by band: in the widths that the keeper gave, or open. */
export function wallDemands(gathered: readonly Gathered[], assumed: Assumptions): readonly Demand[] {
  return gathered.flatMap((group) =>
    group.places.flatMap((place): Demand[] => {
      const { band, bottom, below } = place;
      const reason: Reason = { stage: 'walls', part: bandPart(group.wall.scope, band.id) };
      const asks = (widths: readonly number[]) => bandAsks(group, place, widths, assumed.jointLap);
      const rows =
        band.widths === 'cheapest'
          ? [
              openStack({
                ...reason,
                ...reachingOf(place),
                least: group.least,
                most: group.most,
                packs: ['ring'],
                asks,
              }),
            ]
          : asks(band.widths);
      const seams =
        below === null ? [] : [ringed(reason, bandSeams(group.wall, bottom, below, assumed.leafOverlap))];
      return [...rows, ...seams];
    }),
  );
}

/** Boards and rails, a piece a bay. */
export const boardDemands = (boards: readonly BoardCourse[]): readonly Demand[] =>
  boards.flatMap(({ timber, runs }): Demand[] => {
    const [first] = runs;
    return first ? [{ stage: 'walls', part: first.part, buy: 'timber', timber, runs }] : [];
  });
