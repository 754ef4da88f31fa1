import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { PLAIN_GATE } from '../stages/ways/plan/kinds/gate';
import { KINDS as COVERS } from '../stages/cover/plan/kinds';
import { aNet } from './aNet';
import { aPolygon, anOutline } from './aRun';

const demo = DEMO_PLANS[0] as Plan;
const MESHES = ['welded-50', 'welded-25', 'welded-50x25', 'hex-50'] as const;
const wallMesh = demo.choices.plan.bands[1]?.mesh ?? 'welded-50';

/** As many sizes of small pieces of one mesh, so many of each. */
export const withExtras = (sizes: number, count = 1, plan = demo): Plan => ({
  ...plan,
  extras: Array.from({ length: sizes }, (_, i) => ({
    id: `x${i}`,
    name: `vent ${i + 1}`,
    mesh: wallMesh,
    width: 0.2 + i * 0.017,
    height: 0.35 + ((i * 7) % sizes) * 0.013,
    count,
  })),
});

const bands = (meshes: readonly string[], raised = 0) =>
  Array.from({ length: 12 }, (_, i) => ({
    id: `b${i}`,
    mesh: meshes[i % meshes.length] ?? wallMesh,
    top: 0.35 + raised * 0.001 + i * 0.47,
    widths: 'cheapest' as const,
  }));

const square = (side: number) =>
  anOutline(
    [
      [0, 0],
      [side, 0],
      [side, side],
      [0, side],
    ],
    demo.choices.plan,
  );

const polygon = (choices: Partial<Plan['choices']['plan']> = {}, side = 3.1) =>
  aPolygon(400, side, { ...demo.choices.plan, ...choices });

function eachSideItsOwn(): Plan {
  const plan = polygon();
  const side = Object.fromEntries(plan.sides.map((s, i) => [s.id, { bands: bands(MESHES, i) }]));
  return { ...plan, choices: { ...plan.choices, side } };
}

function manyHeights(): Plan {
  const plan = polygon({ slope: { hang: 'step', foot: 'mesh' } });
  const spotHeights = Array.from({ length: 500 }, (_, i) => {
    const away = 200 * Math.sqrt(i / 500);
    return {
      id: `h${i}`,
      at: { x: away * Math.cos(i * 2.4), y: away * Math.sin(i * 2.4) },
      height: Math.sin(i),
    };
  });
  return { ...plan, ground: { ...plan.ground, spotHeights } };
}

function everySideAGate(): Plan {
  const plan = polygon({}, 5.1);
  const openings = plan.sides.map(({ id }, i) => ({
    ...PLAIN_GATE,
    id: `g${i}`,
    side: id,
    along: 1 + (i % 7) * 0.1,
    width: 0.8 + (i % 11) * 0.05,
    make: i % 2 === 0 ? ('built' as const) : ('kit' as const),
  }));
  return { ...plan, openings };
}

/** Fifty runs of eight sides, as many corners as a plan may have. */
function fiftyRuns(): Plan {
  const plan = square(10);
  const runs = Array.from({ length: 50 }, (_, i) => {
    const [x, y] = [(i % 8) * 14, Math.floor(i / 8) * 14];
    const corners = Array.from({ length: 8 }, (__, k) => {
      const turn = (2 * Math.PI * k) / 8;
      return { id: `c${i}-${k}`, x: x + 6 * Math.cos(turn), y: y + 6 * Math.sin(turn) };
    });
    const sides = corners.map((c, k) => ({
      id: `s${i}-${k}`,
      from: c.id,
      to: `c${i}-${(k + 1) % 8}`,
      kind: 'fence' as const,
    }));
    const ring = sides.map((s) => ({ side: s.id, forward: true }));
    return { corners, sides, enclosure: { id: `r${i}`, name: `Run ${i + 1}`, ring } };
  });
  return {
    ...plan,
    corners: runs.flatMap((r) => r.corners),
    sides: runs.flatMap((r) => r.sides),
    enclosures: runs.map((r) => r.enclosure),
  };
}

function aThousandPrices(): Plan {
  const [yard = ''] = demo.buying.yards;
  const ownPrices = Array.from({ length: 1000 }, (_, i) => ({
    yard,
    asOf: null,
    offer: {
      kind: 'roll' as const,
      product: wallMesh,
      width: 1.2,
      length: 1 + i * 0.1,
      price: Math.round(500 * (1 + i * 0.1)) + ((i * 37) % 3),
      stock: null,
    },
  }));
  return { ...square(200), buying: { ...demo.buying, ownPrices } };
}

function aFullShed(): Plan {
  const owned = Array.from({ length: 200 }, (_, i) => ({
    id: `o${i}`,
    kind: 'roll' as const,
    product: wallMesh,
    width: 1.2,
    length: 0.4 + i * 0.013,
    count: 1000,
    condition: 'sound' as const,
    note: '',
  }));
  return { ...demo, owned };
}

const covered = (plan: Plan, kind: 'strips' | 'panels', to: object = {}): Plan => ({
  ...plan,
  covers: [{ ...COVERS[kind].usual({ ...OVER, id: 'c', name: 'lid' }), ...to }],
});
const OVER = { enclosure: 'run', outline: null, height: 1.8 };

/** Forty covers side by side, each over a part of the run. */
function fortyCovers(): Plan {
  const covers = Array.from({ length: 40 }, (_, i) => {
    const [x, y] = [(i % 8) * 6, Math.floor(i / 8) * 8];
    const corner = (dx: number, dy: number) => ({ x: x + dx, y: y + dy });
    const outline = [corner(0, 0), corner(5.6 + i / 100, 0), corner(5.6 + i / 100, 7.5), corner(0, 7.5)];
    return { ...COVERS.strips.usual({ ...OVER, id: `c${i}`, name: `lid ${i}` }), outline };
  });
  return { ...square(48), covers };
}

/** Forty wraps, each of ten sides. */
function fortyWraps(): Plan {
  const plan = polygon();
  const covers = Array.from({ length: 40 }, (_, i) => ({
    ...COVERS.wrap.usual({ ...OVER, id: `c${i}`, name: `wrap ${i}` }),
    sides: plan.sides.slice(i * 10, i * 10 + 10).map((s) => s.id),
  }));
  return { ...plan, covers };
}

/** A ring of so many corners, a little out of round. */
const ringed = (corners: number, radius: number, x = 0, y = 0) =>
  Array.from({ length: corners }, (_, i) => {
    const turn = (2 * Math.PI * i) / corners;
    const away = radius + (i % 3) * 0.2;
    return { x: x + away * Math.cos(turn), y: y + away * Math.sin(turn) };
  });

const nets = (plan: Plan, count: number, each: (i: number) => Parameters<typeof aNet>[0]): Plan => ({
  ...plan,
  nets: Array.from({ length: count }, (_, i) => aNet({ id: `n${i}`, name: `Net ${i}`, ...each(i) })),
});

const twelveNets = (): Plan =>
  nets(square(6), 12, (i) => ({ points: ringed(400, 60, (i % 4) * 140, 150 + Math.floor(i / 4) * 140) }));

/** Nets drawn tight round fifty buildings. */
function roundBuildings(): Plan {
  const plan = square(6);
  const buildings = Array.from({ length: 50 }, (_, i) => {
    const [x, y] = [20 + (i % 10) * 9, 20 + Math.floor(i / 10) * 9];
    const outline = [
      { x, y },
      { x: x + 3 + (i % 4) / 2, y: y + (i % 3) / 3 },
      { x: x + 3, y: y + 4 },
      { x, y: y + 3 + (i % 5) / 4 },
    ];
    return { id: `b${i}`, name: `shed ${i}`, outline, eaves: 2, height: 2.6, stands: 'walls' as const };
  });
  const inside = buildings.map(({ id }) => `building:${id}`);
  return nets({ ...plan, ground: { ...plan.ground, buildings } }, 12, (i) => ({
    inside: inside.slice(i * 2),
    points: null,
  }));
}

function twentyHotWires(): Plan {
  const plan = everySideAGate();
  const sides = plan.sides.map((s) => s.id);
  const hotWires = Array.from({ length: 20 }, (_, i) => ({
    id: `w${i}`,
    name: `wire ${i}`,
    sides,
    offset: 0.1 + i / 100,
    heights: [0.2, 0.6, 1.2],
    gates: i % 2 === 0 ? ('under' as const) : ('over' as const),
  }));
  return { ...plan, hotWires };
}

/** Plans at the ends of what the schema lets through: each is reckoned while the keeper waits. */
export const EXTREMES: Readonly<Record<string, () => Plan>> = {
  '12 sizes of small pieces': () => withExtras(12),
  '50 sizes of small pieces': () => withExtras(50),
  '50 sizes, a hundred of each': () => withExtras(50, 100),
  '12 bands of one mesh': () => ({
    ...demo,
    choices: { ...demo.choices, plan: { ...demo.choices.plan, bands: bands(['welded-50']) } },
  }),
  '12 bands on 400 sides': () => polygon({ bands: bands(MESHES) }),
  '12 bands of their own on each of 400 sides': eachSideItsOwn,
  '400 sides that step over 500 heights': manyHeights,
  '400 gates': everySideAGate,
  '400 sides in fifty runs': fiftyRuns,
  'boards on 400 sides': () => polygon({ boards: { ground: 'board-150x25', top: 'rail-88x38' } }, 13.1),
  'a thousand lengths of roll': aThousandPrices,
  '200,000 owned lengths': aFullShed,
  '200 × 200 m': () => square(200),
  '2000 × 2000 m': () => square(2000),
  'strips over 100 × 100 m': () => covered(square(100), 'strips'),
  'strips over 300 × 300 m': () => covered(square(300), 'strips'),
  'strips over sixty sides of 60 m': () => covered(aPolygon(60, 60, demo.choices.plan), 'strips'),
  'strips over sixty sides of 6 m': () => covered(aPolygon(60, 6, demo.choices.plan), 'strips'),
  'panels over 100 × 100 m': () => covered(square(100), 'panels'),
  'strips over 400 corners': () => covered(polygon(), 'strips'),
  'forty covers': fortyCovers,
  'forty wraps': fortyWraps,
  'twelve nets of 400 corners': twelveNets,
  'nets drawn tight round fifty buildings': roundBuildings,
  'twenty hot wires past 400 gates': twentyHotWires,
};
