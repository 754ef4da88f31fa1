import { sideFrames } from '../../drawing/scene/frames';
import { surveyRings } from '../../ground/survey';
import type { Vector } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { ROLE_NAMES } from '../../stages/posts/words/names';
import { element, escaped } from './markup';
import { projectionAt } from './projection';

const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n';

export const gpx = (inside: string): string =>
  `${HEAD}${element(
    'gpx',
    { version: '1.1', creator: 'Aviarum', xmlns: 'http://www.topografix.com/GPX/1/1' },
    inside,
  )}\n`;

/** A place to a tenth of a millimetre. */
export function placeAttributes(
  plan: Pick<Plan, 'place' | 'ground'>,
): (p: Vector) => { lat: string; lon: string } {
  const projection = projectionAt(plan.place, plan.ground.north);
  return (p) => {
    const [longitude, latitude] = projection.toGeo(p);
    return { lat: latitude.toFixed(9), lon: longitude.toFixed(9) };
  };
}

/** Waypoints come before routes, as the format has it. */
const isWaypoint = (made: string): boolean => made.startsWith('<wpt');

/** The stakes as GPX 1.1: corners and posts as waypoints, each run as a closed route. */
export function writeGpx(plan: Plan, parts: readonly Part[]): string {
  const place = placeAttributes(plan);
  const frames = sideFrames(plan);
  const rings = surveyRings(plan);
  const waypoint = (at: Vector, name: string, type: string) =>
    element('wpt', place(at), `<name>${escaped(name)}</name><type>${type}</type>`);
  const seen = new Set<string>();
  const corners = rings.flatMap((ring) =>
    ring.sides.flatMap((s) => {
      if (seen.has(s.startCorner)) return [];
      seen.add(s.startCorner);
      return [waypoint(s.start, `Corner ${s.startNumber}`, 'corner')];
    }),
  );
  const posts = parts.flatMap((p) => {
    const frame = p.kind === 'post' ? frames.get(p.side) : undefined;
    if (p.kind !== 'post' || !frame || p.part.on === 'corner-post') return [];
    return [waypoint(frame.at(p.along, 0), `${ROLE_NAMES[p.role][0]} ${p.number}`, 'post')];
  });
  const routes = rings.map((ring) => {
    const closed = [...ring.sides.map((s) => s.start), ...ring.sides.slice(0, 1).map((s) => s.start)];
    const points = closed.map((at) => element('rtept', place(at)));
    return element('rte', {}, `<name>${escaped(ring.name)}</name>${points.join('')}`);
  });
  const nets = parts.flatMap((p) => {
    if (p.kind !== 'live-net') return [];
    const way = p.form === 'loop' ? [...p.points, ...p.points.slice(0, 1)] : p.points;
    return [
      ...p.points.map((at, i) => waypoint(at, `${p.name}, corner ${i + 1}`, 'net corner')),
      element(
        'rte',
        {},
        `<name>${escaped(p.name)}</name>${way.map((at) => element('rtept', place(at))).join('')}`,
      ),
    ];
  });
  const meta = element('metadata', {}, `<name>${escaped(plan.name)}</name>`);
  return gpx(
    `\n${[meta, ...corners, ...posts, ...nets.filter(isWaypoint), ...routes, ...nets.filter((n) => !isWaypoint(n))].join('\n')}\n`,
  );
}
