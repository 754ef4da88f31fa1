export { stakeMarks, tapeAngle, usualMarks } from './marks';
export { stakeOut } from './stakeOut';
export type {
  Diagonal,
  SquareCheck,
  Stake,
  StakeMark,
  StakeOut,
  StringGate,
  StringLine,
  StringPost,
} from './types';
