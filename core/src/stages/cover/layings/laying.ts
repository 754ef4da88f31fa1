import type { Ask } from '../../../buying/demand';
import type { Run } from '../../../buying/run';
import type { Products } from '../../../catalogue/products';
import type { Vector } from '../../../ground/vector';
import type { Assumptions } from '../../../plan/assumptions';
import type { Strength } from '../../../strength/words/row';
import type { StandingPost } from '../../posts/shown/stage';
import type { Figures } from '../../told';
import type { StandsOn, Supports } from '../held/supports';
import type { OverLaid } from '../plan/kinds';
import type { Fit } from '../over/fitter';
import type { HeightAt, ShapeOf } from '../over/shape';
import type { CoverWay, Side } from '../over/ways';
import type { Loads } from '../strength/members';

/** A cover as it is laid, and what holds it up. */
export interface LaidCover<L extends OverLaid> {
  readonly shape: ShapeOf<L>;
  /** Null for what comes in one piece. */
  readonly way: CoverWay | null;
  readonly held: Supports;
}

/** What its strength is checked by. */
export interface BearingBy {
  readonly products: Products;
  readonly posts: readonly StandingPost[];
  readonly assumed: Assumptions;
  readonly ground: HeightAt;
}

/** One manner in which covers are laid: everything that tells it from the others, whatever kind of cover is laid in it. */
export interface Laying<L extends OverLaid> {
  /** How it is put side by side, whatever its width; null for what comes in one piece. */
  side(shape: ShapeOf<L>): Side | null;
  /** What of it is cut from rolls laid in a way. @param nth  its place among all covers */
  runs(shape: ShapeOf<L>, way: CoverWay, nth: number): readonly Run[];
  /** What stands under it whatever it is cut from. */
  standing(shape: ShapeOf<L>): Supports;
  /** What holds it up. */
  supports(shape: ShapeOf<L>, way: CoverWay | null, on: StandsOn): Supports;
  /** What is bought whole, and what fastens it. */
  asks(laid: LaidCover<L>, products: Products): readonly Ask[];
  /** How its members bear snow. */
  strength(loads: Loads, laid: LaidCover<L>, by: BearingBy): readonly Strength[];
  /** How many of the posts that stand it pulls at: each is stayed where that is chosen. */
  pulledAt(shape: ShapeOf<L>, posts: readonly StandingPost[]): number;
  /** What holds it down besides its own weight, kN. */
  holdsDown(laid: LaidCover<L>, assumed: Assumptions): number;
  /** The corners of one of its pieces, on the sheet. */
  corners(shape: ShapeOf<L>, way: CoverWay, piece: CoverWay['strips'][number]): readonly Vector[];
  /** The size by which it is bought, and how far it reaches over from eave to eave, m; null for what is cut from rolls. */
  fit(shape: ShapeOf<L>): Pick<Fit, 'across' | 'along' | 'over'> | null;
  figures(shape: ShapeOf<L>): Figures;
  /** Put up piece by piece, or in one go. */
  readonly hours: 'pieces' | 'whole';
}
