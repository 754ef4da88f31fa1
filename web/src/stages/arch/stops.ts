import { type Plan, archPlace, previewArches } from '@aviarum/core';
import { type Sight, type Stop, dot, tidy } from '../../sheet/stop';
import { stopId } from '../../sheet/stopId';

/** Where an arch can be taken hold of from above: its whole, its far end and its sides. */
function stopsOf(plan: Plan, id: string, name: string, reader: Sight['reader']): Stop[] {
  const place = archPlace(plan, id);
  if (!place) return [];
  const { at, direction, base, length } = place;
  const along = { x: Math.cos(direction), y: Math.sin(direction) };
  const over = { x: -along.y, y: along.x };
  const from = (u: number, v: number) => ({
    x: at.x + along.x * u + over.x * v,
    y: at.y + along.y * u + over.y * v,
  });
  // Off the middle, where its floor is written.
  const middle = from(length * 0.8, 0);
  return [
    {
      id: stopId({ on: 'arch', arch: id }),
      name,
      value: `${reader.length(middle.x)} across, ${reader.length(middle.y)} up`,
      at: middle,
      look: 'thing',
      room: Math.min(base, length) / 2,
      axis: null,
      move: (to) => ({
        verb: 'place-arch',
        id,
        to: { at: { x: tidy(at.x + to.x - middle.x), y: tidy(at.y + to.y - middle.y) } },
      }),
    },
    {
      id: stopId({ on: 'arch-piece', arch: id, of: 'end', nth: 1 }),
      name: `${name}, far end`,
      value: reader.length(length),
      at: from(length, 0),
      look: 'side',
      room: base / 2,
      axis: along,
      move: (to) => ({
        verb: 'place-arch',
        id,
        to: { length: tidy(Math.max(0.3, dot({ x: to.x - at.x, y: to.y - at.y }, along))) },
      }),
    },
    {
      id: stopId({ on: 'arch-piece', arch: id, of: 'foot', nth: 1 }),
      name: `${name}, foot`,
      value: reader.length(base),
      at: from(length / 2, base / 2),
      look: 'side',
      room: length / 2,
      axis: over,
      move: (to) => ({
        verb: 'place-arch',
        id,
        to: { base: tidy(Math.max(0.3, 2 * dot({ x: to.x - at.x, y: to.y - at.y }, over))) },
      }),
    },
  ];
}

/** What of arches can be moved from above. */
export const stops = ({ plan, reader }: Sight): Stop[] =>
  plan.arches
    .flatMap((arch) =>
      stopsOf(plan, arch.id, plan.enclosures.find((e) => e.id === arch.enclosure)?.name ?? 'arch', reader),
    )
    .map((stop) => ({ ...stop, with: previewArches }));
