import type { Section } from '../catalogue/sections';
import { bent, spanThatFits } from './beams';
import { type Strength, verdictOf } from './words/row';

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
  const { under, wind, product = null, modulus = 0, fits = null, allowed, slides } = of;
  const { load, stress } = under(loads.share);
  const wet = wind ? null : under(1);
  const bridged = wet && { load: wet.load, stress: wet.stress, deflection: null };
  // Written out, as below.
  return {
    member: of.member,
    part: of.part,
    unit: of.unit,
    measure: of.measure,
    span: of.span,
    carries: of.carries,
    allowed,
    snow: of.snow,
    slides,
    load,
    stress,
    deflection: null,
    allowedDeflection: null,
    bridged,
    of: loads.of,
    product,
    verdict: verdictOf({ load, stress, deflection: null, allowed, allowedDeflection: null, bridged, slides }),
    share: loads.share,
    own: loads.own,
    modulus,
    fits,
  };
}

const KN = 1000;
const MPA = 1e6;

/** What bends over a span under snow and its own weight, on two supports. Lengths m. */
export function bentRow(
  loads: Bearing,
  of: Pick<Strength, 'member' | 'part' | 'product' | 'span' | 'carries' | 'snow' | 'slides'> & {
    readonly section: Section;
  },
): Strength {
  const { section, span, carries, snow, slides } = of;
  const dry = bent(section, span, (snow * loads.share + loads.own) * carries * KN);
  const wet = bent(section, span, (snow + loads.own) * carries * KN);
  const allowed = dry.allowed / MPA;
  const { allowedDeflection } = dry;
  const bridged = { load: wet.load / KN, stress: wet.stress / MPA, deflection: wet.deflection };
  const [load, stress, { deflection }] = [dry.load / KN, dry.stress / MPA, dry];
  // Written out: a plan has hundreds of these, and objects put together from others take fifty times as long.
  return {
    member: of.member,
    product: of.product,
    part: of.part,
    snow,
    slides,
    span,
    carries,
    load,
    stress,
    deflection,
    allowed,
    allowedDeflection,
    bridged,
    of: loads.of,
    unit: 'kN/m',
    measure: 'MPa',
    verdict: verdictOf({ load, stress, deflection, allowed, allowedDeflection, bridged, slides }),
    share: loads.share,
    own: loads.own,
    modulus: section.modulus,
    fits: spanThatFits(section, wet.load),
  };
}
