import { type Section, timberSection } from '../../../catalogue/sections';
import { meshWeight } from '../../../catalogue/meshWeight';
import type { Products } from '../../../catalogue/products';
import { isClosed, typeOf } from '../../../catalogue/meshTypes';
import type { MeshProduct } from '../../../catalogue/types';
import type { Vector } from '../../../ground/vector';
import type { PartRef } from '../../../plan/partRef';
import { type Bar, spanOf } from '../held/lines';
import type { OverRun } from '../kinds';
import { bent, spanThatFits } from './beams';
import { type MemberKind, type Strength, verdictOf } from './row';
import { DRIFTED, type Drift, driftsOn, dryShare } from './snow';

/** Newtons that a kilogram weighs. */
const GRAVITY = 9.81;

/** What lies on a cover, whatever holds it. */
export interface Loads {
  readonly cover: OverRun;
  /** Ground snow, kPa. */
  readonly snow: number;
  readonly share: number;
  /** Its own weight, kPa. */
  readonly own: number;
  readonly drifts: readonly Drift[];
}

/** Of that, what tells a row from others. */
export interface Bearing extends Pick<Loads, 'share' | 'own'> {
  readonly cover: { readonly id: string };
}

/** Sheets and panels add their own weight, mesh and nets none (rules: Cover). */
const ownOf = (mesh: MeshProduct): number =>
  isClosed(mesh) || typeOf(mesh).rigid ? (meshWeight(mesh) * GRAVITY) / 1000 : 0;

export const loadsOn = (
  cover: OverRun,
  mesh: MeshProduct,
  snow: number,
  drifts: readonly Drift[],
): Loads => ({ cover, snow, share: dryShare(mesh), own: ownOf(mesh), drifts });

/** Snow on the ground under a straight, kPa, doubled where it touches a drift, and whether more can slide on it. */
export function snowAt({ snow, drifts }: Loads, from: Vector, to: Vector) {
  const on = driftsOn(drifts, from, to);
  return { snow: on.length > 0 ? DRIFTED * snow : snow, slides: on.some((d) => d.slides) };
}

/** Section of a timber or tube of the edition. */
export const sectionOf = (products: Pick<Products, 'timber'>, id: string): Section =>
  timberSection(products.timber(id));

const KN = 1000;
const MPA = 1e6;

/** A bar as a beam over its longest span. */
export function barRow(
  loads: Loads,
  bar: Bar,
  of: {
    readonly member: MemberKind;
    readonly part: PartRef;
    readonly product: string;
    readonly section: Section;
  },
): Strength {
  const { snow, slides } = snowAt(loads, bar.from, bar.to);
  const span = spanOf(bar);
  const per = (share: number) => (snow * share + loads.own) * bar.carries * KN;
  const [dry, wet] = [bent(of.section, span, per(loads.share)), bent(of.section, span, per(1))];
  const told = ({ load, stress, deflection }: typeof dry) => ({
    load: load / KN,
    stress: stress / MPA,
    deflection,
  });
  const row = {
    ...told(dry),
    allowed: dry.allowed / MPA,
    allowedDeflection: dry.allowedDeflection,
    bridged: told(wet),
    slides,
  };
  return {
    ...row,
    cover: loads.cover.id,
    part: of.part,
    member: of.member,
    product: of.product,
    unit: 'kN/m',
    measure: 'MPa',
    verdict: verdictOf(row),
    span,
    carries: bar.carries,
    snow,
    share: loads.share,
    own: loads.own,
    modulus: of.section.modulus,
    fits: spanThatFits(of.section, per(1)),
  };
}

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
    cover: loads.cover.id,
    product,
    verdict: verdictOf(row),
    share: loads.share,
    own: loads.own,
    modulus,
    fits,
  };
}
