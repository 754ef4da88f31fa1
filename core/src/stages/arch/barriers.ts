import { type Layer, layersBy } from '../../catalogue/layer';
import type { RollMarket } from '../../catalogue/market';
import type { Barrier, Finer } from '../../findings/barrier';
import type { Mends } from '../../findings/types';
import { standsOf } from '../../ground/fenceLines';
import type { Ring, RingSide } from '../../ground/survey';
import { EPSILON } from '../../units/round';
import { WITHIN_REACH } from '../threats/shown/openings';
import { finerMesh } from '../threats/shown/strongMesh';
import type { Arched, Unshaped } from './arched';
import { partOf, set } from './found/of';
import { type ArchShape, hungEnds } from './shape';

type LayersOf = (...meshes: readonly string[]) => readonly Layer[];

/** Meshes one over the other: of its frame, its skin, its low band, and what is drawn over them. */
const meshesOf = ({ arch, made }: ArchShape, of: 'over' | 'end', low: boolean): readonly string[] => [
  ...(made.panels && (of === 'over' || made.panels.ends) ? [made.panels.mesh] : []),
  ...(arch.skin === null ? [] : [arch.skin]),
  ...(low && arch.low !== null ? [arch.low] : []),
  ...(arch.film !== null && (of === 'over' || arch.filmEnds === 'closed') ? [arch.film] : []),
];

function ofShape(shape: ArchShape, market: RollMarket, layers: LayersOf): Barrier[] {
  const { arch, feet } = shape;
  const at = (side: RingSide) =>
    ({ stage: 'arch', part: partOf(shape), enclosure: arch.enclosure, side: side.side.id }) as const;
  const finer = ({ smaller, wire }: Finer): Mends => {
    const mesh = finerMesh(market, smaller, wire);
    return mesh === undefined ? [] : [set(arch.id, { skin: mesh })];
  };
  /** Up to its low band, and above it. */
  const zones =
    arch.low === null
      ? [{ from: 0, low: false }]
      : [
          { from: 0, low: true },
          { from: arch.lowHeight, low: false },
        ];
  const panes = (side: RingSide, of: 'over' | 'end'): Barrier[] =>
    zones.map(({ from, low }) => ({
      of: 'pane',
      ...at(side),
      what: 'skin',
      layers: layers(...meshesOf(shape, of, low)),
      hole: Infinity,
      near: from < WITHIN_REACH - EPSILON,
      from,
      finer,
    }));
  return [
    ...feet.flatMap((foot) => panes(foot, 'over')),
    ...hungEnds(shape).flatMap((end) => panes(end.side, 'end')),
    {
      of: 'lid',
      stage: 'arch',
      part: partOf(shape),
      enclosure: arch.enclosure,
      side: null,
      layers: layers(...meshesOf(shape, 'over', false)),
      share: 1,
      finer,
    },
  ];
}

/** An arch that cannot be reckoned closes nothing. */
const ofUnshaped = ({ arch }: Unshaped, rings: readonly Ring[]): Barrier[] =>
  (rings.find((r) => r.enclosure === arch.enclosure)?.sides ?? [])
    .filter(({ side }) => standsOf(side) === 'arch')
    .map(({ side }) => ({
      of: 'pane',
      stage: 'arch',
      part: partOf({ arch }),
      enclosure: arch.enclosure,
      side: side.id,
      what: 'skin',
      layers: [],
      hole: Infinity,
      near: true,
      from: 0,
      finer: () => [],
    }));

/** Arches as they stand in the way of what comes: walls and roof in one. */
export function archBarriers(
  { shapes, unshaped }: Arched,
  rings: readonly Ring[],
  market: RollMarket,
): readonly Barrier[] {
  const layers = layersBy(market);
  return [
    ...shapes.flatMap((shape) => ofShape(shape, market, layers)),
    ...unshaped.flatMap((one) => ofUnshaped(one, rings)),
  ];
}
