import type { FenceLine } from '../../ground/fenceLines';
import type { Scope } from '../../plan/changes/types';
import type { WallRun } from './shown/runs';

/** Fence lines that have the same bands, with the runs of mesh that hang on their posts. */
export interface WallLines {
  readonly scope: Scope;
  readonly lines: readonly FenceLine[];
  /** It hangs on a fence that stands already. */
  readonly stands: boolean;
  readonly runs: readonly WallRun[];
  /** The same, cut at every corner as rigid panels are. */
  readonly cornerless: readonly WallRun[];
  /** Top of the wall as meant, m. */
  readonly top: number;
  /** What the lowest band is higher, to reach the ground at the low posts of bays that step, m. */
  readonly drop: number;
}
