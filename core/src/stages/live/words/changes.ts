import type { Reader } from '../../../saying/reader';
import { counted } from '../../../saying/phrases';
import { LIVE_NETS } from '../../../catalogue/liveNets';
import { energiserOf } from '../../../catalogue/electrics';
import { printNumber } from '../../../units/printLength';
import type { HotWire, LiveNet, Power } from '../plan/choice';
import type { VERBS } from '../verbs';
import { dayName, joules } from './index';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];
type Says<T> = { readonly [F in keyof T]: (value: T[F], r: Reader) => string };

const DIPS: Readonly<Record<LiveNet['dips'][number]['mend'], string>> = {
  none: 'Note a hollow under the net',
  strut: 'Set a strut there',
  peg: 'Peg the foot down there',
  fill: 'Fill the hollow',
};
const WHEN = { always: 'Up all the time', day: 'Up by day', night: 'Up by night' } as const;
const FOOT = {
  live: 'Connect the lowest strand',
  off: 'Disconnect the lowest strand',
  raised: 'Raise the lowest strand by 50 mm',
} as const;
const GROWTH = { mown: 'Keep the strip mown', light: 'Light growth', heavy: 'Heavy growth' } as const;

const NET: Says<Omit<LiveNet, 'id'>> = {
  name: (name) => `Call it ${name}`,
  form: (form) => (form === 'loop' ? 'Close it' : 'Open it'),
  kind: (kind) => LIVE_NETS[kind].name,
  points: (points) => (points === null ? 'Draw it tight' : 'Move the net'),
  pieces: (pieces, r) =>
    pieces === null
      ? 'As many nets as go round'
      : `${counted(pieces.length, 'net')}: ${pieces.map((p) => r.about(p)).join(' + ')}`,
  inside: () => 'Change what has to be inside',
  gate: (gate, r) => (gate === null ? 'Walk in where its ends meet' : `Walk in ${r.about(gate)} along it`),
  when: (when) => WHEN[when],
  foot: (foot) => FOOT[foot],
  dips: (dips) => {
    const last = dips[dips.length - 1];
    return last ? DIPS[last.mend] : 'No hollows';
  },
};

const WIRE: Says<Omit<HotWire, 'id'>> = {
  name: (name) => `Call it ${name}`,
  sides: (sides) => `Wire along ${counted(sides.length, 'side')}`,
  offset: (offset, r) => `${r.about(offset)} off the fence`,
  heights: (heights, r) => `Strands at ${heights.map((h) => r.length(h)).join(', ')}`,
  gates: (gates) => (gates === 'under' ? 'Lead it under gates' : 'Lead it over gates on a handle'),
};

const POWER: Says<Power> = {
  energiser: (energiser) => {
    if (!energiser) return 'No energiser';
    if (energiser.kind === 'own') return `Your own energiser, ${joules(energiser.output)}`;
    return `Energiser ${energiserOf(energiser.product)?.name ?? ''}`;
  },
  growth: (growth) => GROWTH[growth],
  battery: (capacity) => (capacity === null ? 'No battery' : `Battery of ${printNumber(capacity, 0)} Ah`),
  solar: (watts) => (watts === null ? 'No solar panel' : `Solar panel of ${printNumber(watts, 0)} W`),
  sun: (hours) =>
    hours === null ? 'Sun of the latitude, month by month' : `${printNumber(hours, 1)} peak-sun hours a day`,
  from: (day) => `Up from ${dayName(day)}`,
  earth: (earth) => (earth === 'dry' ? 'Dry sand: twice the rods' : 'Moist ground'),
  layout: (layout) => (layout === 'pos-neg' ? 'Every other strand as earth' : 'All strands live'),
  snow: (snow, r) => `Snow lies ${r.about(snow)} deep`,
  at: (at) => (at ? 'Move the energiser' : 'Energiser anywhere'),
  rods: (rods) => (rods ? 'Move the earth rods' : 'Rods anywhere'),
  mainsIn: () => 'Change which buildings have mains',
};

/** What setting the first of some fields does. */
function said<T extends object>(says: Says<T>, to: Partial<T>, r: Reader, otherwise: string): string {
  // What has to be inside follows from where the net stands then.
  const fields = Object.keys(to) as (keyof T)[];
  const [field] = fields;
  if (field === undefined) return otherwise;
  return says[field](to[field] as T[typeof field], r);
}

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-net': ({ net }: Of<'add-net'>) =>
    net.form === 'loop'
      ? `Add a live net round ${net.inside.length > 0 ? 'it' : 'a place'}`
      : 'Add an open line of live net',
  'set-net': ({ to }: Of<'set-net'>, r: Reader) => {
    if (to.points && to.inside) return 'Lead the net round it';
    return said(NET, to, r, 'Change the net');
  },
  'remove-net': () => 'Take the net away',
  'add-hot-wire': ({ wire }: Of<'add-hot-wire'>) =>
    `Add a hot wire along ${counted(wire.sides.length, 'side')}`,
  'set-hot-wire': ({ to }: Of<'set-hot-wire'>, r: Reader) => said(WIRE, to, r, 'Change the hot wire'),
  'remove-hot-wire': () => 'Take the hot wire away',
  'set-power': ({ to }: Of<'set-power'>, r: Reader) => said(POWER, to, r, 'Change the power'),
} as const;
