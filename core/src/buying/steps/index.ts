import { yardsIn } from '../../catalogue/market';
import type { Sold } from '../../catalogue/sold';
import { cutRunsOnce } from '../../cutting/known';
import { cuttingStage } from '../../cutting/pools';
import { makeDocket } from '../docket/docket';
import { layOver, mapOver } from '../../engine/layOver';
import { type AnyStep, type Key, adds, give, key, step, variants } from '../../engine/step';
import * as K from '../../keys';
import { wayFound } from '../proofBook';
import { settleAlone } from '../alone';
import { chosenFor, chosenWidths } from '../chosen';
import type { Ask, AskOf } from '../demand';
import { extraDemands } from '../extras';
import { gatherTimber } from '../gather';
import { handOf } from '../hand';
import { jointAsks } from '../joints';
import { postKey } from '../lengths';
import { apart, asksAfter, openDemands } from '../opened';
import { priceProof } from '../priceProof';
import { choiceProof } from '../proof';
import { packPrice } from '../prices';
import { bestQuote, waysToBuy } from '../quote';
import { settle } from '../settle';
import { unfitOf, unmetOpens } from '../unmet';
import { WAYS } from '../ways';
import { poolLines } from '../ways/pools';
import type { Way } from '../ways/way';

const sameList = <T>(before: readonly T[], after: readonly T[]): readonly T[] =>
  before.length === after.length && before.every((one, i) => one === after[i]) ? before : after;

/** A way of buying: its asks, kept where they are the same, and what they are bought as. */
function wayOf<W extends Ask['buy']>(way: Way<W>): readonly AnyStep[] {
  const asked: Key<readonly AskOf<W>[]> = key(`quote.asks.${way.kind}`);
  const ofKind = (asks: readonly Ask[]) => asks.filter((ask): ask is AskOf<W> & Ask => ask.buy === way.kind);
  return [
    step(
      asked,
      { rolls: K.ROLL_ASKS, after: K.AFTER_ASKS, others: K.OTHER_ASKS, cutting: K.CUTTING_AT },
      ({ rolls, after, others, cutting }) =>
        ofKind([...rolls, ...others, ...after, ...jointAsks(cutting.pools.map((p) => p.cutting))]),
      sameList,
    ),
    adds(
      K.LINED,
      { asks: asked, goods: K.GOODS_AT, sold: way.sold, catalogue: K.CATALOGUE, owned: K.OWNED },
      ({ asks, catalogue, ...shop }) => [way.buy(asks, { ...shop, yards: yardsIn(catalogue) })],
    ),
  ];
}

const packsOf = (sold: Sold) => ({
  packs: (id: string) => sold.get(id) ?? [{ size: 1, price: null, cost: null, stock: null, yard: '' }],
});

/** One way to buy: everything open settled by price, cut from whole rolls, counted in packs, priced and added up. */
const QUOTE_STEPS: readonly AnyStep[] = [
  step(K.HAND, { goods: K.GOODS_AT, owned: K.OWNED, memo: K.MEMO }, ({ goods, owned, memo }) =>
    handOf(goods, owned, memo),
  ),
  step(
    K.ALL_OPENED,
    { demands: K.ROLL_DEMANDS, hand: K.HAND, market: K.ROLL_MARKET_AT },
    ({ demands, hand, market }) => openDemands(demands, hand, market),
  ),
  step(
    K.OPENED,
    { opened: K.ALL_OPENED, market: K.CUT_MARKET, owned: K.OWNED, memo: K.MEMO, proofs: K.PROOFS },
    ({ opened, memo, proofs, ...by }) =>
      settleAlone(opened, { ...by, memo, cut: (task) => cutRunsOnce(task, memo, proofs.cuts) }),
  ),
  step(
    K.CHOICE_PACKS,
    { sold: K.PACKS_SOLD, opened: K.OPENED },
    ({ sold, opened }) => new Map([...sold].filter(([id]) => opened.packs.some((p) => p === id))),
    mapOver,
  ),
  step(
    K.WAY_PROOF,
    { plan: K.PLAN, proofs: K.PROOFS, buying: K.BUYING_AT },
    ({ plan, proofs, buying }) => wayFound(proofs, plan, buying.yards),
    (before, after) => layOver(before, after),
  ),
  step(
    K.SETTLING,
    { opened: K.OPENED, market: K.CUT_MARKET, packs: K.CHOICE_PACKS, owned: K.OWNED, memo: K.MEMO },
    ({ market, packs, ...by }) => ({ ...by, market: { ...market, ...packsOf(packs) } }),
  ),
  step(
    K.SETTLED_AT,
    { settling: K.SETTLING, proofs: K.PROOFS, found: K.WAY_PROOF },
    ({ settling, proofs, found }) =>
      settle(settling, (task) => cutRunsOnce(task, settling.memo, proofs.cuts), found),
  ),
  step(K.ROLL_ASKS, { settled: K.SETTLED_AT }, ({ settled }) => settled.asks),
  step(K.AFTER_ASKS, { opened: K.OPENED, settled: K.SETTLED_AT }, ({ opened, settled }) =>
    asksAfter(opened, settled.assigned),
  ),
  step(
    K.TIMBER_ASKS,
    { others: K.OTHER_ASKS, after: K.AFTER_ASKS },
    ({ others, after }) => [...others, ...after].filter((ask) => ask.buy === 'timber'),
    sameList,
  ),
  step(K.MESH_WANTED, { settled: K.SETTLED_AT }, ({ settled }) => settled.wanted),
  step(K.TIMBER_WANTED, { asks: K.TIMBER_ASKS, market: K.CUT_MARKET, owned: K.OWNED }, ({ asks, ...by }) =>
    gatherTimber(asks, by),
  ),
  step(
    K.CUTTING_AT,
    { settled: K.SETTLED_AT, mesh: K.MESH_WANTED, timber: K.TIMBER_WANTED, memo: K.MEMO, proofs: K.PROOFS },
    ({ settled, mesh, timber, memo, proofs }) =>
      cuttingStage(
        [...mesh, ...timber],
        (task) => settled.cuttings?.get(task) ?? cutRunsOnce(task, memo, proofs.cuts),
        memo.shown,
      ),
  ),
  step(
    K.POOL_LINES,
    { products: K.PRODUCTS, catalogue: K.CATALOGUE, cutting: K.CUTTING_AT },
    ({ products, catalogue, cutting }) => poolLines(products, yardsIn(catalogue), cutting),
  ),
  ...WAYS.flatMap((way) => wayOf(way as Way<Ask['buy']>)),
  step(
    K.DOCKET_AT,
    { yards: K.YARDS_AT, buying: K.BUYING_AT, pools: K.POOL_LINES, lined: K.LINED },
    ({ pools, lined, ...by }) => makeDocket({ ...by, lines: [...pools, ...lined.flatMap((l) => l.lines)] }),
  ),
  step(
    K.QUOTE,
    {
      buying: K.BUYING_AT,
      goods: K.GOODS_AT,
      market: K.ROLL_MARKET_AT,
      settling: K.SETTLING,
      settled: K.SETTLED_AT,
      after: K.AFTER_ASKS,
      cutting: K.CUTTING_AT,
      lined: K.LINED,
      docket: K.DOCKET_AT,
    },
    ({ settled, after, lined, ...by }) => {
      const { cutting, docket, settling } = by;
      const { opened, market, owned, memo } = settling;
      const unmet = [...lined.flatMap((l) => l.unmet), ...unmetOpens(opened)];
      const priceOf = packPrice(market, owned, memo);
      const later = (pack: string) =>
        after.reduce((n, ask) => n + (ask.buy === 'pack' && ask.pack === pack ? ask.count : 0), 0);
      const need = (pack: string) =>
        (docket.lines.find((l) => l.id === `pack:${pack}`)?.need ?? 0) - later(pack);
      const packed = opened.packs.reduce((total, pack) => total + priceOf(pack)(need(pack)), 0);
      return {
        ...by,
        assigned: settled.assigned,
        chosen: chosenWidths(opened, settled),
        postSizes: lined.find((l) => l.lengths)?.lengths ?? new Map(),
        gap: settled.gap,
        stacks: choiceProof(opened.meshes, cutting.pools, packed, settled.others),
        unmet,
        unfit: unfitOf(unmet, cutting.pools, docket.lines),
      };
    },
  ),
];

/** Buying: each way to buy as a quote, and the best of them taken. */
export const BUYING_STEPS: readonly AnyStep[] = [
  adds(K.DEMANDS, { extras: K.EXTRAS, products: K.PRODUCTS, assumed: K.ASSUMED }, (by) =>
    extraDemands(by.extras, by.products, by.assumed),
  ),
  step(K.DEMANDS_APART, { demands: K.DEMANDS }, ({ demands }) => apart(demands)),
  step(K.ROLL_DEMANDS, { apart: K.DEMANDS_APART }, ({ apart: { rolls } }) => rolls, sameList),
  step(K.OTHER_ASKS, { apart: K.DEMANDS_APART }, ({ apart: { others } }) => others, sameList),
  ...QUOTE_STEPS,
  variants(K.QUOTES, { buying: K.BUYING }, K.QUOTE, ({ buying }) =>
    waysToBuy(buying).map((at) => ({ name: at.yards.join(' '), given: [give(K.BUYING_AT, at)] })),
  ),
  step(K.BOUGHT, { quotes: K.QUOTES }, ({ quotes }) => bestQuote(quotes)),
  step(K.GOODS, { bought: K.BOUGHT }, ({ bought }) => bought.goods),
  step(K.ROLL_MARKET, { bought: K.BOUGHT }, ({ bought }) => bought.market),
  step(
    K.CHOSEN,
    { bought: K.BOUGHT, demands: K.DEMANDS, owned: K.OWNED, memo: K.MEMO },
    ({ bought, demands, owned, memo }) =>
      chosenFor(demands, bought.chosen, handOf(bought.goods, owned, memo), {
        market: { ...bought.market, ...packsOf(new Map()) },
        memo,
      }),
    mapOver,
  ),
  step(K.POST_SIZES, { bought: K.BOUGHT }, ({ bought }) => bought.postSizes, mapOver),
  step(
    K.POST_LENGTHS,
    { sizes: K.POST_SIZES, goods: K.GOODS },
    ({ sizes, goods }) =>
      (product, needs, nth) => {
        const made = goods.postLengths(product);
        const long = made.find((length) => length >= needs - 1e-9) ?? made[made.length - 1] ?? needs;
        return sizes.get(postKey(product, needs))?.[nth] ?? long;
      },
  ),
  step(K.UNMET, { bought: K.BOUGHT }, ({ bought }) => bought.unmet),
  step(K.CUTTING, { bought: K.BOUGHT }, ({ bought }) => bought.cutting),
  step(K.DOCKET, { bought: K.BOUGHT }, ({ bought }) => bought.docket),
  step(K.STACKS, { bought: K.BOUGHT }, ({ bought }) => bought.stacks),
  step(K.PRICE_PROOF, { quotes: K.QUOTES, bought: K.BOUGHT }, ({ quotes, bought }) =>
    priceProof(quotes, bought),
  ),
];
