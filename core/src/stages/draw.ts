import type { SideFrame } from '../drawing/frames';
import { type Primitive, type GroundOf, type StripLine } from '../drawing/scene';
import type { FenceWalk } from '../ground/fenceLines';
import type { Ring } from '../ground/survey';
import type { Plan } from '../plan/schema';
import * as posts from './posts/draw';
import * as skirt from './skirt/draw';
import type { Part } from './told';

/** Where the sides of the plan lie on the sheet. */
export interface SheetFrame {
  readonly rings: readonly Ring[];
  readonly frames: ReadonlyMap<string, SideFrame>;
}

/** What stages draw at the foot of the fence, under its line. */
export const footShapes = (parts: readonly Part[], { rings, frames }: SheetFrame): readonly Primitive[] =>
  skirt.sheet(parts, rings, frames);

/** How far what lies at the foot of a side reaches out from it, m: nothing may be drawn over it. */
export const footReach = (plan: Plan, side: string): number => skirt.reach(plan, side);

/** What stages mark over everything else. */
export const markShapes = (_parts: readonly Part[], _frame: SheetFrame): readonly Primitive[] => [];

export const FOOT_INKS = { ...skirt.FOOT_INKS };
export const MARK_INKS = {};
export const STRIP_INKS = { ...skirt.STRIP_INKS };

/** What stages draw of a part on the strip. */
export const stripLines = (part: Part, ground: GroundOf): readonly StripLine[] => skirt.strip(part, ground);

/** Parts as they would stand, without walls, cutting or docket: enough for a drag. */
export const previews = (plan: Plan, walks: readonly FenceWalk[]): readonly Part[] => [
  ...skirt.preview(plan, walks),
  ...posts.preview(plan, walks),
];
