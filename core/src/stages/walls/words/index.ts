import { type MeshType } from '../../../catalogue/types';
import { type Reader } from '../../../saying/reader';
import { MESH_TYPES } from '../../../catalogue/meshTypes';
import { type KindId, nameOf } from '../../ways/plan/kinds';
import { type SideParam } from '../../../saying/sentences';
import { sidesSaid } from '../../../saying/phrases';

export { SCHOOLS, cautions } from './advice';

/** How steep a side is for the mesh that minds most; grades rise over run. */
export interface SlopeParams {
  readonly side: number;
  readonly grade: number;
  readonly limit: number;
  readonly mesh: MeshType;
}

export interface SlopeLeans {
  readonly side: number;
  readonly grade: number;
  readonly extra: number;
}
export interface PanelModule {
  readonly panel: number;
  readonly spacing: number;
  readonly module: number;
}

/** Sides on which the same stands, by what the keeper calls them. */
export interface OnSides {
  readonly sides: readonly number[];
}

/** A wall under a roof that stands, from the lowest to the highest of it. */
export interface UnderRoof {
  readonly side: number;
  readonly name: string;
  readonly wall: number;
  readonly low: number;
  readonly high: number;
}

/** What is found about walls. Lengths m. */
export const FINDINGS = {
  'standing.unmeasured': ({ sides, as }: OnSides & { readonly as: number }, r: Reader) =>
    `Nobody measured how high the fence on ${sidesSaid(sides)} stands: it counts as ${r.length(as)}. Measure it.`,
  'standing.over-posts': (
    { sides, top, height }: OnSides & { readonly top: number; readonly height: number },
    r: Reader,
  ) =>
    `The mesh on ${sidesSaid(sides)} is said to reach ${r.length(top)}, and its posts ${r.length(height)}. Measure both.`,
  'standing.bare': (
    { sides, from, to }: OnSides & { readonly from: number; readonly to: number },
    r: Reader,
  ) =>
    `Nothing hangs on the fence of ${sidesSaid(sides)} from ${r.length(from)} to ${r.length(to)}: it counts as open.`,
  'standing.replaced': ({ sides }: OnSides, r: Reader) =>
    `The old fence on ${sidesSaid(sides)} comes down: it stands until the new one is closed, about ${r.about(0.3)} outside it, or the birds are shut in meanwhile.`,
  'standing.broken': ({ sides }: OnSides) =>
    `The fence on ${sidesSaid(sides)} is broken: it counts as a gap that everything walks through. Build it anew, or mend it first.`,
  'roof.gap': ({ side, name, wall, low }: UnderRoof, r: Reader) =>
    `Side ${side} ends at ${r.length(wall)} and ${name} begins at ${r.length(low)}: between them it is open.`,
  'roof.low': ({ side, name, wall, low }: UnderRoof, r: Reader) =>
    `${name} comes down to ${r.length(low)} over side ${side}, lower than its wall of ${r.length(wall)}.`,
  'roof.drips': ({ side, way, name }: SideParam & { readonly way: KindId; readonly name: string }) =>
    `${name} drops its water and snow on the ${nameOf(way)} in side ${side}. Hang a gutter there, or choose another side.`,
  'roof.over-boundary': (
    { name, boundary, by }: { readonly name: string; readonly boundary: string; readonly by: number },
    r: Reader,
  ) => `${name} reaches ${r.length(by)} over ${boundary}.`,
  'slope.leans': ({ side, grade, extra }: SlopeLeans, r: Reader) =>
    `Side ${side} climbs ${r.grade(grade)}: the mesh follows it. Allow up to ${r.about(extra)} more per piece: it leans with the slope and its ends are cut plumb.`,
  'slope.follows': ({ side, grade, limit, mesh }: SlopeParams, r: Reader) =>
    `Side ${side} climbs ${r.grade(grade)}; ${MESH_TYPES[mesh].said} follows ${r.grade(limit)} at most and would buckle. Step it.`,
  'slope.steps': ({ side, grade, limit, mesh, drop }: SlopeParams & { readonly drop: number }, r: Reader) =>
    `Side ${side} climbs ${r.grade(grade)} and ${MESH_TYPES[mesh].said} follows ${r.grade(limit)}: it steps bay by bay, up to ${r.about(drop)} per bay, and the lowest band is made that much taller.`,
  'band.short': (
    { reach, top, by }: { readonly reach: number; readonly top: number; readonly by: number },
    r: Reader,
  ) => `The widths chosen reach ${r.length(reach)}: ${r.length(by)} short of ${r.length(top)}.`,
  'band.no-roll': ({ height }: { readonly height: number }, r: Reader) =>
    `No rolls on sale, even three stacked, reach ${r.length(height)}. Lower the wall or add a band.`,
  'band.hole': (
    { from, to, hole }: { readonly from: number; readonly to: number; readonly hole: number },
    r: Reader,
  ) => `Nothing closes the wall from ${r.length(from)} to ${r.length(to)}: a hole of ${r.opening(hole)}.`,
  'band.thin-lap': (
    { at, lap, wanted }: { readonly at: number; readonly lap: number; readonly wanted: number },
    r: Reader,
  ) => `The bands at ${r.length(at)} lap by ${r.opening(lap)}; they want ${r.opening(wanted)}.`,
  'band.overlaps': (
    { at, lap, wanted }: { readonly at: number; readonly lap: number; readonly wanted: number },
    r: Reader,
  ) =>
    `The bands at ${r.length(at)} overlap by ${r.length(lap)}; ${r.opening(wanted)} is enough. The rest is wasted mesh.`,
  'panel.module': ({ panel, spacing, module }: PanelModule, r: Reader) =>
    `A panel of ${r.length(panel)} is cut where posts stand at most ${r.length(spacing)} apart. Space the posts at ${r.length(module)} and no panel has to be cut.`,
  'overhang.rigid': ({ overhang }: { readonly overhang: number }, r: Reader) =>
    `A rigid panel does not fold outward by ${r.length(overhang)}. Put mesh on top, or leave the overhang off.`,
} as const;
