import type { PostsFarApart } from './words';
import { typeOf } from '../../catalogue/meshTypes';
import type { Products } from '../../catalogue/products';
import { type Finding, finding } from '../../findings/types';
import type { FenceLine } from '../../ground/fenceLines';
import { type Chosen, type Facet, type PostChoices, choicesFor } from '../../plan/effective';
import type { Plan } from '../../plan/schema';
import { WHOLE_PLAN } from '../../plan/changes/types';

/** A yard that sells in feet sets posts at 8 ft: that is 2.4 there, m. */
const SAME = 0.05;

/** What the largest spacing goes by. */
export interface SpacingBy {
  readonly choices: Chosen<PostChoices>;
  readonly enclosures: Plan['enclosures'];
  readonly products: Products;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
}

/**
 * The largest spacing that a line's posts and mesh allow.
 *
 * @returns m, and what asks for it
 * @see rules: Posts. T 2.4 to 3.0, timber 2.4, 1.8 where mesh or snow hangs from a cover, 3.0 for woven or chain link
 */
export function largestSpacing(
  { choices, enclosures, products, bands }: SpacingBy,
  line: FenceLine,
): { most: number; why: PostsFarApart['why'] } {
  const chosen = line.members.map((m) => choicesFor({ choices, enclosures }, m.ringSide.side.id));
  if (chosen.some(({ load }) => load !== 'fence')) return { most: 1.8, why: 'cover' };
  const hung = bands.get(line)?.bands ?? [];
  const woven = hung.every((b) => typeOf(products.mesh(b.mesh)).spans);
  const steel = chosen.every(({ posts }) => products.post(posts.line).material === 'steel');
  if (woven || steel) return { most: 3, why: 'steel' };
  return { most: 2.4, why: 'timber' };
}

/** Posts set further apart than they carry. */
export function spacingFindings(
  lines: readonly FenceLine[],
  spacings: ReadonlyMap<FenceLine, Facet<'spacing'>>,
  by: SpacingBy,
): readonly Finding[] {
  for (const line of lines) {
    const chosen = spacings.get(line);
    if (!chosen || line.standing) continue;
    const { spacing, bays } = chosen;
    const { most, why } = largestSpacing(by, line);
    // A panel's own module stands for itself, unless something hangs on it.
    if ((bays === 'module' && why !== 'cover') || spacing <= most + SAME) continue;
    return [
      finding(
        'posts.far-apart',
        { severity: 'mend', stage: 'posts', part: { on: 'side', side: line.id } },
        { spacing, most, why },
        [{ verb: 'set-spacing', scope: WHOLE_PLAN, spacing: most }],
      ),
    ];
  }
  return [];
}
