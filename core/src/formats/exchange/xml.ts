import { SaxesParser } from 'saxes';
import type { LonLat } from './projection';
import { type Reading, type TrackPart, UnreadableFile } from './tracks';

/** Deeper than any track is told: the parser keeps the names of all that is open, and looks through them at each end. */
const DEEPEST = 100;
/** Characters between two looks at the clock and the stop sign. */
const CHUNK = 1 << 16;

interface Open {
  readonly kind: TrackPart['kind'];
  name: string;
  readonly points: LonLat[];
  readonly coordinates: 'wgs84';
}

/** `-2.31,54.1,0 -2.30,54.1,0`, as KML writes places: one after the other, since a line may hold half a million. */
function readKmlPlaces(text: string, into: LonLat[]): void {
  for (const [place] of text.matchAll(/\S+/g)) {
    const [longitude = '', latitude = ''] = place.split(',', 2);
    into.push([longitude === '' ? NaN : Number(longitude), latitude === '' ? NaN : Number(latitude)]);
  }
}

const OPENS: Readonly<Record<string, TrackPart['kind']>> = {
  trkseg: 'track',
  rte: 'route',
  LineString: 'track',
  LinearRing: 'outline',
  'gx:Track': 'track',
};
const PLACES = new Set(['trkpt', 'rtept']);

/**
 * Tracks, routes and outlines of a GPX or KML file, read as a stream.
 *
 * Declarations of a document type are refused whatever they hold: entities of the file's own are never expanded.
 */
export async function readXml(
  text: string,
  { onProgress, signal, pause }: Reading,
): Promise<readonly TrackPart[]> {
  const parts: TrackPart[] = [];
  const lone: LonLat[] = [];
  let open: Open | undefined;
  let name = '';
  let words = '';
  let root = '';
  let depth = 0;
  let failure: UnreadableFile | undefined;
  const parser = new SaxesParser({ xmlns: false });
  parser.on('doctype', () => (failure ??= new UnreadableFile('has-doctype')));
  parser.on('error', (error) => {
    const cut = /unclosed|unexpected end|end of (?:file|document)/i.test(error.message);
    failure ??= new UnreadableFile(cut ? 'truncated' : 'not-well-formed', error.message);
  });
  parser.on('opentag', ({ name: tag, attributes }) => {
    root ||= tag;
    words = '';
    depth += 1;
    if (depth > DEEPEST)
      failure ??= new UnreadableFile('not-well-formed', `elements stand in each other over ${DEEPEST} deep`);
    const kind = OPENS[tag];
    if (kind) open = { kind, name, points: [], coordinates: 'wgs84' };
    if (PLACES.has(tag) || tag === 'wpt') {
      const place: LonLat = [Number(attributes.lon), Number(attributes.lat)];
      (tag === 'wpt' ? lone : (open?.points ?? lone)).push(place);
    }
  });
  parser.on('text', (more) => (words += more));
  parser.on('closetag', ({ name: tag }) => {
    depth -= 1;
    if (tag === 'name' && !open?.points.length) name = words.trim();
    if (tag === 'name' && open && open.points.length === 0) open.name = words.trim();
    if (tag === 'coordinates') readKmlPlaces(words, open?.points ?? lone);
    if (tag === 'gx:coord' && open) {
      const [longitude, latitude] = words.trim().split(/\s+/).map(Number);
      open.points.push([longitude ?? NaN, latitude ?? NaN]);
    }
    if (OPENS[tag] && open) {
      if (open.points.length > 0) parts.push(open);
      open = undefined;
    }
    words = '';
  });

  for (let at = 0; at < text.length; at += CHUNK) {
    if (signal?.aborted) throw new UnreadableFile('stopped');
    parser.write(text.slice(at, at + CHUNK));
    if (failure) throw failure;
    onProgress?.(Math.min(1, (at + CHUNK) / text.length));
    await pause?.();
  }
  parser.close();
  if (failure) throw failure;
  if (root !== 'gpx' && root !== 'kml') throw new UnreadableFile('unknown-format', root);
  if (lone.length > 0) parts.push({ name: 'waypoints', kind: 'points', points: lone, coordinates: 'wgs84' });
  return parts;
}
