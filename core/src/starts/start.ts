import { birdStage } from '../stages/birds/stage';
import { PLAIN_GATE } from '../stages/ways/plan/kinds/gate';
import { FOOT } from '../units/factors';
import { roundUp, tidy } from '../units/round';
import { apply } from '../plan/changes/apply';
import type { Plan } from '../plan/schema';
import { type Scope, WHOLE_PLAN } from '../plan/scope';
import type { AskId, Sizes } from './asks';
import type { Picture } from './picture';

/** One answer to “What are you building?”. */
export interface Start {
  readonly name: string;
  /** What it is made of, in a few words. */
  readonly line: string;
  readonly asks: readonly AskId[];
  /** What is taken for granted until the keeper says otherwise. */
  readonly taken: string;
  readonly picture: Picture;
  /**
   * @param bare  units, birds and choices, with nothing laid out
   * @returns a plan with a run, a gate and everything that a docket needs
   */
  readonly propose: (bare: Plan, sizes: Sizes) => Plan;
}

/** Of a fence that is built. */
export const FENCED =
  'Fox and rat are taken as likely: fine mesh low down, an apron round it, a sill under the gate.';
/** Where nothing is closed but the foot. */
export const AT_FOOT = 'Fox and rat are taken as likely: an apron against what digs.';

/** A run is proposed at least this wide and deep, m. */
const LEAST = 2.4;
/** What a gate is hung in, clear, m: a barrow goes through. */
const CLEAR = { metric: 0.95, imperial: tidy(3 * FOOT) } as const;

/** Step in which a proposed run grows: half a metre, or two feet. */
const stepOf = (units: Plan['units']) => (units === 'imperial' ? 2 * FOOT : 0.5);

/** A length that is proposed: rounded up to a whole step. */
export function proposedLength(length: number, units: Plan['units']): number {
  const step = stepOf(units);
  return tidy(Math.max(roundUp(LEAST / step) * step, roundUp(length / step) * step));
}

/** Floor that the birds want, m². */
export const floorWanted = (bare: Plan): number => Math.max(birdStage(bare).areaWanted.value, LEAST * LEAST);

/** About square and as large as the birds want, or as it is given, m. */
export function floorFor(
  bare: Plan,
  given: { readonly width?: number | undefined; readonly depth?: number | undefined },
): { readonly width: number; readonly depth: number } {
  const wanted = floorWanted(bare);
  const wide = given.depth === undefined ? Math.sqrt(wanted) : wanted / given.depth;
  const width = given.width ?? proposedLength(wide, bare.units);
  return { width, depth: given.depth ?? proposedLength(wanted / width, bare.units) };
}

/** A run by itself of that floor, its first side at the front. */
export function laidAlone(bare: Plan, given: Parameters<typeof floorFor>[1]) {
  const { width, depth } = floorFor(bare, given);
  const run = { left: 0, right: width, low: 0, high: depth };
  return { laid: apply(bare, { verb: 'lay-out', run, house: null }), width };
}

/** Walls up to a height: the band at the top is made that much taller or lower. */
export function wallsTo(plan: Plan, top: number, scope: Scope = WHOLE_PLAN): Plan {
  const band = plan.choices.plan.bands.at(-1);
  return band ? apply(plan, { verb: 'set-band', scope, id: band.id, to: { top } }) : plan;
}

/** With a gate in a side: from a post at `along`, or in the middle where none is named. */
export function withGate(plan: Plan, side: string, length: number, along?: number): Plan {
  const width = Math.min(CLEAR[plan.units], tidy(length - 0.2));
  const at = along ?? tidy((length - width) / 2);
  return apply(plan, {
    verb: 'add-opening',
    opening: { ...PLAIN_GATE, id: 'g1', side, along: at, width },
  });
}
