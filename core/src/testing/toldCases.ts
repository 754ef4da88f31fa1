import { apply } from '../plan/changes';
import { WHOLE_PLAN } from '../plan/scope';
import type { Change } from '../plan/changes/types';
import type { Choices, Flock, Plan } from '../plan/schema';
import type { ThreatId } from '../stages/threats/plan/kinds';
import { aNet } from './aNet';
import { aRun, anOutline } from './aRun';

/** How it comes in, as findings tell it. */
export type ToldWay = 'through' | 'reach' | 'tear' | 'above' | 'open side' | 'unseen' | 'over it go';

/**
 * What is told of a plan and what is not, case by case: whoever judges plans must agree with every row. A row that is `told` and is not would be a false
 * green, one that is `not told` and is would be a false red.
 */
export interface ToldCase {
  readonly name: string;
  readonly plan: () => Plan;
  readonly who: ThreatId | Flock['kind'];
  readonly way: ToldWay;
  readonly told: 'told' | 'not told';
}

const of = (kind: Flock['kind']): readonly Flock[] => [{ id: 'f', kind, count: 6, keeping: 'confined' }];
const HENS = of('hen-heavy');
const band = (mesh: string, top = 1.8): Partial<Choices> => ({
  bands: [{ id: 'wall', mesh, top, widths: 'cheapest' }],
});
const twoBands = (low: string, high: string, at = 0.6): Partial<Choices> => ({
  bands: [
    { id: 'low', mesh: low, top: at, widths: 'cheapest' },
    { id: 'high', mesh: high, top: 1.8, widths: 'cheapest' },
  ],
});
const folded = (up: number): Partial<Choices> => ({
  skirt: { kind: 'folded', mesh: 'fine-13-heavy', up, out: 0.9 },
});
const with1 = (threat: ThreatId, choices: Partial<Choices> = band('fine-13'), flock = HENS) =>
  aRun({ threats: { [threat]: 'seen' }, flock, choices });
const after = (plan: Plan, ...changes: readonly Change[]): Plan => changes.reduce(apply, plan);

const SQUARE = [
  [0, 0],
  [4, 0],
  [4, 4],
  [0, 4],
] as const;
const round = (kind: 'open' | 'wall', threat: ThreatId): Plan => ({
  ...anOutline(SQUARE, band('fine-13'), { 0: kind, 1: kind, 2: kind, 3: kind }),
  threats: { [threat]: 'seen' },
  flock: [...HENS],
});

/** The four sides of a run under a roof on posts. */
const roofed = (threat: ThreatId): Plan => {
  const plan = {
    ...anOutline(SQUARE, band('fine-13')),
    threats: { [threat]: 'seen' as const },
    flock: [...HENS],
  };
  const building: Plan['ground']['buildings'][number] = {
    id: 'roof',
    name: 'Old roof',
    outline: [
      { x: -0.2, y: -0.2 },
      { x: 4.2, y: -0.2 },
      { x: 4.2, y: 4.2 },
      { x: -0.2, y: 4.2 },
    ],
    eaves: 2.2,
    height: 2.8,
    stands: 'posts',
  };
  return { ...plan, ground: { ...plan.ground, buildings: [building] } };
};

const netted = (
  kind: 'single-107' | 'double-122',
  threat: ThreatId,
  inside = round('open', threat),
): Plan => ({
  ...inside,
  power: { ...inside.power, energiser: { kind: 'sold', product: 'energiser-mains-25' } },
  nets: [
    aNet({
      kind,
      points: [
        { x: -5, y: -5 },
        { x: 9, y: -5 },
        { x: 9, y: 9 },
        { x: -5, y: 9 },
      ],
    }),
  ],
});
const netOnly = (kind: 'single-107' | 'double-122', bird: Flock['kind']): Plan => {
  const plan = netted(kind, 'fox');
  return { ...plan, corners: [], sides: [], enclosures: [], openings: [], flock: [...of(bird)] };
};
const overhang = (metres: number): Change => ({ verb: 'set-overhang', scope: WHOLE_PLAN, overhang: metres });

const WALKERS: readonly ThreatId[] = ['fox', 'dog', 'mink', 'badger', 'bear', 'person', 'weasel', 'pig'];
const CLIMBERS: readonly ThreatId[] = ['raccoon', 'mink', 'weasel', 'marten', 'lynx', 'bear'];
const SMALL_PREY: readonly ThreatId[] = ['rat', 'snake', 'opossum', 'cat'];

export const TOLD_CASES: readonly ToldCase[] = [
  ...WALKERS.map((who): ToldCase => ({
    name: `${who}: four sides are open`,
    plan: () => round('open', who),
    who,
    way: 'open side',
    told: 'told',
  })),
  {
    name: 'hawk: an open side is no way for it',
    plan: () => round('open', 'hawk'),
    who: 'hawk',
    way: 'open side',
    told: 'not told',
  },
  ...WALKERS.map((who): ToldCase => ({
    name: `${who}: four walls stand already, and nobody said what they are`,
    plan: () => round('wall', who),
    who,
    way: 'unseen',
    told: 'told',
  })),
  {
    name: 'fox: open sides inside a live net',
    plan: () => netted('double-122', 'fox'),
    who: 'fox',
    way: 'open side',
    told: 'not told',
  },
  ...(['person', 'bear'] as const).map((who): ToldCase => ({
    name: `${who}: open sides inside a live net, which does not hold it`,
    plan: () => netted('double-122', who),
    who,
    way: 'open side',
    told: 'told',
  })),
  {
    name: 'fox: open sides inside a live net that is on by day alone',
    plan: () => {
      const plan = netted('double-122', 'fox');
      return { ...plan, nets: plan.nets.map((n) => ({ ...n, when: 'day' as const })) };
    },
    who: 'fox',
    way: 'open side',
    told: 'told',
  },
  {
    name: 'fox: open sides beside a live net, not inside it',
    plan: () => {
      const plan = netted('double-122', 'fox');
      const points = plan.nets[0]?.points?.map(({ x, y }) => ({ x: x + 30, y }));
      return { ...plan, nets: plan.nets.map((n) => ({ ...n, points: points ?? null })) };
    },
    who: 'fox',
    way: 'open side',
    told: 'told',
  },
  ...CLIMBERS.map((who): ToldCase => ({
    name: `${who}: nothing over the run`,
    plan: () => with1(who),
    who,
    way: 'above',
    told: 'told',
  })),
  ...SMALL_PREY.map((who): ToldCase => ({
    name: `${who}: nothing over a run of bantams`,
    plan: () => with1(who, band('fine-13'), of('bantam')),
    who,
    way: 'above',
    told: 'told',
  })),
  ...SMALL_PREY.map((who): ToldCase => ({
    name: `${who}: takes no grown hens, whatever is over them`,
    plan: () => with1(who),
    who,
    way: 'above',
    told: 'not told',
  })),
  {
    name: 'badger: a wall of 1.0 is cleared',
    plan: () => with1('badger', band('fine-13', 1)),
    who: 'badger',
    way: 'above',
    told: 'told',
  },
  {
    name: 'badger: a wall of 1.2 is not',
    plan: () => with1('badger', band('fine-13', 1.2)),
    who: 'badger',
    way: 'above',
    told: 'not told',
  },
  { name: 'dog: a wall of 1.8 is cleared', plan: () => with1('dog'), who: 'dog', way: 'above', told: 'told' },
  {
    name: 'dog: a wall of 1.85 is not',
    plan: () => with1('dog', band('fine-13', 1.85)),
    who: 'dog',
    way: 'above',
    told: 'not told',
  },
  {
    name: 'fox: climbs a wall of 2.0',
    plan: () => with1('fox', band('fine-13', 2)),
    who: 'fox',
    way: 'above',
    told: 'told',
  },
  {
    name: 'fox: does not get round an overhang of 0.30 above 1.8',
    plan: () => after(with1('fox', band('fine-13', 1.85)), overhang(0.3)),
    who: 'fox',
    way: 'above',
    told: 'not told',
  },
  {
    name: 'fox: clears a wall of 1.8, overhang or not',
    plan: () => after(with1('fox'), overhang(0.3)),
    who: 'fox',
    way: 'above',
    told: 'told',
  },
  ...(['mink', 'hawk', 'fox'] as const).map((who): ToldCase => ({
    name: `${who}: a roof that stands is over the run`,
    plan: () => roofed(who),
    who,
    way: 'above',
    told: 'not told',
  })),
  {
    name: 'quail: under a roof that stands they are covered',
    plan: () => ({ ...roofed('fox'), flock: [...of('quail')] }),
    who: 'quail',
    way: 'over it go',
    told: 'not told',
  },
  {
    name: 'light hens: over a live net of 1.22',
    plan: () => netOnly('double-122', 'hen-light'),
    who: 'hen-light',
    way: 'over it go',
    told: 'told',
  },
  {
    name: 'heavy hens: not over a live net of 1.22',
    plan: () => netOnly('double-122', 'hen-heavy'),
    who: 'hen-heavy',
    way: 'over it go',
    told: 'not told',
  },
  {
    name: 'heavy hens: over a live net of 1.07',
    plan: () => netOnly('single-107', 'hen-heavy'),
    who: 'hen-heavy',
    way: 'over it go',
    told: 'told',
  },
  {
    name: 'raccoon: takes birds through 25 mm at the foot',
    plan: () => with1('raccoon', band('welded-25')),
    who: 'raccoon',
    way: 'reach',
    told: 'told',
  },
  {
    name: 'raccoon: does not come through 25 mm itself',
    plan: () => with1('raccoon', band('welded-25')),
    who: 'raccoon',
    way: 'through',
    told: 'not told',
  },
  {
    name: 'raccoon: reaches nobody through 50 mm above 0.6',
    plan: () => with1('raccoon', twoBands('fine-13', 'welded-50')),
    who: 'raccoon',
    way: 'reach',
    told: 'not told',
  },
  {
    name: 'raccoon: does not come through 50 mm above 0.6',
    plan: () => with1('raccoon', twoBands('fine-13', 'welded-50')),
    who: 'raccoon',
    way: 'through',
    told: 'not told',
  },
  {
    name: 'raccoon: reaches in where the coarse mesh begins at 0.5',
    plan: () => with1('raccoon', twoBands('fine-13', 'welded-50', 0.5)),
    who: 'raccoon',
    way: 'reach',
    told: 'told',
  },
  {
    name: 'mink: comes through 25 mm at any height',
    plan: () => with1('mink', twoBands('fine-13', 'welded-25')),
    who: 'mink',
    way: 'through',
    told: 'told',
  },
  {
    name: 'fox: tears hexagonal netting',
    plan: () => with1('fox', band('hex-25')),
    who: 'fox',
    way: 'tear',
    told: 'told',
  },
  {
    name: 'fox: a fold of 0.5 leaves the hexagonal above it',
    plan: () => with1('fox', { ...twoBands('hex-25', 'welded-25'), ...folded(0.5) }),
    who: 'fox',
    way: 'tear',
    told: 'told',
  },
  {
    name: 'fox: no hexagonal is free behind a fold as high as its band',
    plan: () => with1('fox', { ...twoBands('hex-25', 'welded-25', 0.5), ...folded(0.5) }),
    who: 'fox',
    way: 'tear',
    told: 'not told',
  },
  {
    name: 'weasel: nothing coarse is free behind a fold of 13 mm',
    plan: () => with1('weasel', { ...twoBands('hex-25', 'fine-13', 0.5), ...folded(0.5) }),
    who: 'weasel',
    way: 'through',
    told: 'not told',
  },
];
