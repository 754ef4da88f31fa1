import { afterEach, expect, test } from '@jest/globals';
import { SKIRT_KINDS, type Skirt, emptyPlan, skirtOfKind } from '@aviarum/core';
import { cleanup, render, screen } from '@testing-library/react';
import { usePlan } from '../../state/planStore';
import { SkirtSection } from './SkirtSection';

afterEach(cleanup);

const drawn = (kind: Skirt['kind'], units: 'metric' | 'imperial' = 'metric') => {
  usePlan.getState().open('home', emptyPlan('p', 'P', units));
  const skirt = skirtOfKind({ threats: {}, threatFigures: {} }, kind, { kind: 'none' });
  if (skirt.kind === 'none') throw new Error('no skirt');
  render(<SkirtSection skirt={skirt} />);
  return screen.getByRole('img', { name: 'Skirt from its end' });
};

test.each<[Skirt['kind'], readonly string[]]>([
  ['apron', ['0.10 m up', '0.45 m out']],
  ['house-apron', ['0.10 m up', '0.45 m out']],
  ['buried', ['0.10 m up', '0.30 m down']],
  ['toe', ['0.10 m up', '0.30 m down', '0.30 m out']],
  ['folded', ['0.50 m up', '0.50 m out']],
  ['stone', ['0.30 m out']],
  ['concrete', ['0.30 m down', '0.15 m wide']],
])('a skirt of kind %s shows its measures', (kind, measures) => {
  const picture = drawn(kind);
  for (const measure of measures) expect(picture.textContent).toContain(measure);
});

test('in feet where the keeper reads feet', () => {
  expect(drawn('toe', 'imperial').textContent).toMatch(/″ down/);
});

test('everything of it lies within the picture', () => {
  for (const kind of SKIRT_KINDS.filter((id) => id !== 'none')) {
    const picture = drawn(kind);
    const [wide, high] = [Number(picture.getAttribute('width')), Number(picture.getAttribute('height'))];
    for (const text of picture.querySelectorAll('text')) {
      expect(Number(text.getAttribute('x'))).toBeLessThanOrEqual(wide);
      expect(Number(text.getAttribute('y'))).toBeLessThanOrEqual(high);
      expect(Number(text.getAttribute('x'))).toBeGreaterThan(60);
    }
    cleanup();
  }
});
