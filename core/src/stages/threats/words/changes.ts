import type { VERBS } from '../verbs';
import { capital } from '../../../saying/phrases';
import { THREATS } from '../plan/kinds';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-threat-figure': ({ threat, value }: Of<'set-threat-figure'>) =>
    value === null
      ? `${capital(THREATS[threat].name)}: our figure again`
      : `${capital(THREATS[threat].name)}: a figure of your own`,
  'set-threat': ({ threat, presence }: Of<'set-threat'>) => `${capital(THREATS[threat].name)}: ${presence}`,
} as const;
