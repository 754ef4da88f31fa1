import { counted, holeFor, postName, type Part, formatPart } from '@aviarum/core';
import { usePlan } from '../../state/planStore';
import { Decision } from '../Decision';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';

type PostPart = Extract<Part, { kind: 'post' }>;

/** Posts that stand alike: how high, how deep, in what hole, from what length and with how much left over. */
export function PostLengths() {
  const plan = usePlan((s) => s.plan);
  const parts = useReckoning((s) => s.reckoning?.parts);
  const market = useMarket();
  const reader = useReader();
  if (!plan || !parts || !market) return null;
  const groups = new Map<string, PostPart[]>();
  for (const part of parts) {
    if (part.kind !== 'post' || part.origin === 'standing') continue;
    const key = [part.product, part.above.toFixed(3), part.depth.toFixed(3), part.setting].join(' ');
    groups.set(key, [...(groups.get(key) ?? []), part]);
  }
  const rows = [...groups.values()].flatMap((g) => (g[0] ? [{ post: g[0], count: g.length }] : []));
  return (
    <Decision name="How they stand" answer={counted(rows.length, 'length')}>
      <table className="sides postlengths">
        <caption className="sr-only">How they stand</caption>
        <thead>
          <tr>
            <th scope="col">post</th>
            <th scope="col">above</th>
            <th scope="col">in ground</th>
            <th scope="col">buy</th>
            <th scope="col">cut off</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ post, count }) => {
            const product = market.post(post.product);
            const hole = product.standing === 'dug' ? holeFor(product, post.setting, post.depth) : null;
            return (
              <tr key={`${formatPart(post.part)} row`}>
                <th scope="row">
                  {count} × {postName(product, reader)}
                  <span className="note">
                    {hole
                      ? `hole ${reader.about(hole.width)} wide, ${reader.amount(hole.fill, 'm³')} ${post.setting === 'concrete' ? 'of concrete' : 'tamped'}`
                      : product.standing}
                  </span>
                </th>
                <td>{reader.about(post.above)}</td>
                <td>{reader.about(post.depth)}</td>
                <td>{reader.about(post.buy)}</td>
                <td>{reader.about(post.cutOff)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </Decision>
  );
}
