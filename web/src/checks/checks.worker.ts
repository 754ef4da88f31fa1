import './noEval';
import { expose } from 'comlink';
import { CHECKS } from './checks';
import type { Tracks } from './tracks';

/** Tracks of several formats take more to read than anything else: what reads them comes with the first. */
const tracks = async (): Promise<Tracks> => (await import('./tracks')).TRACKS;

const api = {
  ...CHECKS,
  readTrack: async (...given: Parameters<Tracks['read']>) => (await tracks()).read(...given),
  outline: async (...given: Parameters<Tracks['outline']>) => (await tracks()).outline(...given),
};
export type ChecksApi = typeof api;
expose(api);
