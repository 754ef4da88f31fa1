import type { RollMarket } from '../catalogue/market';
import type { PackId } from '../catalogue/packs';
import type { After, Ask, AskOf, AtHand, Candidate, Demand, Following, Open, RollTaken } from './demand';
import { openStack } from './stack';

/** A candidate of all demands that are alike. */
export interface Taking {
  readonly id: string;
  readonly shortBy: number;
  /** All of its widths are sold: none is in the shed alone. */
  readonly sold: boolean;
  /** Together. */
  readonly rolls: readonly RollTaken[];
  readonly packs: Candidate['packs'];
  /** The same candidate of each of the demands, in their order. */
  readonly each: readonly Candidate[];
}

/** Demands that are alike: one candidate is taken for all of them. */
export interface Choice {
  readonly alike: string;
  readonly measure: number;
  readonly opens: readonly Open[];
  readonly takings: readonly Taking[];
}

/** One of the demands, in their order. */
type Item =
  | { readonly kind: 'ask'; readonly ask: Ask }
  | { readonly kind: 'open'; readonly open: Open; readonly alike: string; readonly nth: number }
  | { readonly kind: 'following'; readonly following: Following }
  | { readonly kind: 'after'; readonly after: After };

/** Demands as they are met at some yards: what is still to be chosen, and what nothing is left to choose of. */
export interface Opened {
  readonly items: readonly Item[];
  readonly choices: readonly Choice[];
  /** Nothing reaches, or nothing has a price: the nearest, or the narrowest. */
  readonly fixed: ReadonlyMap<string, Taking>;
  /** Meshes that something is chosen of. */
  readonly meshes: ReadonlySet<string>;
  /** Packs whose count follows from what is chosen, or from how it is cut. */
  readonly packs: readonly PackId[];
}

/** What each open demand takes, by its name. */
export type Assigned = ReadonlyMap<string, Taking>;

type Amount = { readonly least: number; readonly most: number };

/** What all take of one thing. */
function added<T extends Amount>(of: readonly T[], all: readonly (readonly T[])[]): readonly T[] {
  return of.map((one, i) => {
    let [least, most] = [0, 0];
    for (const amounts of all) {
      least += amounts[i]?.least ?? 0;
      most += amounts[i]?.most ?? 0;
    }
    return { ...one, least, most };
  });
}

/** @param first  of the candidates */
function together(first: Candidate, candidates: readonly Candidate[], market: RollMarket): Taking {
  const { id, shortBy, rolls, packs } = first;
  const sold = rolls.every(({ mesh, width }) => market.widths(mesh).includes(width));
  if (candidates.length === 1) return { id, shortBy, sold, rolls, packs, each: candidates };
  return {
    id,
    shortBy: candidates.reduce((most, c) => Math.max(most, c.shortBy), shortBy),
    sold,
    rolls: added(
      rolls,
      candidates.map((c) => c.rolls),
    ),
    packs: added(
      packs,
      candidates.map((c) => c.packs),
    ),
    each: candidates,
  };
}

/** All of its rolls have a price. */
const priced = (market: RollMarket, mesh: string): boolean =>
  market.widths(mesh).every((width) => market.rolls(mesh, width).every((u) => u.price !== null));

/** A strip is cut from any roll that is wide enough. */
export const openStrip = (strip: AskOf<'strip'>): Open => {
  const { stage, part, mesh, width, lap, runs, takes, need } = strip;
  const row = (length: number) => ({ length, seam: 0 });
  return openStack({
    stage,
    part,
    mesh,
    height: width,
    lap: 0,
    rows: 1,
    least: row(takes.least),
    most: row(takes.most),
    packs: atJoints(strip),
    asks: ([roll = width]) => [
      { stage, part, buy: 'mesh', mesh, width: roll, lap, runs, takes, trimmed: 0, short: 0, need },
    ],
  });
};

/** Packs that runs take at their joints. */
const atJoints = (ask: Ask): readonly PackId[] =>
  ask.buy === 'mesh' || ask.buy === 'strip' || ask.buy === 'timber'
    ? [...new Set(ask.runs.flatMap((run) => run.atJoint))].map((joint) => joint.pack)
    : [];

function choiceOf(alike: string, opens: readonly Open[], hand: AtHand, market: RollMarket): Choice {
  const measure = opens.reduce((most, open) => Math.max(most, open.measure), -Infinity);
  const [first = [], ...others] = opens.map((open) => open.candidates(hand, measure));
  const takings = first.map((candidate, i) =>
    together(candidate, [candidate, ...others.flatMap((list) => list[i] ?? [])], market),
  );
  return { alike, measure, opens, takings };
}

/** Packs whose count follows from what is chosen, or from how it is cut. */
function packsFollowing(demands: readonly Demand[]): ReadonlySet<PackId> {
  const packs = new Set<PackId>();
  for (const demand of demands) {
    if (demand.buy === 'following') for (const pack of demand.least.keys()) packs.add(pack);
    else if (demand.buy === 'open') for (const pack of demand.packs) packs.add(pack);
    else if (demand.buy !== 'after') for (const pack of atJoints(demand)) packs.add(pack);
  }
  return packs;
}

/** Demands apart: what is settled and cut from rolls together, and what is asked for whatever is chosen. */
export interface Apart {
  readonly rolls: readonly Demand[];
  readonly others: readonly Ask[];
}

export function apart(demands: readonly Demand[]): Apart {
  const packs = packsFollowing(demands);
  const rolls: Demand[] = [];
  const others: Ask[] = [];
  for (const demand of demands) {
    const cutFromRolls =
      demand.buy === 'open' ||
      demand.buy === 'following' ||
      demand.buy === 'after' ||
      demand.buy === 'mesh' ||
      demand.buy === 'strip' ||
      demand.buy === 'sheet';
    if (cutFromRolls || (demand.buy === 'pack' && packs.has(demand.pack))) rolls.push(demand);
    else others.push(demand);
  }
  return { rolls, others };
}

const widthOf = ({ rolls }: Taking): number => rolls[0]?.width ?? 0;
const narrowest = (first: Taking, all: readonly Taking[]): Taking =>
  all.reduce((a, b) => (widthOf(b) < widthOf(a) ? b : a), first);

/** Opens demands where there is something to choose, those that are alike as one. */
export function openDemands(demands: readonly Demand[], hand: AtHand, market: RollMarket): Opened {
  const byName = new Map<string, Open[]>();
  const pricedMeshes = new Map<string, boolean>();
  const hasPrice = (mesh: string): boolean => {
    const known = pricedMeshes.get(mesh) ?? priced(market, mesh);
    pricedMeshes.set(mesh, known);
    return known;
  };
  const bare = new Set<string>();
  const items = demands.map((demand): Item => {
    if (demand.buy === 'following') return { kind: 'following', following: demand };
    if (demand.buy === 'after') return { kind: 'after', after: demand };
    if (demand.buy !== 'open' && demand.buy !== 'strip') return { kind: 'ask', ask: demand };
    const open = demand.buy === 'strip' ? openStrip(demand) : demand;
    // A strip is chosen beside the rolls of walls wherever it has a price; otherwise it is the narrowest.
    if (demand.buy === 'strip' && !hasPrice(demand.mesh)) bare.add(open.alike);
    const alikes = byName.get(open.alike) ?? [];
    byName.set(open.alike, alikes);
    alikes.push(open);
    return { kind: 'open', open, alike: open.alike, nth: alikes.length - 1 };
  });
  const fixed = new Map<string, Taking>();
  const choices: Choice[] = [];
  for (const [alike, opens] of byName) {
    const choice = choiceOf(alike, opens, hand, market);
    const [nearest] = choice.takings;
    if (nearest && nearest.shortBy > 0) fixed.set(alike, nearest);
    else if (nearest && bare.has(alike)) fixed.set(alike, narrowest(nearest, choice.takings));
    else choices.push(choice);
  }
  const meshes = new Set<string>();
  for (const { takings } of choices)
    for (const { rolls } of takings) for (const { mesh } of rolls) meshes.add(mesh);
  return { items, choices, fixed, meshes, packs: [...packsFollowing(demands)] };
}

/** Finds what each open demand takes. */
function takenBy({ fixed }: Opened, assigned: Assigned) {
  const takingOf = (alike: string): Taking => {
    const taking = fixed.get(alike) ?? assigned.get(alike);
    if (!taking) throw new RangeError(`nothing is taken for ${alike}`);
    return taking;
  };
  const candidateOf = (alike: string): Candidate => {
    const [first] = takingOf(alike).each;
    if (!first) throw new RangeError(`nobody asks for ${alike}`);
    return first;
  };
  return { takingOf, taken: candidateOf };
}

/** What is asked for besides, once everything is settled. */
export function asksAfter(opened: Opened, assigned: Assigned): readonly Ask[] {
  const { taken } = takenBy(opened, assigned);
  return opened.items.flatMap((item) => (item.kind === 'after' ? item.after.asks(taken) : []));
}

/** Everything that is settled and cut together where each open demand takes what it is given. */
export function asksWith(opened: Opened, assigned: Assigned): readonly Ask[] {
  const { takingOf, taken } = takenBy(opened, assigned);
  return opened.items.flatMap((item): readonly Ask[] => {
    if (item.kind === 'ask') return [item.ask];
    if (item.kind === 'after') return [];
    if (item.kind === 'following') return item.following.asks(taken);
    return takingOf(item.alike).each[item.nth]?.asks() ?? [];
  });
}
