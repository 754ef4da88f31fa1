import { type Finding, finding } from '../findings/types';
import type { Plan } from '../plan/schema';
import { TOUCH } from '../units/round';
import type { Ring, RingSide } from './survey';
import { betweenSegments, cross, minus } from './vector';

/** Sides shorter than this have collapsed, m. */
const LEAST_SIDE = 0.05;
/** Sides nearer to each other than this touch, m. */
const NEAR = 0.005;

function ringProblems(ring: Ring): Finding[] {
  const found: Finding[] = [];
  const path = (s: RingSide) => `side:${s.side.id}`;
  for (const side of ring.sides) {
    if (side.length < LEAST_SIDE) {
      found.push(finding('outline.collapsed', 'blocks', 'outline', path(side), { side: side.number }));
    } else if (Math.abs(Math.abs(side.turn) - Math.PI) < 1e-3) {
      found.push(
        finding('outline.folds-back', 'blocks', 'outline', `corner:${side.endCorner}`, {
          corner: (side.number % ring.sides.length) + 1,
        }),
      );
    }
  }
  if (found.length > 0) return found;
  const n = ring.sides.length;
  const boxes = ring.sides.map((s) => ({
    left: Math.min(s.start.x, s.end.x) - NEAR,
    right: Math.max(s.start.x, s.end.x) + NEAR,
    low: Math.min(s.start.y, s.end.y) - NEAR,
    high: Math.max(s.start.y, s.end.y) + NEAR,
  }));
  for (let i = 0; i < n; i++) {
    const a = ring.sides[i];
    const boxA = boxes[i];
    if (!a || !boxA) continue;
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue; // neighbours round the end of the ring
      const boxB = boxes[j];
      const b = ring.sides[j];
      if (!b || !boxB) continue;
      if (boxA.left > boxB.right || boxB.left > boxA.right || boxA.low > boxB.high || boxB.low > boxA.high)
        continue;
      const gap = betweenSegments(a.start, a.end, b.start, b.end);
      if (gap >= NEAR) continue;
      const crosses =
        cross(minus(a.end, a.start), minus(b.start, a.start)) *
          cross(minus(a.end, a.start), minus(b.end, a.start)) <
        0;
      const code = gap === 0 && crosses ? 'outline.crosses' : 'outline.touches';
      found.push(finding(code, 'blocks', 'outline', path(a), { side: a.number, other: b.number }));
    }
  }
  return found;
}

/** An opening must lie on a fenced side, within it and clear of the others. */
function openingProblems(
  plan: Pick<Plan, 'openings' | 'postPins'>,
  sides: ReadonlyMap<string, RingSide>,
): Finding[] {
  const found: Finding[] = [];
  for (const opening of plan.openings) {
    const side = sides.get(opening.side);
    if (!side) continue;
    const part = `opening:${opening.id}`;
    const at = { side: side.number };
    const past = opening.along + opening.width - side.length;
    if (side.side.kind !== 'fence') found.push(finding('gate.not-in-fence', 'blocks', 'ways', part, at));
    else if (opening.width > side.length + TOUCH) {
      found.push(
        finding('gate.wider-than-side', 'blocks', 'ways', part, {
          ...at,
          width: opening.width,
          length: side.length,
        }),
      );
    } else if (past > TOUCH) found.push(finding('gate.past-end', 'blocks', 'ways', part, { ...at, past }));
    const clash = plan.openings.find(
      (o) =>
        o.side === opening.side &&
        o.id < opening.id &&
        o.along < opening.along + opening.width - TOUCH &&
        opening.along < o.along + o.width - TOUCH,
    );
    if (clash) found.push(finding('gate.overlaps', 'blocks', 'ways', part, at));
  }
  for (const pin of plan.postPins) {
    const side = sides.get(pin.side);
    if (side && pin.along > side.length + TOUCH) {
      found.push(
        finding('pin.past-end', 'blocks', 'posts', `side:${pin.side}/pin:${pin.id}`, {
          side: side.number,
          past: pin.along - side.length,
        }),
      );
    }
  }
  return found;
}

/** What makes the plan impossible to set out; an empty list where it can be. */
export function groundProblems(
  plan: Pick<Plan, 'openings' | 'postPins'>,
  rings: readonly Ring[],
): readonly Finding[] {
  const sides = new Map<string, RingSide>();
  for (const ring of rings) for (const s of ring.sides) if (!sides.has(s.side.id)) sides.set(s.side.id, s);
  return [...rings.flatMap(ringProblems), ...openingProblems(plan, sides)];
}
