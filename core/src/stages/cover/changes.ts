import type { Market } from '../../catalogue/market';
import { meshSaid, timberName } from '../../catalogue/names';
import type { Reader } from '../../saying/reader';
import { KINDS } from './kinds';
import type { VERBS } from './verbs';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];
type To = Partial<Record<string, unknown>>;

const said = (title: string) => title.charAt(0).toLowerCase() + title.slice(1);

const isLength = (value: unknown): value is number => typeof value === 'number';

/** What setting one field does. */
function sayField(field: string, value: unknown, r: Reader, market: Market): string {
  if (field === 'mesh') return `Cover it with ${meshSaid(market.mesh(String(value)), r)}`;
  if (['rail', 'beam', 'prop', 'purlin', 'rafter', 'batten'].includes(field))
    return `${said(field) === 'prop' ? 'Props' : `${field.charAt(0).toUpperCase()}${field.slice(1)}s`} of ${said(timberName(market.timber(String(value)), r))}`;
  if (field === 'height' && isLength(value)) return `Hang the cover at ${r.length(value)}`;
  if (field === 'rise' && isLength(value))
    return value === 0 ? 'Lay the cover level' : `Pitch the cover by ${r.length(value)}`;
  if (field === 'falls') return 'Turn the fall of the cover';
  if (field === 'lies') return value === 'ground' ? 'Let the cover fall with the ground' : 'Lay the cover level';
  if (field === 'outline') return value === null ? 'Cover the whole run' : 'Change the outline of the cover';
  if (field === 'lap' && isLength(value)) return `Lap strips by ${r.length(value)}`;
  if (field === 'tent') return value === null ? 'No props under the net' : `Props ${isLength(value) ? r.length(value) : ''} high`;
  if (field === 'hung') return value === 'summer' ? 'Drop the net for winter: birds are then open from above' : 'Leave the net up all year';
  if (field === 'stays') return value === 'stayed' ? 'Stay the posts' : 'Leave the posts unstayed';
  if (field === 'edge') return value === 'wire' ? 'Tie the net to a wire round the top' : 'Tie the net to posts alone';
  if (field === 'runOff')
    return { gutter: 'Put up a gutter', swale: 'Lead the rain along a swale', away: 'Let the rain run away from the run', nowhere: 'Lead the rain nowhere' }[
      String(value) as 'gutter'
    ];
  if (field === 'straps') return value === null ? 'Straps each 2.4 m' : `Tie it down with ${String(value)} straps`;
  if (field === 'posts' || field === 'props') return value === null ? 'Props where they are needed' : 'Move the props';
  if (field === 'beams') return 'Move the beams';
  if (field === 'way') return value === null ? 'Lay the strips the cheapest way' : 'Turn the strips';
  if (field === 'shape') return value === 'gable' ? 'Over a ridge' : 'Flat, with a fall';
  if (field === 'hem') return value === 'pocket' ? 'A pocket for a strap at each edge' : 'A hem at each edge';
  if (field === 'rolls') return value === 'none' ? 'No side rolls up' : 'One side rolls up for summer';
  if (field === 'beneath') return value === 'open' ? 'Open beneath' : 'Closed beneath';
  if (field === 'name') return `Call the cover ${String(value)}`;
  return 'Change the cover';
}

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-cover': ({ cover }: Of<'add-cover'>) => `Add ${said(KINDS[cover.kind].title)}`,
  'set-cover': ({ to }: Of<'set-cover'>, r: Reader, market: Market) => {
    const [[field = '', value] = []] = Object.entries(to as To);
    return sayField(field, value, r, market);
  },
  'make-cover': ({ cover }: Of<'make-cover'>) => `${KINDS[cover.kind].title} instead`,
  'remove-cover': () => 'Remove the cover',
  'set-section': ({ section }: Of<'set-section'>) =>
    section === null ? 'The section across the middle' : 'Move the section',
  'set-stature': ({ stature }: Of<'set-stature'>, r: Reader) => `The keeper is ${r.length(stature)} tall`,
} as const;
