import { type Term, product, value } from '../working';
import type { Run } from './run';

/** As cut in one piece, m. */
const wholeOf = ({ length, startAllowance, endAllowance, leans }: Run): number =>
  leans.reduce((total, lean) => total + lean.extra, length + startAllowance + endAllowance);

/** Pieces of the same length in one term. */
export function pieceTerms(
  code: 'mesh.above' | 'mesh.patch' | 'mesh.extra' | 'timber.piece',
  runs: readonly Run[],
): readonly Term[] {
  const lengths = new Map<string, { length: number; count: number }>();
  for (const run of runs) {
    const length = wholeOf(run);
    const known = lengths.get(length.toFixed(6)) ?? { length, count: 0 };
    lengths.set(length.toFixed(6), { length, count: known.count + 1 });
  }
  return [...lengths.values()].map(({ length, count }) =>
    product(code, 'm', {}, [
      value('cut.pieces', count, 'piece', {}),
      value('cut.piece-length', length, 'm', {}),
    ]),
  );
}
