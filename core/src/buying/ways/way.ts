import type { Sold } from '../../catalogue/sold';
import type { Goods } from '../../catalogue/goods';
import type { Yards } from '../docket/line';
import type { DocketLine } from '../docket/types';
import type { Key } from '../../engine/step';
import type { OwnedPiece } from '../../plan/schema';
import type { AskKind, AskOf } from '../demand';
import type { Unmet } from '../unmet';

/** What some asks of one kind are bought as. */
export interface Lined {
  readonly lines: readonly DocketLine[];
  readonly unmet: readonly Unmet[];
  /** Of posts, what each length asked for is cut from, m: of so many one after the other. */
  readonly lengths?: ReadonlyMap<string, readonly number[]>;
}

/** By what it is bought. */
export interface Shop {
  readonly goods: Goods;
  /** Of this kind, at the yards bought at. */
  readonly sold: Sold;
  readonly yards: Yards;
  readonly owned: readonly OwnedPiece[];
}

/** One way of buying: the asks that it meets, where its prices stand, and the lines that it makes of them. */
export interface Way<K extends AskKind> {
  readonly kind: K;
  readonly sold: Key<Sold>;
  readonly buy: (asks: readonly AskOf<K>[], shop: Shop) => Lined;
}
