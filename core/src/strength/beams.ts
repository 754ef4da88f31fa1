import { STRENGTHS, type Section } from '../catalogue/sections';

/** A member bends no further than this share of its span (rules: Cover). */
const BENDS = 150;

/** A member under a load along it. Loads N/m, lengths m, stresses Pa. */
export interface Bent {
  readonly load: number;
  readonly moment: number;
  readonly stress: number;
  readonly allowed: number;
  readonly deflection: number;
  readonly allowedDeflection: number;
}

/**
 * A member on two supports, evenly loaded.
 *
 * @param load  N for each metre of it
 * @see rules: Cover. M = q·b·L²/8, stress M/Z, deflection 5qbL⁴/(384EI) ≤ L/150
 */
export function bent({ material, modulus, inertia }: Section, span: number, load: number): Bent {
  const { bears, stiff } = STRENGTHS[material];
  const moment = (load * span ** 2) / 8;
  return {
    load,
    moment,
    stress: moment / modulus,
    allowed: bears,
    deflection: (5 * load * span ** 4) / (384 * stiff * inertia),
    allowedDeflection: span / BENDS,
  };
}

const SLACK = 1e-9;
export const bears = ({ stress, allowed, deflection, allowedDeflection }: Bent): boolean =>
  stress <= allowed * (1 + SLACK) && deflection <= allowedDeflection * (1 + SLACK);

/** The longest span that bears a load, m: min(√(8σZ/w), ∛(384EI/(750w))); Infinity under none. */
export function spanThatFits({ material, modulus, inertia }: Section, load: number): number {
  if (load <= 0) return Infinity;
  const { bears: most, stiff } = STRENGTHS[material];
  return Math.min(
    Math.sqrt((8 * most * modulus) / load),
    Math.cbrt((384 * stiff * inertia) / (5 * BENDS * load)),
  );
}

/** What a prop so long carries before it is crushed or buckles, N: the smaller of area × stress and π²EI/(3·L²). */
export function propBears({ material, area, inertia }: Section, length: number): number {
  const { bears: most, stiff } = STRENGTHS[material];
  return Math.min(area * most, (Math.PI ** 2 * stiff * inertia) / (3 * Math.max(length, 0.1) ** 2));
}

/** What a slack net or wire pulls at its supports: q·L²/(8·f), N/m for a load in Pa, N for one in N/m. */
export const pullOf = (load: number, span: number, sag: number): number => (load * span ** 2) / (8 * sag);

/** Bending stress at the foot of a post that is pulled at a height, Pa. */
export const footStress = ({ modulus }: Section, force: number, height: number): number =>
  (force * height) / modulus;

/** What soil bears under a pad, Pa, and a pad, m² (rules: Cover). */
const SOIL = 100_000;
const PAD = 0.3 * 0.3;

/** What a post under a beam bears with the pad that it stands on, kN. */
export const padBears = (section: Section, length: number): number =>
  Math.min(propBears(section, length), SOIL * PAD) / 1000;
