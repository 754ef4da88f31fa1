import { ROLE_NAMES, capital, nextId, sideFrames } from '@aviarum/core';
import { type Sight, type Stop, dot, tidy } from '../../sheet/stop';
import { stopId } from '../../sheet/stopId';

/** Posts in order along the fence; line posts slide along their side and stay where they are put. */
export function stops({ plan, parts, reader }: Sight): Stop[] {
  const frames = sideFrames(plan);
  return parts.flatMap((part): Stop[] => {
    if (part.kind !== 'post') return [];
    const frame = frames.get(part.side);
    if (!frame) return [];
    const ref = part.part;
    const pin = ref.on === 'pin' ? plan.postPins.find((p) => p.id === ref.pin) : undefined;
    const at = frame.at(part.along, 0);
    const slides = part.role === 'line';
    return [
      {
        id: stopId(ref),
        name: `${capital(ROLE_NAMES[part.role][0])} ${part.number}`,
        value: `${reader.length(part.along)} from the corner${pin ? ', set by hand' : ''}`,
        at,
        look: 'post',
        room: 0.8,
        axis: frame.direction,
        move: slides
          ? (to) => {
              const by = dot({ x: to.x - at.x, y: to.y - at.y }, frame.direction);
              const along = tidy(Math.max(0.05, Math.min(frame.length - 0.05, part.along + by)));
              const id = pin?.id ?? nextId('p', plan.postPins);
              return {
                verb: 'set-pin',
                pin: { id, side: part.side, along, post: pin?.post ?? { kind: 'new' } },
              };
            }
          : null,
      },
    ];
  });
}
