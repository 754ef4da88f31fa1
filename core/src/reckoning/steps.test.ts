import { describe, expect, test } from '@jest/globals';
import { newMemo } from '../cutting/memo';
import type { Read } from '../engine/engine';
import type { Key } from '../engine/step';
import type { Table } from '../engine/table';
import type { Change } from '../plan/changes/types';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { blocking } from '../stages/blocking';
import { TABLES, makePreviewer, reckon, reckonerOf } from '../reckon';
import { reckoningFrom } from './reckoner';
import * as K from '../keys';
import { reckonedAnew } from '../testing/anew';
import { everyOption } from '../testing/everyOption';
import { EVERY_VERB, aFullRun } from '../testing/everyVerb';
import { type Met, firstDifference, plainly } from '../testing/plainly';

const full = aFullRun();
const demo = DEMO_PLANS[0] as Plan;
/** Of one question so many answers: its first and last, and some between. */
const ANSWERS = 5;
const some = <T>(all: readonly T[]): readonly T[] =>
  all.filter((_, i) => i % Math.ceil(all.length / ANSWERS) === 0 || i === all.length - 1);

const optionsOf = (plan: Plan): readonly Change[] =>
  Object.values(everyOption(plan))
    .flat()
    .flatMap((g) => some(g.options.filter((o) => !o.chosen)).map((o) => o.change));

/** Every verb, and answers to every question, as changes of a plan. */
const CASES: readonly (readonly [string, Plan, readonly Change[]])[] = [
  ['a full run, every verb', full, Object.values(EVERY_VERB)],
  ['a full run, every question', full, optionsOf(full)],
  ['the demo plan, every question', demo, optionsOf(demo)],
];

/** Given by whoever runs the steps, or only there to save work. */
const ASIDE: ReadonlySet<string> = new Set([K.PLAN, K.CATALOGUE, K.MEMO, K.PROOFS].map((k) => k.id));

/** Whether something is worked out for one way to buy alone: it is told by the quotes. */
function ofOneWay(table: Table, key: Key<unknown>): boolean {
  if (key.id === K.BUYING_AT.id) return true;
  const rows = table.makers[table.numbers.get(key.id) ?? -1] ?? [];
  return rows.some(({ step }) => Object.values(step.needs).some((need) => ofOneWay(table, need)));
}
/** Made of closures over what they are made from, or keyed by lines: what they give is told by what follows. */
function madeOf(plan: Plan): readonly Key<unknown>[] {
  const table = TABLES(plan);
  return table.keys.filter((key) => !ASIDE.has(key.id) && !ofOneWay(table, key));
}

const TOLD = [K.FINDINGS, K.PARTS, K.TOTALS, K.RUNS, K.DOCKET, K.STACKS, K.ESTIMATE] as const;

const differs = (a: Read, b: Read, keys: readonly Key<unknown>[]): string | null => {
  // Keys hold each other's values: what was compared under one is not compared again under the next.
  const met: Met = new Map();
  for (const key of keys) {
    const found = firstDifference(a(key), b(key), met);
    if (found !== null) return `${key.id}${found}`;
  }
  return null;
};

describe.each(CASES)('%s', (_, plan, changes) => {
  const memo = newMemo();
  const fresh = (of: Plan) => reckonerOf(memo).read(structuredClone(of));
  /** As they would be shown: what blocks is a draft, and is not reckoned. */
  const after = changes.map((change) => apply(plan, change)).filter((next) => blocking(next).length === 0);

  test('asked for one thing alone, for everything after another plan, or in a fork, is what a fresh engine makes of it', () => {
    expect(after.length).toBeGreaterThan(changes.length / 2);
    const remembering = reckonerOf(memo);
    const editor = reckonerOf(memo);
    const before = reckoningFrom(editor.read(plan));
    const aside = editor.fork();
    for (const [i, next] of after.entries()) {
      reckoningFrom(remembering.read(plan));
      const kept = remembering.read(next);
      reckoningFrom(kept);
      const anew = fresh(next);
      const alone = TOLD[i % TOLD.length] ?? K.DOCKET;
      expect(differs(anew, kept, [alone])).toBeNull();
      expect(differs(kept, anew, madeOf(next))).toBeNull();
      expect(aside.read(next)(K.ESTIMATE)).toEqual(anew(K.ESTIMATE));
    }
    const again = reckoningFrom(editor.read(plan));
    expect(again.parts).toBe(before.parts);
    expect(again.docket).toBe(before.docket);
  });
});

test('verb upon verb leaves nothing as it was that a fresh engine makes otherwise', () => {
  const [memo, remembering] = [newMemo(), reckonerOf()];
  let plan = full;
  for (const change of Object.values(EVERY_VERB)) {
    const next = apply(plan, change);
    if (change.verb === 'replace' || change.verb === 'remove-enclosure' || blocking(next).length > 0)
      continue;
    plan = next;
    const fresh = reckonerOf(memo).read(structuredClone(plan));
    expect([change.verb, differs(remembering.read(plan), fresh, madeOf(plan))]).toEqual([change.verb, null]);
  }
});

describe('what says the same is the same', () => {
  const editor = reckonerOf();
  const first = reckoningFrom(editor.read(demo));
  const then = (change: Change) => {
    reckoningFrom(editor.read(demo));
    return reckoningFrom(editor.read(apply(demo, change)));
  };
  test('a whole plan that comes in, equal to the one before, makes nothing anew', () => {
    const again = reckoningFrom(editor.read(structuredClone(demo)));
    for (const [name, value] of Object.entries(again))
      expect([name, Object.is(value, first[name as keyof typeof first])]).toEqual([name, true]);
  });
  test('a name typed changes nothing that is reckoned', () => {
    const named = then({ verb: 'rename', name: 'Another' });
    for (const name of ['findings', 'parts', 'figures', 'docket', 'enclosures', 'workings'] as const)
      expect([name, named[name] === first[name]]).toEqual([name, true]);
  });
  test('a pack’s price changes the docket, and no piece of the fence', () => {
    const { edition, pricesAsOf, ownProducts, yards } = demo.buying;
    const offer = { kind: 'pack', product: 'staple', count: 200, price: 1, stock: null } as const;
    const priced = then({
      verb: 'take-prices',
      prices: { edition, pricesAsOf, ownProducts, ownPrices: [{ yard: yards[0] ?? '', asOf: null, offer }] },
    });
    expect(priced.docket.total).toBeLessThan(first.docket.total);
    for (const name of ['parts', 'cutting'] as const) expect(priced[name]).toBe(first[name]);
    expect(priced.enclosures).toBe(first.enclosures);
  });
  test('a gate’s catches change no post, no mesh and no skirt', () => {
    const gate = demo.openings.find((o) => o.kind === 'gate');
    const to = { catches: 'two-step' } as const;
    const caught = then({ verb: 'set-opening', id: gate?.id ?? '', to });
    expect(caught.parts).toBe(first.parts);
    expect(caught.docket).not.toBe(first.docket);
  });
});

test('a preview says what comes true, whichever was previewed before', () => {
  const [anew, preview] = [reckonedAnew(), makePreviewer()];
  const before = anew(full);
  for (const change of optionsOf(full)) {
    const effect = preview(full, change);
    const then = anew(structuredClone(apply(full, change)));
    const priced = then.docket.complete && before.docket.complete;
    expect([change, effect.price]).toEqual([change, priced ? then.docket.total - before.docket.total : null]);
    expect(effect.hours).toBeCloseTo((then.figures.elapsed ?? NaN) - (before.figures.elapsed ?? NaN), 9);
    expect(effect.opening).toBeCloseTo(
      (then.figures.openingLeft ?? 0) - (before.figures.openingLeft ?? 0),
      9,
    );
  }
});

test('a reckoning is the same with a memory that others filled', () => {
  const memo = newMemo();
  for (const plan of [full, demo]) reckoningFrom(reckonerOf(memo).read(plan));
  for (const plan of [full, demo])
    expect(plainly(plan, reckoningFrom(reckonerOf(memo).read(plan)))).toEqual(plainly(plan, reckon(plan)));
});
