import { type Soil } from '../../plan/assumptions';
import { SOIL_NAMES } from '../../stages/ground/words/names';

/** What hours are made of, whichever stage takes them. */
export const TERMS = {
  'hours.total': () => 'hours for one person',
  'hours.elapsed': () => 'with a second person',
  'hours.second': () => '× share with a helper',
  'hours.count': ({ of }: { readonly of: 'runs' | 'posts' | 'gates' | 'pop doors' | 'bags' }) => of,
  'hours.metres': () => 'length',
  'hours.rate': () => 'each',
  'hours.soil': ({ soil }: { readonly soil: Soil }) => `for ${SOIL_NAMES[soil]}`,
} as const;
