import {
  OPENING_KIND_IDS,
  type Opening,
  type Plan,
  type RingSide,
  freePlace,
  kitOf,
  newId,
  openingRow,
  partsFence,
  surveyRings,
} from '@aviarum/core';

/** Every side that a gate or door can be in once, fenced sides before ends of arches, each in the order of the rings. */
export function fencedSides(plan: Plan): readonly RingSide[] {
  const seen = new Set<string>();
  const sides = surveyRings(plan)
    .flatMap((r) => r.sides)
    .filter((s) => !seen.has(s.side.id) && seen.add(s.side.id));
  return [...sides.filter((s) => s.side.kind === 'fence'), ...endsOf(sides)];
}

/** Ends of arches. */
const endsOf = (sides: readonly RingSide[]): readonly RingSide[] =>
  sides.filter((s) => s.side.kind === 'arch-end');

/** Whether a plan has a place for one: some are made for the end of an arch alone. */
export const hasPlaceFor = (plan: Plan, { where }: Pick<NewOpening, 'where'>): boolean =>
  where === 'anywhere' || plan.sides.some((s) => s.kind === 'arch-end');

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

/** A gate or door that can be added by one press; `clear` picks its kit's width at this yard, m. */
export interface NewOpening {
  readonly words: string;
  /** Its kit; null where none is sold. */
  readonly product: string | null;
  readonly clear: number;
  /** In any side, or in the end of an arch alone. */
  readonly where: 'anywhere' | 'arch';
  readonly make: (plan: Plan, width: number) => Opening | undefined;
}

const NOWHERE = { id: '', side: '', along: 0 };

/** Every gate and door that is offered, by what is to pass (rules: Gates and doors). */
export const NEW_OPENINGS: readonly NewOpening[] = OPENING_KIND_IDS.flatMap((kind) => {
  const row = openingRow({ kind });
  return row.added.map(({ words, clear, make }): NewOpening => {
    const plain = make({ ...NOWHERE, width: clear });
    return {
      words,
      clear,
      product: kitOf(plain),
      where: row.between === 'arch' ? 'arch' : 'anywhere',
      make: (plan, width) => {
        const all = fencedSides(plan);
        const sides = row.between === 'arch' ? endsOf(all) : all;
        const where =
          row.between === 'runs' ? placeBetween(plan, sides, width) : placeFor(plan, sides, width);
        const place = partsFence(plain) ? where : betweenPosts(plan, sides, where, width);
        return place && make({ id: newId(row.prefix, plan.openings, Math.random), width, ...place });
      },
    };
  });
});
