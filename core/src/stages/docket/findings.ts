import { type Finding, finding } from '../../findings/types';
import type { PartRef } from '../../plan/partRef';
import type { Docket } from '../../buying/docket/types';

/** More is bought than the yards hold, by line; and how many lines have no price. */
export function docketFindings({ lines }: Pick<Docket, 'lines'>): readonly Finding[] {
  const held = lines.flatMap(({ product, detail, notHeld }) => {
    const part: PartRef =
      detail.kind === 'roll' || detail.kind === 'timber'
        ? { on: 'pool', pool: detail.pool }
        : { on: 'product', product };
    return notHeld.map((short) =>
      finding(
        'goods.not-held',
        { severity: 'mend', stage: 'docket', part },
        { product, of: detail.kind, ...short },
      ),
    );
  });
  const unpriced = lines.filter((line) => line.price === null).length;
  return [
    ...held,
    ...(unpriced > 0
      ? [
          finding(
            'docket.no-price',
            { severity: 'know', stage: 'docket', part: { on: 'plan' } },
            { count: unpriced },
          ),
        ]
      : []),
  ];
}
