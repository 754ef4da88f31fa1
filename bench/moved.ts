import { type Plan, apply } from '../core/src/index';
import { plans } from './plans';

export const demo = plans[0] as Plan;

/** The demo plan with a corner moved by so many millimetres: nothing that was cut before is cut so again. */
export function moved(by: number): Plan {
  const [corner] = demo.corners;
  if (!corner) throw new Error('the demo plan has no corners');
  return apply(demo, {
    verb: 'move-corner',
    corner: corner.id,
    to: { x: corner.x - by / 1000, y: corner.y - by / 1000 },
  });
}
