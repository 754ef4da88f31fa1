import type { Vector } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import { type LonLat, projectionAt } from './projection';
import type { TrackPart } from './tracks';

export interface Placed {
  readonly points: readonly Vector[];
  /** Where the sheet's origin then lies; null where the plan's own place holds. */
  readonly place: { readonly latitude: number; readonly longitude: number } | null;
}

/** Further from the plan's own place than this a file is of another place, m. */
const ELSEWHERE = 2000;

const middle = (points: readonly LonLat[]): LonLat => {
  const longitudes = points.map((p) => p[0]);
  const latitudes = points.map((p) => p[1]);
  const mid = (values: readonly number[]) =>
    (values.reduce((a, b) => Math.min(a, b)) + values.reduce((a, b) => Math.max(a, b))) / 2;
  return [mid(longitudes), mid(latitudes)];
};

/**
 * A part of a file in the metres of a plan: about the plan's own origin where the file is near it, otherwise about the
 * part's centre, which becomes the plan's place.
 */
export function placePart(part: TrackPart, plan: Pick<Plan, 'place' | 'ground'>): Placed {
  if (part.coordinates === 'local') return { points: part.points.map(([x, y]) => ({ x, y })), place: null };
  const { north } = plan.ground;
  const own = projectionAt(plan.place, north);
  const [longitude, latitude] = middle(part.points);
  const far = own.toLocal([longitude, latitude]);
  if (Math.hypot(far.x, far.y) <= ELSEWHERE)
    return { points: part.points.map((p) => own.toLocal(p)), place: null };
  const about = { latitude: Number(latitude.toFixed(7)), longitude: Number(longitude.toFixed(7)) };
  const projection = projectionAt(about, north);
  return { points: part.points.map((p) => projection.toLocal(p)), place: about };
}
