import { layersBy } from '../../catalogue/layer';
import { typeOf } from '../../catalogue/meshTypes';
import type { RollMarket } from '../../catalogue/market';
import type { Barrier, Finer } from '../../findings/barrier';
import type { Mends } from '../../findings/types';
import { outerSides } from '../../ground/outerSides';
import type { FenceLine } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import type { Building } from '../../plan/schema';
import type { WallTop } from '../walls/shown/wallTop';
import { finerMesh } from '../threats/shown/strongMesh';
import { GAP } from './findings';
import type { Covered, OpenCover } from './laid';
import { type HeightAt, overGround } from './over/shape';
import { rowOf } from './plan/kinds';
import { ofKind } from './questions';

/** What covers hand over of themselves to be judged. */
export interface CoverBarriersBy {
  readonly market: RollMarket;
  readonly covered: Covered;
  readonly rings: readonly Ring[];
  readonly lines: readonly FenceLine[];
  readonly tops: ReadonlyMap<FenceLine, WallTop>;
  readonly buildings: readonly Building[];
  readonly ground: HeightAt;
}

/** What is open between the edges of a cover and the walls and eaves under them. */
function gaps({ shape }: OpenCover, by: CoverBarriersBy, outer: ReadonlyMap<string, string>): Barrier[] {
  const { edges, cover } = shape;
  return edges.flatMap(({ from, to, side }): Barrier[] => {
    if (!side || outer.get(side.side.id) !== cover.enclosure) return [];
    const ends = [from, to].map((p) => overGround(shape, by.ground, p));
    const high = Math.max(...ends);
    const building = side.side.kind === 'building' ? side.side.building : null;
    const eaves = by.buildings.find((b) => b.id === building && b.stands === 'walls')?.eaves;
    const line = by.lines.find((l) => l.members.some((m) => m.ringSide.side.id === side.side.id));
    const wall = (line && by.tops.get(line)?.top) ?? null;
    const under = eaves ?? wall;
    const gap = under === null ? 0 : high - under;
    if (gap <= GAP + 1e-9) return [];
    return [
      {
        of: 'top',
        stage: 'cover',
        part: { on: 'side', side: side.side.id },
        enclosure: cover.enclosure,
        side: side.side.id,
        height: wall ?? eaves ?? 0,
        overhang: 0,
        gap,
      },
    ];
  });
}

/** Covers over the runs, and what they leave open round their edges. Wraps close nothing. */
export function coverBarriers(by: CoverBarriersBy): readonly Barrier[] {
  const { market, covered, rings } = by;
  const outer = outerSides(rings);
  const layers = layersBy(market);
  return covered.over.flatMap((open): Barrier[] => {
    const { cover, area, ring } = open.shape;
    if (!rowOf(cover).closes) return [];
    const current = market.mesh(open.shape.made.mesh);
    /** The same of finer mesh; mesh in strips where it is something else. */
    const finer =
      ({ smaller, wire }: Finer): Mends =>
      (plan) => {
        const now = plan.covers.find((c) => c.id === cover.id);
        const mesh = finerMesh(market, smaller, wire, ({ type }) => typeOf({ type }).covers === 'strips');
        if (!now || mesh === undefined) return [];
        return typeOf(current).covers === 'strips'
          ? [{ verb: 'set-cover', id: cover.id, to: { mesh } }]
          : [{ verb: 'make-cover', cover: { ...ofKind({ plan }, now, 'strips'), mesh } }];
      };
    return [
      {
        of: 'lid',
        stage: 'cover',
        part: { on: 'cover', cover: cover.id },
        enclosure: cover.enclosure,
        side: null,
        layers: layers(open.shape.made.mesh),
        share: ring.area > 0 ? area / ring.area : 0,
        finer,
      },
      ...gaps(open, by, outer),
    ];
  });
}
