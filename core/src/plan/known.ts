/** Says what is wrong at a place in the document. */
export type Issue = (path: readonly (string | number)[], message: string) => void;

/** Products that a plan may name: those of its edition, and its own. */
export interface Products {
  readonly meshes: ReadonlySet<string>;
  readonly posts: ReadonlySet<string>;
  /** Boards and rails. */
  readonly boards: ReadonlySet<string>;
}

/** Looks at what one stage's choices name. */
export type ChoiceReferences<C> = (
  choices: Partial<C>,
  path: readonly (string | number)[],
  known: Products,
  issue: Issue,
) => void;

/** Products, sides and runs that what is planned beside the choices may name. */
export interface Known extends Products {
  readonly timbers: ReadonlySet<string>;
  readonly sides: ReadonlySet<string>;
  readonly enclosures: ReadonlySet<string>;
  /** Buildings, trees, obstacles and runs, as parts are written. */
  readonly things: ReadonlySet<string>;
}

/** Looks at what one stage's part of a plan names. */
export type PlanReferences<P> = (plan: P, known: Known, issue: Issue) => void;

/** Ids are used once. @returns the ids */
export function unique(
  list: readonly { readonly id: string }[],
  path: readonly (string | number)[],
  issue: Issue,
) {
  const seen = new Set<string>();
  list.forEach((thing, i) => {
    if (seen.has(thing.id))
      issue([...path, i, 'id'], `the id “${thing.id}” is used twice; give each its own`);
    seen.add(thing.id);
  });
  return seen;
}
