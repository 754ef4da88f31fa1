export { PRESENCES, type Presence, THREATS, THREAT_IDS, type ThreatFigures, type ThreatId } from './kinds';
export {
  type OpeningLimits,
  type ThreatLimit,
  isPresent,
  openingLimits,
  passing,
  shorterSide,
} from './openings';
