import { BIRDS, type BirdKind } from '../birds/kinds';
import type { Plan } from '../../plan/schema';
import { EPSILON } from '../../units/round';
import { THREAT_IDS, type ThreatId, type Threatened, isPresent, threatIn } from './kinds';

/** What one present threat asks of openings, m. */
export interface ThreatLimit {
  readonly threat: ThreatId;
  /** An opening holds it only when smaller than this: the lesser of its squeeze and its reach. */
  readonly limit: number;
  /** Takes only small birds and eggs, and none are kept here. */
  readonly onlyKnow: boolean;
}

export interface OpeningLimits {
  readonly threats: readonly ThreatLimit[];
  /** The bird that asks for the smallest opening; an opening up to its figure holds it. */
  readonly bird: { readonly kind: BirdKind; readonly opening: number } | undefined;
  /** The least of birds' and present threats' figures, m; null when nothing asks. */
  readonly largestOpening: number | null;
}

/** @see rules: Threats. An opening holds a threat only when its shorter side is smaller than squeeze and reach */
export function openingLimits(plan: Threatened & Pick<Plan, 'flock'>): OpeningLimits {
  const kept = plan.flock.filter((f) => f.count > 0);
  const small = kept.some((f) => BIRDS[f.kind].small);
  const chicks = kept.some((f) => BIRDS[f.kind].young);
  const threats = THREAT_IDS.filter((id) => isPresent(plan, id)).flatMap((threat): ThreatLimit[] => {
    const { squeeze, reach, smallPrey, young, takes } = threatIn(plan, threat);
    const body = chicks ? (young ?? squeeze) : squeeze;
    const limit = Math.min(body ?? Infinity, reach ?? Infinity);
    if (!Number.isFinite(limit)) return [];
    return [{ threat, limit, onlyKnow: takes === 'feed' || (smallPrey && !small) }];
  });
  const birds = kept.map((f) => ({ kind: f.kind, opening: BIRDS[f.kind].opening }));
  const bird = birds.length > 0 ? birds.reduce((a, b) => (b.opening < a.opening ? b : a)) : undefined;
  const all = [...threats.map((t) => t.limit), ...(bird ? [bird.opening] : [])];
  return { threats, bird, largestOpening: all.length > 0 ? Math.min(...all) : null };
}

/** Present threats that an opening does not hold: its shorter side is not smaller than their limit. */
export function passing(limits: OpeningLimits, opening: number): readonly ThreatLimit[] {
  return limits.threats.filter((t) => opening >= t.limit - EPSILON);
}

/** The clear opening of a mesh that counts: its shorter side, m. */
export const shorterSide = (mesh: {
  readonly opening: { readonly up: number; readonly along: number };
}): number => Math.min(mesh.opening.up, mesh.opening.along);
