import { layOver, mapOver } from '../../engine/layOver';
import { type AnyStep, type Key, step } from '../../engine/step';
import * as K from '../../keys';
import { type Goods, goodsOf } from '../goods';
import { cutMarket, rollMarket } from '../market';
import { productsOf } from '../products';
import { type Sold, soldUnits, yardsOf } from '../sold';
import type { Offer } from '../types';

const sold = (makes: Key<Sold>, kind: Offer['kind']): AnyStep =>
  step(
    makes,
    { catalogue: K.CATALOGUE, buying: K.BUYING_AT },
    ({ catalogue, buying }) => soldUnits(catalogue, buying, kind),
    mapOver,
  );

const sameGoods = (before: Goods, after: Goods): Goods =>
  before.told.products === after.told.products &&
  layOver(before.told.sizes(), after.told.sizes()) === before.told.sizes()
    ? before
    : after;

/** What is made, and what the yards of one way to buy have: goods whatever they cost, and what each kind costs. */
export const MARKET_STEPS: readonly AnyStep[] = [
  step(K.PRODUCTS, { catalogue: K.CATALOGUE, own: K.OWN_PRODUCTS }, ({ catalogue, own }) =>
    productsOf(catalogue, own),
  ),
  sold(K.ROLLS_SOLD, 'roll'),
  sold(K.TIMBERS_SOLD, 'timber'),
  sold(K.POSTS_SOLD, 'post'),
  sold(K.KITS_SOLD, 'kit'),
  sold(K.PACKS_SOLD, 'pack'),
  step(
    K.GOODS_AT,
    { products: K.PRODUCTS, rolls: K.ROLLS_SOLD, posts: K.POSTS_SOLD, kits: K.KITS_SOLD },
    ({ products, ...by }) => goodsOf(products, by),
    sameGoods,
  ),
  step(K.ROLL_MARKET_AT, { goods: K.GOODS_AT, rolls: K.ROLLS_SOLD }, ({ goods, rolls }) =>
    rollMarket(goods, rolls),
  ),
  step(
    K.CUT_MARKET,
    { goods: K.GOODS_AT, rolls: K.ROLLS_SOLD, timbers: K.TIMBERS_SOLD },
    ({ goods, ...those }) => cutMarket(goods, those),
  ),
  step(K.YARDS_AT, { catalogue: K.CATALOGUE, buying: K.BUYING_AT }, ({ catalogue, buying }) =>
    yardsOf(catalogue, buying),
  ),
];
