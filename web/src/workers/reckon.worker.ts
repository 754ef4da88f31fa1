import '../noEval';
import { type Change, type Plan, type Reckoning, apply, makeReckoner } from '@aviarum/core';
import { expose } from 'comlink';

/** A reckoning without its workings: those are asked for one at a time, when they are opened. */
export type ReckoningView = Omit<Reckoning, 'workings' | 'docket'> & {
  readonly docket: Omit<Reckoning['docket'], 'working' | 'lines'> & {
    readonly lines: readonly Omit<Reckoning['docket']['lines'][number], 'working'>[];
  };
};

/** What taking a change would do, beside the plan as it is. Money minor units, hours, m. */
export interface Effect {
  readonly price: number | null;
  readonly hours: number;
  readonly matters: number;
}

const reckoner = makeReckoner();
const aside = makeReckoner();
let plan: Plan | undefined;
let last: Reckoning | undefined;

function view({ workings: _, docket, ...rest }: Reckoning): ReckoningView {
  const { working: _working, lines, ...bare } = docket;
  return { ...rest, docket: { ...bare, lines: lines.map(({ working: _line, ...line }) => line) } };
}

const matters = (r: Reckoning) => r.findings.filter((f) => f.severity !== 'know').length;

const api = {
  /** @param changes the whole plan when it was opened or undone, otherwise what changed since the last call */
  reckon(sequence: number, from: { plan: Plan } | { changes: readonly Change[] }) {
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
  priceWorking: (id: string) => last?.docket.lines.find((line) => line.id === id)?.working.price ?? null,
  effects(changes: readonly Change[]): readonly Effect[] {
    const [now, base] = [plan, last];
    if (!now || !base) return [];
    return changes.map((change) => {
      const then = aside(apply(now, change));
      const known = then.docket.complete && base.docket.complete;
      return {
        price: known ? then.docket.total - base.docket.total : null,
        hours: (then.figures.hours ?? 0) - (base.figures.hours ?? 0),
        matters: matters(then) - matters(base),
      };
    });
  },
};

export type ReckonApi = typeof api;
expose(api);
