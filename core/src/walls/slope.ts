import type { Market } from '../catalogue/market';
import type { MeshType } from '../catalogue/types';
import type { FenceLine } from '../ground/fenceLines';
import type { Profile } from '../ground/profile';
import { type SettingOut, bayEnds } from '../posts/setOut';
import { EPSILON, tidy } from '../units/round';

/** The steepest grade that each kind of mesh follows, rise over run (domain.md 13). Rigid panels do not rack. */
export const GRADE_LIMITS: Readonly<Record<MeshType, number>> = {
  'fine-welded': 0.05,
  welded: 0.05,
  hexagonal: 0.12,
  'chain-link': 0.25,
  woven: 0.25,
  'stock-panel': 0,
  'close-panel': 0,
  'cover-net': 0.25,
  plastic: 0.25,
};

/** Panels and welded mesh forgive this much before a bay counts as off the level, rise over run. */
const LEVEL_ENOUGH = 0.005;

/** The ground from post to post. Level distances m; `rise` in the line's direction, m. */
export interface BayLie {
  readonly line: FenceLine;
  readonly from: number;
  readonly to: number;
  readonly rise: number;
  readonly grade: number;
}

/** How the walls of one line take its slope. */
export interface LineLie {
  readonly line: FenceLine;
  readonly profile: Profile;
  /** Bay by bay; none where the line is level. */
  readonly bays: readonly BayLie[];
  /** Mesh and skirt follow the ground, or the mesh steps bay by bay. */
  readonly hang: 'follow' | 'step';
  /** The steepest bay, rise over run, without its sign. */
  readonly steepest: number;
  /** What the mesh that minds most can follow, and which it is. */
  readonly limit: number;
  readonly mesh: string;
  /** The greatest change of grade from bay to bay. */
  readonly sharp: number;
  /** The greatest drop of a bay where mesh steps, 0 where it follows, m. */
  readonly drop: number;
}

function baysOf(setting: SettingOut, profiles: ReadonlyMap<FenceLine, Profile>) {
  const bays = new Map<FenceLine, BayLie[]>(setting.lines.map((line) => [line, []]));
  for (const stretch of setting.stretches) {
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

function sharpest(bays: readonly BayLie[]): number {
  return bays.slice(1).reduce((most, bay, i) => {
    const before = bays[i];
    // Across a gate nothing hangs from bay to bay.
    if (!before || bay.from - before.to > EPSILON) return most;
    return Math.max(most, Math.abs(bay.grade - before.grade));
  }, 0);
}

/**
 * How each line's walls take the slope: along the ground, or stepped bay by bay.
 *
 * @see domain.md 13: welded mesh follows 5 %, hexagonal 12 %, chain link and woven 25 %; steeper or at a sharp change, step
 */
export function linesOnSlope(
  market: Market,
  setting: SettingOut,
  profiles: ReadonlyMap<FenceLine, Profile>,
): ReadonlyMap<FenceLine, LineLie> {
  const bays = baysOf(setting, profiles);
  const lies = new Map<FenceLine, LineLie>();
  for (const line of setting.lines) {
    const profile = profiles.get(line);
    if (!profile) continue;
    const { bands, slope } = line.choices;
    const meshes = bands.map((b) => ({ id: b.mesh, limit: GRADE_LIMITS[market.mesh(b.mesh).type] }));
    const stiffest = meshes.reduce((a, b) => (b.limit < a.limit ? b : a));
    const limit = Math.max(stiffest.limit, LEVEL_ENOUGH);
    const own = bays.get(line) ?? [];
    const steepest = own.reduce((most, bay) => Math.max(most, Math.abs(bay.grade)), 0);
    const sharp = sharpest(own);
    const steps = steepest > limit + EPSILON || sharp > limit + EPSILON;
    const hang = slope.hang === 'by-mesh' ? (steps ? 'step' : 'follow') : slope.hang;
    // Stepping level ground is hanging it level: the mesh may run on.
    const level = profile.level || own.every((bay) => Math.abs(bay.rise) < EPSILON);
    lies.set(line, {
      line,
      profile,
      bays: own,
      hang: level ? 'follow' : hang,
      drop:
        level || hang === 'follow'
          ? 0
          : tidy(own.reduce((most, bay) => Math.max(most, Math.abs(bay.rise)), 0)),
      steepest,
      limit,
      mesh: stiffest.id,
      sharp,
    });
  }
  return lies;
}
