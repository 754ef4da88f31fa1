import type { Market } from '../../../catalogue/market';
import { meshSaid, timberName } from '../../../catalogue/names';
import type { Reader } from '../../../saying/reader';
import { KINDS } from '../plan/kinds';
import type { VERBS } from '../verbs';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];
type To = Partial<Record<string, unknown>>;

const said = (title: string) => title.charAt(0).toLowerCase() + title.slice(1);

type Say = (value: unknown, r: Reader, market: Market) => string;

const length = (value: unknown, r: Reader): string => (typeof value === 'number' ? r.length(value) : '');
/** One sentence where a value is this, another where it is not. */
const either =
  (is: unknown, one: string, other: string): Say =>
  (value) =>
    value === is ? one : other;
const timber =
  (name: string): Say =>
  (value, r, market) =>
    `${name} of ${said(timberName(market.timber(value as string), r))}`;

const RUN_OFF: Readonly<Record<string, string>> = {
  gutter: 'Put up a gutter',
  swale: 'Lead the rain along a swale',
  away: 'Let the rain run away from the run',
  nowhere: 'Lead the rain nowhere',
};

/** What setting each field does. */
const FIELDS: Readonly<Record<string, Say>> = {
  name: (value) => `Call the cover ${value as string}`,
  mesh: (value, r, market) => `Cover it with ${meshSaid(market.mesh(value as string), r)}`,
  rail: timber('Rails'),
  beam: timber('Beams'),
  prop: timber('Props'),
  purlin: timber('Purlins'),
  rafter: timber('Rafters'),
  batten: timber('Battens'),
  height: (value, r) => `Hang the cover at ${length(value, r)}`,
  rise: (value, r) => (value === 0 ? 'Lay the cover level' : `Pitch the cover by ${length(value, r)}`),
  falls: () => 'Turn the fall of the cover',
  lies: either('ground', 'Let the cover fall with the ground', 'Lay the cover level'),
  outline: either(null, 'Cover the whole run', 'Change the outline of the cover'),
  lap: (value, r) => `Lap strips by ${length(value, r)}`,
  tent: (value, r) => (value === null ? 'No props under the net' : `Props ${length(value, r)} high`),
  hung: either(
    'summer',
    'Take the cover down before the first snow: birds are then open from above',
    'Leave the cover up all year',
  ),
  stays: either('stayed', 'Stay the posts', 'Leave the posts unstayed'),
  edge: either('wire', 'Tie the net to a wire round the top', 'Tie the net to posts alone'),
  runOff: (value) => RUN_OFF[value as string] ?? '',
  straps: (value) => (value === null ? 'Straps each 2.4 m' : `Tie it down with ${value as number} straps`),
  posts: either(null, 'Posts where they are needed', 'Move the posts under the cover'),
  props: either(null, 'Props where they are needed', 'Move the props'),
  beams: either(null, 'Beams where they are needed', 'Move the beams'),
  way: either(null, 'Lay the strips the cheapest way', 'Turn the strips'),
  shape: either('gable', 'Over a ridge', 'Flat, with a fall'),
  hem: either('pocket', 'A pocket for a strap at each edge', 'A hem at each edge'),
  rolls: either('none', 'No side rolls up', 'One side rolls up for summer'),
  on: () => 'Change when the wrap goes up',
  off: () => 'Change when the wrap comes off',
  gap: (value, r) => `Leave ${length(value, r)} open under the top`,
  roll: (value, r) =>
    value === null ? 'Lay it from the cheapest rolls' : `Lay it from rolls of ${length(value, r)}`,
  turnDown: (value, r) => `Turn strips down ${length(value, r)} at their ends`,
  sag: (value, r) => `Let the net sag ${length(value, r)}`,
  ridge: (value, r) => `A ridge ${length(value, r)} higher`,
  sides: () => 'Wrap other sides',
  enclosure: () => 'Cover another run',
  beneath: either('open', 'Open beneath', 'Closed beneath'),
};

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-cover': ({ cover }: Of<'add-cover'>) => `Add ${said(KINDS[cover.kind].title)}`,
  'set-cover': ({ to }: Of<'set-cover'>, r: Reader, market: Market) => {
    const [first] = Object.entries(to as To);
    const [field, value] = first ?? ['', null];
    return FIELDS[field]?.(value, r, market) ?? 'Change the cover';
  },
  'make-cover': ({ cover }: Of<'make-cover'>) => `${KINDS[cover.kind].title} instead`,
  'remove-cover': () => 'Remove the cover',
  'set-section': ({ section }: Of<'set-section'>) =>
    section === null ? 'The section across the middle' : 'Move the section',
  'set-stature': ({ stature }: Of<'set-stature'>, r: Reader) => `The keeper is ${r.length(stature)} tall`,
} as const;
