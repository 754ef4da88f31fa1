import type { VERBS } from './verbs';
import { capital } from '../../saying/phrases';
import { THREAT_NAMES } from './names';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-threat': ({ threat, presence }: Of<'set-threat'>) => `${capital(THREAT_NAMES[threat])}: ${presence}`,
} as const;
