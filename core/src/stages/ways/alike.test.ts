import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { ofEveryKind } from '../../testing/everyOption';
import { aFullRun } from '../../testing/everyVerb';

describe('all like this', () => {
  const plans = ofEveryKind(aFullRun()).filter(([, plan]) => plan.openings.length > 1);
  test.each(plans)(
    '%s: the others of its kind are made as it is and stay where they are',
    (_, plan: Plan) => {
      expect(plans.length).toBeGreaterThan(3);
      for (const like of plan.openings) {
        const then = apply(plan, { verb: 'openings-like', id: like.id });
        plan.openings.forEach((before, i) => {
          const after = then.openings[i];
          if (before.kind !== like.kind || before.id === like.id) return expect(after).toEqual(before);
          const { id, side, along } = before;
          const own = {
            id,
            side,
            along,
            ...('swing' in before ? { swing: before.swing, hinge: before.hinge } : {}),
          };
          expect(after).toEqual({ ...like, ...own });
        });
      }
    },
  );
});
