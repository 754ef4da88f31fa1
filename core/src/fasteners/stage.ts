import type { Goods } from '../catalogue/goods';
import type { CuttingPool } from '../cutting/types';
import type { PostStage, StandingPost } from '../posts/stage';
import type { SkirtStage } from '../skirt/stage';
import { isRigid } from '../walls/rigid';
import type { WallGroup } from '../walls/groups';
import type { HungBand } from '../walls/rows';
import type { FenceLine } from '../ground/fenceLines';
import type { Profile } from '../ground/profile';
import type { BoardCourse } from '../walls/boards';
import type { HungWalls } from '../walls/stage';
import type { Way } from '../ways/stage';
import { type Term, largest, product, sum, value } from '../working';
import { type PostsOn, postsByWall, postsOn } from './postsOn';
import { PITCH, gaps } from './along';
import { pegs } from './pegs';
import { rings } from './rings';
import { staples } from './staples';

/** What is bought in packs, each with its count worked out (domain.md 6): along seams and edges, */
export type SeamNeeds = Readonly<Record<'ring' | 'peg', Term>>;
/** on posts, boards and leaves, */
export type PostNeeds = Readonly<Record<'staple' | 'clip' | 'tie' | 'arm', Term>>;

const LEAST_CLIPS = 5;
const TIES_A_POST = 5;

const isT = (post: StandingPost) => post.product.kind === 'steel-t';

/** Clips on steel posts beyond those that come with them. */
function clips(on: PostsOn, walls: HungWalls, rigid: ReadonlySet<HungBand>): Term {
  // Panels alone are tied.
  const heightOf = (group: WallGroup) => {
    const panels = group.bands.filter((b) => rigid.has(b)).reduce((n, b) => n + b.top - b.bottom, 0);
    return Math.max(0, group.top - panels);
  };
  const terms = postsByWall(on, walls.groups, heightOf).flatMap(({ wall, posts }) => {
    const height = heightOf(wall);
    const steel = posts.filter((p) => p.product.material === 'steel');
    const included = steel[0]?.product.clipsIncluded ?? 0;
    if (steel.length === 0) return [];
    const needed = largest('fasten.clips-needed', 'piece', {}, [
      value('fasten.least-clips', LEAST_CLIPS, 'piece', {}),
      gaps(height, PITCH.clip),
    ]);
    const extra = sum('fasten.clips', 'piece', { height }, [
      needed,
      value('fasten.clips-included', -(steel.every(isT) ? included : 0), 'piece', {}),
    ]);
    return [
      product('fasten.clips', 'piece', { height }, [
        value('fasten.post-count', steel.length, 'piece', {}),
        extra,
      ]),
    ];
  });
  return sum('fasten.need', 'piece', {}, terms);
}

/** Each panel is tied five times to every post that it meets (domain.md 6). */
function ties(on: PostsOn, walls: HungWalls, rigid: ReadonlySet<HungBand>): Term {
  const rowsOf = (group: WallGroup) =>
    group.bands.filter((b) => rigid.has(b)).reduce((n, b) => n + b.rows.length, 0);
  const terms = postsByWall(on, walls.groups, rowsOf).flatMap(({ wall, posts }) => {
    if (posts.length === 0) return [];
    return [
      product('fasten.ties', 'piece', {}, [
        value('fasten.post-count', posts.length, 'piece', {}),
        value('fasten.rows', rowsOf(wall), 'piece', {}),
        value('fasten.ties-each', TIES_A_POST, 'piece', {}),
      ]),
    ];
  });
  return sum('fasten.need', 'piece', {}, terms);
}

/** An arm at every post carries an overhang. */
function arms(on: PostsOn, walls: HungWalls): Term {
  const lines = walls.groups.filter((g) => g.bands.some((b) => b.overhang > 0)).flatMap((g) => g.lines);
  const count = on(lines).size;
  const terms = count > 0 ? [value('fasten.arms', count, 'piece', {})] : [];
  return sum('fasten.need', 'piece', {}, terms);
}

const HARDWARE = ['hinge', 'catch', 'two-step-catch', 'stop', 'spring', 'padlock'] as const;

/** and for leaves and flaps. */
export type Hardware = Readonly<Record<(typeof HARDWARE)[number], Term>>;

/** What each leaf and flap hangs on and shuts with, beyond what its kit brings. */
export function hardware(ways: readonly Way[]): Hardware {
  const needs = HARDWARE.map((id) => {
    const terms = ways.flatMap(({ opening, built }) => {
      const count = built.hardware[id] ?? 0;
      const params = { way: opening.kind, width: opening.width };
      return count > 0 ? [value('ways.hardware', count, 'piece', params)] : [];
    });
    return [id, sum('fasten.need', 'piece', {}, terms)] as const;
  });
  return Object.fromEntries(needs) as Hardware;
}

/** What is fastened along its seams and edges. */
export interface SeamedBy {
  readonly walls: HungWalls;
  readonly skirts: SkirtStage;
  /** The ground under the lines of the skirts. */
  readonly profiles: ReadonlyMap<FenceLine, Profile>;
  readonly pools: readonly CuttingPool[];
}

export function seamNeeds({ walls, skirts, profiles, pools }: SeamedBy): SeamNeeds {
  const jointed = pools
    .flatMap((p) => p.rolls.flatMap((r) => r.pieces))
    .flatMap((piece) => (piece.jointed ? [piece.part] : []));
  return { ring: rings(walls, skirts, profiles, jointed), peg: pegs(skirts, jointed) };
}

/** What is fastened to posts, boards and the frames of leaves. */
export interface FastenedBy {
  readonly goods: Goods;
  readonly posts: PostStage;
  readonly walls: HungWalls;
  readonly boards: readonly BoardCourse[];
  readonly skirts: SkirtStage;
  readonly ways: readonly Way[];
}

/** A post between two walls counts once, for the one that asks more of it. */
export function postNeeds(by: FastenedBy): PostNeeds {
  const { goods, posts, walls } = by;
  const bands = walls.groups.flatMap((g) => g.bands);
  const on = postsOn(posts.posts);
  const rigid = new Set(bands.filter((b) => isRigid(goods.mesh(b.band.mesh).type)));
  return {
    staple: staples(on, by, rigid),
    clip: clips(on, walls, rigid),
    tie: ties(on, walls, rigid),
    arm: arms(on, walls),
  };
}
