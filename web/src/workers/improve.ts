import { type Further, type Plan, type Progress, type ProofBook, lookFurther } from '@aviarum/core';
import { highsSolver } from '@aviarum/core/solver';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

export type Looked = Further;
export type LookFurther = (
  plan: Plan,
  effort: number,
  onProgress: (progress: Progress) => void,
  proofs: ProofBook,
) => Promise<Looked>;

const solver = loadHighs({ locateFile: () => wasmUrl }).then(highsSolver);

/** So long is searched before what was sent meanwhile is read, ms. */
const HEARD_EVERY = 30;

let heard = 0;
async function pause(): Promise<void> {
  if (performance.now() - heard < HEARD_EVERY) return;
  await new Promise((resolve) => setTimeout(resolve, 0));
  heard = performance.now();
}

/** Looks further with the solver, hearing between its calls whether it is stopped. */
export const lookFurtherInto = async (
  ...[plan, effort, onProgress, proofs, signal]: [...Parameters<LookFurther>, AbortSignal]
): Promise<Looked> => lookFurther(plan, { solver: await solver, effort, onProgress, pause, signal }, proofs);
