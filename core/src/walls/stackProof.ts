import type { WallMarket } from '../catalogue/market';
import type { Memo } from '../cutting/memo';
import type { CuttingPool } from '../cutting/types';
import type { Scope } from '../plan/changes/types';
import type { OwnedPiece } from '../plan/schema';
import { type ChosenWidths, chosenBands } from './otherWidths';
import { type Anyway, type Fasteners, type Stack, type StackWant, fastenerPrice } from './stacks';

/** What the choice of roll widths rests on. */
export interface StackChoice {
  /** Heights whose widths were chosen, with what each of their rows takes at least; strips of skirts come last. */
  readonly wants: readonly StackWant[];
  readonly stacks: readonly Stack[];
  /** The band of each want, and where it is chosen; null for a strip. */
  readonly places: readonly (BandPlace | null)[];
  readonly anyway: Anyway;
  /** What every other choice costs at least, minor units. */
  readonly others: number;
}

export interface BandPlace {
  readonly band: string;
  readonly scopes: readonly Scope[];
}

/** Whether other widths of roll could be cheaper, minor units. */
export interface StackProof {
  /** Of the rolls of these meshes, and of the rings and pegs. */
  readonly cost: number;
  /** No other choice of widths costs less. */
  readonly bound: number;
  readonly proved: boolean;
}

/** The proof alone, as it is shown. */
export const proofOf = ({ cost, bound, proved }: StackProof): StackProof => ({ cost, bound, proved });

/** With what it was proved from: for looking further. */
export interface WorkedStacks extends StackProof {
  readonly market: WallMarket;
  readonly choice: StackChoice;
  readonly chosen: ChosenWidths;
}

/**
 * Proves the choice of widths of its own: beside what the chosen rolls, the rings and the pegs really cost, the least that every other choice could.
 *
 * @param pools  as cut, of which those of the same meshes are counted
 * @param needed on the docket, those owned included
 * @param known  what every other choice costs at least, from looking further
 * @returns null where nothing was chosen, or a price is missing
 */
export function stackProof(
  market: WallMarket,
  choice: StackChoice,
  pools: readonly CuttingPool[],
  needed: Fasteners,
  owned: readonly OwnedPiece[],
  memo: Memo,
  known: number | null = null,
): WorkedStacks | null {
  const bands = chosenBands(choice.wants, choice.stacks);
  if (bands.length === 0) return null;
  const meshes = new Set(bands.map((b) => b.want.mesh));
  const counted = pools.filter((p) => p.kind === 'mesh' && meshes.has(p.product));
  if (counted.some((p) => p.cost === null)) return null;
  const packs = fastenerPrice(market, owned, memo)(needed);
  const cost = counted.reduce((total, p) => total + (p.cost ?? 0), packs);
  const others = Math.max(choice.others, known ?? 0);
  const proved = cost <= others + 1e-6;
  return {
    cost,
    bound: proved ? cost : others,
    proved,
    market,
    choice,
    chosen: { bands, anyway: choice.anyway, owned },
  };
}
