import {
  type Primitive,
  type GroundOf,
  type StripLine,
  type StripPanel,
  type SheetFrame,
} from '../drawing/scene/scene';
import type { InkKind } from '../drawing/scene/inks';
import type { Vector } from '../ground/vector';
import type { Plan } from '../plan/schema';
import * as arch from './arch/draw';
import * as cover from './cover/draw';
import * as live from './live/draw';
import * as skirt from './skirt/draw';
import type { Part } from './told';

type OnSheet = (parts: readonly Part[], frame: SheetFrame) => readonly Primitive<InkKind>[];
type OnStrip = (part: Part, ground: GroundOf) => readonly StripLine[];
type PanelsOnStrip = (part: Part, ground: GroundOf) => readonly StripPanel[];

/** What lies at the foot of the fence, under its line; and what is marked over everything else. */
const FEET: readonly OnSheet[] = [skirt.sheet];
const MARKS: readonly OnSheet[] = [live.sheet];
/** What lies over the run. */
const OVER: readonly OnSheet[] = [arch.sheet, cover.sheet];
/** Lines on the strip: along the ground, marks. */
const STRIPS: readonly OnStrip[] = [skirt.strip, arch.strip, cover.strip, live.strip];
/** What is covered on the strip besides the walls. */
const PANELS: readonly PanelsOnStrip[] = [arch.panels];
/** Places beside the runs that belong to the picture. */
const SPREADS: readonly ((plan: Plan) => readonly Vector[])[] = [live.spread];

/** How far what lies at the foot of a side reaches out from it, m. */
const REACHES: readonly ((plan: Plan, side: string) => number)[] = [skirt.reach];

export const spreadOf = (plan: Plan): readonly Vector[] => SPREADS.flatMap((spread) => spread(plan));
export const footShapes: OnSheet = (...given) => FEET.flatMap((draw) => draw(...given));
export const overShapes: OnSheet = (...given) => OVER.flatMap((draw) => draw(...given));
export const markShapes: OnSheet = (...given) => MARKS.flatMap((draw) => draw(...given));
export const stripPanels: PanelsOnStrip = (...given) => PANELS.flatMap((draw) => draw(...given));
export const stripLines: OnStrip = (...given) => STRIPS.flatMap((draw) => draw(...given));

/** What lies at the foot of a side, as a section shows it. */
export const footLaid = skirt.laidOn;

/** A house with what lies round its foot. */
export const houseReach = skirt.houseReach;

/** How far what lies at the foot of a side reaches out, m: nothing may be drawn over it. */
export const footReach = (plan: Plan, side: string): number =>
  Math.max(...REACHES.map((reach) => reach(plan, side)));
