import type * as z from 'zod/mini';
import type { CoverKind } from './kind';
import { net } from './net';
import { sheet, tarp } from './roofs';
import { panels, strips } from './strips';
import { wrap } from './wrap';

export type { Support } from './fields';
export type { CoverMeasure, LaidAs, MemberField, UsualOver } from './kind';

/** Every kind of cover, in the order in which the keeper is offered them. */
export const KINDS = { strips, net, panels, sheet, tarp, wrap } as const;
export type KindId = keyof typeof KINDS;
export const KIND_IDS = Object.keys(KINDS) as readonly KindId[];

export type CoverOf<K extends KindId> = z.infer<(typeof KINDS)[K]['schema']>;
export type Cover = { [K in KindId]: CoverOf<K> }[KindId];
/** Covers of the kinds that have a field. */
export type Having<F extends string> = Extract<Cover, Readonly<Record<F, unknown>>>;
/** Covers over a run, at a height. */
export type OverRun = Having<'height'>;

/** The one place that joins a choice to its row. */
export const rowOf = (cover: Pick<Cover, 'kind'>): CoverKind<Cover> => KINDS[cover.kind];

export const isOver = (cover: Cover): cover is OverRun => 'height' in cover;
