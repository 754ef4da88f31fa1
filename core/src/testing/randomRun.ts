import { STATE_IDS, type StateId, usualStanding } from '../stages/outline/plan/standing';
import fc from 'fast-check';
import type { Vector } from '../ground/vector';
import type { Change } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { skirtOfKind } from '../stages/skirt/plan/wanted';
import { KIND_IDS as SKIRT_KINDS } from '../stages/skirt/plan/kinds';
import { PLAIN_GATE } from '../stages/ways/plan/kinds/gate';
import { anOutline } from './aRun';
import { uniform } from './uniform';

/** Corners about a middle at rising angles: any such outline is free of crossings. */
const starShape = fc.array(uniform(4, 12), { minLength: 3, maxLength: 9 }).map((radii) =>
  radii.map((r, i): readonly [number, number] => {
    const turn = (2 * Math.PI * i) / radii.length;
    return [r * Math.cos(turn), r * Math.sin(turn)];
  }),
);

/** A run of any shape on ground of any lie, with a gate in the middle of its first side. */
export const aRandomRun: fc.Arbitrary<Plan> = fc
  .tuple(
    starShape,
    fc.array(fc.tuple(uniform(-15, 15), uniform(-15, 15), uniform(-1, 1)), { maxLength: 7 }),
    fc.constantFrom('by-mesh' as const, 'follow' as const, 'step' as const),
    fc.constantFrom('welded-50', 'hex-50'),
  )
  .map(([points, heights, hang, mesh]) => {
    const bands = [{ id: 'wall', mesh, top: 1.8, widths: 'cheapest' }] as const;
    const fenced = anOutline(points, { bands: [...bands], slope: { hang, foot: 'mesh' } });
    const [a = [0, 0], b = [0, 0]] = points;
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const gated = apply(fenced, {
      verb: 'add-opening',
      opening: {
        ...PLAIN_GATE,
        id: 'g1',
        side: 'e0',
        along: (length - 0.95) / 2,
        width: 0.95,
        swing: 'in',
      },
    });
    const spotHeights = heights.map(([x, y, height], i) => ({ id: `z${i}`, at: { x, y }, height }));
    return { ...gated, ground: { ...gated.ground, spotHeights } };
  });

const whole = { scope: 'plan' } as const;

/** One of its sides stands already. */
const standing = (state: StateId): Change => ({
  verb: 'set-standing',
  sides: ['e1'],
  standing: { ...usualStanding(1.4), state, low: { mesh: 'fine-13', top: 0.6 } },
});

/** The same with whatever walls, skirts and ways in can be chosen: two skirts, boards, an overhang, panels, built gates. */
export const aChosenRun: fc.Arbitrary<Plan> = fc
  .record({
    plan: aRandomRun,
    skirt: fc.constantFrom(...SKIRT_KINDS),
    sideSkirt: fc.constantFrom(null, ...SKIRT_KINDS),
    ground: fc.constantFrom(null, 'board-150x25'),
    top: fc.constantFrom(null, 'rail-88x38'),
    overhang: fc.constantFrom(0, 0.3),
    low: fc.constantFrom('fine-13', 'panel-close', 'welded-25'),
    make: fc.constantFrom('kit' as const, 'built' as const),
    height: fc.constantFrom(null, 1.2),
    hanging: fc.constantFrom('continuous' as const, 'side-by-side' as const),
    crew: fc.constantFrom('alone' as const, 'two' as const),
    stands: fc.constantFrom(null, ...STATE_IDS),
  })
  .map(({ plan, stands, skirt, sideSkirt, ground, top, overhang, low, make, height, hanging, crew }) => {
    const now = plan.choices.plan.skirt;
    const changes: readonly Change[] = [
      { verb: 'set-skirt', scope: whole, skirt: skirtOfKind(plan, skirt, now) },
      ...(stands === null ? [] : ([standing(stands)] as const)),
      ...(sideSkirt === null
        ? []
        : ([
            {
              verb: 'set-skirt',
              scope: { scope: 'side', of: 'e1' },
              skirt: skirtOfKind(plan, sideSkirt, now),
            },
          ] as const)),
      { verb: 'set-boards', scope: whole, boards: { ground, top } },
      { verb: 'set-overhang', scope: whole, overhang },
      { verb: 'set-hanging', scope: whole, hanging },
      { verb: 'add-band', scope: whole, band: { id: 'low', mesh: low, top: 0.7, widths: 'cheapest' } },
      { verb: 'set-opening', id: 'g1', to: { make, height } },
      {
        verb: 'add-opening',
        opening: {
          id: 'h1',
          kind: 'hatch',
          use: 'eggs',
          side: 'e1',
          along: 0.5,
          width: 0.4,
          height: 0.3,
          bottom: 0.4,
          make,
        },
      },
      { verb: 'set-crew', crew },
    ];
    return changes.reduce(apply, plan);
  });

/** Everything that has a place, moved; what is measured from a corner goes along. */
/** A direction as it is after a move. */
function turnedWay(radians: number, to: (p: Vector) => Vector): number {
  const [a, b] = [to({ x: 0, y: 0 }), to({ x: Math.cos(radians), y: Math.sin(radians) })];
  return Math.atan2(b.y - a.y, b.x - a.x);
}

function movedCover(cover: Plan['covers'][number], to: (p: Vector) => Vector): Plan['covers'][number] {
  if (!('height' in cover)) return cover;
  const outline = cover.outline?.map(to) ?? null;
  return { ...cover, outline, falls: turnedWay(cover.falls, to) };
}

export function moved(plan: Plan, to: (p: Vector) => Vector): Plan {
  return {
    ...plan,
    corners: plan.corners.map((c) => ({ ...c, ...to(c) })),
    covers: plan.covers.map((c) => movedCover(c, to)),
    nets: plan.nets.map((n) => ({ ...n, points: n.points && n.points.map(to) })),
    power: {
      ...plan.power,
      at: plan.power.at && to(plan.power.at),
      rods: plan.power.rods && to(plan.power.rods),
    },
    ground: {
      ...plan.ground,
      buildings: plan.ground.buildings.map((b) => ({ ...b, outline: b.outline.map(to) })),
      trees: plan.ground.trees.map((t) => ({ ...t, at: to(t.at) })),
      services: plan.ground.services.map((s) => ({ ...s, line: s.line.map(to) })),
      boundaries: plan.ground.boundaries.map((b) => ({ ...b, line: b.line.map(to) })),
      obstacles: plan.ground.obstacles.map((o) => ({ ...o, at: to(o.at) })),
      spotHeights: plan.ground.spotHeights.map((s) => ({ ...s, at: to(s.at) })),
    },
  };
}

/** A turn about the origin and a shift. */
export const turnedBy =
  (turn: number, shift: Vector) =>
  ({ x, y }: Vector): Vector => ({
    x: x * Math.cos(turn) - y * Math.sin(turn) + shift.x,
    y: x * Math.sin(turn) + y * Math.cos(turn) + shift.y,
  });
