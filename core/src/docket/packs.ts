import type { Market } from '../catalogue/market';
import { PACK_IDS, type PackId } from '../catalogue/packs';
import type { Hardware, PostNeeds, SeamNeeds } from '../fasteners/stage';
import type { OwnedPiece } from '../plan/schema';
import type { StageId } from '../plan/stages';
import type { PostStage } from '../posts/stage';
import type { SkirtStage } from '../skirt/stage';
import { type Term, sum } from '../working';
import { packLine } from './lines';
import type { DocketLine } from './types';

/** Lines of what is bought in packs, in the order of the table below. */
export type PackLines = readonly DocketLine[];

/** Whose line each is, in the order in which they are told. */
const STAGE_OF: Readonly<Record<PackId, StageId>> = {
  spike: 'posts',
  brace: 'posts',
  concrete: 'posts',
  staple: 'walls',
  clip: 'walls',
  ring: 'walls',
  tie: 'walls',
  arm: 'walls',
  stone: 'skirt',
  peg: 'skirt',
  hinge: 'ways',
  catch: 'ways',
  'two-step-catch': 'ways',
  stop: 'ways',
  spring: 'ways',
  padlock: 'ways',
};
const IN_ORDER = Object.keys(STAGE_OF).filter((id): id is PackId => PACK_IDS.some((p) => p === id));

/** Everything that comes in packs. */
export interface PacksBy {
  readonly market: Pick<Market, 'packs' | 'yard'>;
  readonly owned: readonly OwnedPiece[];
  readonly posts: PostStage;
  readonly skirts: SkirtStage;
  readonly seams: SeamNeeds;
  readonly onPosts: PostNeeds;
  readonly hung: Hardware;
}

/** Concrete of post holes and of a strip under the fence is bought together. */
function fills({ posts, skirts }: PacksBy, of: 'concrete' | 'stone'): Term {
  const skirt = skirts.courses.flatMap(({ bags, shape }) => (bags && shape.fill?.of === of ? [bags] : []));
  if (of === 'concrete' && skirt.length === 0) return posts.bags;
  return sum('fasten.need', 'piece', {}, of === 'concrete' ? [posts.bags, ...skirt] : skirt);
}

export function packLines(by: PacksBy): PackLines {
  const needs: Readonly<Record<PackId, Term>> = {
    ...by.seams,
    ...by.onPosts,
    ...by.hung,
    spike: by.posts.spikes,
    brace: by.posts.braces,
    concrete: fills(by, 'concrete'),
    stone: fills(by, 'stone'),
  };
  return IN_ORDER.flatMap((id) => packLine(by.market, id, STAGE_OF[id], needs[id], by.owned));
}
