import type { Change } from '../plan/changes/types';
import { KINDS as OPENING_KINDS, KIND_IDS as OPENING_KIND_IDS } from '../stages/ways/plan/kinds';
import type { OptionGroup } from '../options/asking/types';
import type { Plan } from '../plan/schema';
import { QUESTIONS, asking } from '../options';
import { KIND_IDS as SKIRT_KINDS } from '../stages/skirt/plan/kinds';
import { WHOLE_PLAN, type Scope } from '../plan/scope';
import { apply } from '../plan/changes/apply';
import { editionOf } from '../catalogue/editionOf';
import { freePlace } from '../stages/ways/freePlace';
import { marketOf } from '../catalogue/market';
import { readerFor } from '../saying/makeReader';
import { skirtOfKind } from '../stages/skirt/plan/wanted';
import { surveyRings } from '../ground/survey';
import { KIND_IDS as COVER_KIND_IDS, KINDS as COVER_KINDS } from '../stages/cover/plan/kinds';

/** Every scope in which something can be chosen: the plan, each run, each fenced side. */
export const everyScope = (plan: Plan): readonly Scope[] => [
  WHOLE_PLAN,
  ...plan.enclosures.map(({ id }): Scope => ({ scope: 'enclosure', of: id })),
  ...plan.sides.filter((s) => s.kind === 'fence').map(({ id }): Scope => ({ scope: 'side', of: id })),
];

/** Every question of every stage that a plan can be asked, by stage; of the walls for each band, of the posts for each role. */
export function everyOption(
  plan: Plan,
  scopes: readonly Scope[] = [WHOLE_PLAN],
): Readonly<Record<string, readonly OptionGroup[]>> {
  const [market, reader] = [marketOf(editionOf(plan), plan.buying), readerFor(plan)];
  return Object.fromEntries(
    Object.entries(QUESTIONS).map(([stage, ask]) => [
      stage,
      scopes.flatMap((scope) => ask(asking(plan, market, reader, scope))),
    ]),
  );
}

/** Room for the widest gate that is sold, m. */
const WIDEST = 1.5;

/** The plan with every kind of skirt in turn, and with every gate and door in turn on a side that has none. */
export function ofEveryKind(plan: Plan): readonly (readonly [kind: string, plan: Plan])[] {
  const now = plan.choices.plan.skirt;
  const skirts = SKIRT_KINDS.map((kind): [string, Plan] => [
    kind,
    apply(plan, { verb: 'set-skirt', scope: WHOLE_PLAN, skirt: skirtOfKind(plan, kind, now) }),
  ]);
  const openings = OPENING_KIND_IDS.flatMap((kind): [string, Plan][] =>
    OPENING_KINDS[kind].added.flatMap(({ words, clear, make }, i) => {
      const sides = surveyRings(plan).flatMap((ring) => ring.sides);
      const [change] = sides.flatMap(({ side, length }): Change[] => {
        // Alone on its side: one made wider would run into another.
        const free = side.kind === 'fence' && plan.openings.every((o) => o.side !== side.id);
        const along = free ? freePlace(plan, side.id, length, WIDEST) : undefined;
        if (along === undefined) return [];
        const opening = make({ id: `${kind}-${i}`, side: side.id, along, width: clear });
        return [{ verb: 'add-opening', opening }];
      });
      return change ? [[words, apply(plan, change)] as [string, Plan]] : [];
    }),
  );
  const over = {
    id: 'every',
    name: 'cover',
    enclosure: plan.enclosures[0]?.id ?? '',
    outline: null,
    height: 1.8,
  };
  // A cover lies over a run.
  const covers = (plan.enclosures.length > 0 ? COVER_KIND_IDS : []).map((kind): [string, Plan] => [
    kind,
    apply({ ...plan, covers: [] }, { verb: 'add-cover', cover: COVER_KINDS[kind].usual(over) }),
  ]);
  return [...skirts, ...openings, ...covers];
}
