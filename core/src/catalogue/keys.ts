import { key } from '../engine/step';
import type { Catalogue, Yard } from './types';
import type { Products } from './products';
import type { Sold } from './sold';
import type { Goods } from './goods';
import type { RollMarket, CutMarket } from './market';

export const CATALOGUE = key<Catalogue>('catalogue');
/** What is made, wherever it is bought. */
export const PRODUCTS = key<Products>('products');
export const ROLLS_SOLD = key<Sold>('sold.rolls');
export const TIMBERS_SOLD = key<Sold>('sold.timbers');
export const POSTS_SOLD = key<Sold>('sold.posts');
export const KITS_SOLD = key<Sold>('sold.kits');
export const PACKS_SOLD = key<Sold>('sold.packs');
export const GOODS_AT = key<Goods>('quote.goods');
export const ROLL_MARKET_AT = key<RollMarket>('quote.rolls');
export const CUT_MARKET = key<CutMarket>('quote.lengths');
/** Those bought at, the preferred first. */
export const YARDS_AT = key<readonly Yard[]>('quote.yards');
