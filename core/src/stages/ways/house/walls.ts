import { type Finding, finding } from '../../../findings/types';
import { RAISED } from '../../../ground/beneath';
import { distance } from '../../../ground/vector';
import type { Change } from '../../../plan/changes/types';
import type { Building, Plan } from '../../../plan/schema';
import { EPSILON } from '../../../units/round';
import { THREAT_IDS, isPresent, threatIn } from '../../threats/plan/kinds';
import { skirtOfKind, stopsDigging } from '../../skirt/plan/wanted';

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

/** Who digs, of those about. */
const diggers = (plan: Pick<Plan, 'threats' | 'threatFigures'>) =>
  THREAT_IDS.filter((id) => isPresent(plan, id) && threatIn(plan, id).dig !== null);

export interface HouseWallsBy {
  readonly buildings: readonly Building[];
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
}

/** What lies under a house: earth is dug through, a low floor houses rats. */
function floors(by: HouseWallsBy, building: Building): Finding[] {
  const { floor, skirt, foot } = building;
  const part = { on: 'building', building: building.id } as const;
  const { name } = building;
  if (floor?.kind === 'earth' && !skirt) {
    const there = { mesh: null, depth: foot?.depth ?? 0, out: foot?.out ?? 0 };
    const threats = diggers(by).filter((id) => !stopsDigging(by, id, there));
    if (threats.length === 0) return [];
    const laid = (plan: Plan): readonly Change[] => [
      {
        verb: 'set-on-ground',
        list: 'buildings',
        id: building.id,
        to: { skirt: skirtOfKind(plan, 'apron', { kind: 'none' }) },
      },
    ];
    return [
      finding('house.earth-floor', { severity: 'mend', stage: 'skirt', part }, { name, threats }, laid),
    ];
  }
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
export const houseWallFindings = (by: HouseWallsBy): readonly Finding[] =>
  by.buildings.flatMap((building) => [...sizes(building), ...floors(by, building)]);
