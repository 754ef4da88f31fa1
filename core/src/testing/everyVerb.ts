import type { Change, ChangeOf, Verb } from '../plan/changes/types';
import { DEMO_PLANS, DEMO_SHED } from '../plan/samples';
import type { OwnedPiece } from '../catalogue/own';
import type { Plan } from '../plan/schema';
import { WHOLE_PLAN } from '../plan/scope';
import { apply } from '../plan/changes/apply';
import { PLAIN_GATE } from '../stages/ways/plan/kinds/gate';
import { KINDS as ARCHES } from '../stages/arch/plan/kinds';
import { KINDS as COVERS } from '../stages/cover/plan/kinds';
import { usualStanding } from '../stages/outline/plan/standing';
import { aNet } from './aNet';
import { aRun } from './aRun';

const scope = WHOLE_PLAN;
const onSide = { scope: 'side', of: 's1' } as const;
const extra = { id: 'x1', name: 'vent', mesh: 'fine-13', width: 0.3, height: 0.3, count: 2 };
const tree = { id: 't1', name: 'Damson', at: { x: 3, y: 1.5 }, trunk: 0.2, roots: 2.5, crown: 2 };
const pin = { id: 'n1', side: 's1', along: 1.1, post: { kind: 'new' as const } };
const demo = DEMO_PLANS[0] as Plan;
const shed = DEMO_SHED[0] as OwnedPiece;

const over = { enclosure: 'run', outline: null, height: 1.8 };
const lid = COVERS.strips.usual({ ...over, id: 'lid', name: 'mesh lid' });
const hoops = ARCHES.hoop.usual({ id: 'a1', enclosure: 'low' });
const lowPen = {
  verb: 'add-arch',
  arch: hoops,
  enclosure: { id: 'low', name: 'Low pen' },
  place: { at: { x: 12, y: 0 }, direction: Math.PI / 2, base: 1.5, length: 2.44 },
  building: null,
  corners: ['b1', 'b2', 'b3', 'b4'],
  sides: ['d1', 'd2', 'd3', 'd4'],
} as const;
const loop = aNet({
  id: 'net1',
  name: 'Live net',
  kind: 'double-122',
  points: [
    { x: -8, y: -8 },
    { x: 24, y: -8 },
    { x: 24, y: 14 },
    { x: -8, y: 14 },
  ],
});
const hotWire = {
  id: 'wire1',
  name: 'Hot wire',
  sides: ['s1', 's2'],
  offset: 0.15,
  heights: [0.2, 1.2],
  gates: 'under',
} satisfies Plan['hotWires'][number];
const overNet = COVERS.net.usual({ ...over, id: 'net', name: 'net' });

/** A run beside its house with one of everything that a change may be about. */
export function aFullRun(): Plan {
  const changes: readonly Change[] = [
    { verb: 'add-birds', flock: { id: 'f1', kind: 'hen-heavy', count: 8, keeping: 'confined' } },
    { verb: 'add-to-ground', list: 'trees', thing: tree },
    {
      verb: 'set-heights',
      heights: [
        { id: 'h1', at: { x: 0, y: 0 }, height: 0 },
        { id: 'h2', at: { x: 6, y: 0 }, height: 0.4 },
        { id: 'h3', at: { x: 0, y: 5 }, height: 0.1 },
      ],
    },
    { verb: 'add-band', scope, band: { id: 'low', mesh: 'fine-13', top: 0.6, widths: 'cheapest' } },
    { verb: 'set-pin', pin },
    { verb: 'set-extra', extra },
    lowPen,
    { verb: 'add-cover', cover: overNet },
    { verb: 'add-net', net: loop },
    { verb: 'add-hot-wire', wire: hotWire },
    { verb: 'set-owned', piece: shed },
    { verb: 'set-spacing', scope: onSide, spacing: 1.8 },
  ];
  return changes.reduce(apply, aRun({ width: 5 }));
}

const six = (letter: string) => [0, 1, 2, 3].map((i) => `${letter}${i}`);

/** One change of every verb that there is, as the full run can take it: a new verb is not forgotten, it does not compile. */
export const EVERY_VERB: { readonly [V in Verb]: ChangeOf<V> } = {
  rename: { verb: 'rename', name: 'Another' },
  'add-net': {
    verb: 'add-net',
    net: { ...loop, id: 'net2', name: 'Second net', points: null, inside: ['enclosure:run'] },
  },
  'set-net': { verb: 'set-net', id: 'net1', to: { kind: 'single-107', foot: 'off' } },
  'remove-net': { verb: 'remove-net', id: 'net1' },
  'add-hot-wire': {
    verb: 'add-hot-wire',
    wire: { ...hotWire, id: 'wire2', sides: ['s3'] },
  },
  'set-hot-wire': { verb: 'set-hot-wire', id: 'wire1', to: { heights: [0.2, 0.6, 1.2] } },
  'remove-hot-wire': { verb: 'remove-hot-wire', id: 'wire1' },
  'set-power': { verb: 'set-power', to: { growth: 'heavy', battery: 85 } },
  'add-arch': {
    ...lowPen,
    arch: ARCHES.panel.usual({ id: 'a2', enclosure: 'high' }),
    enclosure: { id: 'high', name: 'Arch' },
    place: { at: { x: 12, y: 6 }, direction: 0, base: 2.4, length: 3.81 },
    corners: ['e1', 'e2', 'e3', 'e4'],
    sides: ['f1', 'f2', 'f3', 'f4'],
  },
  'arch-over': { verb: 'arch-over', arch: ARCHES.panel.usual({ id: 'a3', enclosure: 'run' }) },
  'place-arch': { verb: 'place-arch', id: 'a1', to: { base: 1.8, length: 3 } },
  'square-arch': { verb: 'square-arch', id: 'a1' },
  'set-arch': { verb: 'set-arch', id: 'a1', to: { board: 0.3, ridge: 'joist-100x47' } },
  'make-arch': { verb: 'make-arch', arch: ARCHES.panel.usual({ id: 'a1', enclosure: 'low' }) },
  'remove-arch': { verb: 'remove-arch', id: 'a1' },
  'add-cover': { verb: 'add-cover', cover: lid },
  'set-cover': { verb: 'set-cover', id: 'net', to: { sag: 0.4 } },
  'make-cover': { verb: 'make-cover', cover: { ...lid, id: 'net' } },
  'remove-cover': { verb: 'remove-cover', id: 'net' },
  'set-section': { verb: 'set-section', section: { from: { x: -1, y: 1 }, to: { x: 7, y: 2 } } },
  'set-stature': { verb: 'set-stature', stature: 1.6 },
  'set-note': { verb: 'set-note', note: 'the wet end first' },
  'tick-bought': { verb: 'tick-bought', line: 'pack:staple longacre', done: 'yes' },
  'set-currency': { verb: 'set-currency', currency: 'EUR' },
  'set-units': { verb: 'set-units', units: 'imperial' },
  'add-birds': { verb: 'add-birds', flock: { id: 'f2', kind: 'quail', count: 4, keeping: 'confined' } },
  'set-birds': { verb: 'set-birds', id: 'f1', to: { count: 12 } },
  'remove-birds': { verb: 'remove-birds', id: 'f1' },
  'set-space': { verb: 'set-space', space: 'roomy' },
  'set-threat-figure': { verb: 'set-threat-figure', threat: 'fox', figure: 'apron', value: 0.6 },
  'set-threat': { verb: 'set-threat', threat: 'mink', presence: 'seen' },
  'set-soil': { verb: 'set-soil', soil: 'clay' },
  'set-ground': { verb: 'set-ground', to: { frost: 0.8 } },
  'add-to-ground': { verb: 'add-to-ground', list: 'trees', thing: { ...tree, id: 't2' } },
  'set-on-ground': { verb: 'set-on-ground', list: 'trees', id: 't1', to: { roots: 4 } },
  'remove-from-ground': { verb: 'remove-from-ground', list: 'trees', id: 't1' },
  'bring-ground': {
    verb: 'bring-ground',
    ground: { ...demo.ground, buildings: aFullRun().ground.buildings },
  },
  'set-heights': { verb: 'set-heights', heights: [{ id: 'h9', at: { x: 6, y: 5 }, height: 1.1 }] },
  'lay-out': {
    verb: 'lay-out',
    run: { left: 0, right: 7, low: 0, high: 5 },
    house: { left: -2, right: 0, low: 0, high: 5 },
  },
  'move-side': { verb: 'move-side', side: 's2', by: 0.7 },
  'set-side-length': { verb: 'set-side-length', side: 's1', length: 7.3 },
  'set-side-kind': { verb: 'set-side-kind', side: 's3', kind: 'open' },
  'set-standing': {
    verb: 'set-standing',
    sides: ['s1'],
    standing: {
      ...usualStanding(1.5),
      bands: [{ mesh: 'hex-25', top: 1.5 }],
      low: { mesh: 'fine-13', top: 0.6 },
    },
  },
  'set-higher': { verb: 'set-higher', sides: ['s1'], higher: { mesh: 'welded-50x25', top: 2.2 } },
  'set-low-band': { verb: 'set-low-band', sides: ['s1'], low: { mesh: 'fine-13', top: 0.6 } },
  'set-side-building': { verb: 'set-side-building', side: 's3', building: 'house' },
  'move-corner': { verb: 'move-corner', corner: 'c2', to: { x: 6.4, y: -0.3 } },
  'set-turn': { verb: 'set-turn', enclosure: 'run', corner: 'c2', turn: 1.4 },
  'split-side': { verb: 'split-side', side: 's2', along: 1, corner: 'm', second: 's2b' },
  'remove-corner': { verb: 'remove-corner', corner: 'c2' },
  'walk-outline': {
    verb: 'walk-outline',
    enclosure: 'run',
    start: { x: 0, y: 0 },
    bearing: 0,
    legs: [5, 4, 5, 4].map((length) => ({ length, turn: Math.PI / 2 })),
    corners: six('k'),
    sides: six('w'),
  },
  'trace-outline': {
    verb: 'trace-outline',
    enclosure: 'run',
    points: [
      { x: 0, y: 0 },
      { x: 6, y: 0 },
      { x: 6, y: 4 },
      { x: 0, y: 4 },
    ],
    corners: six('k'),
    sides: six('w'),
    place: null,
  },
  'set-tape': { verb: 'set-tape', tape: { marks: [], stakes: [], between: [] } },
  'set-place': { verb: 'set-place', to: { name: 'Elsewhere' } },
  'tick-off': { verb: 'tick-off', stake: 'corner:c1', done: 'yes' },
  divide: {
    verb: 'divide',
    enclosure: 'run',
    from: 'c1',
    to: 'c3',
    side: 'm',
    second: { id: 'two', name: 'Two' },
  },
  'add-beside': {
    verb: 'add-beside',
    side: 's1',
    depth: 3,
    enclosure: { id: 'two', name: 'Two' },
    corners: ['q1', 'q2'],
    sides: ['r1', 'r2', 'r3'],
  },
  'join-enclosures': { verb: 'join-enclosures', side: 's1' },
  'rename-enclosure': { verb: 'rename-enclosure', enclosure: 'run', name: 'Orchard' },
  'remove-enclosure': { verb: 'remove-enclosure', enclosure: 'run' },
  'set-pin': { verb: 'set-pin', pin: { ...pin, id: 'n2', along: 2.2 } },
  'remove-pin': { verb: 'remove-pin', id: 'n1' },
  'set-slope': { verb: 'set-slope', scope, slope: { hang: 'step' } },
  'set-load': { verb: 'set-load', scope, load: 'roof' },
  'set-bays': { verb: 'set-bays', scope, bays: 'module' },
  'set-shallower': { verb: 'set-shallower', scope, shallower: { line: 0.1 } },
  'set-posts': { verb: 'set-posts', scope: onSide, posts: { line: 'round-75' } },
  'set-setting': { verb: 'set-setting', scope, setting: { corner: 'concrete' } },
  'set-spacing': { verb: 'set-spacing', scope, spacing: 1.5 },
  'set-band': { verb: 'set-band', scope, id: 'wall', to: { mesh: 'welded-25' } },
  'add-band': {
    verb: 'add-band',
    scope: onSide,
    band: { id: 'top', mesh: 'hex-50', top: 2.2, widths: 'cheapest' },
  },
  'remove-band': { verb: 'remove-band', scope, id: 'low' },
  'set-hanging': { verb: 'set-hanging', scope, hanging: 'side-by-side' },
  'set-boards': { verb: 'set-boards', scope, boards: { ground: 'board-150x25' } },
  'set-overhang': { verb: 'set-overhang', scope, overhang: 0.3 },
  'choose-as-plan': { verb: 'choose-as-plan', scope: onSide, choices: ['spacing'] },
  'set-crew': { verb: 'set-crew', crew: 'two' },
  'add-lobby': {
    verb: 'add-lobby',
    opening: 'g1',
    depth: 1.5,
    ids: {
      enclosure: 'lobby',
      opening: 'g2',
      corners: ['l1', 'l2', 'l3', 'l4'],
      sides: ['m1', 'm2', 'm3', 'm4', 'm5'],
    },
  },
  'set-skirt': { verb: 'set-skirt', scope: onSide, skirt: { kind: 'none' } },
  'add-opening': {
    verb: 'add-opening',
    opening: { ...PLAIN_GATE, id: 'g3', side: 's1', along: 3, width: 0.95 },
  },
  'set-opening': { verb: 'set-opening', id: 'g1', to: { make: 'built' } },
  'openings-like': { verb: 'openings-like', id: 'g1' },
  'remove-opening': { verb: 'remove-opening', id: 'g1' },
  'set-yards': { verb: 'set-yards', yards: ['longacre', 'far-gate'] },
  'buy-from': { verb: 'buy-from', goods: 'roll:fine-13', yard: 'far-gate' },
  'set-terms': { verb: 'set-terms', yard: 'far-gate', delivery: 1200 },
  'set-fetching': { verb: 'set-fetching', yard: 'far-gate', goods: 'fetched' },
  'take-prices': {
    verb: 'take-prices',
    prices: {
      edition: '2026-11-28b',
      pricesAsOf: '2026-11-25',
      ownProducts: [],
      ownPrices: [
        {
          yard: 'far-gate',
          asOf: null,
          offer: { kind: 'roll', product: 'welded-50', width: 1.8, length: 20, price: 9000, stock: null },
        },
      ],
    },
  },
  'set-owned': { verb: 'set-owned', piece: { ...shed, id: 'more' } },
  'remove-owned': { verb: 'remove-owned', id: shed.id },
  'set-extra': { verb: 'set-extra', extra: { ...extra, id: 'x2', width: 0.45 } },
  'remove-extra': { verb: 'remove-extra', id: 'x1' },
  'set-assumption': { verb: 'set-assumption', id: 'jointLap', value: 0.1 },
  settle: { verb: 'settle', stage: 'posts', settled: 'yes' },
  replace: { verb: 'replace', plan: demo },
};
