import { PACK_IDS, type PackId } from '../../catalogue/packs';
import { cheapestCover } from '../../cutting/covers';
import { bought, insteadOf, notHeld, priceWorking, sizeOf } from '../docket/buy';
import { type Bare, line, single } from '../docket/line';
import type { DocketLine } from '../docket/types';
import { PIECE_WEIGHTS } from '../docket/weights';
import * as K from '../../keys';
import { STAGE_IDS, type StageId } from '../../stages/facts';
import { type Term, sum } from '../../working';
import type { AskOf } from '../demand';
import type { Lined, Shop, Way } from './way';

/** Of one pack: what asks for it first in the order of the work, and how its count comes about. */
interface Needed {
  stage: StageId;
  readonly terms: Term[];
}

const needOf = ([only, ...others]: readonly Term[]): Term =>
  only && others.length === 0 ? only : sum('fasten.need', 'piece', {}, [...(only ? [only] : []), ...others]);

function lineOf(product: PackId, { stage, terms }: Needed, { sold, yards, owned }: Shop): DocketLine {
  const need = needOf(terms);
  const there = Math.min(need.value, single(owned, 'pack', product).length);
  const packs = sold.get(product) ?? [{ size: 1, price: null, cost: null, stock: null, yard: '' }];
  const cover = cheapestCover(packs, need.value - there);
  const units = bought(packs, cover.counts);
  const buy = sizeOf(units);
  const bare: Bare = {
    id: `pack:${product}`,
    stage,
    product,
    detail: { kind: 'pack' },
    need: need.value,
    unit: 'piece',
    owned: there,
    buy,
    left: buy + there - need.value,
    weight: buy * PIECE_WEIGHTS[product],
    units,
    notHeld: notHeld(packs, units),
    instead: insteadOf(packs, cover.counts, need.value - there),
  };
  return line(yards, bare, need, priceWorking(units, 'piece'));
}

function buyPacks(asks: readonly AskOf<'pack'>[], shop: Shop): Lined {
  const needed = new Map<PackId, Needed>();
  for (const { pack, count, need, stage } of asks) {
    if (count <= 0) continue;
    const known = needed.get(pack) ?? { stage, terms: [] };
    needed.set(pack, known);
    known.terms.push(...need().filter((term) => term.value > 0));
    if (STAGE_IDS.indexOf(stage) < STAGE_IDS.indexOf(known.stage)) known.stage = stage;
  }
  const lines = PACK_IDS.flatMap((pack) => {
    const of = needed.get(pack);
    return of ? [lineOf(pack, of, shop)] : [];
  });
  return { lines, unmet: [] };
}

/** What comes in packs, from whichever packs cost least together. */
export const PACKS: Way<'pack'> = { kind: 'pack', sold: K.PACKS_SOLD, buy: buyPacks };
