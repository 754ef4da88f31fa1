import { type Uses } from '../../../plan/uses';
export const NAME = 'Docket';
/** Why it comes now. */
export const WHY = 'It says what to buy, what it costs and why. Take it to the yard.';

/** What pieces of it are for. */
export const USES = {
  extra: { name: 'piece beside the fence', letters: 'wall', along: 'nothing' },
} as const satisfies Uses;
