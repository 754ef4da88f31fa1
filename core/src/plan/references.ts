import { checkHouse } from '../stages/ground/plan/house';
import { checkStanding } from '../stages/outline/plan/standing';
import { type Issue, unique } from './known';
import { choiceReferences, houseReferences, planReferences } from '../stages/choices';
import type * as z from 'zod/mini';
import { EDITIONS, editionNamed } from '../catalogue';
import type { Catalogue } from '../catalogue/types';
import type { Choices, Plan } from './schema';

function checkTape({ marks, stakes, between }: Plan['ground']['tape'], issue: Issue) {
  const at = ['ground', 'tape'] as const;
  const known = unique(marks, [...at, 'marks'], issue);
  const staked = unique(stakes, [...at, 'stakes'], issue);
  stakes.forEach((stake, i) => {
    stake.readings.forEach(({ mark }, k) => {
      if (!known.has(mark))
        issue([...at, 'stakes', i, 'readings', k, 'mark'], `no mark “${mark}” in this plan`);
    });
  });
  between.forEach((reading, i) => {
    for (const end of ['from', 'to'] as const) {
      if (!staked.has(reading[end]))
        issue([...at, 'between', i, end], `no stake “${reading[end]}” in this plan`);
    }
    if (reading.from === reading.to)
      issue([...at, 'between', i, 'to'], 'must be another stake than it begins at');
  });
}

function checkRings(plan: Plan, issue: Issue) {
  const sides = new Map(plan.sides.map((s) => [s.id, s]));
  plan.enclosures.forEach((enclosure, e) => {
    const seen = new Set<string>();
    enclosure.ring.forEach((step, i) => {
      const at = ['enclosures', e, 'ring', i, 'side'];
      const side = sides.get(step.side);
      const following = enclosure.ring[(i + 1) % enclosure.ring.length];
      const next = following && sides.get(following.side);
      if (!side) return issue(at, `no side “${step.side}” in this plan`);
      if (seen.has(step.side)) return issue(at, 'a ring passes each side once');
      seen.add(step.side);
      if (!next) return;
      const end = step.forward ? side.to : side.from;
      if (end !== (following.forward ? next.from : next.to)) {
        issue(at, `ends at corner “${end}”, where the next side of the ring does not begin`);
      }
    });
  });
}

/** Ids used once, list by list; those that others name. */
function checkIds(plan: Plan, issue: Issue) {
  const named = {
    corners: unique(plan.corners, ['corners'], issue),
    sides: unique(plan.sides, ['sides'], issue),
    enclosures: unique(plan.enclosures, ['enclosures'], issue),
    buildings: unique(plan.ground.buildings, ['ground', 'buildings'], issue),
  };
  for (const list of ['openings', 'flock', 'postPins'] as const) unique(plan[list], [list], issue);
  for (const list of ['trees', 'services', 'boundaries', 'obstacles', 'spotHeights'] as const)
    unique(plan.ground[list], ['ground', list], issue);
  return named;
}
type Named = ReturnType<typeof checkIds>;

/** What the edition and the plan's own products have, by kind. */
function soldIn(catalogue: Catalogue, plan: Plan) {
  return {
    meshes: new Set([...catalogue.meshes, ...plan.buying.ownProducts].map((m) => m.id)),
    posts: new Set(catalogue.posts.map((p) => p.id)),
    timbers: new Set(catalogue.timbers.map((t) => t.id)),
    kits: new Set(catalogue.kits.map((k) => k.id)),
    boards: new Set(
      catalogue.timbers.filter((t) => t.kind === 'board' || t.kind === 'rail').map((t) => t.id),
    ),
  };
}
type Sold = ReturnType<typeof soldIn>;

/** Products by what is priced or owned; packs are the same in every edition. */
const byKind = ({ meshes, posts, timbers, kits }: Sold) =>
  ({ roll: meshes, post: posts, timber: timbers, kit: kits, pack: undefined }) as Readonly<
    Record<string, ReadonlySet<string> | undefined>
  >;

/** Own products, the shed and what is cut beside name what is sold. */
function checkGoods(plan: Plan, catalogue: Catalogue, sold: Sold, issue: Issue) {
  unique(plan.buying.ownProducts, ['buying', 'ownProducts'], issue);
  plan.buying.ownProducts.forEach((own, i) => {
    if (catalogue.meshes.some((m) => m.id === own.id)) {
      issue(
        ['buying', 'ownProducts', i, 'id'],
        `“${own.id}” is a product of the edition; give your own another id`,
      );
    }
  });
  unique(plan.owned, ['owned'], issue);
  unique(plan.extras, ['extras'], issue);
  const products = byKind(sold);
  plan.owned.forEach((piece, i) => {
    if (products[piece.kind]?.has(piece.product) === false)
      issue(['owned', i, 'product'], `no product “${piece.product}” in this edition or among own products`);
  });
  plan.extras.forEach((extra, i) => {
    if (!sold.meshes.has(extra.mesh))
      issue(['extras', i, 'mesh'], `no mesh “${extra.mesh}” in this edition or among own products`);
  });
}

const otherCurrency = (stated: string, own: string): string =>
  own === 'XXX'
    ? `is in ${stated} and the plan names no currency; set the plan’s currency to ${stated}`
    : `is in ${stated} and the plan in ${own}; a plan has one currency: leave these prices out, or set the plan’s currency to ${stated}`;

/** Yards and own prices name yards of the edition. */
function checkYards(plan: Plan, catalogue: Catalogue, sold: Sold, issue: Issue) {
  const yards = new Set(catalogue.yards.map((y) => y.id));
  const products = byKind(sold);
  for (const [goods, yard] of Object.entries(plan.buying.from)) {
    if (!plan.buying.yards.includes(yard))
      issue(['buying', 'from', goods], `“${yard}” is not one of the yards bought at`);
  }
  plan.buying.yards.forEach((yard, i) => {
    if (plan.buying.yards.indexOf(yard) < i) issue(['buying', 'yards', i], 'is named twice');
    if (!yards.has(yard)) issue(['buying', 'yards', i], `no yard “${yard}” in this edition`);
    const list = catalogue.yards.find((y) => y.id === yard)?.currency ?? 'XXX';
    if (list !== 'XXX' && list !== plan.currency)
      issue(['buying', 'yards', i], otherCurrency(list, plan.currency));
  });
  plan.buying.ownPrices.forEach((own, i) => {
    const at = ['buying', 'ownPrices', i];
    if (!yards.has(own.yard)) issue([...at, 'yard'], `no yard “${own.yard}” in this edition`);
    if (products[own.offer.kind]?.has(own.offer.product) === false)
      issue([...at, 'offer', 'product'], `no product “${own.offer.product}”`);
    if (own.currency !== undefined && own.currency !== plan.currency)
      issue([...at, 'currency'], otherCurrency(own.currency, plan.currency));
  });
}

/** Sides, openings and posts set by hand name corners, buildings and sides. */
function checkFence(plan: Plan, { corners, sides, buildings }: Named, sold: Sold, issue: Issue) {
  plan.sides.forEach((side, i) => {
    for (const end of ['from', 'to'] as const) {
      if (!corners.has(side[end])) issue(['sides', i, end], `no corner “${side[end]}” in this plan`);
    }
    if (side.from === side.to) issue(['sides', i, 'to'], 'a side must end at another corner than it begins');
    if (side.kind === 'building' && !buildings.has(side.building)) {
      issue(['sides', i, 'building'], `no building “${side.building}” in this plan`);
    }
    for (const field of ['standing', 'replaces'] as const) {
      const found = side.kind === 'fence' ? side[field] : undefined;
      if (found) checkStanding(found, ['sides', i, field], sold, issue);
    }
  });
  plan.takenDown?.forEach(({ standing }, i) =>
    checkStanding(standing, ['takenDown', i, 'standing'], sold, issue),
  );
  plan.ground.boundaries.forEach(({ tunnel }, i) => {
    if (tunnel && !sold.meshes.has(tunnel.mesh))
      issue(
        ['ground', 'boundaries', i, 'tunnel', 'mesh'],
        `no mesh “${tunnel.mesh}” in this edition or among own products`,
      );
  });
  plan.ground.buildings.forEach((building, i) => {
    const path = ['ground', 'buildings', i];
    houseReferences(building, path, sold, issue);
    checkHouse(building, path, sold, issue);
  });
  for (const list of ['openings', 'postPins'] as const)
    plan[list].forEach(({ side }, i) => {
      if (!sides.has(side)) issue([list, i, 'side'], `no side “${side}” in this plan`);
    });
  checkRings(plan, issue);
  const ringed = new Set(plan.enclosures.flatMap((e) => e.ring.map((step) => step.side)));
  plan.sides.forEach((side, i) => {
    if (!ringed.has(side.id))
      issue(['sides', i, 'id'], `side “${side.id}” is in no enclosure; put it in a ring or remove it`);
  });
}

/** What is chosen for all, a run or a side names what is sold, and a run or side that there is. */
function checkChoices(plan: Plan, { enclosures, sides }: Named, sold: Sold, issue: Issue) {
  choiceReferences(plan.choices.plan, ['choices', 'plan'], sold, issue);
  for (const [scope, known] of [
    ['enclosure', enclosures],
    ['side', sides],
  ] as const) {
    for (const [of, own] of Object.entries(plan.choices[scope])) {
      if (!known.has(of)) issue(['choices', scope, of], `no ${scope} “${of}” in this plan`);
      choiceReferences(own as Partial<Choices>, ['choices', scope, of], sold, issue);
    }
  }
}

/** The half of the schema that looks across the document: ids used once, nothing dangling, rings that join up. */
export function checkReferences(plan: Plan, ctx: z.core.$RefinementCtx) {
  const issue: Issue = (path, message) => ctx.addIssue({ code: 'custom', path: [...path], message });
  const named = checkIds(plan, issue);
  checkTape(plan.ground.tape, issue);
  const catalogue = editionNamed(plan.buying.edition);
  if (!catalogue) {
    issue(
      ['buying', 'edition'],
      `no catalogue edition “${plan.buying.edition}”; known: ${Object.keys(EDITIONS).join(', ')}`,
    );
    return;
  }
  const sold = soldIn(catalogue, plan);
  checkGoods(plan, catalogue, sold, issue);
  checkYards(plan, catalogue, sold, issue);
  checkFence(plan, named, sold, issue);
  checkChoices(plan, named, sold, issue);
  const { ground, enclosures } = plan;
  const things = new Set([
    ...ground.buildings.map(({ id }) => `building:${id}`),
    ...ground.trees.map(({ id }) => `tree:${id}`),
    ...ground.obstacles.map(({ id }) => `obstacle:${id}`),
    ...enclosures.map(({ id }) => `enclosure:${id}`),
  ]);
  planReferences(plan, { ...sold, ...named, things }, issue);
}
