import { key } from '../../engine/step';
import type { Plan } from '../../plan/schema';
import type { Arched } from './arched';
import type { Moved } from './frame/moved';
import type { Skin } from './skin/skin';

export const ARCHES = key<Plan['arches']>('plan.arches');
export const ARCHED = key<Arched>('arch.shapes');
/** Skins as their rolls are bought, by the arch's id; null where nothing sold can be laid. */
export const SKINS = key<ReadonlyMap<string, Skin | null>>('arch.skins');
/** What draws those that are moved, by the arch's id. */
export const MOVED = key<ReadonlyMap<string, Moved | null>>('arch.moved');
/** How high the curve is over each opening in an end of an arch, by its id, m. */
export const HEADROOMS = key<ReadonlyMap<string, number>>('arch.headrooms');
