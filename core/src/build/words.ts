import { type Soil } from '../plan/assumptions';
import { SOIL_NAMES } from '../stages/ground/names';

/** What hours are made of, whichever stage takes them. */
export const TERMS = {
  'hours.total': () => 'hours for one person',
  'hours.stake-out': () => 'stake out',
  'hours.posts': ({ standing }: { readonly standing: 'dug' | 'driven' | 'spike' }) =>
    ({ dug: 'posts dug', driven: 'posts driven', spike: 'posts on spikes' })[standing],
  'hours.concrete': () => 'concrete',
  'hours.mesh': () => 'hang mesh',
  'hours.boards': () => 'put up boards and rails',
  'hours.gates': () => 'hang gates from kits',
  'hours.gates-built': () => 'build and hang gates',
  'hours.elapsed': () => 'with a second person',
  'hours.second': () => 'of the hours alone',
  'hours.pop-doors': () => 'hang pop doors and hatches',
  'hours.count': ({ of }: { readonly of: 'runs' | 'posts' | 'gates' | 'pop doors' | 'bags' }) => of,
  'hours.metres': () => 'length',
  'hours.rate': () => 'each',
  'hours.soil': ({ soil }: { readonly soil: Soil }) => `for ${SOIL_NAMES[soil]}`,
} as const;
