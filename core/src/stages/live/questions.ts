import { BATTERIES, ENERGISERS, SOLAR_PANELS, energiserOf } from '../../catalogue/electrics';
import { LIVE_NETS, LIVE_NET_IDS } from '../../catalogue/liveNets';
import type { PackId } from '../../catalogue/packs';
import { type Asking, type Option, type OptionGroup, questionOf } from '../../options/asking/types';
import type { Change } from '../../plan/changes/types';
import { printNumber } from '../../units/printLength';
import type { HotWire, LiveNet, Power } from './plan/choice';
import { setNet, setPower } from './found/of';

/** Whether any yard that is bought at has it. */
const sold = ({ market }: Asking, pack: PackId): boolean => market.packs(pack).some((u) => u.price !== null);

/** Whether live nets can be bought in the plan’s edition at all. */
export const liveOffered = (asking: Asking): boolean =>
  LIVE_NET_IDS.some((id) => LIVE_NETS[id].sold.some(({ pack }) => sold(asking, pack)));

/** Every question of one net that is decided by choosing. */
export function netOptions(asking: Asking, net: LiveNet): readonly OptionGroup[] {
  const kinds = LIVE_NET_IDS.filter(
    (id) => id === net.kind || LIVE_NETS[id].sold.some(({ pack }) => sold(asking, pack)),
  );
  return [
    {
      id: `${net.id}-kind`,
      name: 'Net',
      options: kinds.map((id): Option => ({
        key: id,
        title: LIVE_NETS[id].name,
        note: LIVE_NETS[id].note,
        chosen: id === net.kind,
        // A kind that is not made so long takes what it is made in.
        change: setNet(net.id, { kind: id, ...(id === net.kind ? {} : { pieces: null }) }),
      })),
    },
    questionOf(
      {
        id: `${net.id}-when`,
        name: 'Up',
        answers: [
          ['always', 'All the time', ''],
          ['day', 'By day', 'takes turns with a net by night'],
          ['night', 'By night', 'takes turns with a net by day'],
        ],
      },
      net.when,
      (when) => setNet(net.id, { when }),
    ),
    questionOf(
      {
        id: `${net.id}-foot`,
        name: 'Lowest strand',
        answers: [
          ['live', 'Live', 'what digs meets it first'],
          ['raised', 'Raised by 50 mm', 'toads and hedgehogs go under'],
          ['off', 'Disconnected, left in place', 'where hedgehogs, toads or tortoises live'],
        ],
      },
      net.foot,
      (foot) => setNet(net.id, { foot }),
    ),
  ];
}

/** Questions of a hot wire. */
export const wireOptions = (_: Asking, wire: HotWire): readonly OptionGroup[] => [
  questionOf(
    {
      id: `${wire.id}-gates`,
      name: 'At gates',
      answers: [
        ['under', 'Cable under the gate', 'nothing to unhook'],
        ['over', 'On over it, on sprung handles', 'the gate is guarded too'],
      ],
    },
    wire.gates,
    (gates): Change => ({ verb: 'set-hot-wire', id: wire.id, to: { gates } }),
  ),
];

const plain = (
  { id, name, none }: { readonly id: string; readonly name: string; readonly none: string },
  rows: readonly { readonly key: string; readonly title: string; readonly change: Change }[],
  now: string,
  without: Change,
): OptionGroup => ({
  id,
  name,
  options: [
    { key: 'none', title: none, note: '', chosen: now === 'none', change: without },
    ...rows.map((row): Option => ({ ...row, note: '', chosen: row.key === now })),
  ],
});

/** Battery and panel, where the energiser runs on them. */
const stores = ({ battery, solar }: Power): readonly OptionGroup[] => [
  plain(
    { id: 'power-battery', name: 'Battery', none: 'None yet' },
    BATTERIES.map((b) => ({
      key: String(b.capacity),
      title: `${printNumber(b.capacity, 0)} Ah`,
      change: setPower({ battery: b.capacity }),
    })),
    battery === null ? 'none' : String(battery),
    setPower({ battery: null }),
  ),
  plain(
    { id: 'power-solar', name: 'Solar panel', none: 'None: the battery is charged at home' },
    SOLAR_PANELS.map((p) => ({
      key: String(p.watts),
      title: `${printNumber(p.watts, 0)} W`,
      change: setPower({ solar: p.watts }),
    })),
    solar === null ? 'none' : String(solar),
    setPower({ solar: null }),
  ),
];

/** What it stands in. */
const surroundings = ({ growth: grows, earth: ground, layout: strands }: Power): readonly OptionGroup[] => [
  questionOf(
    {
      id: 'power-growth',
      name: 'What grows under it',
      answers: [
        ['mown', 'A mown strip', 'every 10 to 14 days in season'],
        ['light', 'Light growth', 'twice the output'],
        ['heavy', 'Heavy growth', 'four times the output'],
      ],
    },
    grows,
    (growth) => setPower({ growth }),
  ),
  questionOf(
    {
      id: 'power-earth',
      name: 'Ground at the rods',
      answers: [
        ['moist', 'Keeps moist', ''],
        ['dry', 'Dry sand', 'twice the rods'],
      ],
    },
    ground,
    (earth) => setPower({ earth }),
  ),
  questionOf(
    {
      id: 'power-layout',
      name: 'Strands',
      answers: [
        ['all-live', 'All live', 'earth comes back through the ground'],
        ['pos-neg', 'Every other one as earth', 'works on snow and very dry ground'],
      ],
    },
    strands,
    (layout) => setPower({ layout }),
  ),
];

/** Questions of what makes it live. */
export function powerOptions(asking: Asking): readonly OptionGroup[] {
  const { power } = asking.plan;
  const { energiser } = power;
  const energiserNow = energiser?.kind === 'sold' ? energiser.product : energiser ? 'own' : 'none';
  const supply = energiser?.kind === 'own' ? energiser.supply : energiserOf(energiserNow)?.supply;
  const sources = plain(
    { id: 'power-energiser', name: 'Energiser', none: 'None yet' },
    ENERGISERS.filter((e) => e.pack === energiserNow || sold(asking, e.pack)).map((e) => ({
      key: e.pack,
      title: e.name,
      change: setPower({
        energiser: { kind: 'sold', product: e.pack },
        ...(e.supply === 'battery' ? { battery: power.battery ?? 60 } : { battery: null, solar: null }),
      }),
    })),
    energiserNow,
    setPower({ energiser: null }),
  );
  return [sources, ...(supply === 'battery' ? stores(power) : []), ...surroundings(power)];
}

/** Every question of the stage. */
export const liveOptions = (asking: Asking): readonly OptionGroup[] =>
  asking.scope.scope === 'plan'
    ? [
        ...asking.plan.nets.flatMap((net) => netOptions(asking, net)),
        ...asking.plan.hotWires.flatMap((wire) => wireOptions(asking, wire)),
        ...(asking.plan.nets.length > 0 || asking.plan.hotWires.length > 0 ? powerOptions(asking) : []),
      ]
    : [];
