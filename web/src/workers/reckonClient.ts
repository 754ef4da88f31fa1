import { type Remote, wrap } from 'comlink';
import { type Feed, joinFeeds } from './feed';
import type { ReckonApi } from './reckon.worker';
import type { ReckoningView } from './view';

/** Sums that take longer have hung: no plan of the schema takes a tenth of it, ms. */
const PATIENCE = 20_000;

/** What the client tells. */
export interface Told {
  /** The plan in hand, whole, with all that was found about it: what a new worker is given. */
  readonly whole: () => Feed | null;
  /** @param sequence  the request that this answers */
  readonly onReckoned: (reckoning: ReckoningView, sequence: number) => void;
  readonly onFailed: (why: string) => void;
  /** Makes a worker; another in tests. */
  readonly make: () => Worker;
}

/** The worker hung or died, which says nothing about the plan until it happens again. */
class Broke extends Error {}

type Answer = Awaited<ReturnType<Remote<ReckonApi>['reckon']>>;

/**
 * Talks to the reckoning worker: one request in flight, and what comes meanwhile is joined into the next. A worker that hangs or dies is ended,
 * said, and replaced; the new one is sent the plan in hand, once: what breaks it again waits for the next step.
 */
export class ReckonClient {
  api: Remote<ReckonApi>;
  private worker: Worker;
  private broke: (error: Broke) => void = () => undefined;
  private sequence = 0;
  private busy = false;
  private waiting: Feed | null = null;
  /** All that was answered, and by which request: what is sent is only what is another since. */
  private held: { readonly sequence: number; readonly reckoning: ReckoningView } | null = null;
  /** The worker has no plan: whatever comes next must be a whole one. */
  private planless = true;

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

  send(feed: Feed): void {
    const next = this.planless && !feed.plan && !this.waiting?.plan ? this.told.whole() : feed;
    if (next) this.waiting = joinFeeds(this.waiting, next);
    if (!this.busy) void this.flush();
  }

  /** Something newer came in while the worker was at it. */
  private overtaken(): boolean {
    return this.waiting !== null;
  }

  /** One request, until it is answered, the worker breaks, or patience ends. */
  private async ask(feed: Feed): Promise<Answer> {
    this.sequence += 1;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const broken = new Promise<never>((_, reject) => {
      this.broke = reject;
      timer = setTimeout(() => reject(new Broke('they did not come to an end')), PATIENCE);
    });
    try {
      return await Promise.race([this.api.reckon(this.sequence, feed, this.held?.sequence ?? 0), broken]);
    } finally {
      clearTimeout(timer);
    }
  }

  private restart(): void {
    this.worker.terminate();
    [this.worker, this.api] = this.start();
    this.held = null;
    this.planless = true;
  }

  /** Lays an answer over what is held; one of an earlier worker, or about what is not held, is none. */
  private take({ sequence, whole, changed }: Answer): void {
    if (sequence !== this.sequence || (!whole && !this.held)) return;
    const reckoning = { ...this.held?.reckoning, ...changed } as ReckoningView;
    this.held = { sequence, reckoning };
    this.planless = false;
    // Not shown where something newer waits.
    if (!this.overtaken()) this.told.onReckoned(reckoning, sequence);
  }

  private async flush(): Promise<void> {
    this.busy = true;
    // A broken worker is given the plan once more; if that breaks the next one too, it waits for another step.
    let again = true;
    while (this.waiting) {
      const feed = this.waiting;
      this.waiting = null;
      try {
        this.take(await this.ask(feed));
        again = true;
      } catch (error) {
        this.told.onFailed(error instanceof Error ? error.message : 'they could not be done');
        const broke = error instanceof Broke;
        if (broke) this.restart();
        else this.planless = true;
        // What waits is sent on top of the whole plan; what broke the worker, once more.
        if (this.overtaken() || (broke && again)) this.waiting = this.told.whole();
        if (broke) again = false;
      }
    }
    this.busy = false;
  }
}

/** What a worker of previews is told. */
export interface PreviewTold {
  readonly whole: Told['whole'];
  readonly make: Told['make'];
}

/** Talks to the worker of previews, which is started when the first is asked for and follows the plan from one asking to the next. */
export class PreviewClient {
  private api: Remote<ReckonApi> | null = null;
  private waiting: Feed | null = null;

  constructor(private readonly told: PreviewTold) {}

  /** Told of every step; the worker itself is told when something is asked. */
  follow(feed: Feed): void {
    if (!this.api) return;
    this.waiting = joinFeeds(this.waiting, feed);
    void this.api.drop();
  }

  /** A worker that broke is replaced when something is asked again. */
  private start(): Remote<ReckonApi> {
    const worker = this.told.make();
    const api = wrap<ReckonApi>(worker);
    worker.onerror = (event) => {
      event.preventDefault();
      worker.terminate();
      if (this.api === api) this.api = null;
    };
    this.waiting = this.told.whole();
    this.api = api;
    return api;
  }

  /** @returns one effect a change; null where the plan changed meanwhile, and they are asked for anew */
  async effects(
    changes: Parameters<ReckonApi['effects']>[1],
  ): Promise<Awaited<ReturnType<ReckonApi['effects']>>> {
    const [api, feed] = this.next();
    return await api.effects(feed, changes);
  }

  /** @returns one answer a finding of the stage, in their order; null where the plan changed meanwhile */
  async mends(stage: Parameters<ReckonApi['mends']>[1]): Promise<Awaited<ReturnType<ReckonApi['mends']>>> {
    const [api, feed] = this.next();
    return await api.mends(feed, stage);
  }

  /** @returns what mends one verdict */
  async verdictMends(
    asked: Parameters<ReckonApi['verdictMends']>[1],
  ): Promise<Awaited<ReturnType<ReckonApi['verdictMends']>>> {
    const [api, feed] = this.next();
    return await api.verdictMends(feed, asked);
  }

  /** The worker with what it has to be told first. */
  private next(): [Remote<ReckonApi>, Feed] {
    const api = this.api ?? this.start();
    const feed: Feed = this.waiting ?? { plan: null, changes: [], proofs: null };
    this.waiting = null;
    return [api, feed];
  }
}
