import type { School } from '../../saying/school';

/** Where keepers disagree about ways in. */
export const SCHOOLS = {
  door: {
    question: 'An automatic pop door?',
    schools: ['Trusted', 'Never'],
    ours: 'Allowed, with a look every day and a check that it fails shut.',
  },
} as const satisfies Readonly<Record<string, School>>;
