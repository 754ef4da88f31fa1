export { type SideFrame, sideFrames } from './scene/frames';
export {
  type Extent,
  type GroundScene,
  type Primitive,
  type SceneKind,
  type SheetCorner,
  type SheetScene,
  type SheetSide,
} from './scene/scene';
export { type Contour, type FallArrow, type Relief, type SlopeTint, relief, steepness } from './relief';
export { roomIn, roomiest } from './roomiest';
export { type SectionScene, sectionLine, sectionScene } from './section';
export { netStripScene } from './netStrip';
export { groundScene, sheetScene } from './sheet';
export { footLaid } from '../stages/draw';
export {
  type StripBay,
  type StripGate,
  type StripPost,
  type StripScene,
  type StripSide,
  groundUnder,
  stripScene,
} from './strip';
export type { StripPiece } from './stripPieces';
export { FOOT_KINDS, type InkKind, MARK_KINDS, OVER_KINDS, attributesOf, inkOf } from './scene/inks';
export type { StripLine, StripPanel } from './scene/scene';
export { type NightMark, type NightRow, type NightShown, WAY_SAID, hasHouse, nightRows } from './night';
