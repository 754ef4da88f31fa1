import { sideFrames } from '@aviarum/core';
import { type Sight, type Stop, dot, tidy } from '../../sheet/stop';
import { stopId } from '../../sheet/stopId';
import { openingTitle } from './openingTitle';

/** Ways in, which slide along their side. */
export function stops({ plan, scene, reader }: Sight): Stop[] {
  const frames = sideFrames(plan);
  return plan.openings.flatMap((o): Stop[] => {
    const frame = frames.get(o.side);
    const number = scene.sides.find((s) => s.id === o.side)?.number ?? 0;
    if (!frame) return [];
    const at = frame.at(o.along + o.width / 2, 0);
    return [
      {
        id: stopId({ on: 'opening', opening: o.id }),
        name: openingTitle(o, number),
        value: `${reader.length(o.along)} from the corner`,
        at,
        look: 'gate',
        room: o.width,
        axis: frame.direction,
        move: (to) => {
          const by = dot({ x: to.x - at.x, y: to.y - at.y }, frame.direction);
          const along = tidy(Math.max(0, Math.min(frame.length - o.width, o.along + by)));
          return { verb: 'set-opening', id: o.id, to: { along } };
        },
      },
    ];
  });
}
