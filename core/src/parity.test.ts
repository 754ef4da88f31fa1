import { describe, expect, test } from '@jest/globals';
import {
  type Change,
  type Plan,
  apply,
  effectOf,
  estimateOf,
  makeEstimator,
  makeReckoner,
  reckon,
} from './index';
import { everyOption } from './testing/everyOption';
import { EVERY_VERB, aFullRun } from './testing/everyVerb';

/** As somebody reckons it who has never seen it. */
const fresh = (plan: Plan) => reckon(structuredClone(plan));

describe('a reckoner that remembers a plan gives what a fresh one gives', () => {
  test.each(Object.entries(EVERY_VERB))('after %s, and once it is taken back', (_, change) => {
    const plan = aFullRun();
    const remembering = makeReckoner();
    const before = JSON.stringify(remembering(plan));
    const after = apply(plan, change);
    expect(JSON.stringify(remembering(after))).toBe(JSON.stringify(fresh(after)));
    expect(JSON.stringify(remembering(plan))).toBe(before);
  });
  test('after any verb on top of any other', () => {
    const remembering = makeReckoner();
    const verbs: readonly Change[] = Object.values(EVERY_VERB).filter(
      (c) => !['replace', 'walk-outline', 'trace-outline', 'remove-enclosure', 'lay-out'].includes(c.verb),
    );
    let plan = aFullRun();
    for (const change of verbs) {
      plan = apply(plan, change);
      expect([change.verb, JSON.stringify(remembering(plan))]).toEqual([
        change.verb,
        JSON.stringify(fresh(plan)),
      ]);
    }
  });
});

describe('an option shown with its effect comes true', () => {
  test('every one of a full run, previewed with what was remembered of the others', () => {
    const plan = aFullRun();
    const base = reckon(plan);
    const estimator = makeEstimator();
    for (const [panel, groups] of Object.entries(everyOption(plan)))
      for (const { change } of groups.flatMap((g) => g.options)) {
        const shown = effectOf(plan, estimateOf(base), change, estimator);
        const then = fresh(apply(plan, change));
        const whole = then.docket.complete && base.docket.complete;
        expect([panel, change, shown.price]).toEqual([
          panel,
          change,
          whole ? then.docket.total - base.docket.total : null,
        ]);
        expect(shown.hours).toBeCloseTo((then.figures.elapsed ?? 0) - (base.figures.elapsed ?? 0), 9);
      }
  }, 60_000);
});
