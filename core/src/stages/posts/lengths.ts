import { postKindOf } from '../../catalogue/postKinds';
import type { Goods } from '../../catalogue/goods';
import { type Finding, finding } from '../../findings/types';
import type { Vector } from '../../ground/vector';
import { type Change, WHOLE_PLAN } from '../../plan/changes/types';
import { choicesFor } from '../../plan/effective';
import type { Plan } from '../../plan/schema';
import { standingOn } from '../../ground/fenceLines';
import { STRONG, topOf } from '../outline/plan/standing';
import { EPSILON, tidy } from '../../units/round';
import { buriedLength } from './footing';
import type { BoughtPost } from './bought';

/** A post is set so much shallower at most to fit a shorter length sold, m. */
const NEARLY = 0.15;

/** A pin and the corner that it stands at are one within this, m. */
const SAME_PLACE = 0.05;

/** Standing posts that a plan says are at a place, as those at corners are. */
function pinsAt({ postPins, sides, corners }: Plan, { x, y }: Vector): readonly string[] {
  const corner = new Map(corners.map((c) => [c.id, c]));
  return postPins.flatMap(({ id, side: of, along }) => {
    const side = sides.find((s) => s.id === of);
    const [from, to] = [corner.get(side?.from ?? ''), corner.get(side?.to ?? '')];
    if (!from || !to) return [];
    const share = along / Math.max(Math.hypot(to.x - from.x, to.y - from.y), 1e-9);
    const at = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
    return Math.hypot(at.x - x, at.y - y) < SAME_PLACE ? [id] : [];
  });
}

/** Fences that stand carried as high as is asked of a post of theirs, on timbers beside their posts. */
function carried(plan: Plan, { line, asked }: BoughtPost): readonly Change[] {
  if (!line.standing) return [];
  const sides = plan.sides.flatMap((side) => {
    const standing = standingOn(side);
    return standing && topOf(standing) < asked - EPSILON ? [side.id] : [];
  });
  return [{ verb: 'set-higher', sides, higher: { mesh: STRONG, top: tidy(asked) } }];
}

/** The wall on a post's side made as low as the post that stands there. */
function lowered(plan: Plan, post: BoughtPost, by: number): readonly Change[] {
  const side = post.line.members[0]?.ringSide.side.id;
  const bands = side === undefined ? [] : choicesFor(plan, side).bands;
  const top = bands[bands.length - 1];
  if (side === undefined || !top || top.top - by <= (bands[bands.length - 2]?.top ?? 0.3)) return [];
  return [
    { verb: 'set-band', scope: { scope: 'side', of: side }, id: top.id, to: { top: tidy(top.top - by) } },
    { verb: 'set-band', scope: WHOLE_PLAN, id: top.id, to: { top: tidy(top.top - by) } },
  ];
}

/** One post of each kind that stands alike: the rest would say the same. */
function kinds(posts: readonly BoughtPost[], key: (post: BoughtPost) => string) {
  const seen = new Map<string, BoughtPost>();
  for (const post of posts) {
    const before = seen.get(key(post));
    // The one that needs most speaks for the rest.
    if (!before || post.above + post.depth > before.above + before.depth + EPSILON) seen.set(key(post), post);
  }
  return [...seen.values()];
}

/** The next shorter length sold that all posts of a role would fit, set a little shallower. */
function shorterFits(goods: Goods, alike: readonly BoughtPost[]): { length: number; by: number } | undefined {
  const needs = Math.max(...alike.map((p) => p.above + p.depth));
  const buys = Math.max(...alike.map((p) => p.buy));
  const product = alike[0]?.product.id ?? '';
  const length = goods
    .postLengths(product)
    .filter((size) => size < buys - EPSILON && size < needs - EPSILON)
    .pop();
  if (length === undefined) return undefined;
  const by = tidy(needs - length);
  return by <= NEARLY + EPSILON ? { length, by } : undefined;
}

/** What is said about the lengths of posts: too short, nearly fitting a shorter one, shallower than the rule. */
export function lengthFindings(
  soil: Plan['ground']['soil'],
  goods: Goods,
  posts: readonly BoughtPost[],
): readonly Finding[] {
  const bought = posts.filter((p) => p.standing === null);
  const found: Finding[] = [];
  for (const post of kinds(bought, (p) => `${p.role} ${p.product.id}`)) {
    const { role, product } = post;
    const alike = bought.filter((p) => p.role === role && p.product === product);
    const needs = post.above + buriedLength(product, post.depth);
    const longest = Math.max(...goods.postLengths(product.id));
    if (needs > longest + EPSILON)
      found.push(
        finding(
          'post.too-short',
          { severity: 'mend', stage: 'posts', part: post.part },
          { role, needs, longest },
        ),
      );
    const less = post.choices.shallower[role] ?? 0;
    if (less > EPSILON && product.standing !== 'spike') {
      found.push(
        finding(
          'post.shallow',
          { severity: less > NEARLY + EPSILON ? 'mend' : 'know', stage: 'posts', part: post.part },
          { role, by: less },
          [{ verb: 'set-shallower', scope: WHOLE_PLAN, shallower: { [role]: 0 } }],
        ),
      );
    } else if (product.standing !== 'spike' && needs <= longest + EPSILON) {
      const shorter = shorterFits(goods, alike);
      if (shorter) {
        const params = { role, needs, buy: post.buy, ...shorter };
        found.push(
          finding('post.nearly-fits', { severity: 'know', stage: 'posts', part: post.part }, params, [
            { verb: 'set-shallower', scope: WHOLE_PLAN, shallower: { [role]: shorter.by } },
          ]),
        );
      }
    }
    const { highest } = postKindOf(product);
    if (highest && post.above > highest.above + EPSILON) {
      found.push(
        finding(
          'post.spike-high',
          { severity: 'mend', stage: 'posts', part: post.part },
          { role, above: post.above, most: highest.above },
          [{ verb: 'set-posts', scope: WHOLE_PLAN, posts: { [role]: highest.instead } }],
        ),
      );
    }
    if (product.standing !== 'dug' && soil === 'stony')
      found.push(finding('post.stony', { severity: 'know', stage: 'posts', part: post.part }, { role }));
  }
  for (const post of posts) {
    if (post.standing === null || post.standing >= post.asked - EPSILON) continue;
    const params = { number: post.number, above: post.standing, needs: post.asked };
    const mends = (plan: Plan) => [
      ...carried(plan, post),
      ...(post.part.on === 'pin'
        ? [{ verb: 'remove-pin', id: post.part.pin } as const]
        : pinsAt(plan, post.at).map((id) => ({ verb: 'remove-pin', id }) as const)),
      ...lowered(plan, post, tidy(post.asked - (post.standing ?? 0))),
    ];
    found.push(
      finding('post.standing-low', { severity: 'mend', stage: 'posts', part: post.part }, params, mends),
    );
  }
  return found;
}
