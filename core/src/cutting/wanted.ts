import type { Cutting, OwnedLength, Task } from './cutting';
import type { Run } from '../buying/run';
import type { SoldUnit } from '../catalogue/market';
import type { StageId } from '../stages/facts';
import type { Term } from '../working';
import type { CuttingPool } from './types';

/** Cuts a pool: as it was cut before, or as it was proved. */
export type Cutter = (task: Task) => Cutting;

/** A pool before it is cut: what it is for, and how its length comes about. */
export interface Wanted {
  readonly id: string;
  readonly kind: CuttingPool['kind'];
  readonly product: string;
  readonly width: number;
  readonly units: readonly SoldUnit[];
  readonly owned: readonly OwnedLength[];
  /** Paid at a joint, m: panels butt. */
  readonly lap: number;
  readonly runs: Run[];
  /** Worked out when asked for: what is weighed is not told. */
  readonly terms: (() => readonly Term[])[];
  /** Whose line it is: the first stage of the work that asks for it. */
  stage: StageId;
  /** What its topmost rolls leave to cut off, or miss of the height meant, at most, m. */
  trimmed: number;
  short: number;
}

export const poolId = (mesh: string, width: number): string => `${mesh}@${Math.round(width * 1e4) / 1e4}`;
