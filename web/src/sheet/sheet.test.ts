import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS, printLength, sheetScene } from '@aviarum/core';
import fc from 'fast-check';
import { meshPitch } from '../strip/meshPattern';
import { placeLabels } from './Dimensions';
import { fit, stepFor, stepOf, zoomAbout } from './view';

describe('the view of the sheet', () => {
  const size = { width: 900, height: 450 };
  test('fits the whole of what it shows', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 200, noNaN: true }),
        (wide, high) => {
          const view = fit({ left: 3, right: 3 + wide, low: -2, high: -2 + high }, size, 64);
          const x = [3, 3 + wide].map((m) => view.x + m * view.scale);
          const y = [-2, -2 + high].map((m) => view.y - m * view.scale);
          expect(Math.min(...x, ...y)).toBeGreaterThanOrEqual(-1e-6);
          expect(Math.max(...x)).toBeLessThanOrEqual(size.width + 1e-6);
          expect(Math.max(...y)).toBeLessThanOrEqual(size.height + 1e-6);
        },
      ),
    );
  });
  test('zooming keeps what is under the pointer there', () => {
    const view = { scale: 40, x: 100, y: 300 };
    const at = { x: 320, y: 210 };
    const near = zoomAbout(view, 1.7, at);
    expect((at.x - near.x) / near.scale).toBeCloseTo((at.x - view.x) / view.scale, 9);
    expect((at.y - near.y) / near.scale).toBeCloseTo((at.y - view.y) / view.scale, 9);
  });
  test('snaps to round lengths of the reader’s units', () => {
    expect(stepOf('metric', 40)).toBeCloseTo(0.1, 9);
    expect(stepOf('imperial', 40)).toBeCloseTo(3 * 0.0254, 9);
    expect(stepFor(40, 'metric', 26)).toBe(1);
    expect(stepFor(40, 'imperial', 26)).toBeCloseTo(5 * 0.3048, 9);
  });
});

describe('dimensions', () => {
  const labels = (scale: number) => {
    const [plan] = DEMO_PLANS;
    if (!plan) throw new Error('no demo plan');
    const { sides } = sheetScene(plan, []);
    return { sides, placed: placeLabels(sides, scale, (l) => printLength(l, 'metric')) };
  };
  test('stand only where a side is longer than its label, and never on one another', () => {
    for (const scale of [3, 10, 20, 40, 80]) {
      const { sides, placed } = labels(scale);
      for (const label of placed) {
        const side = sides.find((s) => s.id === label.id);
        expect((side?.length ?? 0) * scale).toBeGreaterThanOrEqual(label.wide);
      }
      placed.forEach((a, i) =>
        placed.slice(i + 1).forEach((b) => expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(20)),
      );
    }
    expect(labels(3).placed.length).toBeLessThan(labels(80).placed.length);
  });
  test('are never upside down', () => {
    for (const label of labels(60).placed) expect(Math.abs(label.angle)).toBeLessThanOrEqual(90.5);
  });
});

test('a mesh is drawn in the true proportions of its opening, at a pitch that can be seen', () => {
  const square = meshPitch({ opening: { up: 0.013, along: 0.013 } }, 40);
  expect(square).toEqual({ wide: 3, high: 3 });
  const tall = meshPitch({ opening: { up: 0.05, along: 0.025 } }, 200);
  expect(tall.high / tall.wide).toBeCloseTo(2, 9);
});
