/** A mixed-integer program in words that a solver reads (LP format). */
export interface Program {
  readonly text: string;
  /** Branch-and-bound nodes before it gives up. */
  readonly nodes: number;
  /** Whether any way will do, or the best is sought. */
  readonly seeks: 'any' | 'best';
}

export interface Solved {
  /** Of the way found; meaningless when none was. */
  readonly objective: number;
  /** `stopped`: the nodes ended first, or the first way was found; values hold it if so. */
  readonly status: 'optimal' | 'infeasible' | 'stopped';
  /** By variable; empty when no way was found. */
  readonly values: Readonly<Record<string, number>>;
}

/** Solves programs, the same way on every machine: it stops by nodes, never by the clock. */
export type Solver = (program: Program) => Promise<Solved>;
