import { readGeoJson } from './geoJson';
import { type Reading, type TrackPart, UnreadableFile, checkParts } from './tracks';
import { readXml } from './xml';

/** Larger files are no walk round a run, bytes or characters. */
export const LARGEST_FILE = 40_000_000;

/**
 * Reads tracks, routes and outlines from a GPX, KML or GeoJSON file.
 *
 * @param text     the file; its kind is told from what is in it, not from its name
 * @param reading  progress, a way to stop it, and turns for others meanwhile
 * @returns parts of three places or more, WGS 84
 * @throws UnreadableFile with the problem by name; the plan is never touched
 */
export async function readTracks(text: string, reading: Reading = {}): Promise<readonly TrackPart[]> {
  const bare = text.replace(/^\uFEFF/, '');
  if (bare.length > LARGEST_FILE) throw new UnreadableFile('too-large');
  const begins = bare.trimStart();
  if (begins === '') throw new UnreadableFile('empty');
  if (begins.startsWith('<')) return checkParts(await readXml(begins, reading));
  if (!/^[[{]/.test(begins)) throw new UnreadableFile('unknown-format');
  const parts = checkParts(readGeoJson(begins));
  reading.onProgress?.(1);
  return parts;
}
