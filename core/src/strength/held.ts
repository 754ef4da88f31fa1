import { type Strength, verdictOf } from './row';

/** What tells a row from others: whose it is, what dry snow leaves on it, and its own weight, kPa. */
export type Bearing = Pick<Strength, 'of' | 'share' | 'own'>;

/** What is held by a strength of its own: nets, wires, props, straps. Loads kN or kN/m. */
export function heldRow(
  loads: Bearing,
  of: Pick<
    Strength,
    'member' | 'part' | 'unit' | 'measure' | 'span' | 'carries' | 'allowed' | 'snow' | 'slides'
  > & {
    readonly product?: string;
    readonly modulus?: number;
    readonly fits?: number | null;
    /** Load and stress under so much of the snow. */
    readonly under: (share: number) => { readonly load: number; readonly stress: number };
    readonly wind?: true;
  },
): Strength {
  const { under, wind, product = null, modulus = 0, fits = null, ...rest } = of;
  const row = {
    ...under(loads.share),
    deflection: null,
    allowed: of.allowed,
    allowedDeflection: null,
    bridged: wind ? null : { ...under(1), deflection: null },
    slides: of.slides,
  };
  return {
    ...rest,
    ...row,
    of: loads.of,
    product,
    verdict: verdictOf(row),
    share: loads.share,
    own: loads.own,
    modulus,
    fits,
  };
}
