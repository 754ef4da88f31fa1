import type { VERBS } from './verbs';
import { STAGE_NAMES } from '../stages/facts';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  rename: ({ name }: Of<'rename'>) => `Name it ${name}`,
  'set-units': ({ units }: Of<'set-units'>) => (units === 'metric' ? 'Show metres' : 'Show feet and inches'),
  'choose-as-plan': ({ scope }: Of<'choose-as-plan'>) =>
    `Choose as for the whole plan on this ${scope.scope === 'side' ? 'side' : 'run'}`,
  'set-assumption': () => 'Change an assumption',
  settle: ({ stage, settled }: Of<'settle'>) =>
    `${STAGE_NAMES[stage]} ${settled === 'yes' ? 'settled' : 'not settled yet'}`,
  replace: () => 'Take another version',
  'set-place': () => 'Say where it is',
  'tick-off': ({ done }: Of<'tick-off'>) => (done === 'yes' ? 'Tick it off' : 'Take the tick back'),
  'set-crew': ({ crew }: Of<'set-crew'>) => (crew === 'alone' ? 'Build alone' : 'Build with a second person'),
} as const;
