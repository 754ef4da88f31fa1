import type { Vector } from '../../../ground/vector';
import { completeElliptic, ellipticBetween } from './elliptic';

/**
 * A strip bent between two feet and free to turn at both: Euler's elastica. From the middle of its chord, y above it. All m.
 *
 * @see rules: Arched runs. c/A = 2E(k)/K(k) − 1, rise = A·k/K(k), end angle 2·asin k; a circle of the same length is never used
 */
export interface Curve {
  /** Of the strip, and from foot to foot. */
  readonly length: number;
  readonly chord: number;
  /** chord ÷ length */
  readonly ratio: number;
  readonly modulus: number;
  /** Quarter period: the amplitude of the feet. */
  readonly quarter: number;
  readonly rise: number;
  /** Of its foot with the chord, radians; over a right angle it leans outward. */
  readonly endAngle: number;
  /** Between it and the chord, m². */
  readonly area: number;
  /** Its greatest width: the chord, or more where it leans outward. */
  readonly widest: number;
}

/** The modulus is found to the last digit: each step halves what is left. */
const HALVINGS = 60;

/** k for a ratio of chord to length: the ratio falls from 1 at k = 0 through 0 at k = 0.9089. */
function modulusFor(ratio: number): number {
  let [low, high] = [0, 0.92];
  for (let i = 0; i < HALVINGS; i++) {
    const k = (low + high) / 2;
    const { K, E } = completeElliptic(k);
    if ((2 * E) / K - 1 > ratio) low = k;
    else high = k;
  }
  return (low + high) / 2;
}

const scaleOf = ({ length, quarter }: Pick<Curve, 'length' | 'quarter'>): number => length / (2 * quarter);

/** Half the width at an amplitude: (2E(φ) − F(φ))/λ. */
function across(curve: Pick<Curve, 'length' | 'quarter' | 'modulus'>, amplitude: number): number {
  const { F, E } = ellipticBetween(0, amplitude, curve.modulus);
  return scaleOf(curve) * (2 * E - F);
}

/**
 * The curve of a strip between two feet.
 *
 * @param length  of the strip, m
 * @param chord   from foot to foot, m
 * @returns null where it is no arch: the strip no longer than its chord, or either nothing
 */
export function elastica(length: number, chord: number): Curve | null {
  if (!(length > 0 && chord > 0 && chord < length * (1 - 1e-9))) return null;
  const ratio = chord / length;
  const modulus = modulusFor(ratio);
  const { K } = completeElliptic(modulus);
  const base = { length, quarter: K, modulus };
  const leans = 2 * modulus * modulus > 1;
  const amplitude = leans ? Math.asin(Math.SQRT1_2 / modulus) : Math.PI / 2;
  return {
    ...base,
    chord,
    ratio,
    rise: (length * modulus) / K,
    endAngle: 2 * Math.asin(modulus),
    // 4k/λ² · ∫(1 − 2k²t²)/√(1 − k²t²) dt from 0 to 1, whose antiderivative is t·√(1 − k²t²).
    area: (length * length * modulus * Math.sqrt(1 - modulus * modulus)) / (K * K),
    widest: leans ? 2 * across(base, amplitude) : chord,
  };
}

/** Points from the left foot to the right one. @param steps  stretches between them */
export function pointsOf(curve: Curve, steps = 96): readonly Vector[] {
  const half = Math.ceil(steps / 2);
  const scale = scaleOf(curve);
  const k = curve.modulus;
  const right: Vector[] = [{ x: 0, y: curve.rise }];
  let x = 0;
  for (let i = 0; i < half; i++) {
    const [from, to] = [(i * Math.PI) / 2 / half, ((i + 1) * Math.PI) / 2 / half];
    const { F, E } = ellipticBetween(from, to, k);
    x += scale * (2 * E - F);
    right.push({ x, y: i + 1 === half ? 0 : 2 * k * scale * Math.cos(to) });
  }
  return [
    ...right
      .slice(1)
      .reverse()
      .map((p) => ({ x: -p.x, y: p.y })),
    ...right,
  ];
}

/** How wide it is at a height above the chord, m; 0 above its crown, the chord below its feet. */
export function widthAt(curve: Curve, height: number): number {
  if (height >= curve.rise) return 0;
  if (height <= 0) return curve.chord;
  return 2 * across(curve, Math.acos(height / curve.rise));
}

/** How high it is so far beside its middle, m; 0 outside it. Where it leans out, over its widest. */
export function heightAt(curve: Curve, beside: number): number {
  const x = Math.abs(beside);
  if (x >= curve.widest / 2) return 0;
  const widest = 2 * curve.modulus ** 2 > 1 ? Math.asin(Math.SQRT1_2 / curve.modulus) : Math.PI / 2;
  let [low, high] = [0, widest];
  for (let i = 0; i < HALVINGS; i++) {
    const amplitude = (low + high) / 2;
    if (across(curve, amplitude) < x) low = amplitude;
    else high = amplitude;
  }
  return curve.rise * Math.cos((low + high) / 2);
}

/** Below this ratio a narrower base makes it no higher: the strip bulges out instead. */
export const HIGHEST = 0.2;

/** The chord at which a strip rises so high, m, where that is the wider of two; null where it never does. */
export function chordFor(length: number, rise: number): number | null {
  const riseOn = (chord: number) => elastica(length, chord)?.rise ?? 0;
  let [low, high] = [length * HIGHEST, length * (1 - 1e-6)];
  if (!(rise <= riseOn(low) && rise >= riseOn(high))) return null;
  for (let i = 0; i < HALVINGS; i++) {
    const chord = (low + high) / 2;
    if (riseOn(chord) > rise) low = chord;
    else high = chord;
  }
  return (low + high) / 2;
}
