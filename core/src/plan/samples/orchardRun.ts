import { PLAIN_GATE } from '../../stages/ways/plan/kinds/gate';
import { emptyPlan } from '../../starts/newPlan';
import type { Plan, Side } from '../schema';
import { PLACE } from './place';
import { KINDS as COVERS } from '../../stages/cover/plan/kinds';

/** A gentle north-facing slope of about 7 %, as read at the stakes and round about; a pipe crosses one corner. */
function orchardGround(): Plan['ground'] {
  const heights: readonly (readonly [x: number, y: number, height: number])[] = [
    [0, 0, 1.1],
    [9, 0, 1.05],
    [9, 4.5, 0.72],
    [5.4, 4.5, 0.76],
    [5.4, 8.1, 0.5],
    [0, 8.1, 0.54],
    [0, 4.5, 0.78],
    [-6, -4, 1.42],
    [14, -4, 1.3],
    [14, 12, 0.2],
    [-6, 12, 0.28],
  ];
  return {
    soil: 'loam',
    frost: 0.45,
    north: 0,
    buildings: [
      {
        id: 'house',
        name: 'House',
        outline: [
          { x: -1.8, y: 4.5 },
          { x: 0, y: 4.5 },
          { x: 0, y: 6.9 },
          { x: -1.8, y: 6.9 },
        ],
        eaves: 1.9,
        height: 2.5,
        stands: 'walls',
      },
      {
        id: 'shed',
        name: 'Feed shed',
        outline: [
          { x: -4.6, y: -1.6 },
          { x: -2.2, y: -1.6 },
          { x: -2.2, y: 0.2 },
          { x: -4.6, y: 0.2 },
        ],
        eaves: 2.1,
        height: 2.4,
        stands: 'walls',
      },
    ],
    trees: [{ id: 'damson', name: 'damson', at: { x: 7.7, y: 6.7 }, trunk: 0.3, roots: 2.5, crown: 1.7 }],
    services: [
      {
        id: 'water',
        name: 'water pipe, 0.70 deep',
        kind: 'water',
        depth: 0.7,
        line: [
          { x: -5, y: 6.5 },
          { x: 5, y: -3.5 },
        ],
      },
    ],
    boundaries: [
      {
        id: 'hedge',
        name: 'hedge',
        kind: 'boundary',
        line: [
          { x: 11, y: -3.6 },
          { x: 11.3, y: 4 },
          { x: 10.9, y: 11 },
        ],
      },
    ],
    obstacles: [],
    tape: { marks: [], stakes: [], between: [] },
    spotHeights: heights.map(([x, y, height], i) => ({ id: `z${i + 1}`, at: { x, y }, height })),
  };
}

/** Mesh over the part by the house, a net over the far one that comes down for winter; both fall as the ground does. */
function orchardCovers(): Plan['covers'] {
  const over = { enclosure: 'run', height: 1.75 };
  const lid = [
    { x: 0, y: 0 },
    { x: 5.4, y: 0 },
    { x: 5.4, y: 8.1 },
    { x: 0, y: 8.1 },
  ];
  const far = [
    { x: 5.4, y: 0 },
    { x: 9, y: 0 },
    { x: 9, y: 4.5 },
    { x: 5.4, y: 4.5 },
  ];
  return [
    {
      ...COVERS.strips.usual({ ...over, id: 'lid', name: 'mesh lid', outline: lid }),
      lies: 'ground',
      beam: 'joist-125x47',
    },
    {
      ...COVERS.net.usual({ ...over, id: 'net', name: 'far net', outline: far }),
      lies: 'ground',
      tent: null,
      hung: 'summer',
    },
  ];
}

/** An L-shaped posted run round a damson tree, a water pipe crossing one corner. */
export function orchardRun(): Plan {
  const base = emptyPlan('orchard-run', 'Orchard run', 'metric');
  const corners = [
    { id: 'c1', x: 0, y: 0 },
    { id: 'c2', x: 9, y: 0 },
    { id: 'c3', x: 9, y: 4.5 },
    { id: 'c4', x: 5.4, y: 4.5 },
    { id: 'c5', x: 5.4, y: 8.1 },
    { id: 'c6', x: 0, y: 8.1 },
    { id: 'c7', x: 0, y: 6.9 },
    { id: 'c8', x: 0, y: 4.5 },
  ];
  const sides: Side[] = [
    { id: 's1', from: 'c1', to: 'c2', kind: 'fence' },
    { id: 's2', from: 'c2', to: 'c3', kind: 'fence' },
    { id: 's3', from: 'c3', to: 'c4', kind: 'fence' },
    { id: 's4', from: 'c4', to: 'c5', kind: 'fence' },
    { id: 's5', from: 'c5', to: 'c6', kind: 'fence' },
    { id: 's6', from: 'c6', to: 'c7', kind: 'fence' },
    { id: 's7', from: 'c7', to: 'c8', kind: 'building', building: 'house' },
    { id: 's8', from: 'c8', to: 'c1', kind: 'fence' },
  ];
  return {
    ...base,
    place: PLACE,
    flock: [
      { id: 'f1', kind: 'hen-light', count: 6, keeping: 'confined' },
      { id: 'f2', kind: 'hen-heavy', count: 10, keeping: 'confined' },
      { id: 'f3', kind: 'bantam', count: 6, keeping: 'confined' },
    ],
    threats: { fox: 'seen', mink: 'seen', hawk: 'seen', rat: 'likely' },
    ground: orchardGround(),
    corners,
    sides,
    openings: [{ ...PLAIN_GATE, id: 'g1', side: 's1', along: 3.2, width: 0.95 }],
    enclosures: [{ id: 'run', name: 'Orchard run', ring: sides.map((s) => ({ side: s.id, forward: true })) }],
    covers: orchardCovers(),
    hotWires: [
      {
        id: 'wire',
        name: 'Hot wire',
        sides: ['s1', 's2'],
        offset: 0.15,
        heights: [0.2, 1.2],
        gates: 'under',
      },
    ],
    power: {
      ...base.power,
      energiser: { kind: 'sold', product: 'energiser-mains-1' },
      at: { x: -3, y: -0.6 },
      mainsIn: ['shed'],
    },
    settled: { birds: true, threats: true, ground: true, outline: true },
  };
}
