import type * as z from 'zod/mini';
import { hoop } from './hoop';
import type { ArchKind, ArchMakeup } from './kind';
import { panel } from './panel';

export type { ArchMakeup, ArchMeasure, ArchQuestion, Made, Ribs } from './kind';

/** Every kind of arch, in the order in which the keeper is offered them. */
export const KINDS = { panel, hoop } as const;
export type KindId = keyof typeof KINDS;
export const KIND_IDS = Object.keys(KINDS) as readonly KindId[];

export type ArchOf<K extends KindId> = z.infer<(typeof KINDS)[K]['schema']>;
export type Arch = { [K in KindId]: ArchOf<K> }[KindId];

/** The one place that joins a choice to its row. */
export const rowOf = (arch: Pick<Arch, 'kind'>): ArchKind<Arch> =>
  KINDS[arch.kind] as unknown as ArchKind<Arch>;

/** What an arch is bent of, whatever its kind. */
export const makeupOf = (arch: Arch): ArchMakeup => rowOf(arch).made(arch);
