export { type SideFrame, sideFrames } from './frames';
export { type Extent, type Primitive, type SheetScene, type SheetSide } from './scene';
export { sheetScene } from './sheet';
export {
  type StripGate,
  type StripPanel,
  type StripPiece,
  type StripPost,
  type StripScene,
  type StripSide,
  stripScene,
} from './strip';
