import type { Change, UnitSystem } from '@aviarum/core';
import type { Stop } from './stop';

/** One press of an arrow key, in metres; null for a key that moves nothing. */
export function nudge(stop: Stop, key: string, system: UnitSystem, size: 'small' | 'large'): Change | null {
  const way = {
    ArrowRight: { x: 1, y: 0 },
    ArrowLeft: { x: -1, y: 0 },
    ArrowUp: { x: 0, y: 1 },
    ArrowDown: { x: 0, y: -1 },
  }[key];
  if (!way || !stop.move) return null;
  const step = (system === 'metric' ? 0.1 : 0.0254) * (size === 'large' ? 10 : 1);
  if (stop.axis) {
    const sign = way.x + way.y;
    return stop.move({ x: stop.at.x + stop.axis.x * step * sign, y: stop.at.y + stop.axis.y * step * sign });
  }
  return stop.move({ x: stop.at.x + way.x * step, y: stop.at.y + way.y * step });
}
