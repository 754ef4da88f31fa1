import { type School } from '../../../saying/school';
import { type Cautions } from '../../../plan/cautions';

/** What can hurt, or is asked by law. */
export const cautions: Cautions = ({ choices: { plan } }) => [
  'Have buried services located before anything is dug or driven.',
  'Eye and ear protection with drivers.',
  Object.values(plan.posts).some((post) => post.startsWith('t-')) &&
    'Put caps on steel T posts against eye injury.',
  Object.values(plan.setting).includes('concrete') && 'Wet cement burns: gloves and goggles.',
  'Dust of treated timber is harmful: cut outdoors, with a mask.',
];

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
