import type { AskOf, Demand, Reason } from '../../../buying/demand';
import { NO_JOINTS, type Run } from '../../../buying/run';
import { jointLapOf } from '../../../catalogue/rigid';
import type { Products } from '../../../catalogue/products';
import { perUnit } from '../../../build/rate';
import { gaps, packed } from '../../../fasteners/along';
import type { Assumptions } from '../../../plan/assumptions';
import { placeAt } from '../../../plan/place';
import type { Building } from '../../../plan/schema';
import { type Term, product, sum, value } from '../../../working';
import type { Vent } from '../../ground/plan/house';

/** Mesh over a vent reaches so far beyond its clear opening on every side, m (rules: What stands). */
const BEYOND = 0.05;
/** Battens over its edge are stapled so often, m. */
const STAPLED = 0.1;

/** A vent that mesh is put over, with the size of its piece, m. */
export interface Covered {
  readonly building: Building;
  readonly vent: Vent;
  readonly mesh: string;
  readonly width: number;
  readonly height: number;
  /** Which of all, as they are met. */
  readonly nth: number;
}

/** Everything that mesh is put over, house by house. */
export function coveredVents(buildings: readonly Building[]): readonly Covered[] {
  let nth = 0;
  return buildings.flatMap((building) =>
    (building.vents ?? []).flatMap((vent): Covered[] => {
      if (vent.mesh === null) return [];
      const [width, height] = [vent.width + 2 * BEYOND, vent.height + 2 * BEYOND];
      return [{ building, vent, mesh: vent.mesh, width, height, nth: nth++ }];
    }),
  );
}

const reasonOf = ({ building }: Covered): Reason => ({
  stage: 'ways',
  part: { on: 'building', building: building.id },
});

const plain = { startAllowance: 0, endAllowance: 0, joints: [], atJoint: NO_JOINTS, spans: [], leans: [] };

/** Its shorter size along the roll where both would fit across. */
function piecesIn({ building, vent, width, height, nth }: Covered, rollWidth: number): readonly Run[] {
  const [short, long] = width <= height ? [width, height] : [height, width];
  const [length, across] = long <= rollWidth + 1e-9 ? [short, long] : [long, short];
  return Array.from({ length: vent.count }, (_, i) => ({
    ...plain,
    part: { on: 'vent' as const, building: building.id, vent: vent.id, nth: i + 1 },
    use: 'extra' as const,
    length,
    across,
    place: placeAt('vent', nth, i),
  }));
}

/** Battens that follow the outer edge of each piece: two along, two up. */
function battens(covered: Covered): readonly Run[] {
  const { building, vent, width, height, nth } = covered;
  return Array.from({ length: vent.count }, (_, i) =>
    [width, height, width, height].map((length, side): Run => ({
      ...plain,
      part: { on: 'vent-batten', building: building.id, vent: vent.id, nth: 4 * i + side + 1 },
      use: 'extra',
      length,
      across: null,
      place: placeAt('vent', nth, 4 * i + side),
    })),
  ).flat();
}

/** Staples, batten by batten: ⌈l/0.10⌉ each (rules: What stands). */
const staples = ({ vent, width, height }: Covered): Term =>
  product('vent.staples', 'piece', { name: vent.name }, [
    value('vent.count', vent.count, 'piece', {}),
    sum(
      'vent.round',
      'piece',
      {},
      [width, height, width, height].map((length) => gaps(length, STAPLED)),
    ),
  ]);

/** What covers vents and windows: mesh, what holds its edges, and what holds that. */
export function ventDemands(
  buildings: readonly Building[],
  products: Pick<Products, 'mesh' | 'timbersOf'>,
  assumed: Assumptions,
): readonly Demand[] {
  const [batten] = products.timbersOf('batten');
  return coveredVents(buildings).flatMap((covered): Demand[] => {
    const { mesh, width, height, vent } = covered;
    const reason = reasonOf(covered);
    const sheet: AskOf<'sheet'> = {
      ...reason,
      buy: 'sheet',
      mesh,
      width,
      height,
      count: vent.count,
      lap: jointLapOf(products.mesh(mesh).type, assumed.jointLap),
      runsIn: (rollWidth) => piecesIn(covered, rollWidth),
    };
    return [
      sheet,
      ...(batten ? [{ ...reason, buy: 'timber' as const, timber: batten.id, runs: battens(covered) }] : []),
      packed(reason, 'staple', [staples(covered)]),
    ];
  });
}

/** Hours to put battens over vents and windows: as boards, by the metre. */
export function ventHours(buildings: readonly Building[], assumed: Assumptions): readonly Term[] {
  const covered = coveredVents(buildings);
  if (covered.length === 0) return [];
  const round = covered.reduce((n, { vent, width, height }) => n + 2 * vent.count * (width + height), 0);
  return [
    product('hours.boards', 'h', {}, [
      value('hours.metres', round, 'm', {}),
      perUnit(assumed.hoursBoardMetre),
    ]),
  ];
}
