import { emptyPlan } from './newPlan';
import type { Flock, Plan } from '../plan/schema';
import { BIRDS, BIRD_KINDS, type BirdKind } from '../stages/birds/plan/kinds';
import type { Sizes } from './asks';
import { alone } from './kinds/alone';
import { coop } from './kinds/coop';
import { house } from './kinds/house';
import { heldBy } from './held';
import { longer } from './kinds/longer';
import { roof } from './kinds/roof';
import { stands } from './kinds/stands';
import type { Start } from './start';

export { ASKS, type Ask, type AskId, type Sizes } from './asks';
export { PICTURE, type Picture, type PictureShape } from './picture';
export { type Start, withGate } from './start';

const TABLE = { house, alone, roof, stands, longer, coop } as const satisfies Readonly<Record<string, Start>>;

export type StartId = keyof typeof TABLE;
/** What can be built from the first page, in the order in which it is shown. */
export const STARTS: Readonly<Record<StartId, Start>> = TABLE;
export const START_IDS = Object.keys(TABLE) as readonly StartId[];

/** Birds that a first run is for: chicks are reared inside, and no one mesh holds them and keeps teeth out. */
export const START_BIRDS: readonly BirdKind[] = BIRD_KINDS.filter((kind) => !BIRDS[kind].young);

/** What a keeper says before anything is drawn. */
export interface Wanted {
  readonly id: string;
  readonly name: string;
  readonly units: Plan['units'];
  readonly flock: readonly Flock[];
  readonly start: StartId;
  readonly sizes: Sizes;
}

/** The plan that a start proposes: everything of it can be changed. */
export function propose({ id, name, units, flock, start, sizes }: Wanted): Plan {
  return STARTS[start].propose(heldBy({ ...emptyPlan(id, name, units), flock: [...flock] }), sizes);
}

/** Against a house of this width, m. */
export const proposePlan = ({
  houseWidth,
  ...wanted
}: Omit<Wanted, 'start' | 'sizes'> & { readonly houseWidth: number }): Plan =>
  propose({ ...wanted, start: 'house', sizes: { house: houseWidth } });
