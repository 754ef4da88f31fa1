import * as z from 'zod/mini';
import { kind } from './kind';

export const none = kind(z.strictObject({ kind: z.literal('none') }), {
  title: 'No skirt',
  note: 'nothing stops what digs',
  say: () => 'No skirt',
  look: 'apron',
  loose: false,
  withStones: null,
  measures: [],
  shape: () => null,
  instead: () => ({ kind: 'none' as const }),
  enough: () => null,
  narrower: () => null,
});
