import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import { apply } from '../plan/changes/apply';
import { editionNamed, editionOf } from './editionOf';
import { reckon } from '../reckon';

const [orchard] = DEMO_PLANS;
if (!orchard) throw new Error('no demo plan');
const [yard = ''] = orchard.buying.yards;
const goods = reckon(orchard).docket.lines.reduce((sum, line) => sum + (line.price ?? 0), 0);

describe('what a yard was heard to ask', () => {
  test('a delivery of one’s own is the one that is paid', () => {
    const told = apply(orchard, { verb: 'set-terms', yard, delivery: 9900 });
    const list = editionOf(orchard).yards.find((y) => y.id === yard)?.delivery ?? 0;
    const { docket } = reckon(told);
    expect(docket.yards.map((y) => y.delivery)).toEqual([9900]);
    expect(docket.total - reckon(orchard).docket.total).toBeGreaterThanOrEqual(9900 - list);
  });
  test('a tax of one’s own is laid on prices without it, and told of prices with it', () => {
    const told = reckon(apply(orchard, { verb: 'set-terms', yard, tax: 0.5, delivery: 0 })).docket;
    const [stated] = told.taxes.map((t) => t.stated);
    const tax = told.taxes.reduce((sum, t) => sum + t.tax, 0);
    expect(tax).toBe(Math.round(stated === 'with' ? (goods * 0.5) / 1.5 : goods * 0.5));
  });
  test('the list’s again leaves the plan as it was, and the edition is never touched', () => {
    const told = apply(apply(orchard, { verb: 'set-terms', yard, delivery: 1 }), {
      verb: 'set-terms',
      yard,
      tax: 0.1,
    });
    const back = apply(apply(told, { verb: 'set-terms', yard, delivery: null }), {
      verb: 'set-terms',
      yard,
      tax: null,
    });
    expect(back).toEqual(orchard);
    expect(editionOf(orchard)).toBe(editionNamed(orchard.buying.edition));
    expect(editionOf(told).yards.find((y) => y.id === yard)).toMatchObject({
      delivery: 1,
      tax: { rate: 0.1 },
    });
  });
});
