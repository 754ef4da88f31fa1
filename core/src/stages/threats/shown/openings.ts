import { BIRDS, type BirdKind } from '../../birds/plan/kinds';
import type { Plan } from '../../../plan/schema';
import { EPSILON } from '../../../units/round';
import { THREAT_IDS, type ThreatId, type Threatened, isPresent, threatIn } from '../plan/kinds';

/** What one present threat asks of openings, m. */
export interface ThreatLimit {
  readonly threat: ThreatId;
  /** An opening holds it only when smaller than this; Infinity when openings do not matter to it. */
  readonly squeeze: number;
  /** An opening with a bird within reach keeps its paw out only when smaller than this; Infinity when it does not reach in. */
  readonly reach: number;
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
    const body = (chicks ? (young ?? squeeze) : squeeze) ?? Infinity;
    const paw = reach ?? Infinity;
    if (!Number.isFinite(Math.min(body, paw))) return [];
    return [{ threat, squeeze: body, reach: paw, onlyKnow: takes === 'feed' || (smallPrey && !small) }];
  });
  const birds = kept.map((f) => ({ kind: f.kind, opening: BIRDS[f.kind].opening }));
  const bird = birds.length > 0 ? birds.reduce((a, b) => (b.opening < a.opening ? b : a)) : undefined;
  const all = [...threats.map((t) => Math.min(t.squeeze, t.reach)), ...(bird ? [bird.opening] : [])];
  return { threats, bird, largestOpening: all.length > 0 ? Math.min(...all) : null };
}

/** Lower than this a bird stands at the mesh, m (rules: Threats). */
export const WITHIN_REACH = 0.6;

/** Whether a bird stands where an opening is: near the ground it does, higher up only at a perch. */
export type Near = 'within-reach' | 'beyond-reach';
export const nearOf = (from: number): Near =>
  from < WITHIN_REACH - EPSILON ? 'within-reach' : 'beyond-reach';

/** What comes of an opening, as it is told at once: of all to whom it matters as much, and who come through it alike. */
export interface Passing {
  readonly code: 'opening.passes' | 'opening.reached';
  readonly severity: 'mend' | 'know';
  readonly threats: readonly ThreatId[];
  /** What the opening would have to be smaller than, m. */
  readonly limit: number;
  /** The same for all who are to be mended against; with those worth knowing where these are told of, m. */
  readonly mendTo: number;
}

/** Present threats that an opening does not hold: they come through it, or take a bird through it with a paw. */
export function passing(limits: OpeningLimits, opening: number, near: Near): readonly Passing[] {
  const open = (limit: number) => opening >= limit - EPSILON;
  const through = limits.threats.filter((t) => open(t.squeeze));
  const reached =
    near === 'beyond-reach' ? [] : limits.threats.filter((t) => !open(t.squeeze) && open(t.reach));
  const least = (of: readonly ThreatLimit[]) =>
    Math.min(...of.map((t) => (near === 'beyond-reach' ? t.squeeze : Math.min(t.squeeze, t.reach))));
  return (['mend', 'know'] as const).flatMap((severity) => {
    const counts = (t: ThreatLimit) => severity === 'know' || !t.onlyKnow;
    const mendTo = least([...through, ...reached].filter(counts));
    const passingOf = (
      code: Passing['code'],
      these: readonly ThreatLimit[],
      by: 'squeeze' | 'reach',
    ): Passing[] => {
      const mine = these.filter((t) => t.onlyKnow === (severity === 'know'));
      if (mine.length === 0) return [];
      const limit = Math.min(...mine.map((t) => t[by]));
      return [{ code, severity, threats: mine.map((t) => t.threat), limit, mendTo }];
    };
    return [
      ...passingOf('opening.passes', through, 'squeeze'),
      ...passingOf('opening.reached', reached, 'reach'),
    ];
  });
}

/** The clear opening of a mesh that counts: its shorter side, m. */
export const shorterSide = (mesh: {
  readonly opening: { readonly up: number; readonly along: number };
}): number => Math.min(mesh.opening.up, mesh.opening.along);
