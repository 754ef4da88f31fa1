import { surveyRings } from '../../ground/survey';
import { type Vector, doubleArea } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { sideFrames } from '../../drawing/scene/frames';
import { LOCAL_METRES } from './geoJson';
import { projectionAt } from './projection';

/** Nine decimals of a degree are a tenth of a millimetre. */
const DECIMALS = 1e9;
const degrees = (n: number) => Math.round(n * DECIMALS) / DECIMALS;
const metres = (n: number) => Math.round(n * 1e4) / 1e4;

/** Outer rings run anticlockwise and end where they began. */
function outerRing(points: readonly Vector[]): readonly Vector[] {
  const ring = doubleArea(points) < 0 ? [...points].reverse() : [...points];
  return [...ring, ...ring.slice(0, 1)];
}

/** Nets with their posts, hot wires, and what makes them live, each with the places of its way. */
function liveFeatures(
  p: Part,
  frames: ReturnType<typeof sideFrames>,
): readonly ({ readonly points: readonly Vector[] } & Readonly<Record<string, unknown>>)[] {
  switch (p.kind) {
    case 'live-net': {
      const { name, form, length, area, surplus, pieces } = p;
      const way = form === 'loop' ? [...p.points, ...p.points.slice(0, 1)] : p.points;
      const properties = {
        id: p.part.net,
        name,
        form,
        length: metres(length),
        surplus: metres(surplus),
        nets: pieces,
      };
      return [
        { points: way, what: 'live-net', ...properties, ...(form === 'loop' ? { area: metres(area) } : {}) },
        ...p.posts.map(({ at, is, along }) => ({
          points: [at],
          what: is === 'strut' ? 'net-strut' : 'net-post',
          net: p.part.net,
          along: metres(along),
        })),
      ];
    }
    case 'hot-wire': {
      const frame = frames.get(p.side);
      if (!frame) return [];
      const points = [frame.at(p.from, p.offset), frame.at(p.to, p.offset)];
      return [{ points, what: 'hot-wire', id: p.part.wire, heights: p.heights, offset: p.offset } as const];
    }
    case 'live-source':
      return [{ points: [p.at], what: p.part.on }];
    default:
      return [];
  }
}

/**
 * Runs, posts, gates and the ground as GeoJSON (RFC 7946).
 *
 * @param coordinates  `wgs84`: longitude and latitude about the plan's place; `local`: metres of the plan, said so in a
 *                     member `coordinates` of the collection, since no map program can place them
 */
export function writeGeoJson(plan: Plan, parts: readonly Part[], coordinates: 'wgs84' | 'local'): string {
  const projection = projectionAt(plan.place, plan.ground.north);
  const at = (p: Vector): [number, number] => {
    if (coordinates === 'local') return [metres(p.x), metres(p.y)];
    const [longitude, latitude] = projection.toGeo(p);
    return [degrees(longitude), degrees(latitude)];
  };
  const feature = (
    geometry: { type: string; coordinates: unknown },
    properties: Readonly<Record<string, unknown>>,
  ) => ({ type: 'Feature', properties, geometry });
  const point = (p: Vector) => ({ type: 'Point', coordinates: at(p) });
  const line = (points: readonly Vector[]) => ({ type: 'LineString', coordinates: points.map(at) });
  const polygon = (points: readonly Vector[]) => ({
    type: 'Polygon',
    coordinates: [outerRing(points).map(at)],
  });
  const frames = sideFrames(plan);
  const { buildings, trees, services, boundaries, obstacles, spotHeights } = plan.ground;
  const features = [
    ...surveyRings(plan).map((ring) =>
      feature(polygon(ring.sides.map((s) => s.start)), {
        what: 'run',
        id: ring.enclosure,
        name: ring.name,
        area: metres(ring.area),
      }),
    ),
    ...plan.sides.flatMap((side) => {
      const frame = frames.get(side.id);
      if (!frame) return [];
      const points = [frame.at(0, 0), frame.at(frame.length, 0)];
      return [
        feature(line(points), { what: 'side', id: side.id, kind: side.kind, length: metres(frame.length) }),
      ];
    }),
    ...plan.openings.flatMap((o) => {
      const frame = frames.get(o.side);
      if (!frame) return [];
      const points = [frame.at(o.along, 0), frame.at(o.along + o.width, 0)];
      return [feature(line(points), { what: o.kind, id: o.id, width: o.width })];
    }),
    ...parts.flatMap((p) => {
      const frame = p.kind === 'post' ? frames.get(p.side) : undefined;
      if (p.kind !== 'post' || !frame) return [];
      const { number, role, product, above, depth } = p;
      return [
        feature(point(frame.at(p.along, 0)), {
          what: 'post',
          name: `post ${number}`,
          role,
          product,
          above: metres(above),
          depth: metres(depth),
        }),
      ];
    }),
    ...parts
      .flatMap((p) => liveFeatures(p, frames))
      .map(({ points, ...told }) =>
        feature(points.length === 1 && points[0] ? point(points[0]) : line(points), told),
      ),
    ...buildings.map(({ outline, ...b }) => feature(polygon(outline), { what: 'building', ...b })),
    ...trees.map(({ at: place, ...t }) => feature(point(place), { what: 'tree', ...t })),
    ...obstacles.map(({ at: place, kind, ...o }) => feature(point(place), { ...o, what: kind })),
    ...services.map(({ line: points, ...s }) => feature(line(points), { what: 'service', ...s })),
    ...boundaries.map(({ line: points, ...b }) => feature(line(points), { ...b, what: b.kind })),
    ...spotHeights.map(({ at: place, ...s }) => feature(point(place), { what: 'height', ...s })),
  ];
  const collection = {
    type: 'FeatureCollection',
    name: plan.name,
    ...(coordinates === 'local' ? { coordinates: LOCAL_METRES } : {}),
    features,
  };
  return `${JSON.stringify(collection, null, 1)}\n`;
}
