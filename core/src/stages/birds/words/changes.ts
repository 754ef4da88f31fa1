import type { BirdKind, SpaceSchool } from '../plan/kinds';
import { BIRDS } from '../plan/kinds';
import { SPACE_NAMES } from './names';

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-birds': ({ flock }: { readonly flock: { readonly kind: BirdKind } }) =>
    `Add ${BIRDS[flock.kind].many}`,
  'set-birds': () => 'Change the birds',
  'remove-birds': () => 'Remove these birds',
  'set-space': ({ space }: { readonly space: SpaceSchool }) => `Space: ${SPACE_NAMES[space]}`,
} as const;
