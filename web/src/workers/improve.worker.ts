import '../noEval';
import {
  type CutPlan,
  type Plan,
  type Progress,
  type ProofBook,
  type WidthsFound,
  type WorkedPool,
  improve,
  improveWidths,
} from '@aviarum/core';
import { highsSolver } from '@aviarum/core/solver';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

type Task = WorkedPool['task'];

/** What was found, with the runs as they are here: copies. */
interface Found {
  readonly plan: CutPlan;
  readonly runs: Task['runs'];
}

const solver = loadHighs({ locateFile: () => wasmUrl }).then(highsSolver);

const api = {
  /** Looks further into one pool; the runs come back with it, since they are copies here. */
  async improve(
    task: Task,
    plan: CutPlan,
    effort: number,
    onProgress: (progress: Progress) => void,
  ): Promise<Found> {
    const better = await improve(task, plan, { solver: await solver, effort, onProgress });
    return { plan: better, runs: task.runs };
  },
  /** Cuts other widths of roll up; null where there is nothing to look for. */
  async improveWidths(
    plan: Plan,
    effort: number,
    onProgress: (progress: Progress) => void,
    proofs: ProofBook,
  ): Promise<WidthsFound | null> {
    return improveWidths(plan, { solver: await solver, effort, onProgress }, proofs);
  },
};
export type ImproveApi = typeof api;
expose(api);
