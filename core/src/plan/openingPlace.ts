import { type Opening, hangingOf } from '../stages/ways/plan/kinds';
import type { Hanging } from '../stages/ways/plan/kinds/kind';

/** Where an opening parts or pierces the fence, and how high: not how it is made. */
export type OpeningPlace = Pick<Opening, 'id' | 'kind' | 'side' | 'along' | 'width'> & {
  /** It hangs there already. */
  readonly found?: boolean;
} & Hanging;
/** One that parts it, between two posts of its own. */
export type GatePlace = Extract<OpeningPlace, { readonly hangs: 'posts' }>;
/** One in the mesh between two posts. */
export type DoorPlace = Extract<OpeningPlace, { readonly hangs: 'mesh' }>;

export const placeOf = (opening: Opening): OpeningPlace => {
  const { id, kind, side, along, width } = opening;
  const found = opening.found !== undefined && { found: true };
  return { id, kind, side, along, width, ...found, ...hangingOf(opening) };
};
