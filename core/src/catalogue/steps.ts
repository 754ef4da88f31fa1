import { layOver, mapOver } from '../engine/layOver';
import { type AnyStep, type Key, step } from '../engine/step';
import * as K from '../keys';
import { type Goods, goodsOf } from './goods';
import { cutMarket, kitPrices, packPrices, postPrices, wallMarket, yardsIn } from './market';
import { type Sold, soldUnits, yardsOf } from './sold';
import type { Offer } from './types';

const sold = (makes: Key<Sold>, kind: Offer['kind']): AnyStep =>
  step(
    makes,
    { catalogue: K.CATALOGUE, buying: K.BUYING },
    ({ catalogue, buying }) => soldUnits(catalogue, buying, kind),
    mapOver,
  );

const sameGoods = (before: Goods, after: Goods): Goods =>
  before.told.catalogue === after.told.catalogue &&
  layOver(before.told.sizes(), after.told.sizes()) === before.told.sizes() &&
  layOver(before.told.own, after.told.own) === before.told.own
    ? before
    : after;

/** What the yards have: goods whatever they cost, and what each kind costs. */
export const MARKET_STEPS: readonly AnyStep[] = [
  sold(K.ROLLS_SOLD, 'roll'),
  sold(K.TIMBERS_SOLD, 'timber'),
  sold(K.POSTS_SOLD, 'post'),
  sold(K.KITS_SOLD, 'kit'),
  sold(K.PACKS_SOLD, 'pack'),
  step(
    K.SEAM_PACKS,
    { packs: K.PACKS_SOLD },
    ({ packs }) => new Map([...packs].filter(([id]) => id === 'ring' || id === 'peg')),
    mapOver,
  ),
  step(
    K.GOODS,
    {
      catalogue: K.CATALOGUE,
      buying: K.BUYING,
      rolls: K.ROLLS_SOLD,
      posts: K.POSTS_SOLD,
      kits: K.KITS_SOLD,
    },
    ({ catalogue, buying, rolls, posts, kits }) =>
      goodsOf(catalogue, buying.ownProducts, { rolls, posts, kits }),
    sameGoods,
  ),
  step(K.WALL_MARKET, { goods: K.GOODS, rolls: K.ROLLS_SOLD, packs: K.SEAM_PACKS }, ({ goods, ...those }) =>
    wallMarket(goods, those),
  ),
  step(
    K.CUT_MARKET,
    { goods: K.GOODS, rolls: K.ROLLS_SOLD, timbers: K.TIMBERS_SOLD },
    ({ goods, ...those }) => cutMarket(goods, those),
  ),
  step(K.POST_MARKET, { goods: K.GOODS, sold: K.POSTS_SOLD, catalogue: K.CATALOGUE }, (by) => ({
    ...postPrices(by.goods, by.sold),
    ...yardsIn(by.catalogue),
  })),
  step(K.KIT_MARKET, { goods: K.GOODS, sold: K.KITS_SOLD, catalogue: K.CATALOGUE }, (by) => ({
    ...kitPrices(by.goods, by.sold),
    ...yardsIn(by.catalogue),
  })),
  step(K.PACK_MARKET, { sold: K.PACKS_SOLD, catalogue: K.CATALOGUE }, (by) => ({
    ...packPrices(by.sold),
    ...yardsIn(by.catalogue),
  })),
  step(K.YARDS, { catalogue: K.CATALOGUE, buying: K.BUYING }, ({ catalogue, buying }) =>
    yardsOf(catalogue, buying),
  ),
];
