import type { RollMarket, SoldUnit } from '../catalogue/market';
import type { PackId } from '../catalogue/packs';
import { leastPrice } from '../cutting/covers';
import type { Memo } from '../cutting/memo';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import { ownedRolls, sameWidth } from './hand';
import type { Choice, Taking } from './opened';
import { type PackUnits, packPrice } from './prices';

/** One width of one mesh: what has been taken of it, and what that costs at least beside what is owned, minor units. */
interface Width {
  readonly width: number;
  /** Lengths sold; none of a width that is only in the shed. */
  readonly units: readonly SoldUnit[];
  readonly owned: number;
  /** All of them with a price. */
  readonly priced: boolean;
  /** Of a metre at least; nothing where some is owned. */
  readonly metre: number;
  length: number;
  cost: number;
}

/** One candidate as it is tried: how much it takes of each width, and of each pack. */
export interface Trying {
  readonly taking: Taking;
  /** Each once. */
  readonly widths: readonly Width[];
  /** m, of each of the widths. */
  readonly lengths: readonly number[];
  /** Of each of the packs looked at. */
  readonly pieces: readonly number[];
  /** By the metre, minor units. */
  readonly metres: number;
}

/** What is taken whichever candidates are chosen: m by mesh and width, and pieces by pack. */
export interface Anyway {
  readonly rolls: readonly {
    readonly mesh: string;
    readonly width: number;
    readonly least: number;
    readonly most: number;
  }[];
  readonly packs: ReadonlyMap<PackId, number>;
}

/** By what prices candidates are tried. */
export interface TriedBy {
  readonly market: RollMarket & PackUnits;
  readonly owned: readonly OwnedPiece[];
  readonly memo: Memo;
  /** Packs that some candidate takes. */
  readonly packs: readonly PackId[];
  /** What is surely taken, or what is estimated. */
  readonly by: 'least' | 'most';
}

/** What cannot be bought is dearer than anything: finite, so that it can be given back. */
const NOT_SOLD = 1e12;

/** How much of each width and pack is taken, while candidates are tried and given back. */
export class TakenRolls {
  private readonly widths = new Map<string, Width>();
  private readonly meshes: ReadonlySet<string>;
  private readonly pieces: number[];
  private readonly prices: readonly ((count: number) => number)[];
  /** What all rolls cost at least, by length and by the metre. */
  rolls = 0;
  metres = 0;

  constructor(
    private readonly given: TriedBy,
    choices: readonly Choice[],
    anyway: Anyway,
  ) {
    const { packs, market, owned, memo, by } = given;
    this.meshes = new Set(choices.flatMap((c) => c.takings.flatMap((t) => t.rolls.map((r) => r.mesh))));
    const priceOfPack = packPrice(market, owned, memo);
    this.prices = packs.map(priceOfPack);
    this.pieces = packs.map((pack) => anyway.packs.get(pack) ?? 0);
    for (const { mesh, width, [by]: length } of anyway.rolls) {
      if (!this.meshes.has(mesh)) continue;
      const of = this.widthOf(mesh, width);
      of.length += length;
      this.metres += of.metre * length;
      this.rolls -= of.cost;
      of.cost = this.priceOf(of, of.length);
      this.rolls += of.cost;
    }
  }

  private widthOf(mesh: string, width: number): Width {
    const key = `${mesh} ${width}`;
    const known = this.widths.get(key);
    if (known) return known;
    const { market, owned } = this.given;
    const units = market.widths(mesh).includes(width) ? market.rolls(mesh, width) : [];
    const has = ownedRolls(mesh, owned)
      .filter((o) => sameWidth(o.width, width))
      .reduce((total, o) => total + o.length, 0);
    // By the metre a width that is not priced, or of which some is owned, may cost nothing.
    const metre = has > 0 ? 0 : Math.min(...units.map((u) => (u.cost ?? 0) / u.size));
    const priced = units.every((u) => u.price !== null);
    const made: Width = { width, units, owned: has, priced, metre, length: 0, cost: 0 };
    made.cost = this.priceOf(made, 0);
    this.rolls += made.cost;
    this.widths.set(key, made);
    return made;
  }

  /** What so much of a width costs at least, by length; by area where the yard names no price. */
  private priceOf({ units, width, owned, priced }: Width, length: number): number {
    if (units.length === 0) return length > owned + EPSILON ? NOT_SOLD : 0;
    return priced ? leastPrice(units, length - owned, this.given.memo) : width * Math.max(0, length - owned);
  }

  trying(taking: Taking): Trying {
    const { by, packs } = this.given;
    const amounts = new Map<Width, number>();
    for (const roll of taking.rolls) {
      const width = this.widthOf(roll.mesh, roll.width);
      amounts.set(width, (amounts.get(width) ?? 0) + roll[by]);
    }
    let metres = 0;
    for (const [width, length] of amounts) metres += width.metre * length;
    return {
      taking,
      widths: [...amounts.keys()],
      lengths: [...amounts.values()],
      pieces: packs.map((pack) =>
        taking.packs.reduce((n, taken) => n + (taken.pack === pack ? taken[by] : 0), 0),
      ),
      metres,
    };
  }

  /** By length, row by row, as if nothing else were taken, minor units. */
  alone({ taking }: Trying): number {
    const { by } = this.given;
    return taking.rolls.reduce(
      (total, roll) => total + this.priceOf(this.widthOf(roll.mesh, roll.width), roll[by]),
      0,
    );
  }

  /** What a candidate costs beside all that is taken already. */
  costOf({ widths, lengths, pieces }: Trying): number {
    let cost = 0;
    for (let i = 0; i < widths.length; i++) {
      const w = widths[i];
      if (w) cost += this.priceOf(w, w.length + (lengths[i] ?? 0)) - w.cost;
    }
    for (let i = 0; i < pieces.length; i++) {
      const price = this.prices[i];
      const there = this.pieces[i] ?? 0;
      if (price && pieces[i] !== 0) cost += price(there + (pieces[i] ?? 0)) - price(there);
    }
    return cost;
  }

  get packs(): number {
    const { pieces, prices } = this;
    let total = 0;
    for (let i = 0; i < pieces.length; i++) total += prices[i]?.(pieces[i] ?? 0) ?? 0;
    return total;
  }

  /** Takes what a candidate takes, or gives it back. */
  put({ widths, lengths, pieces, metres }: Trying, sign: 1 | -1): void {
    for (let i = 0; i < widths.length; i++) {
      const w = widths[i];
      if (!w) continue;
      w.length += sign * (lengths[i] ?? 0);
      this.rolls -= w.cost;
      w.cost = this.priceOf(w, w.length);
      this.rolls += w.cost;
    }
    for (let i = 0; i < pieces.length; i++) this.pieces[i] = (this.pieces[i] ?? 0) + sign * (pieces[i] ?? 0);
    this.metres += sign * metres;
  }

  /** Takes what a candidate takes for as long as something is looked at, and leaves everything just as it was. */
  during<T>(trying: Trying, look: () => T): T {
    const { rolls, metres } = this;
    const { widths } = trying;
    const before = widths.map(({ length, cost }) => ({ length, cost }));
    this.put(trying, 1);
    const seen = look();
    for (let i = 0; i < widths.length; i++) {
      const [w, was] = [widths[i], before[i]];
      if (!w || !was) continue;
      w.length = was.length;
      w.cost = was.cost;
    }
    for (let i = 0; i < trying.pieces.length; i++)
      this.pieces[i] = (this.pieces[i] ?? 0) - (trying.pieces[i] ?? 0);
    this.rolls = rolls;
    this.metres = metres;
    return seen;
  }
}
