import { emptyPlan } from '../../starts/newPlan';
import type { OwnedPiece, Plan } from '../schema';
import { PLACE } from './place';

/** Nets of the demo holding; made up. */
export const LEAT_NETS: readonly OwnedPiece[] = [
  {
    id: 'net-50',
    kind: 'pack',
    product: 'net-single-107-50',
    count: 1,
    condition: 'worn',
    note: 'patched twice',
  },
  {
    id: 'net-25',
    kind: 'pack',
    product: 'net-single-107-25',
    count: 1,
    condition: 'sound',
    note: '',
  },
];

/** A strip that falls gently to the water, with a hollow where a cart track crossed it. */
const HEIGHTS: readonly (readonly [x: number, y: number, height: number])[] = [
  [-2, 12, 0.9],
  [10.6, 12.4, 0.86],
  [29.3, 12.7, 0.8],
  [42, 11.8, 0.76],
  [-2, 0, 0.2],
  [9.4, -0.3, 0.18],
  [19.7, 0.2, 0.14],
  [30.8, -0.2, 0.1],
  [42, 0.3, 0.06],
  [22.3, 3.02, 0.23],
  [20.6, 3.1, 0.33],
  [24, 3.05, 0.31],
];

/** The strip between the stone wall and the leat, a path on the far side of the wall, a willow and a gatepost. */
function leatGround(base: Plan['ground']): Plan['ground'] {
  return {
    ...base,
    buildings: [
      {
        id: 'goose',
        name: 'Goose house',
        outline: [
          { x: 5, y: 7.6 },
          { x: 7.4, y: 7.6 },
          { x: 7.4, y: 9.4 },
          { x: 5, y: 9.4 },
        ],
        eaves: 1.2,
        height: 1.5,
        stands: 'walls',
      },
    ],
    trees: [{ id: 'willow', name: 'willow', at: { x: 33, y: 2.6 }, trunk: 0.4, roots: 3, crown: 2.2 }],
    obstacles: [
      { id: 'post', name: 'old gatepost', kind: 'pole', at: { x: 14.2, y: 8.4 }, across: 0.2, height: 1.5 },
    ],
    boundaries: [
      {
        id: 'wall',
        name: 'stone wall',
        kind: 'boundary',
        line: [
          { x: -0.4, y: 11.4 },
          { x: 18, y: 11.6 },
          { x: 36, y: 11.3 },
        ],
      },
      {
        id: 'leat',
        name: 'mill leat',
        kind: 'water',
        line: [
          { x: 9, y: 0.45 },
          { x: 20, y: 0.3 },
          { x: 36, y: 0.7 },
        ],
      },
    ],
    spotHeights: HEIGHTS.map(([x, y, height], i) => ({ id: `z${i + 1}`, at: { x, y }, height })),
  };
}

/** Geese on a strip between a stone wall and a mill leat: nets from the shed as an open line by day, and a loop round their house by night. */
export function millLeat(): Plan {
  const base = emptyPlan('mill-leat', 'Mill leat', 'metric');
  const net = {
    kind: 'single-107',
    pieces: null,
    gate: null,
    foot: 'off',
    dips: [],
  } as const satisfies Partial<Plan['nets'][number]>;
  return {
    ...base,
    place: PLACE,
    flock: [{ id: 'f1', kind: 'goose', count: 8, keeping: 'part-day' }],
    threats: { fox: 'seen', badger: 'likely', hawk: 'likely' },
    ground: leatGround(base.ground),
    nets: [
      {
        ...net,
        id: 'day',
        name: 'Day line',
        form: 'line',
        when: 'day',
        points: [
          { x: 1, y: 11.42 },
          { x: 1, y: 3 },
          { x: 29, y: 3 },
          { x: 29, y: 11.42 },
        ],
        inside: [],
        dips: [],
      },
      {
        ...net,
        id: 'night',
        name: 'Night loop',
        form: 'loop',
        when: 'night',
        points: [
          { x: 2.6, y: 4.6 },
          { x: 10.2, y: 4.6 },
          { x: 10.2, y: 10.6 },
          { x: 2.6, y: 10.6 },
        ],
        inside: ['building:goose'],
        dips: [],
      },
    ],
    power: {
      ...base.power,
      energiser: { kind: 'sold', product: 'energiser-12v-05' },
      battery: 60,
      solar: 20,
      growth: 'light',
      at: { x: 4.4, y: 9.8 },
      rods: { x: 3.4, y: 10.9 },
    },
    owned: [...LEAT_NETS],
    settled: { birds: true, threats: true, ground: true },
  };
}
