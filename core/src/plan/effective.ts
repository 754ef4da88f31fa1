import { ASSUMPTIONS, type Assumptions } from './assumptions';
import { BETWEEN_RUNS, FACETS } from '../stages/facts';
import type { Scope } from './scope';
import type { Choices, Plan } from './schema';

export type FacetId = keyof typeof FACETS;
export type Facet<F extends FacetId> = Pick<Choices, (typeof FACETS)[F][number]>;

/** Only what is chosen apart. */
export type Some<C> = { readonly [K in keyof C]?: C[K] | undefined };

/** Choices made for the plan, and again where an enclosure or a side has others. */
export interface Chosen<C> {
  readonly plan: C;
  readonly enclosure: Readonly<Record<string, Some<C>>>;
  readonly side: Readonly<Record<string, Some<C>>>;
}

/** What is chosen for posts alone: neither where they stand nor what hangs on them follows from it. */
export type PostChoices = Facet<'posts'>;

type Enclosures = Pick<Plan, 'enclosures'>;

/** Runs on both sides of it: a digger meets the outer fences first. */
export const isBetween = ({ enclosures }: Enclosures, side: string): boolean =>
  enclosures.length > 1 && enclosures.filter((e) => e.ring.some((step) => step.side === side)).length > 1;

/** Whether something among these choices holds otherwise between two runs. */
const othersBetween = (choices: object): boolean => Object.keys(BETWEEN_RUNS).some((name) => name in choices);

/** The choices that hold on one side: the side's own before its first enclosure's before the plan's. */
export function choicesFor<C extends object>(
  { choices, enclosures }: Enclosures & { readonly choices: Chosen<C> },
  side: string,
): C {
  const between = othersBetween(choices.plan) && isBetween({ enclosures }, side);
  if (!between && Object.keys(choices.side).length === 0 && Object.keys(choices.enclosure).length === 0)
    return choices.plan;
  const enclosure = enclosures.find((e) => e.ring.some((step) => step.side === side));
  const byEnclosure = enclosure ? choices.enclosure[enclosure.id] : undefined;
  const bySide = choices.side[side];
  if (!byEnclosure && !bySide && !between) return choices.plan;
  return { ...choices.plan, ...byEnclosure, ...(between ? BETWEEN_RUNS : {}), ...bySide };
}

/** Where one choice that holds on a side is made: on the side, on its first enclosure, or for the whole plan. */
export function scopeOf<C extends object>(
  { choices, enclosures }: Enclosures & { readonly choices: Chosen<C> },
  side: string,
  choice: keyof C,
): Scope {
  if (choices.side[side]?.[choice] !== undefined) return { scope: 'side', of: side };
  if (choice in BETWEEN_RUNS && isBetween({ enclosures }, side)) return { scope: 'side', of: side };
  if (Object.keys(choices.enclosure).length === 0) return { scope: 'plan' };
  const enclosure = enclosures.find((e) => e.ring.some((step) => step.side === side));
  return enclosure && choices.enclosure[enclosure.id]?.[choice] !== undefined
    ? { scope: 'enclosure', of: enclosure.id }
    : { scope: 'plan' };
}

/** The rough figures in force: the keeper's where set, ours otherwise. */
export function assumptionsOf(plan: Pick<Plan, 'assumptions'>): Assumptions {
  const own = Object.entries(plan.assumptions).filter((entry) => entry[1] !== undefined);
  return { ...ASSUMPTIONS, ...Object.fromEntries(own) };
}

/** One facet of the choices at every scope; scopes that choose nothing of it left out. */
export function facetOf<F extends FacetId>({ choices }: Pick<Plan, 'choices'>, facet: F): Chosen<Facet<F>> {
  const names = FACETS[facet] as readonly (keyof Choices)[];
  const pick = (own: Some<Choices>) =>
    Object.fromEntries(names.flatMap((name) => (own[name] === undefined ? [] : [[name, own[name]]])));
  const each = (scopes: Readonly<Record<string, Some<Choices>>>) =>
    Object.fromEntries(
      Object.entries(scopes).flatMap(([id, own]) =>
        names.some((name) => own[name] !== undefined) ? [[id, pick(own)]] : [],
      ),
    );
  // The names are those of the facet; a record made of them does not know it.
  return {
    plan: pick(choices.plan),
    enclosure: each(choices.enclosure),
    side: each(choices.side),
  } as unknown as Chosen<Facet<F>>;
}
