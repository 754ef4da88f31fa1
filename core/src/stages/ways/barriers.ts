import { layersBy } from '../../catalogue/layer';
import type { RollMarket } from '../../catalogue/market';
import type { Barrier, Finer } from '../../findings/barrier';
import type { Mends } from '../../findings/types';
import type { Foot } from '../../ground/foot';
import { outerSides } from '../../ground/outerSides';
import type { Ring } from '../../ground/survey';
import type { Change } from '../../plan/changes/types';
import type { PartRef } from '../../plan/partRef';
import type { Boundary, Building } from '../../plan/schema';
import { finerMesh } from '../threats/shown/strongMesh';
import { ventMeshed } from './house/findings';
import { housesOf } from '../../ground/houses';
import { type Opening, hasSill, isCaught, leavesGap, rowOf } from './plan/kinds';
import { tunnelMeshed, tunnelsOf } from './tunnel';

/** What ways in hand over of themselves to be judged. */
export interface WayBarriersBy {
  readonly market: RollMarket;
  readonly rings: readonly Ring[];
  readonly openings: readonly Opening[];
  readonly feet: ReadonlyMap<string, Foot>;
  readonly buildings: readonly Building[];
  readonly boundaries: readonly Boundary[];
}

const set = (id: string, to: Extract<Change, { verb: 'set-opening' }>['to']): Mends => [
  { verb: 'set-opening', id, to },
];

/** What is round a shut leaf, and what shuts it. */
function openingBarriers({ rings, openings, feet }: WayBarriersBy): Barrier[] {
  const outer = outerSides(rings);
  return openings.flatMap((opening): Barrier[] => {
    const enclosure = outer.get(opening.side);
    if (enclosure === undefined) return [];
    const { id, side } = opening;
    const at = { stage: 'ways', part: { on: 'opening', opening: id } as PartRef, enclosure, side } as const;
    const gap: Barrier[] = leavesGap(opening)
      ? [
          {
            of: 'pane',
            ...at,
            what: 'leaf',
            layers: [],
            hole: opening.gap,
            near: true,
            from: 0,
            finer: ({ smaller }: Finer) => {
              const tightest = rowOf(opening).tightest ?? 0;
              const tighter = [0.013, tightest].find((g) => g < smaller - 1e-9 && g < opening.gap);
              return tighter === undefined ? [] : set(id, { gap: tighter });
            },
          },
        ]
      : [];
    if (!isCaught(opening) && !hasSill(opening)) return gap;
    return [
      ...gap,
      {
        of: 'door',
        ...at,
        catches: isCaught(opening) ? opening.catches : null,
        locked: isCaught(opening) && opening.lock !== 'none',
        sill: !hasSill(opening) || opening.sill === 'board' || feet.get(side)?.beneath === true,
        mends: {
          catches: set(id, { catches: 'two-step' }),
          lock: set(id, { lock: 'padlock' }),
          sill: set(id, { sill: 'board' }),
        },
      },
    ];
  });
}

/** Vents and windows of houses: fly screen is torn by a claw and counts as nothing. */
const ventBarriers = ({ market, buildings, rings }: WayBarriersBy): Barrier[] => {
  const layers = layersBy(market);
  return housesOf(buildings, rings).flatMap(({ building, enclosure }) =>
    (building.vents ?? []).map((vent): Barrier => ({
      of: 'pane',
      stage: 'ways',
      part: { on: 'building', building: building.id },
      enclosure,
      side: null,
      what: 'vent',
      layers: vent.mesh === null ? [] : layers(vent.mesh),
      hole: Math.min(vent.width, vent.height),
      near: true,
      from: 0,
      finer: ({ smaller, wire }: Finer) =>
        ventMeshed(building, vent, (fit) => finerMesh(market, smaller, wire, fit)),
    })),
  );
};

/** Low runs with mesh over them. */
const tunnelBarriers = ({ market, boundaries }: WayBarriersBy): Barrier[] => {
  const layers = layersBy(market);
  return tunnelsOf(boundaries).map((tunnel): Barrier => ({
    of: 'pane',
    stage: 'ways',
    part: { on: 'boundary', boundary: tunnel.line.id },
    enclosure: null,
    side: null,
    what: 'tunnel',
    layers: layers(tunnel.built.mesh),
    hole: Infinity,
    near: true,
    from: 0,
    finer:
      ({ smaller, wire }: Finer) =>
      () =>
        tunnelMeshed(tunnel, finerMesh(market, smaller, wire)),
  }));
};

export const wayBarriers = (by: WayBarriersBy): readonly Barrier[] => [
  ...openingBarriers(by),
  ...ventBarriers(by),
  ...tunnelBarriers(by),
];
