import { LIVE_NETS, type LiveNetKind } from '../../catalogue/liveNets';
import type { PackId } from '../../catalogue/packs';
import type { OwnedPiece } from '../../plan/schema';
import { EPSILON } from '../../units/round';
import type { LiveNet } from './plan/choice';

/** No more are joined in one: of a way that is longer a part stays bare, and is told. */
export const MOST_PIECES = 40;

/** Whole nets that one is made of: their lengths in turn, m. */
export type Pieces = readonly number[];

/** How many of each length there are in the shed. */
type Stock = Map<PackId, number>;

/** Of more nets than these in the shed, the longest are looked at. */
const MOST_OWNED = 12;

const usable = (owned: readonly OwnedPiece[]): Stock => {
  const stock: Stock = new Map();
  for (const o of owned)
    if (o.kind === 'pack' && o.condition !== 'poor')
      stock.set(o.product, (stock.get(o.product) ?? 0) + o.count);
  return stock;
};

const total = (lengths: readonly number[]): number => lengths.reduce((t, l) => t + l, 0);

/** The fewest nets that are at least so long together, of these the shortest. Lengths rising, m. */
export function fewest(lengths: readonly number[], wanted: number): readonly number[] {
  const longest = lengths[lengths.length - 1];
  if (longest === undefined || wanted <= EPSILON) return [];
  const count = Math.ceil((wanted - EPSILON) / longest);
  let best: readonly number[] = Array.from({ length: count }, () => longest);
  const add = (made: readonly number[], from: number) => {
    const sum = total(made);
    if (made.length === count) {
      if (sum >= wanted - EPSILON && sum < total(best) - EPSILON) best = [...made];
      return;
    }
    for (let i = from; i < lengths.length; i++) {
      const next = lengths[i];
      // What is still to come is no longer than the longest.
      if (next !== undefined && sum + next + (count - made.length - 1) * longest >= wanted - EPSILON)
        add([...made, next], i);
    }
  };
  // Of many nets all but the last three are the longest ones anyway.
  const sure = Math.max(0, count - 3);
  const head = Array.from({ length: sure }, () => longest);
  const rest = wanted - total(head);
  if (sure > 0) return [...fewest(lengths, rest), ...head].sort((a, b) => b - a);
  add([], 0);
  return [...best].sort((a, b) => b - a);
}

/** Every sum of some of the nets in the shed, each length a sum once, by how few are taken. */
function subsets(lengths: readonly number[]): readonly (readonly number[])[] {
  const bySum = new Map<string, readonly number[]>([['0', []]]);
  for (const length of lengths)
    for (const set of [...bySum.values()]) {
      const more = [...set, length];
      const key = total(more).toFixed(3);
      const before = bySum.get(key);
      if (!before || before.length > more.length) bySum.set(key, more);
    }
  return [...bySum.values()];
}

/** Nets of the shed and new ones: as few new ones as will do, then as few at all, then the least over. */
function cheapest(kind: LiveNetKind, wanted: number, stock: Stock): Pieces {
  const there = kind.sold
    .flatMap(({ length, pack }) => Array.from({ length: stock.get(pack) ?? 0 }, () => length))
    .sort((a, b) => b - a)
    .slice(0, MOST_OWNED);
  const lengths = kind.sold.map((s) => s.length);
  const longest = Math.max(...lengths);
  if (wanted > MOST_PIECES * longest) return Array.from({ length: MOST_PIECES }, () => longest);
  const ways = subsets(there).map((own) => ({ own, bought: fewest(lengths, wanted - total(own)) }));
  const over = (w: (typeof ways)[number]) => total(w.own) + total(w.bought);
  const best = ways.sort(
    (a, b) =>
      a.bought.length - b.bought.length ||
      a.own.length + a.bought.length - b.own.length - b.bought.length ||
      over(a) - over(b),
  )[0];
  return best ? [...best.own, ...best.bought] : [];
}

const packOf = (kind: LiveNetKind, length: number): PackId | undefined =>
  kind.sold.find((s) => Math.abs(s.length - length) < 0.005)?.pack;

/** Takes what a net is made of out of a stock. */
function take(net: LiveNet, length: number, stock: Stock): Pieces {
  const kind = LIVE_NETS[net.kind];
  const pieces = net.pieces ?? cheapest(kind, length, stock);
  for (const piece of pieces) {
    const pack = packOf(kind, piece);
    const there = pack === undefined ? 0 : (stock.get(pack) ?? 0);
    if (pack !== undefined && there > 0) stock.set(pack, there - 1);
  }
  return pieces;
}

/** A net by how long its way is, m. */
export interface ToLay {
  readonly net: LiveNet;
  readonly length: number;
}

/** What all nets are made of, and how many of each length are needed at once. */
export interface AllTaken {
  readonly byNet: ReadonlyMap<string, Pieces>;
  readonly needed: ReadonlyMap<PackId, number>;
}

/**
 * Whole nets for every net of the plan: what is always up first; then what is up by day, and by night from the same nets. No net in the shed is counted
 * twice at one time.
 */
export function takePieces(nets: readonly ToLay[], owned: readonly OwnedPiece[]): AllTaken {
  const stock = usable(owned);
  const byNet = new Map<string, Pieces>();
  const count = (these: readonly ToLay[], from: Stock): ReadonlyMap<PackId, number> => {
    const needed = new Map<PackId, number>();
    for (const { net, length } of these) {
      const pieces = take(net, length, from);
      byNet.set(net.id, pieces);
      for (const piece of pieces) {
        const pack = packOf(LIVE_NETS[net.kind], piece);
        if (pack !== undefined) needed.set(pack, (needed.get(pack) ?? 0) + 1);
      }
    }
    return needed;
  };
  const of = (when: LiveNet['when']) => nets.filter(({ net }) => net.when === when);
  const always = count(of('always'), stock);
  const day = count(of('day'), new Map(stock));
  // By night, what is bought for the day is there as well.
  const atNight = new Map(stock);
  for (const [pack, n] of day) atNight.set(pack, Math.max(n, stock.get(pack) ?? 0));
  const night = count(of('night'), atNight);
  const needed = new Map(always);
  for (const pack of new Set([...day.keys(), ...night.keys()]))
    needed.set(pack, (needed.get(pack) ?? 0) + Math.max(day.get(pack) ?? 0, night.get(pack) ?? 0));
  return { byNet, needed };
}
