import * as z from 'zod/mini';
import type { LonLat } from './projection';
import { type TrackPart, UnreadableFile } from './tracks';

const position = z.array(z.number()).check(z.minLength(2), z.maxLength(4));
const line = z.array(position);
const geometry = z.discriminatedUnion('type', [
  z.looseObject({ type: z.literal('Point'), coordinates: position }),
  z.looseObject({ type: z.literal('MultiPoint'), coordinates: line }),
  z.looseObject({ type: z.literal('LineString'), coordinates: line }),
  z.looseObject({ type: z.literal('MultiLineString'), coordinates: z.array(line) }),
  z.looseObject({ type: z.literal('Polygon'), coordinates: z.array(line) }),
  z.looseObject({ type: z.literal('MultiPolygon'), coordinates: z.array(z.array(line)) }),
]);
type Geometry = z.infer<typeof geometry>;
const collection = z.looseObject({ type: z.literal('GeometryCollection'), geometries: z.array(geometry) });
const feature = z.looseObject({
  type: z.literal('Feature'),
  geometry: z.nullable(z.union([geometry, collection])),
  properties: z.nullish(z.record(z.string(), z.unknown())),
});
const document = z.union([
  z.looseObject({ type: z.literal('FeatureCollection'), features: z.array(feature) }),
  feature,
  collection,
  geometry,
]);
const crs = z.looseObject({
  crs: z.nullish(z.looseObject({ properties: z.looseObject({ name: z.string() }) })),
});

/** A file of ours in the metres of a plan says so. */
export const LOCAL_METRES = 'metres of the plan; x right, y up its sheet';
const ours = z.looseObject({ coordinates: z.literal(LOCAL_METRES) });

/** What an old-style `crs` member may say and still mean longitude and latitude. */
const WGS84 = /CRS:?84|EPSG:+(?:\d*:)?4326$/i;

const places = (points: readonly (readonly number[])[]): LonLat[] =>
  points.map(([longitude = NaN, latitude = NaN]) => [longitude, latitude]);

function partsOf(shape: Geometry, name: string, coordinates: TrackPart['coordinates']): TrackPart[] {
  const part = (kind: TrackPart['kind'], points: readonly (readonly number[])[]): TrackPart => ({
    name,
    kind,
    points: places(points),
    coordinates,
  });
  switch (shape.type) {
    case 'Point':
      return [part('points', [shape.coordinates])];
    case 'MultiPoint':
      return [part('points', shape.coordinates)];
    case 'LineString':
      return [part('track', shape.coordinates)];
    case 'MultiLineString':
      return shape.coordinates.map((c) => part('track', c));
    case 'Polygon':
      return shape.coordinates.slice(0, 1).map((c) => part('outline', c));
    case 'MultiPolygon':
      return shape.coordinates.flatMap((p) => p.slice(0, 1).map((c) => part('outline', c)));
  }
}

/** Tracks and outlines of a GeoJSON document (RFC 7946), points of its own gathered into one part. */
export function readGeoJson(text: string): readonly TrackPart[] {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    const ended = /[}\]]\s*$/.test(text);
    throw new UnreadableFile(ended ? 'not-well-formed' : 'truncated');
  }
  const named = crs.safeParse(json);
  const system = named.success ? named.data.crs?.properties.name : undefined;
  if (system !== undefined && !WGS84.test(system)) throw new UnreadableFile('other-projection', system);
  const coordinates = ours.safeParse(json).success ? 'local' : 'wgs84';
  const read = document.safeParse(json);
  if (!read.success) throw new UnreadableFile('unknown-format');
  const shapes: { shape: Geometry; name: string }[] = [];
  const take = (thing: z.infer<typeof document>, name: string): void => {
    switch (thing.type) {
      case 'FeatureCollection':
        return thing.features.forEach((f) => take(f, name));
      case 'Feature': {
        const own = thing.properties?.name;
        if (thing.geometry) take(thing.geometry, typeof own === 'string' ? own : name);
        return;
      }
      case 'GeometryCollection':
        return thing.geometries.forEach((g) => shapes.push({ shape: g, name }));
      case 'Point':
      case 'MultiPoint':
      case 'LineString':
      case 'MultiLineString':
      case 'Polygon':
      case 'MultiPolygon':
        shapes.push({ shape: thing, name });
    }
  };
  take(read.data, '');
  const parts = shapes.flatMap(({ shape, name }) => partsOf(shape, name, coordinates));
  const points = parts.filter((p) => p.kind === 'points').flatMap((p) => p.points);
  const lines = parts.filter((p) => p.kind !== 'points');
  return points.length > 0 ? [...lines, { name: 'points', kind: 'points', points, coordinates }] : lines;
}
