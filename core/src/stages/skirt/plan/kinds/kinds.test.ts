import { THREAT_IDS, type ThreatId } from '../../../threats/plan/kinds';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aRun } from '../../../../testing/aRun';
import { readerFor } from '../../../../saying/makeReader';
import { schema } from '../choice';
import { measuresOf } from '../../measures';
import { shapeOf, stripWidthOf } from '../shape';
import { digFigure, largeEnough, skirtOfKind, stopsDigging } from '../wanted';
import { KIND_IDS, KINDS, rowOf } from './index';

const plan = aRun();
const reader = readerFor(plan);
const about = fc.subarray([...THREAT_IDS]);
const threatsOf = (ids: readonly ThreatId[]) => ({
  threats: Object.fromEntries(ids.map((id) => [id, 'seen' as const])),
  threatFigures: {},
});
const digs = (id: ThreatId) =>
  digFigure({ threatFigures: {} }, id, 'flat') !== null ||
  digFigure({ threatFigures: {} }, id, 'deep') !== null;

describe.each(KIND_IDS)('a skirt of the kind %s', (kind) => {
  const made = (ids: readonly ThreatId[] = []) =>
    skirtOfKind(threatsOf(ids), kind, { kind: kind === 'none' ? 'stone' : 'none' } as never);
  test('is one that the plan’s schema takes, named and said', () => {
    fc.assert(
      fc.property(about, (ids) => {
        const skirt = made(ids);
        expect(skirt.kind).toBe(kind);
        expect(schema.parse(skirt)).toEqual(skirt);
      }),
    );
    const { title, note } = KINDS[kind];
    const said = rowOf({ kind }).say(made(), reader, 'fine mesh');
    expect([title, note, said].every((text) => text.length > 3)).toBe(true);
  });
  test('made large enough stops whatever digs, where any size of it does', () => {
    fc.assert(
      fc.property(about, (ids) => {
        const skirt = largeEnough(threatsOf(ids), made());
        const shape = skirt && shapeOf(skirt);
        if (!shape) return;
        expect(ids.filter((id) => digs(id) && !stopsDigging({ threatFigures: {} }, id, shape))).toEqual([]);
      }),
    );
  });
  test('cut from a narrower strip is narrower by just that, as long as it is a skirt', () => {
    const skirt = made();
    const shape = shapeOf(skirt);
    const less = rowOf(skirt).narrower(skirt, 0.05);
    const narrow = less && shapeOf(less);
    if (shape?.mesh == null) {
      expect(less).toBeNull();
      return;
    }
    expect(narrow && stripWidthOf(narrow)).toBeCloseTo(stripWidthOf(shape) - 0.05, 9);
    expect(rowOf(skirt).narrower(skirt, 2)).toBeNull();
  });
  test('has measures that the schema bounds, each of which can be set', () => {
    const skirt = made();
    for (const { name, value, least, most, set } of measuresOf(skirt, plan, reader)) {
      expect(name.length).toBeGreaterThan(2);
      expect([value >= least, value <= most, least < most]).toEqual([true, true, true]);
      expect(schema.safeParse(set(least)).success && schema.safeParse(set(most)).success).toBe(true);
      expect(schema.safeParse(set(most + 0.01)).success).toBe(false);
      expect(set(least)).not.toEqual(set(most));
    }
  });
});
