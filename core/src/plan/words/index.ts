import type { VERBS } from '../changes/verbs';
import { STAGE_NAMES } from '../../stages/facts';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  rename: ({ name }: Of<'rename'>) => `Rename to ${name}`,
  'set-note': () => 'Change the note',
  'set-units': ({ units }: Of<'set-units'>) => (units === 'metric' ? 'Show metres' : 'Show feet and inches'),
  'choose-as-plan': ({ scope }: Of<'choose-as-plan'>) =>
    scope.scope === 'side' ? 'Use the plan’s settings on this side' : 'Use the plan’s settings on this run',
  'set-assumption': () => 'Change an assumption',
  settle: ({ stage, settled }: Of<'settle'>) =>
    `${STAGE_NAMES[stage]} ${settled === 'yes' ? 'settled' : 'not settled yet'}`,
  replace: () => 'Switch to another version',
  'set-place': () => 'Say where it is',
  'tick-off': ({ done }: Of<'tick-off'>) => (done === 'yes' ? 'Tick it off' : 'Untick it'),
  'set-crew': ({ crew }: Of<'set-crew'>) => (crew === 'alone' ? 'Build alone' : 'Build with a second person'),
} as const;
