import type { Demand, Following, Reason } from '../../buying/demand';
import { stackName } from '../../buying/stack';
import type { Products } from '../../catalogue/products';
import {
  LEAST_CLIPS,
  PITCH,
  TIES_A_POST,
  countPast,
  gaps,
  onePast,
  packed,
  pitchAt,
} from '../../fasteners/along';
import { type PostsOn, postsByWall, postsOn } from '../posts/shown/postsOn';
import type { PostStage } from '../posts/shown/stage';
import { type Term, largest, product, sum, value } from '../../working';
import type { BoardCourse } from './shown/boards';
import type { Gathered, WallGroup } from './shown/groups';
import { isRigid } from '../../catalogue/rigid';
import type { HungBand } from './rows';
import { reachingOf } from './stage';
import { higherDemands } from './standing/higher';
import { standingTies } from './standing/ties';

const WALLS: Reason = { stage: 'walls', part: { on: 'plan' } };

/** Staples are closer on the lowest band, m. */
const pitchOf = (band: HungBand) => pitchAt(band.index === 0);

/** On one post, for one band. */
const eachPost = (band: HungBand) => {
  const height = band.top - band.bottom;
  const params = { height, spacing: pitchOf(band) };
  return { params, term: onePast('fasten.each-post', height, pitchOf(band), params) };
};

/** Every timber post takes each band that is not a panel. */
function onPosts(on: PostsOn, groups: readonly WallGroup[], rigid: ReadonlySet<HungBand>): Term[] {
  const bandsOf = (group: WallGroup) => group.bands.filter((band) => !rigid.has(band));
  const asks = (group: WallGroup) =>
    bandsOf(group).reduce((n, band) => n + countPast(band.top - band.bottom, pitchOf(band)), 0);
  return postsByWall(on, groups, asks).flatMap(({ wall, posts }) => {
    const timber = posts.filter((p) => p.product.material === 'timber').length;
    return bandsOf(wall).map((band) => {
      const { params, term } = eachPost(band);
      return product('fasten.posts', 'piece', params, [
        value('fasten.post-count', timber, 'piece', {}),
        term,
      ]);
    });
  });
}

/** Along each board a bay: the band that meets it. */
function onBoards(groups: readonly WallGroup[], boards: readonly BoardCourse[]): Term[] {
  const groupOf = new Map(groups.flatMap((g) => g.lines.map((line) => [line.id, g] as const)));
  return boards.flatMap(({ at, runs }) =>
    runs.flatMap(({ part, length }) => {
      const bands = groupOf.get(part.side)?.bands ?? [];
      const band = at === 'ground' ? bands[0] : bands[bands.length - 1];
      return band ? [onePast('fasten.board', length, pitchOf(band), { at, length })] : [];
    }),
  );
}

/** Clips on steel posts beyond those that come with them. */
function clips(on: PostsOn, groups: readonly WallGroup[], rigid: ReadonlySet<HungBand>): Term[] {
  // Panels alone are tied.
  const heightOf = (group: WallGroup) => {
    const panels = group.bands.filter((b) => rigid.has(b)).reduce((n, b) => n + b.top - b.bottom, 0);
    return Math.max(0, group.top - panels);
  };
  return postsByWall(on, groups, heightOf).flatMap(({ wall, posts }) => {
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
      value(
        'fasten.clips-included',
        -(steel.every((p) => p.product.clipsIncluded > 0) ? included : 0),
        'piece',
        {},
      ),
    ]);
    return [
      product('fasten.clips', 'piece', { height }, [
        value('fasten.post-count', steel.length, 'piece', {}),
        extra,
      ]),
    ];
  });
}

/** Walls by how many rows of panels they have. */
interface Panelled {
  readonly lines: WallGroup['lines'];
  readonly rows: number;
}

/** Each panel is tied five times to every post that it meets. */
const ties = (on: PostsOn, walls: readonly Panelled[]): Term[] =>
  postsByWall(on, walls, ({ rows }) => rows).flatMap(({ wall, posts }) =>
    posts.length === 0
      ? []
      : [
          product('fasten.ties', 'piece', {}, [
            value('fasten.post-count', posts.length, 'piece', {}),
            value('fasten.rows', wall.rows, 'piece', {}),
            value('fasten.ties-each', TIES_A_POST, 'piece', {}),
          ]),
        ],
  );

/** How many rows of panels there are follows from the widths that all bands take. */
function tieDemands(on: PostsOn, gathered: readonly Gathered[], products: Pick<Products, 'mesh'>): Demand[] {
  const panels = gathered.map(({ wall, places }) => ({
    lines: wall.lines,
    places: places.filter(({ band }) => isRigid(products.mesh(band.mesh).type)),
  }));
  if (panels.every(({ places }) => places.length === 0)) return [];
  const tied = (rowsOf: (stack: string) => number) =>
    ties(
      on,
      panels.map(({ lines, places }) => ({
        lines,
        rows: places.reduce(
          (n, place) =>
            n +
            (place.band.widths === 'cheapest'
              ? rowsOf(stackName(reachingOf(place)))
              : place.band.widths.length),
          0,
        ),
      })),
    );
  const asked = (rowsOf: (stack: string) => number) => packed(WALLS, 'tie', tied(rowsOf));
  const following: Following = {
    ...WALLS,
    buy: 'following',
    least: new Map([['tie', asked(() => 1).count]]),
    asks: (taken) => [asked((stack) => taken(stack).rolls.length)],
  };
  return [following];
}

/** An arm at every post carries an overhang. */
function arms(on: PostsOn, groups: readonly WallGroup[]): Term[] {
  const lines = groups.filter((g) => g.bands.some((b) => b.overhang > 0)).flatMap((g) => g.lines);
  const count = on(lines).size;
  return count > 0 ? [value('fasten.arms', count, 'piece', {})] : [];
}

/** What walls are fastened by. */
export interface WallsFastenedBy {
  readonly products: Products;
  readonly posts: PostStage;
  readonly gathered: readonly Gathered[];
  /** The same as meant. */
  readonly groups: readonly WallGroup[];
  readonly boards: readonly BoardCourse[];
}

/**
 * What holds walls to posts and boards; a post between two walls counts once, for the one that asks more of it.
 *
 * Staples: per timber post and band ⌈h/p⌉ + 1, and per board bay ⌈l/p⌉ + 1.
 */
export function wallFasteners({
  products,
  posts,
  gathered,
  groups: all,
  boards,
}: WallsFastenedBy): readonly Demand[] {
  const on = postsOn(posts.posts);
  const groups = all.filter((g) => !g.stands);
  const bands = groups.flatMap((g) => g.bands);
  const rigid = new Set(bands.filter((b) => isRigid(products.mesh(b.band.mesh).type)));
  return [
    packed(WALLS, 'staple', [...onPosts(on, groups, rigid), ...onBoards(all, boards)]),
    packed(WALLS, 'clip', clips(on, groups, rigid)),
    ...tieDemands(on, gathered, products),
    packed(WALLS, 'arm', arms(on, groups)),
    ...higherDemands(
      on,
      all.filter((g) => g.stands).flatMap((g) => g.lines),
    ),
    packed(
      WALLS,
      'tie',
      standingTies(
        on,
        all.filter((g) => g.stands),
      ),
    ),
  ];
}
