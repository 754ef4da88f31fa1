import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Change } from './types';
import type { Choices } from '../schema';
import type { Scope } from '../scope';
import { apply } from './apply';
import { choicesFor } from '../effective';
import { choicesIn } from '../../options';
import { anOutline } from '../../testing/aRun';

const plan = anOutline([
  [0, 0],
  [6, 0],
  [6, 4],
  [0, 4],
]);
const side: Scope = { scope: 'side', of: 'e1' };
const run: Scope = { scope: 'enclosure', of: 'run' };
const whole: Scope = { scope: 'plan' };
const overhang = (scope: Scope, size: number): Change => ({ verb: 'set-overhang', scope, overhang: size });

describe('choices of boards and overhang', () => {
  test('of a side stand before the run’s, the run’s before the plan’s', () => {
    const all = [overhang(whole, 0.1), overhang(run, 0.2), overhang(side, 0.3)].reduce(apply, plan);
    expect(choicesFor(all, 'e1').overhang).toBe(0.3);
    expect(choicesFor(all, 'e0').overhang).toBe(0.2);
    expect(choicesIn(all, whole).overhang).toBe(0.1);
    expect(choicesIn(all, run).overhang).toBe(0.2);
    expect(choicesIn(all, side).overhang).toBe(0.3);
  });
  test('one board is put up without taking the other down', () => {
    const both = [
      { verb: 'set-boards', scope: whole, boards: { ground: 'board-150x25' } },
      { verb: 'set-boards', scope: whole, boards: { top: 'rail-88x38' } },
    ].reduce((now, change) => apply(now, change as Change), plan);
    expect(both.choices.plan.boards).toEqual({ ground: 'board-150x25', top: 'rail-88x38' });
  });
  test('chosen as the whole again leave nothing behind, and only what is named is taken back', () => {
    const own = [
      overhang(side, 0.3),
      { verb: 'set-hanging', scope: side, hanging: 'side-by-side' } as Change,
    ].reduce(apply, plan);
    const back = apply(own, { verb: 'choose-as-plan', scope: side, choices: ['overhang'] });
    expect(back.choices.side).toEqual({ e1: { hanging: 'side-by-side' } });
    expect(apply(back, { verb: 'choose-as-plan', scope: side, choices: ['hanging', 'bands'] })).toEqual(plan);
  });
  test('taken back where nothing was chosen apart change nothing', () => {
    expect(apply(plan, { verb: 'choose-as-plan', scope: side, choices: ['skirt'] })).toEqual(plan);
  });
});

describe('whatever is chosen for one side', () => {
  const changes: readonly Change[] = [
    overhang(side, 0.3),
    { verb: 'set-boards', scope: side, boards: { ground: 'board-150x25' } },
    { verb: 'set-hanging', scope: side, hanging: 'side-by-side' },
    { verb: 'set-skirt', scope: side, skirt: { kind: 'stone', width: 0.3, height: 0.2 } },
    { verb: 'set-band', scope: side, id: 'wall', to: { mesh: 'fine-13' } },
    { verb: 'set-slope', scope: side, slope: { hang: 'step' } },
  ];
  const chosen: readonly (keyof Choices)[] = ['overhang', 'boards', 'hanging', 'skirt', 'bands', 'slope'];
  test('leaves every other side as it was', () => {
    fc.assert(
      fc.property(fc.subarray([...changes]), (some) => {
        const after = some.reduce(apply, plan);
        for (const other of ['e0', 'e2', 'e3'])
          expect(choicesFor(after, other)).toEqual(choicesFor(plan, other));
        expect(after.choices.plan).toEqual(plan.choices.plan);
      }),
    );
  });
  test('is taken back as a whole', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...changes]), (some) => {
        const after = some.reduce(apply, plan);
        expect(apply(after, { verb: 'choose-as-plan', scope: side, choices: chosen })).toEqual(plan);
      }),
    );
  });
});
