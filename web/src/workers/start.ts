/** Starts what works beside the page: the one worker, bundled once, for whatever is asked of it. */
export const startWorker = (): Worker =>
  new Worker(new URL('./reckon.worker.ts', import.meta.url), { type: 'module' });
