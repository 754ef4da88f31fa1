import { adds } from '../../engine/step';
import * as K from '../../keys';
import type { Plan } from '../../plan/schema';
import type { Stage } from '../stage';
import { bareFindings } from './bare';

export const usedBy = ({ covers }: Plan): boolean => covers.length > 0;

/** What is found where nothing lies over any run. */
export const unused: Stage = {
  steps: [
    adds(
      K.FOUND,
      {
        rings: K.RINGS,
        buildings: K.BUILDINGS,
        guarded: K.GUARDED,
        tops: K.TOPS,
        bands: K.BANDS,
        flock: K.FLOCK,
        threats: K.THREATS,
        threatFigures: K.THREAT_FIGURES,
      },
      bareFindings,
    ),
  ],
  parts: [],
};
