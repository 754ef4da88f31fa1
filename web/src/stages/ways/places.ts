import {
  type Opening,
  type Plan,
  type RingSide,
  PLAIN_GATE,
  freePlace,
  newId,
  surveyRings,
} from '@aviarum/core';

/** Every fenced side once, in the order of the rings. */
export function fencedSides(plan: Plan): readonly RingSide[] {
  const seen = new Set<string>();
  return surveyRings(plan)
    .flatMap((r) => r.sides)
    .filter((s) => s.side.kind === 'fence' && !seen.has(s.side.id) && seen.add(s.side.id));
}

/** The middle of a side. */
export function middleOf(sides: readonly RingSide[], id: string, width: number) {
  const length = sides.find((s) => s.side.id === id)?.length ?? 0;
  return { side: id, along: Math.max(0, Math.round((length - width) * 500) / 1000) };
}

/** The middle of the longest side that has no way in yet. */
function placeFor(plan: Plan, sides: readonly RingSide[], width: number) {
  const free = sides.filter(
    (s) => s.length > width + 0.2 && !plan.openings.some((o) => o.side === s.side.id),
  );
  const longest = free.reduce<RingSide | undefined>((a, b) => (!a || b.length > a.length ? b : a), undefined);
  const side = longest ?? sides[0];
  return side && middleOf(sides, side.side.id, width);
}

/** The same between two posts, where a pop door or a hatch hangs. */
function betweenPosts(
  plan: Plan,
  sides: readonly RingSide[],
  place: ReturnType<typeof placeFor>,
  width: number,
) {
  const side = sides.find((s) => s.side.id === place?.side);
  const along = side && freePlace(plan, side.side.id, side.length, width);
  return place && { ...place, along: along ?? place.along };
}

/** Between two runs where they share a side, otherwise where there is room. */
function placeBetween(plan: Plan, sides: readonly RingSide[], width: number) {
  const shared = sides.find(
    (s) => plan.enclosures.filter((e) => e.ring.some((step) => step.side === s.side.id)).length > 1,
  );
  return shared ? middleOf(sides, shared.side.id, width) : placeFor(plan, sides, width);
}

/** A way in that can be added by one press; `clear` picks its kit's width at this yard, m. */
export interface NewOpening {
  readonly words: string;
  readonly product: string;
  readonly clear: number;
  readonly make: (plan: Plan, width: number) => Opening | undefined;
}

const id = (kind: string, plan: Plan) => newId(kind, plan.openings, Math.random);

const gate = (words: string, clear: number): NewOpening => ({
  words,
  product: 'gate-kit',
  clear,
  make: (plan, width) => {
    const place = placeFor(plan, fencedSides(plan), width);
    return place && { ...PLAIN_GATE, id: id('g', plan), width, ...place };
  },
});

/** Gates by what is to pass (rules: Gates and doors), pop doors and hatches. */
export const NEW_OPENINGS: readonly NewOpening[] = [
  gate('Add a barrow gate', 0.95),
  gate('Add a narrow gate', 0.8),
  gate('Add a gate for a mower', 1.3),
  {
    words: 'Add a pop door',
    product: 'pop-door-kit',
    clear: 0.3,
    make: (plan, width) => {
      const sides = fencedSides(plan);
      const place = betweenPosts(plan, sides, placeBetween(plan, sides, width), width);
      return place && { id: id('d', plan), kind: 'pop-door', width, height: 0.35, make: 'kit', ...place };
    },
  },
  ...(
    [
      ['eggs', 'Add an egg hatch', 'egg-hatch-kit', 0.4, 0.3, 0.5],
      ['cleaning', 'Add a cleaning door', 'cleaning-hatch-kit', 0.6, 0.6, 0.3],
    ] as const
  ).map(([use, words, product, clear, height, bottom]): NewOpening => ({
    words,
    product,
    clear,
    make: (plan, width) => {
      const place = placeFor(plan, fencedSides(plan), width);
      return place && { id: id('h', plan), kind: 'hatch', use, width, height, bottom, make: 'kit', ...place };
    },
  })),
];
