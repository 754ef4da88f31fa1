import type { Market } from '../../../catalogue/market';
import { meshSaid, timberName } from '../../../catalogue/names';
import type { Reader } from '../../../saying/reader';
import { KINDS } from '../plan/kinds';
import type { VERBS } from '../verbs';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

const small = (title: string) => title.charAt(0).toLowerCase() + title.slice(1);
type Say = (value: unknown, r: Reader, market: Market) => string;

/** A length, or what it means where none is set. */
const long =
  (say: (length: string) => string, none = ''): Say =>
  (value, r) =>
    typeof value === 'number' ? say(r.length(value)) : none;
/** One sentence where a value is this, another where it is not. */
const either =
  (is: unknown, one: string, other: string): Say =>
  (value) =>
    value === is ? one : other;
const timber =
  (name: string, none = ''): Say =>
  (value, r, market) =>
    value === null ? none : `${name} of ${small(timberName(market.timber(value as string), r))}`;
const mesh =
  (say: (mesh: string) => string, none: string): Say =>
  (value, r, market) =>
    value === null ? none : say(meshSaid(market.mesh(value as string), r));
const count =
  (say: (count: number) => string, none: string): Say =>
  (value) =>
    typeof value === 'number' ? say(value) : none;

const MOVED: Readonly<Record<string, string>> = {
  fixed: 'Leave it where it stands',
  skids: 'Put it on skids',
  wheels: 'Put it on wheels',
};

/** What setting each field does. */
const FIELDS: Readonly<Record<string, Say>> = {
  board: long((l) => `Boards ${l} high under the feet`),
  boards: timber('Feet'),
  foot: either('posts', 'Hold the boards with posts', 'Hold the boards with stakes'),
  stakes: count((n) => `${n} stakes along each foot`, 'Stakes each 1.2 m'),
  ridge: timber('A ridge', 'No ridge'),
  props: count(
    (n) => (n === 1 ? 'One prop under the ridge' : `${n} props under the ridge`),
    'Props each 2.4 m',
  ),
  prop: timber('Props'),
  moved: (value) => MOVED[value as string] ?? '',
  skin: mesh((m) => `Cover the arch with ${m}`, 'No skin over the arch'),
  lap: long((l) => `Lap strips by ${l}`),
  turnDown: long((l) => `Turn strips down ${l} at the feet`),
  roll: long((l) => `Lay it from rolls of ${l}`, 'Lay it from the cheapest rolls'),
  ends: either('trimmed', 'Cut the ends to the curve', 'Fold the ends back'),
  low: mesh((m) => `A low band of ${m}`, 'No low band'),
  lowHeight: long((l) => `A low band ${l} high`),
  lowSide: either('in', 'The low band inside', 'The low band outside'),
  film: mesh((m) => `Put ${m} over the arch`, 'Take the film off'),
  filmEnds: either('closed', 'Film over the ends too', 'No film over the ends'),
  hem: either('pocket', 'A pocket for a strap at each foot', 'A hem at each foot'),
  rolls: either('none', 'No side rolls up', 'One side rolls up for summer'),
  straps: count((n) => `Tie the film down with ${n} straps`, 'Straps each 2.4 m'),
  on: () => 'Change when the film goes on',
  off: () => 'Change when the film comes off',
  bent: long((l) => `Bend lengths of ${l}`, 'Bend panels as they are sold'),
  pitch: long((l) => `Hoops each ${l}`),
  socket: long((l) => `Sockets ${l} deep`),
  lines: either('pieces', 'Pieces between tees', 'Lines in one piece'),
  join: either('lapped', 'Lap the panels', 'Knit panels edge to edge'),
  joinLap: long((l) => `Lap panels by ${l}`),
  close: either('ends', 'Close wires at the ends', 'Close wires all one way'),
  endWalls: either('panel', 'Ends of panels cut to the base', 'Ends of mesh alone'),
  panel: mesh((m) => `Bend ${m}`, ''),
  pipe: timber('Hoops'),
};

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-arch': ({ arch, enclosure }: Of<'add-arch'>) =>
    `Add ${enclosure.name}: ${small(KINDS[arch.kind].title)}`,
  'arch-over': ({ arch }: Of<'arch-over'>) => `Put an arch of ${small(KINDS[arch.kind].title)} over it`,
  'place-arch': ({ to }: Of<'place-arch'>, r: Reader) => {
    if (to.base !== undefined) return `Make the base ${r.length(to.base)}`;
    if (to.length !== undefined) return `Make it ${r.length(to.length)} long`;
    return to.direction === undefined ? 'Move the arch' : 'Turn the arch';
  },
  'square-arch': () => 'Make it square',
  'set-arch': ({ to }: Of<'set-arch'>, r: Reader, market: Market) => {
    const [field, value] = Object.entries(to as Partial<Record<string, unknown>>)[0] ?? ['', null];
    return FIELDS[field]?.(value, r, market) ?? 'Change the arch';
  },
  'make-arch': ({ arch }: Of<'make-arch'>) => `${KINDS[arch.kind].title} instead`,
  'remove-arch': () => 'Remove the arch; its run stands on posts',
} as const;
