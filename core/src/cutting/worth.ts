import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { weight } from './covers';
import type { Lengths } from './cutting';

/** Of more kinds the sums take longer than what they save. */
const MOST_KINDS = 60;
/** Ways to fill a roll looked at, over all sums for one pool. */
const MOST_LOOKED = 60_000;
/** Better ways to fill a roll taken in, for each kind of piece. */
const ROUNDS_A_KIND = 12;

/** The pieces of one roll that are worth most. */
interface Filling {
  readonly worth: number;
  readonly counts: Int32Array;
}

/** Looks for the worthiest filling of a roll: depth first by worth a metre, where what is left could still be worth more. */
class Filler {
  private readonly order: readonly number[];
  looked = 0;

  constructor(
    private readonly lengths: Lengths,
    private readonly worths: Float64Array,
  ) {
    const { each } = lengths;
    const rate = (k: number) => (worths[k] as number) / (each[k] as number);
    this.order = Array.from(each.keys())
      .filter((k) => (worths[k] as number) > EPSILON)
      .sort((a, b) => rate(b) - rate(a) || a - b);
  }

  /** @returns undefined when there were too many ways to look at */
  best(size: number, most: number): Filling | undefined {
    const { order, worths } = this;
    const { each, counts } = this.lengths;
    const takenOfKind = new Int32Array(each.length);
    let [best, worth] = [new Int32Array(each.length), 0];
    let looked = 0;
    const go = (at: number, free: number, had: number): void => {
      looked += 1;
      if (had > worth + EPSILON) {
        worth = had;
        best = takenOfKind.slice();
      }
      const k = order[at];
      if (k === undefined || looked > most) return;
      const length = each[k] as number;
      const value = worths[k] as number;
      if (had + (free + EPSILON) * (value / length) <= worth + EPSILON) return;
      const fits = Math.min(counts[k] as number, Math.floor((free + EPSILON) / length));
      for (let n = fits; n >= 0; n--) {
        takenOfKind[k] = n;
        go(at + 1, free - n * length, had + n * value);
      }
      takenOfKind[k] = 0;
    };
    go(0, size, 0);
    this.looked += looked;
    return looked > most ? undefined : { worth, counts: best };
  }
}

/** One way to fill a roll in the basis, with its price. */
interface Column {
  readonly price: number;
  readonly counts: Int32Array;
}

/** A filling of one roll, and how often it is taken where rolls could be bought in parts. */
export interface Filled {
  readonly counts: Int32Array;
  readonly times: number;
}

/** A basis of as many fillings as kinds, with its inverse: rows of numbers side by side. */
class Basis {
  private readonly inverse: Float64Array;
  private readonly amounts: Float64Array;
  private readonly columns: Column[];

  constructor(columns: readonly Column[], wanted: Int32Array) {
    const n = columns.length;
    this.columns = [...columns];
    this.inverse = new Float64Array(n * n);
    this.amounts = new Float64Array(n);
    for (let k = 0; k < n; k++) {
      const own = columns[k]?.counts[k] ?? 1;
      this.inverse[k * n + k] = 1 / own;
      this.amounts[k] = (wanted[k] as number) / own;
    }
  }

  /** What one more piece of each kind would cost. */
  worths(): Float64Array {
    const n = this.columns.length;
    const worths = new Float64Array(n);
    for (let i = 0; i < n; i++) {
      const price = (this.columns[i] as Column).price;
      for (let k = 0; k < n; k++)
        worths[k] = (worths[k] as number) + price * (this.inverse[i * n + k] as number);
    }
    return worths;
  }

  /** Fillings with how often each is taken, in parts as well. */
  get fillings(): readonly Filled[] {
    return this.columns.map(({ counts }, i) => ({ counts, times: this.amounts[i] as number }));
  }

  /** Takes a filling in for the one that it makes needless. @returns whether there was one */
  enter(column: Column): boolean {
    const n = this.columns.length;
    const { inverse, amounts } = this;
    const takes = new Float64Array(n);
    let leaving = -1;
    let least = Infinity;
    for (let i = 0; i < n; i++) {
      let d = 0;
      for (let k = 0; k < n; k++) d += (inverse[i * n + k] as number) * (column.counts[k] as number);
      takes[i] = d;
      if (d > 1e-9 && (amounts[i] as number) / d < least) {
        least = (amounts[i] as number) / d;
        leaving = i;
      }
    }
    if (leaving < 0) return false;
    const pivot = takes[leaving] as number;
    for (let k = 0; k < n; k++) inverse[leaving * n + k] = (inverse[leaving * n + k] as number) / pivot;
    amounts[leaving] = least;
    for (let i = 0; i < n; i++) {
      const d = takes[i] as number;
      if (i === leaving || d === 0) continue;
      for (let k = 0; k < n; k++)
        inverse[i * n + k] = (inverse[i * n + k] as number) - d * (inverse[leaving * n + k] as number);
      amounts[i] = (amounts[i] as number) - d * least;
    }
    this.columns[leaving] = column;
    return true;
  }
}

/** The cheapest unit of each length, those left out that a longer one undercuts; longest first. */
function unitsWorth(units: readonly SoldUnit[]): readonly SoldUnit[] {
  const falling = [...units].sort((a, b) => b.size - a.size || weight(a) - weight(b));
  const kept: SoldUnit[] = [];
  for (const unit of falling) if (kept.every((k) => weight(unit) < weight(k) - EPSILON)) kept.push(unit);
  return kept;
}

/** Rolls of one kind of piece alone, each as cheap a piece as may be. */
function alone(lengths: Lengths, units: readonly SoldUnit[]): readonly Column[] | undefined {
  const columns: Column[] = [];
  for (const [k, length] of lengths.each.entries()) {
    let best: { price: number; fits: number } | undefined;
    for (const unit of units) {
      const fits = Math.min(lengths.counts[k] as number, Math.floor((unit.size + EPSILON) / length));
      if (fits > 0 && (!best || weight(unit) / fits < best.price / best.fits))
        best = { price: weight(unit), fits };
    }
    if (!best) return undefined;
    const counts = new Int32Array(lengths.each.length);
    counts[k] = best.fits;
    columns.push({ price: best.price, counts });
  }
  return columns;
}

/** What pieces are worth beside each other: a set of rolls that holds them all holds as much worth. */
export interface Worth {
  /** Of all pieces. */
  readonly need: number;
  /** That one roll can hold at most; 0 and more. */
  readonly holds: (size: number) => number;
  /** Of one piece, by kind. */
  readonly each: Float64Array;
  /** The cheapest fillings where rolls could be bought in parts. */
  readonly fillings: readonly Filled[];
}

/**
 * What each piece is worth where rolls are filled as well as may be: no set of rolls that holds less worth than there is can be cut into all pieces,
 * and no filling is worth more than its roll by much. Whatever the worths are, that holds, so that nothing rests on how they were found.
 *
 * @returns undefined where there are too many kinds or ways, or where a piece fits nothing
 * @see the dual of the cutting-stock problem by column generation, Gilmore and Gomory 1961
 */
export function worthOf(lengths: Lengths, units: readonly SoldUnit[]): Worth | undefined {
  const kinds = lengths.each.length;
  if (kinds === 0 || kinds > MOST_KINDS) return undefined;
  const worthwhile = unitsWorth(units);
  const begun = alone(lengths, worthwhile);
  if (!begun) return undefined;
  const basis = new Basis(begun, lengths.counts);
  let left = MOST_LOOKED;
  let worths = basis.worths();
  for (let round = 0; round < ROUNDS_A_KIND * kinds; round++) {
    const filler = new Filler(lengths, worths);
    let entering: (Column & { gain: number }) | undefined;
    for (const unit of worthwhile) {
      const filling = filler.best(unit.size, left);
      if (!filling) return undefined;
      const gain = filling.worth / weight(unit);
      if (gain > 1 + 1e-9 && (!entering || gain > entering.gain))
        entering = { price: weight(unit), counts: filling.counts, gain };
    }
    left -= filler.looked;
    if (!entering || !basis.enter(entering)) break;
    worths = basis.worths();
  }
  return heldBy(lengths, worths, basis.fillings);
}

/** The worth that rolls hold, each size looked at once. */
function heldBy(lengths: Lengths, found: Float64Array, fillings: readonly Filled[]): Worth {
  const worths = found.map((worth) => Math.max(0, worth));
  let need = 0;
  for (let k = 0; k < worths.length; k++) need += (worths[k] as number) * (lengths.counts[k] as number);
  const filler = new Filler(lengths, worths);
  const known = new Map<number, number>();
  const holds = (size: number): number => {
    const before = known.get(size);
    if (before !== undefined) return before;
    // A roll in which there is too much to look through holds whatever there is.
    const worth = filler.best(size, MOST_LOOKED)?.worth ?? need;
    known.set(size, worth);
    return worth;
  };
  return { need, holds, each: worths, fillings };
}
