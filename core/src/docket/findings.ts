import { type Finding, finding } from '../findings/types';
import type { Docket } from './types';

/** More is bought than the yards hold, by line; and how many lines have no price. */
export function docketFindings({ lines }: Pick<Docket, 'lines'>): readonly Finding[] {
  const held = lines.flatMap(({ product, detail, notHeld }) => {
    const pool = 'pool' in detail ? `pool:${detail.pool}` : `product:${product}`;
    return notHeld.map((short) =>
      finding('goods.not-held', 'mend', 'docket', pool, { product, of: detail.kind, ...short }),
    );
  });
  const unpriced = lines.filter((line) => line.price === null).length;
  return [
    ...held,
    ...(unpriced > 0 ? [finding('docket.no-price', 'know', 'docket', 'plan', { count: unpriced })] : []),
  ];
}
