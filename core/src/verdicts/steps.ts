import { type AnyStep, step } from '../engine/step';
import * as K from '../keys';
import { judge, lineEntries } from './judge';
import { worstBy } from './rated/standings';
import { ENTRIES, NIGHT, READING, VERDICTS, WORST } from './keys';
import { longestNight } from './night';

/** What is judged, and by what. */
const BY = {
  barriers: K.BARRIERS,
  threats: K.THREATS,
  threatFigures: K.THREAT_FIGURES,
  flock: K.FLOCK,
  soil: K.SOIL,
  reading: READING,
};

/** What would come of it: how every part meets everybody who is about. */
export const VERDICT_STEPS: readonly AnyStep[] = [
  step(VERDICTS, BY, ({ barriers, ...by }) => judge(barriers, by)),
  step(ENTRIES, BY, ({ barriers, ...by }) => lineEntries(barriers, by)),
  step(WORST, { verdicts: VERDICTS }, ({ verdicts }) => worstBy(verdicts)),
  step(NIGHT, { plan: K.PLAN }, ({ plan }) => longestNight(plan.place.latitude)),
];
