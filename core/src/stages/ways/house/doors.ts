import type { Demand, Reason } from '../../../buying/demand';
import { plainRun } from '../../../buying/run';
import type { Unmet } from '../../../buying/unmet';
import type { Products } from '../../../catalogue/products';
import { BOARD_TIMBER } from '../../../catalogue/timbers';
import { packed } from '../../../fasteners/along';
import { type Finding, finding } from '../../../findings/types';
import type { Assumptions } from '../../../plan/assumptions';
import type { Change } from '../../../plan/changes/types';
import { placeAt } from '../../../plan/place';
import type { Building } from '../../../plan/schema';
import { value } from '../../../working';
import type { HouseDoor } from '../../ground/plan/house';
import { type Opening, hangingOf, kitOf, rowOf } from '../plan/kinds';

/** A door of a house's own wall that is bought and hung: like a pop door or a hatch of a fence, in a wall of boards. */
interface HungDoor {
  readonly building: Building;
  readonly door: HouseDoor;
  readonly opening: Opening;
}

/** How high above the floor it is set, m: nobody digs or wades there. */
const BOTTOM = 0.5;

/** The same as what closes a fence. */
export function asOpening({ id, kind, width, height, make }: HouseDoor): Opening {
  const at = { id, side: '', along: 0, width, height, make } as const;
  if (kind === 'pop-door') return { kind, ...at };
  return { kind: 'hatch', use: kind === 'egg-hatch' ? 'eggs' : 'cleaning', bottom: BOTTOM, ...at };
}

export const hungDoors = (buildings: readonly Building[]): readonly HungDoor[] =>
  buildings.flatMap((building) =>
    (building.doors ?? []).flatMap((door): HungDoor[] =>
      door.found ? [] : [{ building, door, opening: asOpening(door) }],
    ),
  );

const reasonOf = ({ building, door }: HungDoor): Reason => ({
  stage: 'ways',
  part: { on: 'house-door', building: building.id, door: door.id },
});

/** Kits, what is sawn for the others, and what all of them hang on. */
export const doorDemands = (
  buildings: readonly Building[],
  products: Pick<Products, 'timber'>,
  assumed: Assumptions,
): readonly Demand[] =>
  hungDoors(buildings).flatMap((hung, nth): Demand[] => {
    const { opening, building, door } = hung;
    const reason = reasonOf(hung);
    const row = rowOf(opening);
    const kit = kitOf(opening);
    const leaf = {
      width: opening.width + assumed.leafOverlap,
      height: (hangingOf(opening).height ?? 0) + assumed.leafOverlap,
    };
    const { sticks, hardware } = row.joinery(opening, leaf, products.timber(BOARD_TIMBER).width);
    const sawn = sticks.map(({ timber, use, name, count, length }): Demand => ({
      ...reason,
      buy: 'timber',
      timber,
      runs: Array.from({ length: count }, (_, i) => {
        const of = { building: building.id, door: door.id, stick: name, nth: i + 1 } as const;
        return plainRun(use, { on: 'house-stick', ...of }, length, placeAt('stick', nth + 1));
      }),
    }));
    const params = { way: opening.kind, width: opening.width };
    const packs = Object.entries(hardware) as [keyof typeof hardware, number][];
    return [
      ...(kit === null || row.kit === null
        ? []
        : [{ ...reason, buy: 'kit', product: kit, width: opening.width, line: row.kit.line } as const]),
      ...sawn,
      ...packs.map(([pack, count]) => packed(reason, pack, [value('ways.hardware', count, 'piece', params)])),
    ];
  });

/** With another size or make of one of its doors. */
const setDoor = ({ building, door }: HungDoor, to: Partial<HouseDoor>): Change => ({
  verb: 'set-on-ground',
  list: 'buildings',
  id: building.id,
  to: { doors: (building.doors ?? []).map((d) => (d.id === door.id ? { ...d, ...to } : d)) },
});

/** Doors of houses that no yard sells a kit for. */
export const houseKitFindings = (
  buildings: readonly Building[],
  unmet: readonly Unmet[],
): readonly Finding[] =>
  hungDoors(buildings).flatMap((hung): Finding[] => {
    const { building, door, opening } = hung;
    const short = unmet.find(
      ({ buy, part }) =>
        buy === 'kit' && part.on === 'house-door' && part.building === building.id && part.door === door.id,
    );
    if (!short) return [];
    const params = { way: opening.kind, width: door.width, nearest: short.nearest };
    const mends = [
      ...(short.nearest === null ? [] : [setDoor(hung, { width: short.nearest })]),
      setDoor(hung, { make: 'built' }),
    ];
    const part = { on: 'building', building: building.id } as const;
    return [finding('way.no-kit', { severity: 'mend', stage: 'ways', part }, params, mends)];
  });
