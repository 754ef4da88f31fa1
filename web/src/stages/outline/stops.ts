import { type Sight, type Stop, degrees, tidy, dot } from '../../sheet/stop';
import { stopId } from '../../sheet/stopId';

/** Corners and sides in turn, so that the arrow keys walk along the fence. */
export function stops({ plan, scene, reader }: Sight): Stop[] {
  const corners = new Map(scene.corners.map((c) => [c.id, c]));
  const done = new Set<string>();
  return scene.sides.flatMap((side): Stop[] => {
    const own = plan.sides.find((s) => s.id === side.id);
    const start = [own?.from, own?.to]
      .map((id) => corners.get(id ?? ''))
      .find((c) => c !== undefined && Math.hypot(c.at.x - side.start.x, c.at.y - side.start.y) < 1e-9);
    const stops: Stop[] = [];
    if (start && !done.has(start.id)) {
      done.add(start.id);
      stops.push({
        id: stopId({ on: 'corner', corner: start.id }),
        name: `Corner ${start.number}, ${degrees(start.angle)}`,
        value: `${reader.length(start.at.x)} across, ${reader.length(start.at.y)} up`,
        at: start.at,
        look: 'corner',
        room: start.reach / 2,
        axis: null,
        move: (to) => ({ verb: 'move-corner', corner: start.id, to: { x: tidy(to.x), y: tidy(to.y) } }),
      });
    }
    const at = { x: (side.start.x + side.end.x) / 2, y: (side.start.y + side.end.y) / 2 };
    stops.push({
      id: stopId({ on: 'side', side: side.id }),
      name: `Side ${side.number}, ${reader.length(side.length)}`,
      value: side.movable ? 'pulls out and pushes in' : 'cannot be pulled; move its corners',
      at,
      look: 'side',
      room: side.length / 2,
      axis: side.outward,
      move: side.movable
        ? (to) => ({
            verb: 'move-side',
            side: side.id,
            by: tidy(dot({ x: to.x - at.x, y: to.y - at.y }, side.outward)),
          })
        : null,
    });
    return stops;
  });
}
