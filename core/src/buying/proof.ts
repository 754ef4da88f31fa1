import type { CuttingPool } from '../cutting/types';

/** Whether something else could be cheaper, minor units. */
export interface PriceProof {
  readonly cost: number;
  /** Nothing else costs less. */
  readonly bound: number;
  readonly proved: boolean;
}

const proofOf = (cost: number, others: number): PriceProof => {
  const proved = cost <= others + 1e-6;
  return { cost, bound: proved ? cost : others, proved };
};

/**
 * Proves what was chosen: beside what the chosen rolls and the packs that follow from them really cost, the least that every other choice could.
 *
 * @param meshes chosen from
 * @param pools  as cut, of which those of these meshes are counted
 * @param packs  what those packs cost, minor units
 * @param others what every other choice costs at least
 * @returns null where nothing was chosen, or a price is missing
 */
export function choiceProof(
  meshes: ReadonlySet<string>,
  pools: readonly CuttingPool[],
  packs: number,
  others: number,
): PriceProof | null {
  if (meshes.size === 0) return null;
  const counted = pools.filter((p) => p.kind === 'mesh' && meshes.has(p.product));
  if (counted.some((p) => p.cost === null)) return null;
  return proofOf(
    counted.reduce((total, p) => total + (p.cost ?? 0), packs),
    others,
  );
}
