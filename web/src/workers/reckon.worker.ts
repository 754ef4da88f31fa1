import '../noEval';
import {
  type Change,
  type Effect,
  NO_PROOFS,
  type Plan,
  type ProofBook,
  type Reckoning,
  type StageId,
  type ToldFinding,
  type TriedMend,
  makeMender,
  makePreviewer,
  makeReckoner,
} from '@aviarum/core';
import { expose } from 'comlink';
import type { Warmth } from '../state/ahead';
import { type Feed, planAfter } from './feed';
import { changedView, view } from './view';

/** What mends a finding, as it is told. */
export interface ToldMending {
  readonly mends: readonly TriedMend[];
  /** What the changes that are known would make wrong instead; null where one mends it, or none is known. */
  readonly instead: ToldFinding | null;
}

/* Two of these run: one reckons the plan in hand, one previews what options would do to it. */
const reckoner = makeReckoner();
const preview = makePreviewer();
const mender = makeMender();
let plan: Plan | null = null;
let proofs: ProofBook = NO_PROOFS;
let last: Reckoning | null = null;
/** The request that was answered last, and with what. */
let sent: { readonly sequence: number; readonly reckoning: Reckoning } | null = null;
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
  reckon(sequence: number, feed: Feed, known: number) {
    last = reckoner(follow(feed), { proofs });
    const before = sent?.sequence === known ? sent.reckoning : null;
    sent = { sequence, reckoning: last };
    return { sequence, whole: before === null, changed: changedView(last, before) };
  },
  /** The card of a plan that is not in hand. */
  async card(other: Plan) {
    // Its sentences are not needed for the plan in hand.
    const { cardOf } = await import('./card');
    return cardOf(other, makeReckoner()(other, {}));
  },
  /** A plan that is not in hand, as it is shown. */
  view: (other: Plan) => view(makeReckoner()(other, {})),
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
    const told: ToldMending[] = [];
    for (const { mends, instead } of mender(now, (f) => f.stage === stage, { proofs })) {
      const { mends: _, ...worse } = instead ?? { mends: null };
      told.push({ mends, instead: instead ? (worse as ToldFinding) : null });
      await breathe();
      if (turn !== began) return null;
    }
    return told;
  },
  /** @returns one effect a change; null where the plan changed meanwhile, and they are asked for anew */
  async effects(feed: Feed, changes: readonly Change[]): Promise<readonly Effect[] | null> {
    const [now, began] = [follow(feed), turn];
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
  /** Told as soon as the plan changes: previews of the one before are dropped. */
  drop() {
    turn += 1;
  },
};

/** Works out, before anybody asks, what will be asked for; whatever is wrong with it is told to whoever asks. */
addEventListener('message', ({ data }: MessageEvent<Partial<Warmth> | null>) => {
  if (!data?.warm || plan) return;
  try {
    const warm = data.warm as Plan;
    reckoner(warm, { proofs });
    plan = warm;
  } catch {
    // It is worked out anew with what the page sends.
  }
});

export type ReckonApi = typeof api;
expose(api);
