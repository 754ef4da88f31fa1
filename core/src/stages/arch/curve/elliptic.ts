/** Halvings of the arithmetic-geometric mean: it doubles its digits with each, and six reach the last. */
const STEPS = 7;

/**
 * Complete elliptic integrals of the first and second kind, by the arithmetic-geometric mean.
 *
 * @param k  modulus, 0 ≤ k < 1
 * @returns K(k) and E(k)
 * @throws RangeError where the modulus is out of range
 * @see Abramowitz and Stegun, 17.6: K = π/2M, E = K·(1 − Σ 2ⁿ⁻¹cₙ²)
 */
export function completeElliptic(k: number): { readonly K: number; readonly E: number } {
  if (!(k >= 0 && k < 1)) throw new RangeError(`a modulus is from 0 to below 1, got ${k}`);
  let [a, b, c, power] = [1, Math.sqrt(1 - k * k), k, 0.5];
  let sum = power * c * c;
  for (let n = 0; n < STEPS; n++) {
    [a, b, c] = [(a + b) / 2, Math.sqrt(a * b), (a - b) / 2];
    power *= 2;
    sum += power * c * c;
  }
  const K = Math.PI / (2 * a);
  return { K, E: K * (1 - sum) };
}

/** Nodes and weights of Gauss and Legendre for eight points on −1 to 1. */
const GAUSS = [
  [0.1834346424956498, 0.362683783378362],
  [0.525532409916329, 0.3137066458778873],
  [0.7966664774136267, 0.2223810344533745],
  [0.9602898564975363, 0.1012285362903763],
] as const;
/** It is summed over parts of at most so much, radians: to the last digits for moduli that bend an arch. */
const PART = Math.PI / 8;

/**
 * Incomplete elliptic integrals of the first and second kind, by Gauss and Legendre's quadrature.
 *
 * @param from  amplitude, radians
 * @param to    amplitude, radians, at most a quarter turn beyond `from`
 * @param k     modulus, 0 ≤ k < 1
 */
export function ellipticBetween(
  from: number,
  to: number,
  k: number,
): { readonly F: number; readonly E: number } {
  let [F, E] = [0, 0];
  const parts = Math.max(1, Math.ceil(Math.abs(to - from) / PART - 1e-9));
  const step = (to - from) / parts;
  for (let part = 0; part < parts; part++) {
    const middle = from + step * (part + 0.5);
    for (const [node, weight] of GAUSS)
      for (const at of [middle - (node * step) / 2, middle + (node * step) / 2]) {
        const root = Math.sqrt(1 - (k * Math.sin(at)) ** 2);
        F += (weight * step) / 2 / root;
        E += ((weight * step) / 2) * root;
      }
  }
  return { F, E };
}
