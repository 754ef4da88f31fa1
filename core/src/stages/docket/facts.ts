import { type Uses } from '../../plan/uses';
export const NAME = 'Docket';

/** What pieces of it are for. */
export const USES = {
  extra: { name: 'piece beside the fence', letters: 'wall', along: 'nothing' },
} as const satisfies Uses;
