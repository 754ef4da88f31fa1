import proj4 from 'proj4';
import type { Vector } from '../../ground/vector';
import type { Plan } from '../../plan/schema';

/** Longitude and latitude, degrees, WGS 84: the order of GeoJSON. */
export type LonLat = readonly [longitude: number, latitude: number];

export interface Projection {
  toLocal(place: LonLat): Vector;
  toGeo(at: Vector): LonLat;
}

/**
 * Between WGS 84 and a plan's metres: azimuthal equidistant about the plan's origin, turned by its north. Within a
 * kilometre of the origin distances are true to well under a millimetre.
 *
 * @param north  turn of true north from the sheet's y axis, clockwise, radians
 */
export function projectionAt(
  place: Pick<Plan['place'], 'latitude' | 'longitude'>,
  north: number,
): Projection {
  const about = proj4(
    'WGS84',
    `+proj=aeqd +lat_0=${place.latitude} +lon_0=${place.longitude} +ellps=WGS84 +units=m +no_defs`,
  );
  const [cos, sin] = [Math.cos(north), Math.sin(north)];
  return {
    toLocal([longitude, latitude]) {
      const [east = NaN, up = NaN] = about.forward([longitude, latitude]);
      return { x: east * cos + up * sin, y: -east * sin + up * cos };
    },
    toGeo({ x, y }) {
      const [longitude = NaN, latitude = NaN] = about.inverse([x * cos - y * sin, x * sin + y * cos]);
      return [longitude, latitude];
    },
  };
}
