import '../../noEval';
import { type LargestTask, largestLoop } from '@aviarum/core';
import { expose } from 'comlink';

/** Looks for the largest loop; ended from outside where the keeper no longer wants it. */
const api = {
  look(task: LargestTask, onward: (share: number, area: number) => void) {
    return largestLoop(task, (share, area) => {
      onward(share, area);
      return 'go on';
    });
  },
};
export type LargestApi = typeof api;
expose(api);
