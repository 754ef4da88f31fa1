import type { CuttingPool } from '../cutting/types';
import type { DocketLine } from '../buying/docket/types';
import type { OwnedPiece } from '../plan/schema';
import { PACK_IDS } from '../catalogue/packs';
import { tidy } from '../units/round';
import { SCRAP } from './leftOvers';

/** A piece without the id that the shed gives it. */
export type Spare = OwnedPiece extends infer P ? (P extends OwnedPiece ? Omit<P, 'id'> : never) : never;

/** The most of one kind that a shed's entry says. */
const MOST = 1000;

const alike = (a: Spare, b: Spare): boolean =>
  JSON.stringify({ ...a, count: 0 }) === JSON.stringify({ ...b, count: 0 });

/** Equal pieces as one entry of several. */
function gathered(spares: readonly Spare[]): readonly Spare[] {
  const found: Spare[] = [];
  for (const spare of spares) {
    const i = found.findIndex((f) => alike(f, spare));
    const before = found[i];
    if (before) found[i] = { ...before, count: Math.min(MOST, before.count + spare.count) };
    else found.push(spare);
  }
  return found;
}

/**
 * What is bought and not used, as it can lie in the shed: ends of rolls and of timber from 0.30 m on, and single pieces of opened packs.
 *
 * What the keeper had already is left out: it is in the shed.
 */
export function spares(
  pools: readonly CuttingPool[],
  lines: readonly Pick<DocketLine, 'detail' | 'product' | 'left' | 'buy'>[],
  note: string,
): readonly Spare[] {
  const bare = { condition: 'sound', note } as const;
  const ends = pools.flatMap(({ kind, product, width, rolls }) =>
    rolls.flatMap(({ owned, left }): Spare[] => {
      if (owned !== null || left < SCRAP) return [];
      const size = { ...bare, product, length: tidy(left), count: 1 };
      return [kind === 'mesh' ? { ...size, kind: 'roll', width } : { ...size, kind: 'timber' }];
    }),
  );
  const opened = lines.flatMap(({ detail, product, left, buy }): Spare[] => {
    const pack = PACK_IDS.find((id) => id === product);
    const count = Math.min(MOST, Math.floor(left + 1e-9));
    return detail.kind === 'pack' && pack && buy > 0 && count > 0
      ? [{ ...bare, kind: 'pack', product: pack, count }]
      : [];
  });
  return gathered([...ends, ...opened]);
}
