import type { Change, Plan } from '@aviarum/core';
import { type Remote, wrap } from 'comlink';
import type { ReckonApi } from './reckon.worker';
import type { ReckoningView } from './view';

type From = { plan: Plan } | { changes: readonly Change[] };

/** Sums that take longer have hung: no plan of the schema takes a tenth of it, ms. */
const PATIENCE = 20_000;

/** What the client tells. */
export interface Told {
  /** The plan in hand, whole: what a new worker is given. */
  readonly plan: () => Plan | null;
  readonly onReckoned: (reckoning: ReckoningView) => void;
  readonly onFailed: (why: string) => void;
  /** Makes a worker; another in tests. */
  readonly make: () => Worker;
}

/** The worker hung or died, which says nothing about the plan until it happens again. */
class Broke extends Error {}

/**
 * Talks to the reckoning worker: one request in flight, and of those that wait the newest wins. A worker that hangs or dies is ended, said, and
 * replaced; the new one is sent the plan in hand, once: what breaks it again waits for the next step.
 */
export class ReckonClient {
  api: Remote<ReckonApi>;
  private worker: Worker;
  private broke: (error: Broke) => void = () => undefined;
  private sequence = 0;
  private busy = false;
  private waiting: From | undefined;

  constructor(private readonly told: Told) {
    [this.worker, this.api] = this.start();
  }

  private start(): [Worker, Remote<ReckonApi>] {
    const worker = this.told.make();
    worker.onerror = (event) => {
      event.preventDefault();
      this.broke(new Broke(event.message || 'they ended by themselves'));
    };
    worker.onmessageerror = () => this.broke(new Broke('their answer could not be read'));
    return [worker, wrap<ReckonApi>(worker)];
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

  /** One request, until it is answered, the worker breaks, or patience ends. */
  private async ask(from: From): Promise<{ sequence: number; reckoning: ReckoningView }> {
    this.sequence += 1;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const broken = new Promise<never>((_, reject) => {
      this.broke = reject;
      timer = setTimeout(() => reject(new Broke('they did not come to an end')), PATIENCE);
    });
    try {
      return await Promise.race([this.api.reckon(this.sequence, from), broken]);
    } finally {
      clearTimeout(timer);
    }
  }

  private restart(): void {
    this.worker.terminate();
    [this.worker, this.api] = this.start();
  }

  private async flush(): Promise<void> {
    this.busy = true;
    // A broken worker is given the plan once more; if that breaks the next one too, it waits for another step.
    let again = true;
    while (this.waiting) {
      const from = this.waiting;
      this.waiting = undefined;
      try {
        const { sequence, reckoning } = await this.ask(from);
        again = true;
        // Not where something newer waits, nor an answer of a worker before.
        if (!this.overtaken() && sequence === this.sequence) this.told.onReckoned(reckoning);
      } catch (error) {
        this.told.onFailed(error instanceof Error ? error.message : 'they could not be done');
        const plan = this.told.plan();
        if (error instanceof Broke) this.restart();
        // A new worker knows no plan: whatever waits is sent whole.
        if (plan && (this.overtaken() || (error instanceof Broke && again))) this.waiting = { plan };
        if (error instanceof Broke) again = false;
      }
    }
    this.busy = false;
    this.broken = !again;
  }

  /** The worker has no plan: whatever comes next must be a whole one. */
  broken = false;
}
