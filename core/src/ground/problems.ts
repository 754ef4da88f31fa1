import { type Finding, finding } from '../findings/types';
import type { Change } from '../plan/changes/types';
import { type Chosen, type Facet, choicesFor } from '../plan/effective';
import type { OpeningPlace } from '../plan/openingPlace';
import type { Plan } from '../plan/schema';
import { TOUCH } from '../units/round';
import type { Ring, RingSide } from './survey';
import { tangled } from './polyline';
import { betweenSegments, cross, dot, minus, times } from './vector';

/** Sides shorter than this have collapsed, m. */
const LEAST_SIDE = 0.05;
/** Sides nearer to each other than this touch, m. */
const NEAR = 0.005;

/** Sides that leave a common corner the same way lie on each other. */
function foldsBack(a: RingSide, b: RingSide): string | undefined {
  for (const [cornerA, wayA] of [
    [a.startCorner, a.direction],
    [a.endCorner, times(a.direction, -1)],
  ] as const) {
    for (const [cornerB, wayB] of [
      [b.startCorner, b.direction],
      [b.endCorner, times(b.direction, -1)],
    ] as const) {
      if (cornerA === cornerB && Math.abs(cross(wayA, wayB)) < 1e-3 && dot(wayA, wayB) > 0) return cornerA;
    }
  }
  return undefined;
}

const meetAtCorner = (a: RingSide, b: RingSide) =>
  [a.startCorner, a.endCorner].some((c) => c === b.startCorner || c === b.endCorner);

/** Sides of all rings against each other, a shared one once. */
function outlineProblems(sides: readonly RingSide[]): Finding[] {
  const found: Finding[] = [];
  const part = (s: RingSide) => ({ on: 'side', side: s.side.id }) as const;
  const numbers = new Map(sides.map((s) => [s.startCorner, s.startNumber]));
  for (const side of sides) {
    if (side.length < LEAST_SIDE)
      found.push(finding('outline.collapsed', 'blocks', 'outline', part(side), { side: side.number }));
  }
  if (found.length > 0) return found;
  const boxes = sides.map((s) => ({
    left: Math.min(s.start.x, s.end.x) - NEAR,
    right: Math.max(s.start.x, s.end.x) + NEAR,
    low: Math.min(s.start.y, s.end.y) - NEAR,
    high: Math.max(s.start.y, s.end.y) + NEAR,
  }));
  for (let i = 0; i < sides.length; i++) {
    const a = sides[i];
    const boxA = boxes[i];
    if (!a || !boxA) continue;
    for (let j = i + 1; j < sides.length; j++) {
      const boxB = boxes[j];
      const b = sides[j];
      if (!b || !boxB) continue;
      if (boxA.left > boxB.right || boxB.left > boxA.right || boxA.low > boxB.high || boxB.low > boxA.high)
        continue;
      if (meetAtCorner(a, b)) {
        const corner = foldsBack(a, b);
        if (corner === undefined) continue;
        const params = { corner: numbers.get(corner) ?? a.startNumber };
        found.push(
          finding('outline.folds-back', 'blocks', 'outline', { on: 'corner', corner: corner }, params),
        );
        continue;
      }
      const gap = betweenSegments(a.start, a.end, b.start, b.end);
      if (gap >= NEAR) continue;
      const crosses =
        cross(minus(a.end, a.start), minus(b.start, a.start)) *
          cross(minus(a.end, a.start), minus(b.end, a.start)) <
        0;
      const code = gap === 0 && crosses ? 'outline.crosses' : 'outline.touches';
      found.push(finding(code, 'blocks', 'outline', part(a), { side: a.number, other: b.number }));
    }
  }
  return found;
}

/** What may make a plan impossible to set out. */
export interface ProblemsBy {
  readonly rings: readonly Ring[];
  readonly openings: readonly OpeningPlace[];
  readonly pins: Plan['postPins'];
  readonly buildings: Plan['ground']['buildings'];
  readonly choices: Chosen<Facet<'spacing'>>;
  readonly enclosures: Plan['enclosures'];
}

/** The nearest place along its side where an opening fits clear of the others. */
function slide(plan: Pick<Plan, 'openings'>, opening: OpeningPlace, side: RingSide): readonly Change[] {
  const most = side.length - opening.width;
  const others = plan.openings.filter((o) => o.side === opening.side && o.id !== opening.id);
  const [nearest] = [0, most, ...others.flatMap((o) => [o.along - opening.width, o.along + o.width])]
    .filter((along) => along >= 0 && along <= most)
    .filter((along) =>
      others.every((o) => along + opening.width <= o.along + TOUCH || along >= o.along + o.width - TOUCH),
    )
    .sort((a, b) => Math.abs(a - opening.along) - Math.abs(b - opening.along));
  return nearest === undefined ? [] : [{ verb: 'set-opening', id: opening.id, to: { along: nearest } }];
}

/** An opening must lie on a fenced side, within it and clear of the others. */
function openingProblems(
  { openings, pins }: Pick<ProblemsBy, 'openings' | 'pins'>,
  sides: ReadonlyMap<string, RingSide>,
): Finding[] {
  const found: Finding[] = [];
  for (const [i, opening] of openings.entries()) {
    const side = sides.get(opening.side);
    if (!side) continue;
    const part = { on: 'opening', opening: opening.id } as const;
    const at = { side: side.number };
    const past = opening.along + opening.width - side.length;
    if (side.side.kind !== 'fence') found.push(finding('gate.not-in-fence', 'blocks', 'ways', part, at));
    else if (opening.width > side.length + TOUCH) {
      const params = { ...at, width: opening.width, length: side.length };
      found.push(finding('gate.wider-than-side', 'blocks', 'ways', part, params));
    } else if (past > TOUCH) {
      found.push(
        finding('gate.past-end', 'blocks', 'ways', part, { ...at, past }, (plan) =>
          slide(plan, opening, side),
        ),
      );
    }
    const clash = openings.find(
      (o, j) =>
        o.side === opening.side &&
        j < i &&
        o.along < opening.along + opening.width - TOUCH &&
        opening.along < o.along + o.width - TOUCH,
    );
    if (clash)
      found.push(finding('gate.overlaps', 'blocks', 'ways', part, at, (plan) => slide(plan, opening, side)));
  }
  for (const pin of pins) {
    const side = sides.get(pin.side);
    if (side && pin.along > side.length + TOUCH) {
      found.push(
        finding(
          'pin.past-end',
          'blocks',
          'posts',
          { on: 'pin', side: pin.side, pin: pin.id },
          {
            side: side.number,
            past: pin.along - side.length,
          },
        ),
      );
    }
  }
  return found;
}

/** Posts of one plan: a fence of some twenty kilometres. More would never be reckoned while a keeper waits. */
const MOST_POSTS = 10_000;

/** A fence so long, or with posts so close, that it is no run any more. */
function tooLong(
  chosen: Pick<ProblemsBy, 'choices' | 'enclosures'>,
  sides: ReadonlyMap<string, RingSide>,
): readonly Finding[] {
  let posts = 0;
  let length = 0;
  for (const { side, length: sideLength } of sides.values()) {
    if (side.kind !== 'fence') continue;
    posts += sideLength / choicesFor(chosen, side.id).spacing;
    length += sideLength;
  }
  if (posts <= MOST_POSTS) return [];
  return [finding('outline.too-long', 'blocks', 'outline', { on: 'plan' }, { length, most: MOST_POSTS })];
}

/** What makes the plan impossible to set out; an empty list where it can be. */
export function groundProblems(by: ProblemsBy): readonly Finding[] {
  const sides = new Map<string, RingSide>();
  for (const ring of by.rings) for (const s of ring.sides) if (!sides.has(s.side.id)) sides.set(s.side.id, s);
  const crossed = by.buildings.filter((b) => tangled(b.outline));
  return [
    ...outlineProblems([...sides.values()]),
    ...tooLong(by, sides),
    ...openingProblems(by, sides),
    ...crossed.map(({ id, name }) =>
      finding('building.tangled', 'blocks', 'ground', { on: 'building', building: id }, { name }),
    ),
  ];
}
