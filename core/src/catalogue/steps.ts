import { layOver, mapOver } from '../engine/layOver';
import { type AnyStep, type Key, step } from '../engine/step';
import * as K from '../keys';
import { type Goods, goodsOf } from './goods';
import { cutMarket, fullMarket, wallMarket } from './market';
import { type Sold, soldUnits } from './sold';
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
  layOver(before.told.sizes, after.told.sizes) === before.told.sizes &&
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
  step(
    K.MARKET,
    {
      catalogue: K.CATALOGUE,
      buying: K.BUYING,
      goods: K.GOODS,
      rolls: K.ROLLS_SOLD,
      timbers: K.TIMBERS_SOLD,
      posts: K.POSTS_SOLD,
      kits: K.KITS_SOLD,
      packs: K.PACKS_SOLD,
    },
    ({ catalogue, buying, goods, ...those }) => fullMarket(catalogue, buying, goods, those),
  ),
];
