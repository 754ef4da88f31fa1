import { withSides } from '../../cover/plan/kinds';
import { alongBoth, alongOne } from '../../live/verbs/kept';
import { type Vector, dot, minus, plus, times } from '../../../ground/vector';
import { type RingSide, surveyRings } from '../../../ground/survey';
import { tidy } from '../../../units/round';
import { type Plan, type Side, type Point } from '../../../plan/schema';
import { keepOnSides, place } from '../../../ground/onSides';

/** What a side can be made: a foot of an arch comes and goes with it. */
export type PlainKind = Exclude<Side['kind'], 'building' | 'arch-foot'>;

export const asSide = (side: Side, kind: PlainKind): Side => ({
  id: side.id,
  from: side.from,
  to: side.to,
  kind,
});

export interface MoveCorner {
  readonly corner: string;
  readonly to: Point;
}

/** Swings the next side about the corner until the ring turns there by `turn`, radians, positive where convex. */
export interface SetTurn {
  readonly enclosure: string;
  readonly corner: string;
  readonly turn: number;
}

/** Puts a corner on a side; its first half keeps the id. */
export interface SplitSide {
  readonly side: string;
  readonly along: number;
  readonly corner: string;
  readonly second: string;
}

export interface RemoveCorner {
  readonly corner: string;
}

/** An arch stays square when a corner of it is moved: the one across stays, those beside it follow. */
function keptSquare(plan: Plan, corner: string, to: Vector): ReadonlyMap<string, Vector> {
  const moved = new Map([[corner, to]]);
  for (const { sides } of surveyRings(plan)) {
    const i = sides.findIndex((s) => s.startCorner === corner);
    const [side, next, across, before] = [0, 1, 2, 3].map((k) => sides[(i + k) % sides.length]);
    if (i < 0 || sides.length !== 4 || !side || !next || !across || !before) continue;
    if (!sides.some((s) => s.side.kind === 'arch-foot')) continue;
    const off = minus(to, across.start);
    const along = times(side.direction, dot(off, side.direction));
    moved.set(before.startCorner, plus(across.start, along));
    moved.set(next.startCorner, plus(across.start, minus(off, along)));
  }
  return moved;
}

export function moveCorner(plan: Plan, { corner, to }: MoveCorner): Plan {
  const moved = keptSquare(plan, corner, to);
  const corners = plan.corners.map((c) => {
    const at = moved.get(c.id);
    return at ? place(c.id, at) : c;
  });
  return keepOnSides(plan, { ...plan, corners });
}

/** Swings the side after a corner about it, keeping its length; what follows that side joins its new end. */
export function setTurn(plan: Plan, { enclosure, corner, turn }: SetTurn): Plan {
  const ring = surveyRings(plan).find((r) => r.enclosure === enclosure);
  const i = ring?.sides.findIndex((s) => s.endCorner === corner) ?? -1;
  const before = ring?.sides[i];
  const next = ring?.sides[(i + 1) % ring.sides.length];
  if (!ring || !before || !next) return plan;
  // Outward is right of the way round an anticlockwise ring: a convex turn is to the left there.
  const hand = before.outward.x * before.direction.y - before.outward.y * before.direction.x >= 0 ? 1 : -1;
  const heading = Math.atan2(before.direction.y, before.direction.x) + hand * turn;
  const end = plus(next.start, times({ x: Math.cos(heading), y: Math.sin(heading) }, next.length));
  return moveCorner(plan, { corner: next.endCorner, to: end });
}

/** A corner on a side: the first half keeps the id, openings and pins beyond it go with the second. */
export function splitSide(plan: Plan, change: SplitSide): Plan {
  const side = plan.sides.find((s) => s.id === change.side);
  const from = plan.corners.find((c) => c.id === side?.from);
  const to = plan.corners.find((c) => c.id === side?.to);
  if (!side || !from || !to) return plan;
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const along = Math.max(0, Math.min(length, change.along));
  const middle = plus(from, times(minus(to, from), length > 0 ? along / length : 0));
  const second: Side = { ...side, id: change.second, from: change.corner };
  const moved = <T extends { readonly side: string; readonly along: number }>(
    thing: T,
    middleOf: number,
  ): T =>
    thing.side === side.id && middleOf > along
      ? { ...thing, side: second.id, along: tidy(Math.max(0, thing.along - along)) }
      : thing;
  const ownChoices = plan.choices.side[side.id];
  return {
    ...plan,
    corners: [...plan.corners, place(change.corner, middle)],
    sides: plan.sides.flatMap((s) => (s.id === side.id ? [{ ...s, to: change.corner }, second] : [s])),
    openings: plan.openings.map((o) => moved(o, o.along + o.width / 2)),
    postPins: plan.postPins.map((pin) => moved(pin, pin.along)),
    hotWires: alongBoth(plan, side.id, second.id),
    enclosures: plan.enclosures.map((e) => ({
      ...e,
      ring: e.ring.flatMap((step) => {
        if (step.side !== side.id) return [step];
        const other = { side: second.id, forward: step.forward };
        return step.forward ? [step, other] : [other, step];
      }),
    })),
    choices: ownChoices
      ? { ...plan.choices, side: { ...plan.choices.side, [second.id]: ownChoices } }
      : plan.choices,
  };
}

/** Sides that meet at a corner. */
const meetingAt = (plan: Plan, corner: string) =>
  plan.sides.filter((s) => s.from === corner || s.to === corner);

/** A corner can go where just two sides meet and every ring that passes it keeps three. */
export function canRemoveCorner(plan: Plan, corner: string): boolean {
  const meeting = meetingAt(plan, corner);
  const rings = plan.enclosures.filter((e) => e.ring.some((step) => step.side === meeting[0]?.id));
  return meeting.length === 2 && rings.every((e) => e.ring.length > 3);
}

function joined(plan: Plan, before: RingSide, after: RingSide): Plan {
  const kept = before.side;
  const side: Side = {
    ...(kept.kind === 'building' ? asSide(kept, 'fence') : kept),
    ...(before.forward ? { to: after.endCorner } : { from: after.endCorner }),
  };
  const dropped = after.side.id;
  const whole = before.length + after.length;
  /** Near edge from the joined side's own beginning, measured along the way round the corner. */
  const onKept = <T extends { readonly side: string; readonly along: number }>(
    thing: T,
    width: number,
  ): T => {
    if (thing.side !== dropped && thing.side !== kept.id) return thing;
    const own = thing.side === dropped ? after : before;
    const inRing = own.forward ? thing.along : own.length - thing.along - width;
    const walked = thing.side === dropped ? before.length + inRing : inRing;
    return { ...thing, side: kept.id, along: tidy(before.forward ? walked : whole - walked - width) };
  };
  const { [dropped]: _, ...sideChoices } = plan.choices.side;
  return {
    ...plan,
    corners: plan.corners.filter((c) => c.id !== after.startCorner),
    sides: plan.sides.flatMap((s) => (s.id === dropped ? [] : [s.id === kept.id ? side : s])),
    openings: plan.openings.map((o) => onKept(o, o.width)),
    postPins: plan.postPins.map((p) => onKept(p, 0)),
    hotWires: alongOne(plan, kept.id, dropped),
    covers: plan.covers.map((c) => withSides(c, (s) => s !== dropped)),
    enclosures: plan.enclosures.map((e) => ({ ...e, ring: e.ring.filter((step) => step.side !== dropped) })),
    choices: { ...plan.choices, side: sideChoices },
  };
}

/** Takes a corner out: the side before it goes straight on to the next corner. */
export function removeCorner(plan: Plan, { corner }: RemoveCorner): Plan {
  if (!canRemoveCorner(plan, corner)) return plan;
  for (const ring of surveyRings(plan)) {
    const i = ring.sides.findIndex((s) => s.endCorner === corner);
    const before = ring.sides[i];
    const after = ring.sides[(i + 1) % ring.sides.length];
    if (!before || !after) continue;
    // As if the side had been as long as the way round the corner: openings keep their share of it.
    const next = joined(plan, before, after);
    return keepOnSides(next, next, new Map([[before.side.id, before.length + after.length]]));
  }
  return plan;
}

/** Corners of a walk: each leg from where the last one ended. */
export function walkedCorners(
  start: Vector,
  bearing: number,
  legs: readonly { readonly length: number; readonly turn: number }[],
): readonly Vector[] {
  let at = start;
  let heading = bearing;
  return legs.map((leg) => {
    const here = at;
    at = plus(at, times({ x: Math.cos(heading), y: Math.sin(heading) }, leg.length));
    heading += leg.turn;
    return here;
  });
}
