import type * as z from 'zod/mini';
import type { Hanging, Make, OpeningKind } from './kind';
import { gate } from './gate';
import { hatch } from './hatch';
import { liftOff } from './liftOff';
import { panelDoor } from './panelDoor';
import { popDoor } from './popDoor';

/** Every kind of gate and door, in the order in which the keeper is offered them. */
export const KINDS = {
  gate,
  'lift-off': liftOff,
  'panel-door': panelDoor,
  'pop-door': popDoor,
  hatch,
} as const;
export type KindId = keyof typeof KINDS;
export const KIND_IDS = Object.keys(KINDS) as readonly KindId[];

export type OpeningOf<K extends KindId> = z.infer<(typeof KINDS)[K]['schema']>;
export type Opening = { [K in KindId]: OpeningOf<K> }[KindId];
/** Openings of the kinds that have a field: those that swing, those that have a sill. */
export type Having<F extends string> = Extract<Opening, Readonly<Record<F, unknown>>>;

const having =
  <F extends string>(field: F) =>
  (opening: Opening): opening is Having<F> =>
    field in opening;
/** It swings, it closes with a gap round it, on catches, over a sill. */
export const swings = having('swing');
export const leavesGap = having('gap');
export const isCaught = having('catches');
export const hasSill = having('sill');

/** The one place that joins a choice to its row. */
export const rowOf = (opening: Pick<Opening, 'kind'>): OpeningKind<Opening> =>
  KINDS[opening.kind] as unknown as OpeningKind<Opening>;

export const nameOf = (kind: KindId): string => KINDS[kind].name;
export const hangingOf = (opening: Opening): Hanging => rowOf(opening).hanging(opening);
/** Between two posts of its own, for people: it parts the fence. */
export const partsFence = (opening: Opening): boolean => hangingOf(opening).hangs === 'posts';

export const makeOf = (opening: Opening): Make => ('make' in opening ? opening.make : 'built');
/** The product that closes it; null where it is built. */
export const kitOf = (opening: Opening): string | null =>
  makeOf(opening) === 'kit' ? (rowOf(opening).kit?.product(opening) ?? null) : null;
