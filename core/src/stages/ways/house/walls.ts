import { type Finding, finding } from '../../../findings/types';
import { RAISED } from '../../../ground/beneath';
import { distance } from '../../../ground/vector';
import type { Building } from '../../../plan/schema';
import { EPSILON } from '../../../units/round';

const longestWall = ({ outline }: Building): number =>
  Math.max(0, ...outline.map((p, i) => distance(p, outline[(i + 1) % outline.length] ?? p)));

interface Cut {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}

/** As large as the wall at most. */
const fitting =
  <T extends Cut>(building: Building, thing: T) =>
  (each: T): T =>
    each.id === thing.id
      ? {
          ...each,
          width: Math.min(each.width, longestWall(building)),
          height: Math.min(each.height, building.height),
        }
      : each;

const isTooLarge = (building: Building, { width, height }: Cut): boolean =>
  width > longestWall(building) + EPSILON || height > building.height + EPSILON;

function sizes(building: Building): Finding[] {
  const part = { on: 'building', building: building.id } as const;
  const { vents = [], doors = [], id } = building;
  const about = { severity: 'mend', stage: 'ways', part } as const;
  const said = (name: string, { width, height }: Cut, to: Partial<Building>): Finding =>
    finding(
      'house.cut-larger',
      about,
      { name, house: building.name, width, height, wall: longestWall(building), high: building.height },
      [{ verb: 'set-on-ground', list: 'buildings', id, to }],
    );
  return [
    ...vents
      .filter((vent) => isTooLarge(building, vent))
      .map((vent) => said(vent.name, vent, { vents: vents.map(fitting(building, vent)) })),
    ...doors
      .filter((door) => isTooLarge(building, door))
      .map((door) => said(door.kind.replace('-', ' '), door, { doors: doors.map(fitting(building, door)) })),
  ];
}

/** A low floor houses rats. */
function floors(building: Building): Finding[] {
  const { floor } = building;
  const part = { on: 'building', building: building.id } as const;
  const { name } = building;
  if (floor?.kind === 'raised' && floor.above > EPSILON && floor.above < RAISED - EPSILON)
    return [
      finding(
        'house.low-floor',
        { severity: 'know', stage: 'ways', part },
        { name, above: floor.above, least: RAISED },
        [
          {
            verb: 'set-on-ground',
            list: 'buildings',
            id: building.id,
            to: { floor: { ...floor, above: RAISED } },
          },
        ],
      ),
    ];
  return [];
}

/** What is wrong about a house's own walls and floor. */
export const houseWallFindings = (buildings: readonly Building[]): readonly Finding[] =>
  buildings.flatMap((building) => [...sizes(building), ...floors(building)]);
