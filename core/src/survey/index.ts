/** Measuring with a tape and setting out again: loaded when it is asked for. */
export { sayProblem } from './words';
export { withoutMark } from './marks';
export { READS_TO, surveyByTape } from './tape';
export type { Ellipse, FittedReading, FixedStake, Survey, SurveyProblem } from './types';
