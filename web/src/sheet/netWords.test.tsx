import { afterEach, expect, test } from '@jest/globals';
import { type Plan, emptyPlan, newLoop, reckon, sheetScene } from '@aviarum/core';
import { cleanup, render } from '@testing-library/react';
import { NetWords } from './NetWords';

afterEach(cleanup);

const empty = emptyPlan('p', 'Paddocks', 'metric');
const { net } = newLoop(empty);
const loop = (id: string, name: string, left: number, side: number) => ({
  ...net,
  id,
  name,
  points: [
    { x: left, y: 0 },
    { x: left + side, y: 0 },
    { x: left + side, y: side },
    { x: left, y: side },
  ],
});
/** What is written in the nets of a plan, at so many px a metre. */
function written(nets: Plan['nets'], scale: number) {
  const plan = { ...empty, nets };
  const { parts } = reckon(plan);
  const { container } = render(
    <svg>
      <NetWords plan={plan} scene={sheetScene(plan, parts)} parts={parts} scale={scale} />
    </svg>,
  );
  return [...container.querySelectorAll('text')].map((t) => [t.textContent, Number(t.getAttribute('x'))]);
}

test('each of several loops carries its name in its middle; one alone needs none', () => {
  const two = [loop('a', 'Paddock 1', 0, 12), loop('b', 'Paddock 2', 20, 12)];
  expect(written(two, 10)).toEqual([
    ['Paddock 1', 60],
    ['Paddock 2', 260],
  ]);
  expect(written(two.slice(0, 1), 10)).toEqual([]);
});

test('a name that does not fit is cut, and left out where hardly a letter has room', () => {
  const two = [loop('a', 'Behind the old railway carriage', 0, 12), loop('b', 'Paddock 2', 20, 12)];
  expect(written(two, 10).map(([name]) => name)).toEqual(['Behind the old…', 'Paddock 2']);
  expect(written(two, 1).map(([name]) => name)).toEqual(['', '']);
});

test('a name stands clear of a smaller loop inside', () => {
  // In the middle of what is left to one side of it.
  const [[, outer] = [], [, inner] = []] = written([loop('a', 'Day', 0, 24), loop('b', 'Night', 12, 12)], 10);
  expect(outer).toBeLessThan(120);
  expect(inner).toBe(180);
});
