import { type PostRef } from '../../plan/partRef';
import { type PostRole } from '../../plan/schema';
import { type Term } from '../../working/term';
/** A post. */
export interface PostPart {
  readonly kind: 'post';
  readonly part: PostRef;
  readonly number: number;
  readonly role: PostRole;
  readonly side: string;
  readonly along: number;
  readonly above: number;
  readonly depth: number;
  readonly size: number;
  readonly product: string;
  /** Length sold that it is cut from, and what is cut off its top. */
  readonly buy: number;
  readonly cutOff: number;
  readonly setting: 'tamped' | 'concrete';
  /** New: bought and set here. Standing: here already. */
  readonly origin: 'new' | 'standing';
}

/** Headline numbers. */
export interface Headlines {
  readonly posts: Term;
}

/** Names of its figures: how many of each role, and of each product and length that is bought. */
export type FigureName =
  `posts.${PostRole | 'total' | 'braces' | 'standing'}` | `posts.${string}.buy.${number}`;
