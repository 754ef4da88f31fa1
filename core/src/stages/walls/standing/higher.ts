import type { Demand, Reason } from '../../../buying/demand';
import { plainRun } from '../../../buying/run';
import { packed } from '../../../fasteners/along';
import type { FenceLine } from '../../../ground/fenceLines';
import { placeAt } from '../../../plan/place';
import { tidy } from '../../../units/round';
import { product, value } from '../../../working';
import { heightOf, topOf } from '../../outline/plan/standing';
import type { PostsOn } from '../../posts/shown/postsOn';

/** So far down its post a timber is fixed, by so many bolts, m (rules: What stands). */
const DOWN = 0.45;
const BOLTS = 2;
/** Stout enough to carry mesh above a post. */
const TIMBER = 'joist-75x47';

/** Timbers bolted to posts that stand, to carry mesh above them: one a post. */
export function higherDemands(on: PostsOn, lines: readonly FenceLine[]): readonly Demand[] {
  const counted = new Set<unknown>();
  return lines.flatMap((line): Demand[] => {
    const { standing } = line;
    if (!standing?.higher) return [];
    // A post at a corner between two such lines carries one timber.
    const posts = [...on([line])].filter(
      (post) => post.standing !== null && !counted.has(post) && counted.add(post),
    );
    const length = tidy(topOf(standing) - heightOf(standing) + DOWN);
    const reason: Reason = { stage: 'walls', part: { on: 'side', side: line.id } };
    const runs = posts.map((_, i) =>
      plainRun(
        'sister',
        { on: 'sister', side: line.id, nth: i + 1 },
        length,
        placeAt('gate', line.number, i),
      ),
    );
    return [
      { ...reason, buy: 'timber', timber: TIMBER, runs },
      packed(reason, 'bolt', [
        product('higher.bolts', 'piece', {}, [
          value('fasten.post-count', posts.length, 'piece', {}),
          value('higher.each', BOLTS, 'piece', {}),
        ]),
      ]),
    ];
  });
}
