import type { Change, Plan } from '@aviarum/core';
import { type Remote, wrap } from 'comlink';
import type { ReckonApi } from './reckon.worker';
import type { ReckoningView } from './view';

type From = { plan: Plan } | { changes: readonly Change[] };

/** Talks to the reckoning worker: one request in flight, and of those that wait the newest wins. */
export class ReckonClient {
  readonly api: Remote<ReckonApi>;
  private sequence = 0;
  private busy = false;
  private waiting: From | undefined;

  constructor(
    private readonly onReckoned: (reckoning: ReckoningView) => void,
    private readonly onFailed: (error: unknown) => void,
  ) {
    const worker = new Worker(new URL('./reckon.worker.ts', import.meta.url), { type: 'module' });
    this.api = wrap<ReckonApi>(worker);
  }

  send(from: From): void {
    const before = this.waiting;
    if ('plan' in from || !before) this.waiting = from;
    // Changes on top of a whole plan cannot be joined here: the caller sends the plan again.
    else if ('changes' in before) this.waiting = { changes: [...before.changes, ...from.changes] };
    if (!this.busy) void this.flush();
  }

  /** Whether a whole plan waits, onto which changes alone cannot be put. */
  get planWaits(): boolean {
    return this.waiting !== undefined && 'plan' in this.waiting;
  }

  /** Something newer came in while the worker was at it. */
  private overtaken(): boolean {
    return this.waiting !== undefined;
  }

  private async flush(): Promise<void> {
    this.busy = true;
    while (this.waiting) {
      const from = this.waiting;
      this.waiting = undefined;
      this.sequence += 1;
      try {
        const { reckoning } = await this.api.reckon(this.sequence, from);
        if (!this.overtaken()) this.onReckoned(reckoning);
      } catch (error) {
        this.onFailed(error);
      }
    }
    this.busy = false;
  }
}
