import {
  type Change,
  type Effect,
  type LargestTask,
  NO_PROOFS,
  type Plan,
  type ProofBook,
  type Reckoning,
  type StageId,
  type ToldFinding,
  type TriedMend,
  type VerdictAsked,
  type VerdictMend,
  toldVerdicts,
} from '@aviarum/core';
import { expose } from 'comlink';
import type { Warmth } from '../state/ahead';
import { type Feed, planAfter } from './feed';
import type { Looked, LookFurther } from './improve';
import { newMender, newPreviewer, newReckoner, newVerdictMender, readyFor, readyForAll } from './room';
import { changedView, view } from './view';

/** What mends a finding, as it is told. */
export interface ToldMending {
  readonly mends: readonly TriedMend[];
  /** What the changes that are known would make wrong instead; null where one mends it, or none is known. */
  readonly instead: ToldFinding | null;
}

/* One file for whatever is worked out beside the page: of these run one for the plan in hand, one for what options would do to it, and one for each thing that is asked for by hand. */
const reckoner = newReckoner();
const preview = newPreviewer();
const mender = newMender();
const verdictMender = newVerdictMender();
let plan: Plan | null = null;
let proofs: ProofBook = NO_PROOFS;
let last: Reckoning | null = null;
/** The request that was answered last, and with what. */
let sent: { readonly sequence: number; readonly reckoning: Reckoning } | null = null;
/** Ends looking further. */
const stopped = new AbortController();
/** Counts the steps of the keeper: previews that began before the newest are dropped. */
let turn = 0;

/** Previews work so long before they look whether something newer waits, ms. */
const SLICE = 8;

/** Lets what waits be answered first: a message to ourselves goes to the end of the line. */
const breathe = () =>
  new Promise<void>((go) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      go();
    };
    port2.postMessage(null);
  });

function follow(feed: Feed): Plan {
  plan = planAfter(plan, feed);
  proofs = feed.proofs ?? proofs;
  return plan;
}

const api = {
  /**
   * @param known  the request whose answer the asker holds: only what is another since is sent
   */
  async reckon(sequence: number, feed: Feed, known: number) {
    const planNow = follow(feed);
    await readyFor(planNow);
    last = reckoner(planNow, { proofs });
    const before = sent?.sequence === known ? sent.reckoning : null;
    sent = { sequence, reckoning: last };
    return { sequence, whole: before === null, changed: changedView(last, before) };
  },
  /** The card of a plan that is not in hand. */
  async card(other: Plan) {
    // Its sentences are not needed for the plan in hand.
    const [{ cardOf }] = await Promise.all([import('./card'), readyFor(other)]);
    return cardOf(other, newReckoner()(other));
  },
  /** A plan that is not in hand, as it is shown. */
  async view(other: Plan) {
    await readyFor(other);
    return view(newReckoner()(other));
  },
  /** How every part of the plan in hand meets everybody who is about. */
  verdicts: () => toldVerdicts(last?.verdicts ?? []),
  /** A docket line's working by its id, or a headline's by `headline:name`. */
  working(id: string) {
    if (!last) return null;
    const [kind, name = ''] = id.split(/:(.*)/s);
    if (kind === 'headline') return last.workings[name as keyof Reckoning['workings']] ?? null;
    return last.docket.lines.find((line) => line.id === id)?.working.need ?? null;
  },
  priceWorking: (id: string) => last?.docket.lines.find((line) => line.id === id)?.working.price ?? null,
  /**
   * What mends a stage's findings, tried one after the other, one answer a finding in their order.
   *
   * @returns null where the plan changed meanwhile, and they are asked for anew
   */
  async mends(feed: Feed, stage: StageId): Promise<readonly ToldMending[] | null> {
    const [now, began] = [follow(feed), turn];
    await readyForAll();
    const mendings: ToldMending[] = [];
    for (const { mends, instead } of mender(now, (f) => f.stage === stage, { proofs })) {
      const { mends: _, ...worse } = instead ?? { mends: null };
      mendings.push({ mends, instead: instead ? (worse as ToldFinding) : null });
      await breathe();
      if (turn !== began) return null;
    }
    return mendings;
  },
  /** What mends one verdict, tried on the plan in hand. */
  async verdictMends(feed: Feed, asked: VerdictAsked): Promise<readonly VerdictMend[]> {
    const now = follow(feed);
    await readyForAll();
    return verdictMender(now, asked, { proofs });
  },
  /** @returns one effect a change; null where the plan changed meanwhile, and they are asked for anew */
  async effects(feed: Feed, changes: readonly Change[]): Promise<readonly Effect[] | null> {
    const [now, began] = [follow(feed), turn];
    await readyForAll();
    const effects: Effect[] = [];
    let since = performance.now();
    for (const change of changes) {
      effects.push(preview(now, change, { proofs }));
      if (performance.now() - since < SLICE) continue;
      await breathe();
      if (turn !== began) return null;
      since = performance.now();
    }
    return effects;
  },
  /** Looks further into everything that a plan buys; what was found by then when it is stopped. */
  async lookFurther(...asked: Parameters<LookFurther>): Promise<Looked> {
    const { lookFurtherInto } = await import('./improve');
    return lookFurtherInto(...asked, stopped.signal);
  },
  /** Looks for the largest loop of some nets; ended from outside where the keeper no longer wants it. */
  async largest(task: LargestTask, onward: (share: number) => void) {
    const { largestLoop } = await import('@aviarum/core/largest');
    return largestLoop(task, (share) => {
      onward(share);
      return 'go on';
    });
  },
  stop() {
    stopped.abort();
  },
  /** Told as soon as the plan changes: previews of the one before are dropped. */
  drop() {
    turn += 1;
  },
};

/** Works out, before anybody asks, what will be asked for. */
async function warmUp(warm: Plan): Promise<void> {
  await readyFor(warm);
  if (plan) return;
  reckoner(warm, { proofs });
  plan = warm;
}
addEventListener('message', ({ data }: MessageEvent<Partial<Warmth> | null>) => {
  // Whatever is wrong with it is told to whoever asks: it is worked out anew with what the page sends.
  if (data?.warm && !plan) warmUp(data.warm as Plan).catch(() => undefined);
});

export type ReckonApi = typeof api;
expose(api);
