import { nextId } from '../../plan/ids';
import type { ChangeOf } from '../../plan/changes/types';
import type { Plan } from '../../plan/schema';
import { surveyRings } from '../../ground/survey';
import type { Vector } from '../../ground/vector';
import { tidy } from '../../units/round';
import type { HotWire, LiveNet } from './plan/choice';
import { openedOut } from './opened';
import { type Thing, thingsOf } from './route/things';

/** Everything on the plan that a net can go round. */
export const thingsIn = (plan: Plan): readonly Thing[] =>
  thingsOf({ ...plan.ground, rings: surveyRings(plan) });

const BARE = {
  kind: 'double-122',
  pieces: null,
  gate: null,
  when: 'always',
  foot: 'live',
  dips: [],
} as const satisfies Partial<LiveNet>;

/** Houses that no run’s house walls belong to, and runs: what a first net goes round. */
const wanted = (plan: Plan): readonly string[] => {
  const things = thingsIn(plan);
  const runs = things.filter((t) => t.kind === 'run');
  if (runs.length > 0) {
    const walls = new Set(
      plan.sides.flatMap((s) => (s.kind === 'building' ? [`building:${s.building}`] : [])),
    );
    return [...runs.map((t) => t.id), ...things.filter((t) => walls.has(t.id)).map((t) => t.id)];
  }
  return things
    .filter((t) => t.kind === 'house')
    .slice(0, 1)
    .map((t) => t.id);
};

/** A square of one net of 50 m about a place. */
const square = ({ x, y }: Vector): { x: number; y: number }[] =>
  [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([dx, dy]) => ({ x: tidy(x + (dx ?? 0) * 6.25), y: tidy(y + (dy ?? 0) * 6.25) }));

/** A loop round what is there, opened out to the whole length of its nets; a square where nothing is. */
export function newLoop(plan: Plan): ChangeOf<'add-net'> {
  const inside = wanted(plan);
  const count = plan.nets.length;
  const net: LiveNet = {
    ...BARE,
    id: nextId('net', plan.nets),
    name: count === 0 ? 'Live net' : `Live net ${count + 1}`,
    form: 'loop',
    points: inside.length > 0 ? null : square({ x: 0, y: 0 }),
    inside: [...inside],
  };
  return {
    verb: 'add-net',
    net: { ...net, points: net.points ?? openedOut(plan, net, thingsIn(plan)) },
  };
}

/** An open line beside what is there, to be drawn out by its ends. */
export function newLine(plan: Plan): ChangeOf<'add-net'> {
  const points = [
    ...plan.corners,
    ...plan.ground.buildings.flatMap((b) => b.outline),
    ...plan.nets.flatMap((n) => n.points ?? []),
  ];
  const low = Math.min(0, ...points.map((p) => p.y)) - 3;
  const left = Math.min(...points.map((p) => p.x), 0);
  return {
    verb: 'add-net',
    net: {
      ...BARE,
      id: nextId('net', plan.nets),
      name: `Net line ${plan.nets.length + 1}`,
      form: 'line',
      points: [
        { x: tidy(left), y: tidy(low) },
        { x: tidy(left + 25), y: tidy(low) },
      ],
      inside: [],
    },
  };
}

/** A hot wire along every fenced side that has none; null where none is left. */
export function newHotWire(plan: Plan): ChangeOf<'add-hot-wire'> | null {
  const wired = new Set(plan.hotWires.flatMap((w) => w.sides));
  const sides = plan.sides.filter((s) => s.kind === 'fence' && !wired.has(s.id)).map((s) => s.id);
  if (sides.length === 0) return null;
  const wire: HotWire = {
    id: nextId('wire', plan.hotWires),
    name: plan.hotWires.length === 0 ? 'Hot wire' : `Hot wire ${plan.hotWires.length + 1}`,
    sides,
    offset: 0.15,
    heights: [0.2, 1.2],
    gates: 'under',
  };
  return { verb: 'add-hot-wire', wire };
}
