import type * as z from 'zod/mini';
import type { CoverKind } from './kind';
import type { Makeup } from './makeup';
import { net } from './net';
import { sail } from './sail';
import { sheet, tarp } from './roofs';
import { panels, strips } from './strips';
import { wrap } from './wrap';

export type { Support } from './fields';
export type { CoverMeasure, QuestionField, UsualOver } from './kind';
export type { Carrier, LaidAs, Makeup, MakeupOf, MemberField, OverLaid } from './makeup';

/** Every kind of cover, in the order in which the keeper is offered them. */
export const KINDS = { strips, net, panels, sheet, tarp, sail, wrap } as const;
export type KindId = keyof typeof KINDS;
export const KIND_IDS = Object.keys(KINDS) as readonly KindId[];

export type CoverOf<K extends KindId> = z.infer<(typeof KINDS)[K]['schema']>;
export type Cover = { [K in KindId]: CoverOf<K> }[KindId];
/** Covers over a run, at a height: all but those along its walls. */
export type OverRun = Extract<Cover, { readonly height: number }>;

/** The one place that joins a choice to its row. */
export const rowOf = (cover: Pick<Cover, 'kind'>): CoverKind<Cover> => KINDS[cover.kind];

/** What a cover comes to, whatever its kind. */
export const makeupOf = (cover: Cover): Makeup => rowOf(cover).made(cover);

export const isOver = (cover: Cover): cover is OverRun => rowOf(cover).laid !== 'walls';

/** What goes along the walls keeps those of its sides that are left. */
export const withSides = (cover: Cover, left: (side: string) => boolean): Cover =>
  isOver(cover) || cover.sides === null ? cover : { ...cover, sides: cover.sides.filter(left) };
