import type { AskKind } from '../demand';
import { KITS } from './kits';
import { PACKS } from './packs';
import { PIECES } from './pieces';
import { POSTS } from './posts';
import type { Way } from './way';

/** A way of buying whose kind of ask is forgotten. */
export type AnyWay = { readonly [K in AskKind]: Way<K> }[AskKind];

/** What is bought by the piece. A new thing to buy is a file beside these and a line here; what is cut from lengths is cut first, together. */
export const WAYS: readonly AnyWay[] = [POSTS, KITS, PIECES, PACKS];
