import { expect, test } from '@jest/globals';
import { DEMO_PLANS, DEMO_SHED } from '../plan/samples';
import { ownedPieceSchema } from '../plan/schema';
import { propose } from '../starts';
import { reckon } from '../reckon';
import { spares } from './spare';

const plan = propose({
  id: 'p',
  name: 'Run',
  units: 'metric',
  flock: [{ id: 'f', kind: 'hen-heavy', count: 8, keeping: 'confined' }],
  start: 'house',
  sizes: { house: 1.83 },
});
const sparesOf = (of: typeof plan) => {
  const { cutting, docket } = reckon(of);
  return { of: spares(cutting, docket.lines, 'left over'), cutting, docket };
};

test('every metre of roll bought is hung, cut away or spare: ends under 0.30 m alone are missing', () => {
  const { of, cutting } = sparesOf(plan);
  const ends = cutting.flatMap((p) => p.rolls.map((r) => r.left));
  const kept = of.reduce((sum, s) => sum + ('length' in s ? s.length * s.count : 0), 0);
  const scrap = ends.filter((l) => l < 0.3);
  expect(kept).toBeCloseTo(ends.reduce((a, b) => a + b, 0) - scrap.reduce((a, b) => a + b, 0), 3);
});
test('single pieces of opened packs are those that the docket says are left', () => {
  const { of, docket } = sparesOf(plan);
  const staples = docket.lines.find((l) => l.product === 'staple');
  expect(staples?.left).toBeGreaterThan(0);
  expect(of.find((s) => s.product === 'staple')?.count).toBe(staples?.left);
});
test('can be put in the shed as they are', () => {
  const { of } = sparesOf(DEMO_PLANS[0] ?? plan);
  of.forEach((spare, i) => expect(ownedPieceSchema.safeParse({ ...spare, id: `s${i}` }).success).toBe(true));
  expect(of.length).toBeGreaterThan(0);
});
test('what was in the shed before is not put there again', () => {
  const roll = DEMO_SHED.find((p) => p.kind === 'roll');
  if (roll?.kind !== 'roll') throw new Error('the demo shed has a roll');
  const long = { ...roll, length: 50 };
  const { of, cutting } = sparesOf({ ...plan, owned: [long] });
  const used = cutting.flatMap((p) => p.rolls).filter((r) => r.owned === roll.id);
  expect(used).toHaveLength(1);
  const end = used[0]?.left ?? NaN;
  expect(of.some((s) => s.product === roll.product && 'length' in s && Math.abs(s.length - end) < 1e-6)).toBe(
    false,
  );
});
