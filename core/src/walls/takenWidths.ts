import type { SoldUnit, WallMarket } from '../catalogue/market';
import type { Memo } from '../cutting/memo';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import { type Anyway, ownedRolls, rollPrice, sameWidth, widthsAtHand } from './stacks';

/** One width of one mesh: what has been taken of it, and what that costs at least beside what is owned, minor units. */
export interface Width {
  readonly width: number;
  /** Lengths sold; none of a width that is only in the shed. */
  readonly units: readonly SoldUnit[];
  readonly owned: number;
  /** Of a metre at least; nothing where some is owned. */
  readonly metre: number;
  length: number;
  cost: number;
}

/** What cannot be bought is dearer than anything: finite, so that it can be given back. */
const NOT_SOLD = 1e12;

/** What so much of a width costs at least, by length. */
export function priceOf({ units, width, owned }: Width, length: number, memo: Memo): number {
  if (units.length === 0) return length > owned + EPSILON ? NOT_SOLD : 0;
  return rollPrice(units, width, length - owned, memo);
}

/** How much of each width is taken, while choices are tried and given back. */
export class TakenWidths {
  private readonly widths = new Map<string, Width>();
  /** What all rolls cost at least, by length and by the metre. */
  rolls = 0;
  metres = 0;

  constructor(
    market: WallMarket,
    meshes: ReadonlySet<string>,
    anyway: Anyway,
    owned: readonly OwnedPiece[],
    private readonly memo: Memo,
  ) {
    for (const mesh of meshes) {
      const sold = market.widths(mesh);
      const there = ownedRolls(mesh, owned);
      for (const width of widthsAtHand(market, mesh, owned)) {
        const units = sold.includes(width) ? market.rolls(mesh, width) : [];
        const has = there.filter((o) => sameWidth(o.width, width)).reduce((total, o) => total + o.length, 0);
        // By the metre a width that is not priced, or of which some is owned, may cost nothing.
        const metre = has > 0 ? 0 : Math.min(...units.map((u) => (u.cost ?? 0) / u.size));
        const length = anyway.rolls.get(`${mesh} ${width}`) ?? 0;
        const made: Width = { width, units, owned: has, metre, length, cost: 0 };
        made.cost = priceOf(made, length, memo);
        this.rolls += made.cost;
        this.metres += metre * length;
        this.widths.set(`${mesh} ${width}`, made);
      }
    }
  }

  of(mesh: string, set: readonly number[]): readonly Width[] {
    return set.flatMap((width) => this.widths.get(`${mesh} ${width}`) ?? []);
  }

  /** Takes so much of each of these; gives it back when called. */
  take(these: readonly Width[], length: number): () => void {
    const { rolls, metres } = this;
    const costs = these.map((w) => w.cost);
    for (const w of these) {
      w.length += length;
      this.rolls -= w.cost;
      w.cost = priceOf(w, w.length, this.memo);
      this.rolls += w.cost;
      this.metres += w.metre * length;
    }
    return () => {
      for (const w of these) w.length -= length;
      // A width taken twice has its first cost again.
      these.forEach((w, i) => {
        if (these.indexOf(w) === i) w.cost = costs[i] ?? 0;
      });
      this.rolls = rolls;
      this.metres = metres;
    };
  }
}
