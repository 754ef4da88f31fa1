import type { Plan } from '@aviarum/core';
import { create } from 'zustand';
import type { ReckoningView } from '../workers/view';

interface ReckoningState {
  readonly reckoning: ReckoningView | null;
  /** The plan that the reckoning belongs to; another than the plan in hand while the worker is at it. */
  readonly of: Plan | null;
  readonly failed: string | null;
  readonly version: number;
}

export const useReckoning = create<ReckoningState>()(() => ({
  reckoning: null,
  of: null,
  failed: null,
  version: 0,
}));
