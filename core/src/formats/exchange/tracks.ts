import type { LonLat } from './projection';

/** One line of a file: a track segment, a route, a ring of an outline. */
export interface TrackPart {
  readonly name: string;
  readonly kind: 'track' | 'route' | 'outline' | 'points';
  readonly points: readonly LonLat[];
  /** Degrees, or metres of a plan where the file says that it is one of ours in metres. */
  readonly coordinates: 'wgs84' | 'local';
}

/** Why a file gives no outline; each with its own words. */
export type FileProblem =
  | 'empty'
  | 'too-large'
  | 'truncated'
  | 'not-well-formed'
  | 'unknown-format'
  | 'has-doctype'
  | 'other-projection'
  | 'one-point'
  | 'date-line'
  | 'too-wide'
  | 'no-line'
  | 'stopped';

/** A file that could not be read: the plan stays as it was. */
export class UnreadableFile extends Error {
  constructor(
    readonly problem: FileProblem,
    readonly detail = '',
  ) {
    super(`${problem} ${detail}`.trim());
  }
}

export const FILE_PROBLEMS: Readonly<Record<FileProblem, string>> = {
  empty: 'The file is empty. Export the track again.',
  'too-large': 'The file is larger than 40 MB. Export just the walk round the run.',
  truncated: 'The file ends in the middle: it was cut off while it was saved or sent. Export it again.',
  'not-well-formed': 'The file is damaged and cannot be read. Export it again.',
  'unknown-format': 'This is no GPX, KML or GeoJSON file.',
  'has-doctype':
    'The file declares a document type of its own, which no track needs. Export it again as plain GPX or KML.',
  'other-projection':
    'The places in the file are no longitude and latitude (WGS 84): it is in another map projection. Export it in WGS 84.',
  'one-point':
    'The file holds one place only; an outline takes three at least. Walk round the run and save the track.',
  'date-line': 'The track crosses the date line, where longitudes jump. Such a run cannot be placed here.',
  'too-wide': 'The places in the file are more than ten kilometres apart. Choose the track round the run.',
  'no-line': 'The file holds no track, route or outline.',
  stopped: 'Reading was stopped.',
};

/** How a long reading reports, pauses and is stopped. */
export interface Reading {
  /** 0 to 1. */
  readonly onProgress?: (share: number) => void;
  readonly signal?: { readonly aborted: boolean };
  /** Lets others have their turn; nothing where nobody waits. */
  readonly pause?: () => Promise<void>;
}

/** Ten kilometres of latitude, degrees. */
const WIDEST_DEGREES = 0.1;
/** From a plan's origin, m. */
const FURTHEST = 10000;

/** Parts that can make an outline, checked: places in range, on one side of the date line, near to each other. */
export function checkParts(parts: readonly TrackPart[]): readonly TrackPart[] {
  const places = parts.flatMap((p) => p.points);
  if (places.length === 0) throw new UnreadableFile('no-line');
  for (const [longitude, latitude] of places) {
    if (!Number.isFinite(longitude) || !Number.isFinite(latitude))
      throw new UnreadableFile('not-well-formed');
    if (parts[0]?.coordinates === 'local') continue;
    if (Math.abs(longitude) > 180 || Math.abs(latitude) > 90) throw new UnreadableFile('other-projection');
  }
  const distinct = (points: readonly LonLat[]) => new Set(points.map(([a, b]) => `${a} ${b}`)).size;
  if (distinct(places) < 3) throw new UnreadableFile('one-point', `${distinct(places)}`);
  const usable = parts.filter((p) => distinct(p.points) >= 3);
  if (usable.length === 0) throw new UnreadableFile('one-point');
  for (const part of usable) {
    if (part.coordinates === 'local') {
      if (part.points.some(([x, y]) => Math.abs(x) > FURTHEST || Math.abs(y) > FURTHEST))
        throw new UnreadableFile('too-wide');
      continue;
    }
    let [west, east, south, north] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const [longitude, latitude] of part.points) {
      west = Math.min(west, longitude);
      east = Math.max(east, longitude);
      south = Math.min(south, latitude);
      north = Math.max(north, latitude);
    }
    if (east - west > 180) throw new UnreadableFile('date-line');
    const shrunk = Math.cos(((north + south) / 2) * (Math.PI / 180));
    if ((east - west) * shrunk > WIDEST_DEGREES || north - south > WIDEST_DEGREES)
      throw new UnreadableFile('too-wide');
  }
  return usable;
}
