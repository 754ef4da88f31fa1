import { postKindOf } from '../../catalogue/postKinds';
import type { Goods } from '../../catalogue/goods';
import { type Finding, finding } from '../../findings/types';
import { WHOLE_PLAN } from '../../plan/changes/types';
import type { Plan } from '../../plan/schema';
import { EPSILON, tidy } from '../../units/round';
import { buriedLength } from './footing';
import type { BoughtPost } from './bought';

/** A post is set so much shallower at most to fit a shorter length sold, m. */
const NEARLY = 0.15;

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
      found.push(finding('post.too-short', 'mend', 'posts', post.part, { role, needs, longest }));
    const less = post.choices.shallower[role] ?? 0;
    if (less > EPSILON && product.standing !== 'spike') {
      found.push(
        finding(
          'post.shallow',
          less > NEARLY + EPSILON ? 'mend' : 'know',
          'posts',
          post.part,
          { role, by: less },
          [{ verb: 'set-shallower', scope: WHOLE_PLAN, shallower: { [role]: 0 } }],
        ),
      );
    } else if (product.standing !== 'spike' && needs <= longest + EPSILON) {
      const shorter = shorterFits(goods, alike);
      if (shorter) {
        const params = { role, needs, buy: post.buy, ...shorter };
        found.push(
          finding('post.nearly-fits', 'know', 'posts', post.part, params, [
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
          'mend',
          'posts',
          post.part,
          { role, above: post.above, most: highest.above },
          [{ verb: 'set-posts', scope: WHOLE_PLAN, posts: { [role]: highest.instead } }],
        ),
      );
    }
    if (product.standing !== 'dug' && soil === 'stony')
      found.push(finding('post.stony', 'know', 'posts', post.part, { role }));
  }
  for (const post of posts) {
    if (post.standing === null || post.standing >= post.asked - EPSILON) continue;
    const params = { number: post.number, above: post.standing, needs: post.asked };
    const mends = post.part.on === 'pin' ? [{ verb: 'remove-pin', id: post.part.pin } as const] : [];
    found.push(finding('post.standing-low', 'mend', 'posts', post.part, params, mends));
  }
  return found;
}
