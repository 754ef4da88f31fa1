import { adds } from '../../engine/step';
import * as K from '../../keys';
import type { Plan } from '../../plan/schema';
import type { Stage } from '../stage';
import { bareFindings } from './bare';

export const usedBy = ({ covers }: Plan): boolean => covers.length > 0;

/** What is looked at to find who comes in where nothing lies over any run. */
export const BARE = {
  rings: K.RINGS,
  buildings: K.BUILDINGS,
  guarded: K.GUARDED,
  tops: K.TOPS,
  bands: K.BANDS,
  flock: K.FLOCK,
  threats: K.THREATS,
  threatFigures: K.THREAT_FIGURES,
};

export const unused: Stage = { steps: [adds(K.FOUND, BARE, bareFindings)], parts: [] };
