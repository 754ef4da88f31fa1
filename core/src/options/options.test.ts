import { describe, expect, test } from '@jest/globals';
import type { Option, OptionGroup } from './asking/types';
import type { Plan } from '../plan/schema';
import { DEMO_PLANS } from '../plan/samples';
import { SCHOOLS } from '../stages/words';
import { WHOLE_PLAN } from '../plan/scope';
import { apply } from '../plan/changes/apply';
import { asking } from './index';
import { checkPlan } from '../formats/planFile';
import { editionOf } from '../catalogue/editionOf';
import { effectBetween } from '../reckoning/effects';
import { marketOf } from '../catalogue/market';
import { readerFor } from '../saying/makeReader';
import * as K from '../keys';
import { newMemo } from '../cutting/memo';
import { makePreviewer, reckon, reckonerOf } from '../reckon';
import { sayChange } from '../words/changes';
import { wallOptions } from '../stages/walls/questions';
import { aRun } from '../testing/aRun';
import { everyOption, everyScope, ofEveryKind } from '../testing/everyOption';

const marketFor = (plan: Plan) => marketOf(editionOf(plan), plan.buying);
const asked = (plan: Plan) => asking(plan, marketFor(plan), readerFor(plan), WHOLE_PLAN);

describe.each(DEMO_PLANS.map((plan) => [plan.name, plan] as const))('the options of %s', (_, plan) => {
  const groups = Object.values(everyOption(plan, everyScope(plan))).flat();
  const memo = newMemo();
  /** By an engine of its own: nothing was worked out before but how pools are cut. */
  const anew = (of: Plan) => reckonerOf(memo).read(of)(K.ESTIMATE);
  const base = anew(plan);
  const options = groups.flatMap((g) => g.options);
  const previewer = makePreviewer();
  test('have one chosen in each group, whose change changes nothing', () => {
    for (const group of groups) {
      const chosen = group.options.filter((o) => o.chosen);
      expect([group.id, chosen.length]).toEqual([group.id, 1]);
      const [one] = chosen;
      if (!one) continue;
      const { price, hours, opening } = previewer(plan, one.change);
      expect([group.id, price, hours, opening]).toEqual([group.id, 0, 0, 0]);
    }
  });
  test('are valid plans when taken, and say what they do', () => {
    for (const { change, title } of options) {
      const then = apply(plan, change);
      const checked = checkPlan(then);
      expect([title, checked.ok ? [] : checked.problems]).toEqual([title, []]);
      expect(sayChange(change, readerFor(plan), marketFor(plan)).length).toBeGreaterThan(3);
    }
  });
  test('are asked of every kind of skirt, gate and door, one chosen in each, and are valid plans when taken', () => {
    const known = new Set<string>();
    for (const [kind, of] of ofEveryKind(plan))
      for (const group of Object.values(everyOption(of)).flat()) {
        expect([kind, group.id, group.options.filter((o) => o.chosen).length]).toEqual([kind, group.id, 1]);
        // What was asked of one of them already in these words is not applied again.
        for (const { title, change } of group.options.filter(
          ({ change }) => !known.has(JSON.stringify(change)),
        )) {
          known.add(JSON.stringify(change));
          const checked = checkPlan(apply(of, change));
          expect([kind, title, checked.ok ? [] : checked.problems]).toEqual([kind, title, []]);
        }
      }
  });
  test('have the effect that comes true, whichever was previewed before', () => {
    const preview = (o: Option) => previewer(plan, o.change);
    // Of the whole plan every one; of runs and sides one of every third group in turn.
    const ofAll = Object.values(everyOption(plan)).flat();
    const inTurn = groups
      .slice(ofAll.length)
      .flatMap((g, i) => g.options.slice(i % g.options.length).slice(0, 1));
    for (const option of [...ofAll.flatMap((g) => g.options), ...inTurn]) {
      const effect = preview(option);
      const then = anew(apply(plan, option.change));
      expect(effect).toEqual(effectBetween(base, then));
    }
  });
});

describe('what an option changes', () => {
  const plan = aRun();
  const group = (id: string, of: readonly OptionGroup[]) => {
    const found = of.find((g) => g.id === id);
    if (!found) throw new Error(`no group ${id}`);
    return found;
  };
  test('finer mesh on the wall makes the largest opening left that of the skirt', () => {
    const [band] = plan.choices.plan.bands;
    if (!band) throw new Error('no band');
    const fine = group('mesh', wallOptions(asked(plan), band)).options.find((o) => o.key === 'fine-13');
    if (!fine) throw new Error('no fine mesh');
    // 50 × 50 on the wall and 75 × 50 in the apron: both leave 50.
    expect(reckon(plan).figures.openingLeft).toBe(0.05);
    expect(makePreviewer()(plan, fine.change).opening).toBe(0);
    const both = apply(plan, {
      verb: 'set-skirt',
      scope: WHOLE_PLAN,
      skirt: { kind: 'apron', mesh: 'fine-13', width: 0.45, lapUp: 0.1 },
    });
    expect(makePreviewer()(both, fine.change).opening).toBeCloseTo(0.013 - 0.05, 9);
  });
  test('the keeper’s own mesh stands among the others', () => {
    const own = {
      id: 'own-1',
      type: 'welded',
      opening: { up: 0.02, along: 0.02 },
      wire: 0.0014,
      widths: [1],
      lengths: [20],
    } as const;
    const mine: Plan = {
      ...plan,
      buying: {
        ...plan.buying,
        ownProducts: [{ ...own, opening: { ...own.opening }, widths: [1], lengths: [20] }],
      },
    };
    const [band] = mine.choices.plan.bands;
    if (!band) throw new Error('no band');
    const keys = group('mesh', wallOptions(asked(mine), band)).options.map((o) => o.key);
    expect(keys).toContain('own-1');
  });
  test('two people are done in 0.6 of the hours of one', () => {
    const { figures, workings } = reckon(apply(plan, { verb: 'set-crew', crew: 'two' }));
    expect(figures.elapsed).toBeCloseTo(0.6 * (figures.hours ?? NaN), 9);
    expect(workings.elapsed.value).toBe(figures.elapsed);
    expect(reckon(plan).figures.elapsed).toBe(reckon(plan).figures.hours);
  });
});

test('each school names at least two ways and our reason', () => {
  for (const { schools, ours } of Object.values(SCHOOLS)) {
    expect(schools.length).toBeGreaterThan(1);
    expect(ours.length).toBeGreaterThan(20);
  }
});
