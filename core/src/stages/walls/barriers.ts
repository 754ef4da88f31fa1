import { type Layer, layersBy } from '../../catalogue/layer';
import type { RollMarket } from '../../catalogue/market';
import type { Barrier, Finer } from '../../findings/barrier';
import type { Mends } from '../../findings/types';
import { type FenceLine } from '../../ground/fenceLines';
import type { Foot } from '../../ground/foot';
import { outerSides } from '../../ground/outerSides';
import { hollow } from '../../ground/profile';
import type { Ring } from '../../ground/survey';
import { type Facet } from '../../plan/effective';
import type { PartRef } from '../../plan/partRef';
import { EPSILON } from '../../units/round';
import { heightOf } from '../outline/plan/standing';
import { WITHIN_REACH } from '../threats/shown/openings';
import { finerMesh } from '../threats/shown/strongMesh';
import { bandChange } from './bandChange';
import type { HungBand } from './rows';
import { type RoofedLine, MEETS } from './roofed/rakes';
import type { WallGroup } from './shown/groups';
import type { Falls } from './shown/runs';
import type { WallTop } from './shown/wallTop';
import { foundBands, stoodOn, tieOver } from './standing/found';

/** What walls hand over of themselves to be judged. */
export interface WallBarriersBy {
  readonly market: RollMarket;
  readonly rings: readonly Ring[];
  readonly lines: readonly FenceLine[];
  readonly walls: readonly WallGroup[];
  readonly tops: ReadonlyMap<FenceLine, WallTop>;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
  readonly boards: ReadonlyMap<FenceLine, Facet<'boards'>>;
  readonly falls: Falls;
  readonly feet: ReadonlyMap<string, Foot>;
  readonly roofed: readonly RoofedLine[];
}

/** A hollow that a boot evens out is none, m. */
const LEAST_HOLLOW = 0.01;

interface At {
  readonly enclosure: string;
  readonly side: string;
}
type Judged = WallBarriersBy & { readonly at: (line: FenceLine) => At | null };

const NOTHING: Mends = [];
const gap = (at: At, what: 'gap' | 'hollow' | 'standing', hole: number, from: number): Barrier => ({
  of: 'pane',
  stage: 'walls',
  part: { on: 'side', side: at.side },
  ...at,
  what,
  layers: [],
  hole,
  near: from < WITHIN_REACH - EPSILON,
  from,
  finer: () => NOTHING,
});

function bandPanes(by: Judged, group: WallGroup, band: HungBand, layers: readonly Layer[]): Barrier[] {
  const { market, feet, boards } = by;
  const below = group.bands[band.index - 1];
  const change = bandChange(group, band);
  const finer =
    ({ smaller, wire }: Finer): Mends =>
    () => {
      const id = finerMesh(market, smaller, wire);
      return id === undefined ? [] : [change({ mesh: id, widths: 'cheapest' })];
    };
  return group.lines.flatMap((line): Barrier[] => {
    const at = by.at(line);
    if (!at) return [];
    const lapped = Math.min(...line.members.map((m) => feet.get(m.ringSide.side.id)?.up ?? 0));
    const closed = !below && !group.stands ? (boards.get(line)?.boards.ground ?? null) : null;
    const begins = below ? below.top : closed === null ? 0 : market.timber(closed).width;
    const hole = group.stands ? 0 : band.bottom - begins;
    const holes = hole > EPSILON ? [gap(at, 'gap', hole, begins)] : [];
    if (band.top <= lapped + EPSILON) return holes;
    const from = Math.max(group.stands ? band.bottom : (below?.top ?? 0), lapped);
    const part: PartRef = { on: 'side-band', side: at.side, band: band.band.id };
    return [
      ...holes,
      {
        of: 'pane',
        stage: 'walls',
        part,
        ...at,
        what: 'band',
        layers,
        hole: Infinity,
        near: from < WITHIN_REACH - EPSILON,
        from,
        finer,
      },
    ];
  });
}

/** Fences that stand: what is known of their mesh, and what is not. */
function stoodPanes(by: Judged): Barrier[] {
  const { market, lines, feet } = by;
  const stood = stoodOn(lines, feet);
  const bands = foundBands(stood, market).flatMap((band): Barrier[] => {
    const { type, opening, wire, known, from } = band;
    const layers: readonly Layer[] = [{ type, opening, wire, known }];
    return band.lines.flatMap((line): Barrier[] => {
      const at = by.at(line);
      if (!at) return [];
      const part: PartRef = { on: 'side', side: at.side };
      const near = from < WITHIN_REACH - EPSILON;
      const finer = ({ smaller, wire: strong }: Finer) =>
        tieOver(band, () => finerMesh(market, smaller, strong));
      return [
        {
          of: 'pane',
          stage: 'walls',
          part,
          ...at,
          what: 'standing',
          layers,
          hole: Infinity,
          near,
          from,
          finer,
        },
      ];
    });
  });
  const holes = stood.flatMap(({ standing, lines: these }) =>
    these.flatMap((line): Barrier[] => {
      const at = by.at(line);
      if (!at) return [];
      const highest = standing.bands.at(-1)?.top ?? 0;
      const missing = (standing.height ?? highest) - highest;
      return [
        ...(standing.state === 'broken' ? [gap(at, 'standing', Infinity, 0)] : []),
        ...(missing > EPSILON && highest > 0 && !standing.higher ? [gap(at, 'gap', missing, highest)] : []),
      ];
    }),
  );
  return [...bands, ...holes];
}

/** What the ground leaves open under the mesh. */
const groundGaps = (by: Judged): Barrier[] =>
  [...by.falls.values()].flatMap(({ line, hang, foot, drop, profile, bays }): Barrier[] => {
    const at = by.at(line);
    if (!at || profile.level) return [];
    const deep = Math.max(0, ...bays.map((bay) => hollow(profile, bay.from, bay.to)));
    return [
      ...(hang === 'step' && foot === 'gap' && drop > EPSILON ? [gap(at, 'gap', drop, 0)] : []),
      ...(deep >= LEAST_HOLLOW ? [gap(at, 'hollow', deep, 0)] : []),
    ];
  });

/** How high each wall ends, and what is open up to a roof that stands over it. */
function heads(by: Judged): Barrier[] {
  const under = new Map(by.roofed.map((r) => [r.line.id, r]));
  return [...by.tops].flatMap(([line, { top }]): Barrier[] => {
    const at = by.at(line);
    if (!at || line.stands !== 'posts') return [];
    const roof = under.get(line.id);
    const open = !roof || Math.abs(roof.wall - roof.low) <= MEETS + EPSILON ? 0 : roof.high - roof.wall;
    const { standing } = line;
    const mesh = standing
      ? Math.max(standing.higher?.top ?? 0, standing.bands.at(-1)?.top ?? heightOf(standing))
      : top;
    return [
      {
        of: 'top',
        stage: 'walls',
        part: { on: 'side', side: at.side },
        ...at,
        height: standing?.state === 'broken' ? 0 : mesh,
        overhang: by.bands.get(line)?.overhang ?? 0,
        gap: Math.max(0, open),
      },
    ];
  });
}

/** Bands, holes and heads of walls, as they stand in the way of what comes. */
export function wallBarriers(by: WallBarriersBy): readonly Barrier[] {
  const outer = outerSides(by.rings);
  const at = (line: FenceLine): At | null => {
    const enclosure = outer.get(line.id);
    return enclosure === undefined ? null : { enclosure, side: line.id };
  };
  const judged: Judged = { ...by, at };
  const layers = layersBy(by.market);
  return [
    ...by.walls.flatMap((group) =>
      group.bands.flatMap((band) => bandPanes(judged, group, band, layers(band.band.mesh))),
    ),
    ...stoodPanes(judged),
    ...groundGaps(judged),
    ...heads(judged),
  ];
}
