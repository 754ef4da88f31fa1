import type { SoldUnit } from '../../catalogue/market';
import { notHeld, priceWorking } from '../docket/buy';
import { type Bare, line, single } from '../docket/line';
import type { BoughtUnits, DocketLine } from '../docket/types';
import { postWeight } from '../docket/weights';
import * as K from '../../keys';
import type { PostRole } from '../../plan/schema';
import { POST_ROLES } from '../../stages/posts/plan/choice';
import { EPSILON } from '../../units/round';
import { sum, value } from '../../working';
import type { AskOf } from '../demand';
import { postKey } from '../lengths';
import type { Unmet } from '../unmet';
import type { Lined, Shop, Way } from './way';

type PostAsk = AskOf<'post'>;

/** So many posts from one length, bought or taken from the shed. */
interface Served {
  readonly ask: PostAsk;
  /** Length sold, m: of what is in the shed, the one that would be bought. */
  readonly length: number;
  /** Null for what is in the shed. */
  readonly unit: SoldUnit | null;
  readonly count: number;
}

/** The cheapest first, of equal prices the shortest; those without a price last, as if the shortest were cheapest. */
const cheapestFirst = (units: readonly SoldUnit[]): readonly SoldUnit[] =>
  [...units].sort((a, b) => {
    if (a.cost === null || b.cost === null)
      return Number(a.cost === null) - Number(b.cost === null) || a.size - b.size;
    return a.cost - b.cost || a.size - b.size;
  });

/**
 * Each post from the shed or from the cheapest length sold that is long enough and that the yard still holds, the longest needed first: who could take
 * fewer lengths chooses before who could take them too, so that no other way costs less.
 */
function serve(
  asks: readonly PostAsk[],
  units: readonly SoldUnit[],
  owned: readonly number[],
): readonly Served[] {
  const shed = [...owned].sort((a, b) => a - b);
  const left = new Map(units.map((unit) => [unit, unit.stock ?? Infinity]));
  const longest = units.reduce((most, u) => Math.max(most, u.size), 0);
  return [...asks]
    .sort((a, b) => b.length - a.length)
    .flatMap((ask): Served[] => {
      const enough = cheapestFirst(units.filter((u) => u.size >= ask.length - EPSILON));
      const asksOfLength =
        enough.length > 0 ? enough : cheapestFirst(units.filter((u) => u.size >= longest - EPSILON));
      const [meant] = asksOfLength;
      const length = meant?.size ?? ask.length;
      const served: Served[] = [];
      let { count } = ask;
      while (count > 0) {
        const at = shed.findIndex((there) => there >= ask.length - EPSILON);
        if (at < 0) break;
        shed.splice(at, 1);
        served.push({ ask, length, unit: null, count: 1 });
        count -= 1;
      }
      for (const unit of asksOfLength) {
        const bought = Math.min(count, left.get(unit) ?? 0);
        if (bought === 0) continue;
        left.set(unit, (left.get(unit) ?? 0) - bought);
        served.push({ ask, length: unit.size, unit, count: bought });
        count -= bought;
      }
      // More than the yards hold: as if they did, and it is said.
      if (count > 0)
        served.push({
          ask,
          length,
          unit: meant ?? { size: length, price: null, cost: null, stock: null, yard: '' },
          count,
        });
      return served;
    });
}

const countOf = (served: readonly Served[]): number => served.reduce((n, s) => n + s.count, 0);

/** Units by where they are bought, in the order of the prices. */
function unitsOf(served: readonly Served[]): readonly BoughtUnits[] {
  const counts = new Map<SoldUnit, number>();
  for (const { unit, count } of served) if (unit) counts.set(unit, (counts.get(unit) ?? 0) + count);
  const byPrice = cheapestFirst([...counts.keys()]);
  return byPrice.map((unit) => ({
    size: unit.size,
    count: counts.get(unit) ?? 0,
    price: unit.price,
    yard: unit.yard,
  }));
}

function lineOf(
  product: string,
  length: number,
  served: readonly Served[],
  { goods, sold, yards }: Shop,
): DocketLine {
  const roles = POST_ROLES.filter((role) => served.some(({ ask }) => ask.role === role));
  const ofRole = (role: PostRole) => countOf(served.filter(({ ask }) => ask.role === role));
  const fromShed = countOf(served.filter(({ unit }) => unit === null));
  const need = countOf(served);
  const units = unitsOf(served);
  const bare: Bare = {
    id: `post:${product}@${Number(length.toFixed(4))}`,
    stage: served[0]?.ask.stage ?? 'posts',
    product,
    detail: {
      kind: 'post',
      length,
      cutOff: Math.min(...served.map(({ ask }) => Math.max(0, length - ask.length))),
      roles,
    },
    need,
    unit: 'piece',
    owned: fromShed,
    buy: need - fromShed,
    left: 0,
    weight: (need - fromShed) * length * postWeight(goods.post(product)),
    units,
    notHeld: notHeld(sold.get(product) ?? [], units),
    instead: null,
  };
  const terms = roles.map((role) => value('posts.role', ofRole(role), 'piece', { role }));
  return line(yards, bare, sum('posts.need', 'piece', {}, terms), priceWorking(units, 'm'));
}

function buyPosts(asks: readonly PostAsk[], shop: Shop): Lined {
  const { goods, sold, owned } = shop;
  const lengths = new Map<string, number[]>();
  const unmet: Unmet[] = [];
  const lines: { readonly first: number; readonly line: DocketLine }[] = [];
  for (const product of new Set(asks.map((a) => a.product))) {
    const asksOfIt = asks.filter((a) => a.product === product);
    const made = goods
      .post(product)
      .lengths.map((size) => ({ size, price: null, cost: null, stock: null, yard: '' }));
    const units = sold.get(product) ?? made;
    const served = serve(
      asksOfIt,
      units,
      single(owned, 'post', product).map((p) => p.length),
    );
    const groups = new Map<string, Served[]>();
    for (const one of served) {
      const key = one.length.toFixed(4);
      groups.set(key, [...(groups.get(key) ?? []), one]);
      const id = postKey(product, one.ask.length);
      lengths.set(id, [...(lengths.get(id) ?? []), ...Array<number>(one.count).fill(one.length)]);
      if (one.length < one.ask.length - EPSILON)
        unmet.push({ ...one.ask, buy: 'post', nearest: one.length, count: one.count });
    }
    for (const group of groups.values()) {
      const first = Math.min(...group.map(({ ask }) => asks.indexOf(ask)));
      lines.push({ first, line: lineOf(product, group[0]?.length ?? 0, group, shop) });
    }
  }
  return { lines: lines.sort((a, b) => a.first - b.first).map((l) => l.line), unmet, lengths };
}

/** Posts, each from one length sold. */
export const POSTS: Way<'post'> = { kind: 'post', sold: K.POSTS_SOLD, buy: buyPosts };
