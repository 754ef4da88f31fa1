import type { School } from '../../saying/school';

/** Where keepers disagree about posts. */
export const SCHOOLS = {
  posts: {
    question: 'Steel or timber posts?',
    schools: ['Steel T: fast, does not rot', 'Timber: takes gates and rails'],
    ours: 'T for lines, timber at gates and corners: each where it is strong.',
  },
  setting: {
    question: 'How are posts set?',
    schools: ['Tamped soil', 'Concrete', 'Spikes'],
    ours: 'Soil; concrete for gates, which are pulled at every day.',
  },
} as const satisfies Readonly<Record<string, School>>;
