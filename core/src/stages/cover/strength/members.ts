import { type Section, timberSection } from '../../../catalogue/sections';
import { meshWeight } from '../../../catalogue/meshWeight';
import type { Products } from '../../../catalogue/products';
import { isClosed, typeOf } from '../../../catalogue/meshTypes';
import type { MeshProduct } from '../../../catalogue/types';
import type { Vector } from '../../../ground/vector';
import type { PartRef } from '../../../plan/partRef';
import { type Bar, spanOf } from '../held/lines';
import type { OverRun } from '../plan/kinds';
import { bentRow } from '../../../strength/held';
import type { MemberKind, Strength } from '../../../strength/words/row';
import { dryShare } from '../../../strength/snow';
import { DRIFTED, type Drift, driftsOn } from './snow';

/** Newtons that a kilogram weighs. */
const GRAVITY = 9.81;

/** What lies on a cover, whatever holds it. */
export interface Loads {
  /** The cover, by its id. */
  readonly of: string;
  /** Ground snow, kPa. */
  readonly snow: number;
  readonly share: number;
  /** Its own weight, kPa. */
  readonly own: number;
  readonly drifts: readonly Drift[];
}

/** Sheets and panels add their own weight, mesh and nets none (rules: Cover). */
const ownOf = (mesh: MeshProduct): number =>
  isClosed(mesh) || typeOf(mesh).rigid ? (meshWeight(mesh) * GRAVITY) / 1000 : 0;

export const loadsOn = (
  cover: OverRun,
  mesh: MeshProduct,
  snow: number,
  drifts: readonly Drift[],
): Loads => ({ of: cover.id, snow, share: dryShare(mesh), own: ownOf(mesh), drifts });

/** Snow on the ground under a straight, kPa, doubled where it touches a drift, and whether more can slide on it. */
export function snowAt({ snow, drifts }: Loads, from: Vector, to: Vector) {
  const on = driftsOn(drifts, from, to);
  return { snow: on.length > 0 ? DRIFTED * snow : snow, slides: on.some((d) => d.slides) };
}

/** Section of a timber or tube of the edition. */
export const sectionOf = (products: Pick<Products, 'timber'>, id: string): Section =>
  timberSection(products.timber(id));

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
  const { member, part, product, section } = of;
  const { snow, slides } = snowAt(loads, bar.from, bar.to);
  const { carries } = bar;
  return bentRow(loads, { member, part, product, section, snow, slides, span: spanOf(bar), carries });
}
