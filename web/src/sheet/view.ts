import type { Extent, Vector, UnitSystem } from '@aviarum/core';

/** How the ground sheet looks at the ground: pixels a metre, and where the ground's origin lies on screen. */
export interface View {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
}

export interface Size {
  readonly width: number;
  readonly height: number;
}

const LEAST_SCALE = 2;
const MOST_SCALE = 400;

/** Everything in the picture, with room for dimensions round it. */
export function fit(extent: Extent, size: Size, room: number): View {
  const margin = Math.min(room, Math.min(size.width, size.height) / 5);
  const wide = Math.max(1, extent.right - extent.left);
  const high = Math.max(1, extent.high - extent.low);
  const scale = Math.min((size.width - 2 * margin) / wide, (size.height - 2 * margin) / high);
  const clamped = Math.max(LEAST_SCALE, Math.min(MOST_SCALE, scale));
  return {
    scale: clamped,
    x: size.width / 2 - ((extent.left + extent.right) / 2) * clamped,
    y: size.height / 2 + ((extent.low + extent.high) / 2) * clamped,
  };
}

/** What lies at a place of the window, m. */
export const toGround = ({ scale, x, y }: View, at: Vector): Vector => ({
  x: (at.x - x) / scale,
  y: (y - at.y) / scale,
});

/** What is drawn of the land round a run: more than as much again on every side, m. */
export function aroundOf({ left, right, low, high }: Extent): Extent {
  const more = Math.max(right - left, high - low) * 1.3 + 3;
  const whole = (n: number) => Math.round(n / 2) * 2;
  return {
    left: whole(left - more),
    right: whole(right + more),
    low: whole(low - more),
    high: whole(high + more),
  };
}

/** Nearer or further about a point of the screen. */
export function zoomAbout(view: View, factor: number, at: { readonly x: number; readonly y: number }): View {
  const scale = Math.max(LEAST_SCALE, Math.min(MOST_SCALE, view.scale * factor));
  const k = scale / view.scale;
  return { scale, x: at.x - (at.x - view.x) * k, y: at.y - (at.y - view.y) * k };
}

/** Grid and scale bar steps in the reader's unit, m: the smallest that stays at least `least` px apart. */
export function stepFor(scale: number, system: UnitSystem, least: number): number {
  const steps =
    system === 'metric'
      ? [0.5, 1, 2, 5, 10, 20, 50, 100, 500]
      : [1, 2, 5, 10, 20, 50, 100, 500, 1500].map((ft) => ft * 0.3048);
  return steps.find((s) => s * scale >= least) ?? steps[steps.length - 1] ?? 1;
}

/** Round lengths that a drag falls on, m: 0.10, or an inch; finer when zoomed far in. */
export function stepOf(system: UnitSystem, scale: number): number {
  if (system === 'metric') return scale > 150 ? 0.05 : 0.1;
  return scale > 150 ? 0.0254 / 2 : 0.0254 * (scale > 60 ? 1 : 3);
}
