import type { Reader } from './reader';

/** One sentence for each code; what it needs is the type of its first parameter. */
export type Sentences = Readonly<Record<string, (params: never, reader: Reader) => string>>;

/** What each code of a table needs: a code without a sentence has none, and cannot be made. */
export type ParamsBy<S extends Sentences> = {
  readonly [C in keyof S]: Parameters<S[C]> extends [] ? object : Parameters<S[C]>[0];
};

/** A side as the keeper calls it: its place in its ring, from 1. */
export interface SideParam {
  readonly side: number;
}
