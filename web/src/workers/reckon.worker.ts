import '../noEval';
import {
  type Change,
  type Effect,
  type Plan,
  type Reckoning,
  adoptCut,
  apply,
  effectOf,
  estimateOf,
  learnWidths,
  makeEstimator,
  makeReckoner,
} from '@aviarum/core';
import { expose } from 'comlink';
import { view } from './view';

/** A reckoning without its workings: those are asked for one at a time, when they are opened. */
let reckoner = makeReckoner();
let aside = makeEstimator();
let plan: Plan | undefined;
let last: Reckoning | undefined;
/** Counts the plans reckoned: a preview that began before the newest is dropped. */
let turn = 0;

/** Previews work so long before they look whether an edit waits, ms. */
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

/** Without what was remembered before something was learned. */
function anew(now: Plan) {
  reckoner = makeReckoner();
  aside = makeEstimator();
  last = reckoner(now);
  return view(last);
}

const api = {
  /** @param changes the whole plan when it was opened or undone, otherwise what changed since the last call */
  reckon(sequence: number, from: { plan: Plan } | { changes: readonly Change[] }) {
    turn += 1;
    if ('plan' in from) plan = from.plan;
    else if (plan) plan = from.changes.reduce(apply, plan);
    if (!plan) throw new Error('no plan was opened in the worker');
    last = reckoner(plan);
    return { sequence, reckoning: view(last) };
  },
  /** A docket line's working by its id, or a headline's by `headline:name`. */
  working(id: string) {
    if (!last) return null;
    const [kind, name = ''] = id.split(/:(.*)/s);
    if (kind === 'headline') return last.workings[name as keyof Reckoning['workings']] ?? null;
    return last.docket.lines.find((line) => line.id === id)?.working.need ?? null;
  },
  /** A pool with all that looking further needs. */
  pool: (id: string) => last?.cutting.find((pool) => pool.id === id) ?? null,
  /** Takes what was found for a pool, if it is still the same, and reckons anew with it. */
  adopt(id: string, found: Parameters<typeof adoptCut>[1]) {
    const pool = last?.cutting.find((p) => p.id === id);
    if (!plan || !pool) return null;
    adoptCut(pool, found);
    return anew(plan);
  },
  /** Takes what other widths cost at least for a plan, and reckons anew with it. */
  adoptWidths(of: Plan, others: number) {
    learnWidths(of, others);
    return plan ? anew(plan) : null;
  },
  priceWorking: (id: string) => last?.docket.lines.find((line) => line.id === id)?.working.price ?? null,
  /** @returns one effect a change; null when the plan changed meanwhile, and they are asked for anew */
  async effects(changes: readonly Change[]): Promise<readonly Effect[] | null> {
    const [now, base, began] = [plan, last, turn];
    if (!now || !base) return [];
    const effects: Effect[] = [];
    let since = performance.now();
    for (const change of changes) {
      effects.push(effectOf(now, estimateOf(base), change, aside));
      if (performance.now() - since < SLICE) continue;
      await breathe();
      if (turn !== began) return null;
      since = performance.now();
    }
    return effects;
  },
};

export type ReckonApi = typeof api;
expose(api);
