import type { Products } from '../../catalogue/products';
import { MESH_TYPES, type MeshType } from '../../catalogue/meshTypes';
import type { FenceLine } from '../../ground/fenceLines';
import type { Profile } from '../../ground/profile';
import { type SetOut, bayEnds } from '../posts/shown/setOut';
import type { Facet } from '../../plan/effective';
import type { Band } from '../../plan/schema';
import { EPSILON, tidy } from '../../units/round';

/** Panels and welded mesh forgive this much before a bay counts as off the level, rise over run. */
const LEVEL_ENOUGH = 0.005;

/** The ground from post to post. Level distances m; `rise` in the line's direction, m. */
export interface BayFall {
  readonly line: FenceLine;
  readonly from: number;
  readonly to: number;
  readonly rise: number;
  readonly grade: number;
}

export type Falls = ReadonlyMap<FenceLine, LineFall>;

/** How the walls of one line take its slope. */
export interface LineFall {
  readonly line: FenceLine;
  readonly profile: Profile;
  /** Bay by bay; none where the line is level. */
  readonly bays: readonly BayFall[];
  /** Mesh follows the ground, or the mesh steps bay by bay. */
  readonly hang: 'follow' | 'step';
  /** The steepest bay, rise over run, without its sign. */
  readonly steepest: number;
  /** The greatest change of grade from bay to bay. */
  readonly sharp: number;
  /** What closes the low post of a bay that steps. */
  readonly foot: Facet<'slope'>['slope']['foot'];
  /** The greatest drop of a bay where mesh steps, 0 where it follows, m. */
  readonly drop: number;
}

function baysOf(setOut: SetOut, profiles: ReadonlyMap<FenceLine, Profile>) {
  const bays = new Map<FenceLine, BayFall[]>(setOut.lines.map((line) => [line, []]));
  for (const stretch of setOut.stretches) {
    const { line } = stretch;
    const profile = profiles.get(line);
    // Where all is level no bay has anything to say.
    if (!profile || profile.level) continue;
    bayEnds(stretch).forEach(([near, far]) => {
      const rise = profile.heightAt(far) - profile.heightAt(near);
      bays.get(line)?.push({ line, from: near, to: far, rise, grade: rise / (far - near) });
    });
  }
  return bays;
}

function sharpest(bays: readonly BayFall[]): number {
  return bays.slice(1).reduce((most, bay, i) => {
    const before = bays[i];
    // Across a gate nothing hangs from bay to bay.
    if (!before || bay.from - before.to > EPSILON) return most;
    return Math.max(most, Math.abs(bay.grade - before.grade));
  }, 0);
}

/** The mesh of some bands that minds a slope most, and what it can follow, rise over run. */
export function stiffest(products: Pick<Products, 'mesh'>, bands: readonly Band[]) {
  let mesh: MeshType = 'chain-link';
  for (const band of bands) {
    const { type } = products.mesh(band.mesh);
    if (band === bands[0] || MESH_TYPES[type].follows < MESH_TYPES[mesh].follows) mesh = type;
  }
  return { mesh, limit: Math.max(MESH_TYPES[mesh].follows, LEVEL_ENOUGH) };
}

export interface SlopeBy {
  readonly products: Products;
  readonly setOut: SetOut;
  readonly profiles: ReadonlyMap<FenceLine, Profile>;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
  readonly slopes: ReadonlyMap<FenceLine, Facet<'slope'>>;
}

/**
 * How each line's walls take the slope: along the ground, or stepped bay by bay.
 *
 * @see rules: Slope and survey. Welded mesh follows 5 %, hexagonal 12 %, chain link and woven 25 %; steeper or at a sharp change, step
 */
export function linesOnSlope({ products, setOut, profiles, bands, slopes }: SlopeBy): Falls {
  const bays = baysOf(setOut, profiles);
  const falls = new Map<FenceLine, LineFall>();
  for (const line of setOut.lines) {
    const profile = profiles.get(line);
    const slope = slopes.get(line)?.slope;
    if (!profile || !slope) continue;
    const own = bays.get(line) ?? [];
    const steepest = own.reduce((most, bay) => Math.max(most, Math.abs(bay.grade)), 0);
    const sharp = sharpest(own);
    const { limit } = stiffest(products, bands.get(line)?.bands ?? []);
    const steps = steepest > limit + EPSILON || sharp > limit + EPSILON;
    const hang = slope.hang === 'by-mesh' ? (steps ? 'step' : 'follow') : slope.hang;
    // Stepping level ground is hanging it level: the mesh may run on.
    const level = profile.level || own.every((bay) => Math.abs(bay.rise) < EPSILON);
    falls.set(line, {
      line,
      profile,
      bays: own,
      hang: level ? 'follow' : hang,
      foot: slope.foot,
      drop:
        level || hang === 'follow'
          ? 0
          : tidy(own.reduce((most, bay) => Math.max(most, Math.abs(bay.rise)), 0)),
      steepest,
      sharp,
    });
  }
  return falls;
}

/** Falls of before, where the same lines lie on the same ground and hang as they did: another mesh that follows as well changes nothing. */
export function sameFalls(before: Falls, after: Falls): Falls {
  const same = ([line, fall]: readonly [FenceLine, LineFall]) => {
    const old = before.get(line);
    return (
      old?.profile === fall.profile &&
      old.hang === fall.hang &&
      old.foot === fall.foot &&
      old.drop === fall.drop &&
      old.bays.length === fall.bays.length &&
      fall.bays.every(({ from, to }, i) => old.bays[i]?.from === from && old.bays[i].to === to)
    );
  };
  return before.size === after.size && [...after].every(same) ? before : after;
}
