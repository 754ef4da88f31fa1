import { key } from '../../engine/step';
import type { FenceLine } from '../../ground/fenceLines';
import type { Foot } from '../../ground/foot';
import type { Rake, RoofedLine } from './roofed/rakes';
import type { WallTop } from './shown/wallTop';
import type { Falls } from './slope';
import type { Gathered, WallGroup } from './shown/groups';
import type { HungWalls } from './stage';
import type { BoardCourse } from './shown/boards';

/** What lies at the foot of each side, by its id. */
export const FEET = key<ReadonlyMap<string, Foot>>('feet');
export const TOPS = key<ReadonlyMap<FenceLine, WallTop>>('walls.tops');
export const FALLS = key<Falls>('walls.falls');
/** Lines by what hangs on them, with what their bands may hang from. */
export const GATHERED = key<readonly Gathered[]>('walls.gathered');
export const MEANT_WALLS = key<readonly WallGroup[]>('walls.meant');
export const WALLS = key<HungWalls>('walls');
export const BOARD_COURSES = key<readonly BoardCourse[]>('walls.boards');
/** Lines under roofs that stand, and what closes them up to their fall. */
export const ROOFED = key<readonly RoofedLine[]>('walls.roofed');
export const RAKES = key<readonly Rake[]>('walls.rakes');
