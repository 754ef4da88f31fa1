import { describe, expect, test } from '@jest/globals';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import type { Plan } from '../../plan/schema';
import type { BirdKind, SpaceSchool } from './plan/kinds';
import { birdStage } from './stage';

const wanted = (kind: BirdKind, count: number, keeping: 'confined' | 'part-day', space: SpaceSchool) =>
  birdStage({ flock: [{ id: 'f', kind, count, keeping }], space }).areaWanted.value;

describe('the area that birds want', () => {
  test.each<[BirdKind, number, number]>([
    ['hen-light', 10, 5],
    ['hen-heavy', 12, 6],
    ['bantam', 7, 3.5],
    ['grower', 5, 2.5],
    ['duck', 14, 7],
    ['goose', 40, 20],
    ['turkey', 25, 15],
  ])('ten of %s, always confined %d m², let out part of the day %d m²', (kind, confined, partDay) => {
    expect(wanted(kind, 10, 'confined', 'usual')).toBeCloseTo(confined, 9);
    expect(wanted(kind, 10, 'part-day', 'usual')).toBeCloseTo(partDay, 9);
  });
  test.each<[BirdKind]>([['chick'], ['quail']])('%s has one figure however it is kept', (kind) => {
    expect(wanted(kind, 30, 'confined', 'usual')).toBeCloseTo(3, 9);
    expect(wanted(kind, 30, 'part-day', 'usual')).toBeCloseTo(3, 9);
  });
  test.each<[SpaceSchool, number]>([
    ['snug', 8.4],
    ['usual', 12],
    ['roomy', 30],
    ['free-range', 40],
  ])('ten heavy hens, %s: %d m²', (space, area) => {
    expect(wanted('hen-heavy', 10, 'confined', space)).toBeCloseTo(area, 9);
  });
  test.each<[SpaceSchool, number]>([
    ['snug', 12],
    ['usual', 19],
    ['roomy', 25],
  ])('a hundred meat chickens in drag shelters, %s: %d m²', (space, area) => {
    expect(wanted('meat-chicken', 100, 'confined', space)).toBeCloseTo(area, 9);
  });
  test('is the sum over mixed flocks, and none for none', () => {
    const flock: Plan['flock'] = [
      { id: 'a', kind: 'hen-light', count: 6, keeping: 'confined' },
      { id: 'b', kind: 'hen-heavy', count: 10, keeping: 'confined' },
      { id: 'c', kind: 'bantam', count: 6, keeping: 'confined' },
    ];
    expect(birdStage({ flock, space: 'usual' }).areaWanted.value).toBeCloseTo(6 + 12 + 4.2, 9);
    expect(birdStage({ flock: [], space: 'usual' }).areaWanted.value).toBe(0);
  });
});

describe('what the run says of its birds', () => {
  const kept = (kind: BirdKind, count: number) =>
    aRun({ flock: [{ id: 'f', kind, count, keeping: 'confined' }] });
  const findings = (kind: BirdKind, count: number) =>
    reckon(kept(kind, count)).findings.filter((f) => f.stage === 'birds');
  test('21.6 m² hold eighteen heavy hens and not nineteen', () => {
    expect(findings('hen-heavy', 18)).toEqual([]);
    expect(findings('hen-heavy', 19).map((f) => [f.code, f.severity])).toEqual([['birds.crowded', 'mend']]);
  });
  test('too many for the run: deepening it is the mend, to the next half metre', () => {
    const [crowded] = findings('hen-heavy', 25);
    // 30 m² over 3.6 m is 8.33 m.
    expect(crowded?.mends(kept('hen-heavy', 25))[0]).toMatchObject({ verb: 'lay-out', run: { right: 8.5 } });
  });
  test('light breeds clear a wall of 1.8, quail want a cover', () => {
    expect(findings('hen-light', 5).map((f) => f.code)).toEqual(['birds.over']);
    expect(findings('quail', 5).map((f) => f.code)).toEqual(['birds.cover']);
    expect(findings('grower', 5)).toEqual([]);
  });
});
