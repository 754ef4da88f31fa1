import type { PostPart } from '../told';
import { POST_ROLES } from '../plan/choice';
import type { Products } from '../../../catalogue/products';
import type { PostProduct } from '../../../catalogue/types';
import type { FenceLine } from '../../../ground/fenceLines';
import type { Assumptions } from '../../../plan/assumptions';
import { type Chosen, type PostChoices, choicesFor } from '../../../plan/effective';
import type { Plan, PostRole } from '../../../plan/schema';
import { type Term, product, ratio, sum, upTo, value } from '../../../working';
import type { Falls } from '../../walls/shown/runs';
import { braces, buriedLength, depthInGround, holeFor } from '../footing';
import { heightsAbove } from '../heights';
import type { Vector } from '../../../ground/vector';
import { type PostAsk, askedAt } from './asks';
import type { Post, SetOut } from './setOut';
import type { WallTop } from '../../walls/shown/wallTop';

/** A post as it stands. All m. */
export interface StandingPost extends Post {
  readonly choices: PostChoices;
  readonly product: PostProduct;
  /** Height that the walls ask of it, and the one it has: another only where it is here already. */
  readonly asked: number;
  readonly above: number;
  readonly depth: number;
  /** From its top to its foot: what is bought is at least so long. */
  readonly needs: number;
  readonly setting: PostPart['setting'];
}

export interface PostStage {
  readonly posts: readonly StandingPost[];
  readonly counts: Readonly<Record<PostRole, number>>;
  readonly countWorking: Readonly<Record<PostRole, Term>>;
  readonly total: Term;
  readonly braces: Term;
  readonly bags: Term;
  readonly spikes: Term;
}

export interface PostsBy {
  readonly choices: Chosen<PostChoices>;
  readonly enclosures: Plan['enclosures'];
  readonly frost: number;
  readonly products: Products;
  readonly setOut: SetOut;
  readonly tops: ReadonlyMap<FenceLine, WallTop>;
  /** How the lines lie on the ground: a bay that steps needs its low post higher. */
  readonly falls: Falls;
  readonly assumed: Assumptions;
  /** What lies on them, such as a cover. */
  readonly asks: readonly PostAsk[];
  readonly ground: (p: Vector) => number;
}

function lineWorking(setOut: SetOut): Term {
  const stretches = setOut.stretches.map((s) =>
    sum('posts.line-on', 'piece', { side: s.line.number }, [
      upTo('posts.bays', 'piece', { spacing: s.chosen.spacing }, [
        ratio('posts.bays', 'ratio', { spacing: s.chosen.spacing }, [
          value('posts.stretch', s.to - s.from, 'm', { side: s.line.number }),
          value('posts.spacing', s.chosen.spacing, 'm', {}),
        ]),
      ]),
      value('posts.one-less', -1, 'piece', {}),
    ]),
  );
  return sum('posts.role', 'piece', { role: 'line' }, stretches);
}

/** Line posts of the bays; pins add others beside them, and so do fences that stand and places where other posts begin in a straight. */
function lineCount(setOut: SetOut, posts: readonly StandingPost[]): Term {
  const bays = lineWorking(setOut);
  const of = (on: StandingPost['part']['on']) => posts.filter((p) => p.part.on === on);
  const others = [
    ['posts.pinned', of('pin').length],
    ['posts.found', of('post').filter((p) => p.standing !== null).length],
    ['posts.between', of('corner-post').length],
  ] as const;
  const more = others.flatMap(([code, count]) => (count > 0 ? [value(code, count, 'piece', {})] : []));
  return more.length > 0 ? sum('posts.role', 'piece', { role: 'line' }, [bays, ...more]) : bays;
}

/** Counts, lengths, depths, braces and concrete of the posts as set out. */
export function postStage(by: PostsBy): PostStage {
  const { frost, products, setOut, tops, falls, assumed } = by;
  const aboveOf = heightsAbove(setOut, (line) => tops.get(line)?.top ?? 0, falls);
  const bySide = new Map<string, PostChoices>();
  const choicesOf = (side: string): PostChoices => {
    const own = bySide.get(side) ?? choicesFor(by, side);
    bySide.set(side, own);
    return own;
  };
  const posts = setOut.posts.map((post): StandingPost => {
    const choices = choicesOf(post.side);
    // What stands already is taken for as stout as a corner post: nobody clips mesh to a post of a roof.
    const wanted = products.post(choices.posts[post.standing === null ? post.role : 'corner']);
    const asked = askedAt(by.asks, post.at, by.ground, choices.load);
    const above = Math.max(aboveOf(post), asked.above);
    const byRule = depthInGround(wanted, post.role, { above, load: asked.load, frost });
    const less = wanted.standing === 'spike' ? 0 : (choices.shallower[post.role] ?? 0);
    const depth = Math.max(0.1, byRule - less);
    // Written out: spreading four hundred posts costs more than setting them out.
    return {
      part: post.part,
      role: post.role,
      at: post.at,
      side: post.side,
      along: post.along,
      number: post.number,
      line: post.line,
      lineAlong: post.lineAlong,
      standing: post.standing,
      choices,
      product: wanted,
      asked: above,
      above: post.standing ?? above,
      depth,
      needs: above + buriedLength(wanted, depth),
      setting: wanted.standing === 'dug' ? choices.setting[post.role] : 'tamped',
    };
  });

  const counts: Record<PostRole, number> = { corner: 0, end: 0, wall: 0, gate: 0, line: 0 };
  for (const { role } of posts) counts[role] += 1;
  const line = lineCount(
    setOut,
    posts.filter((p) => p.role === 'line'),
  );
  const countWorking = Object.fromEntries(
    POST_ROLES.map((role) => [
      role,
      role === 'line' ? line : value('posts.role', counts[role], 'piece', { role }),
    ]),
  ) as Record<PostRole, Term>;

  const { ends, shared } = braces(setOut, ({ line }) => tops.get(line));
  return {
    posts,
    counts,
    countWorking,
    total: sum(
      'posts.total',
      'piece',
      {},
      POST_ROLES.map((role) => countWorking[role]),
    ),
    braces: sum('posts.braces', 'piece', {}, [
      value('posts.brace-ends', ends, 'piece', {}),
      value('posts.brace-shared', -shared, 'piece', {}),
    ]),
    bags: bagsWorking(posts, assumed),
    spikes: value(
      'docket.spikes',
      posts.filter((p) => p.standing === null && p.product.standing === 'spike').length,
      'piece',
      {},
    ),
  };
}

/** Bags of dry mix, rounded up each hole (rules: Posts). */
function bagsWorking(posts: readonly StandingPost[], figures: Assumptions): Term {
  const groups = new Map<string, StandingPost[]>();
  for (const post of posts) {
    if (post.setting !== 'concrete' || post.standing !== null) continue;
    const key = `${post.role} ${post.product.id} ${post.depth.toFixed(4)}`;
    groups.set(key, [...(groups.get(key) ?? []), post]);
  }
  const terms = [...groups.values()].flatMap((group): Term[] => {
    const [post] = group;
    if (!post) return [];
    const hole = holeFor(post.product, 'concrete', post.depth);
    const params = { hole: hole.width, depth: post.depth };
    const each = upTo('posts.bags-each', 'piece', params, [
      ratio('posts.bags-each', 'ratio', params, [
        value('posts.hole-volume', hole.fill, 'm³', params),
        value('posts.bag-volume', figures.concreteBagVolume, 'm³', {}),
      ]),
    ]);
    return [
      product('posts.bags', 'piece', {}, [
        value('posts.holes', group.length, 'piece', { role: post.role }),
        each,
      ]),
    ];
  });
  return sum('posts.bags', 'piece', {}, terms);
}
