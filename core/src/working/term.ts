import { roundUp } from '../units/round';
import type { TermCode, TermParams } from './params';
import type { TermUnit } from '../units/termUnit';

export type { TermUnit } from '../units/termUnit';

export type TermOp = 'value' | 'sum' | 'product' | 'ratio' | 'roundUp' | 'max' | 'min';

/** One node of a working: a tree that adds up to its value. */
export interface TermOf<C extends TermCode> {
  readonly code: C;
  readonly params: TermParams[C];
  readonly op: TermOp;
  readonly value: number;
  readonly unit: TermUnit;
  readonly terms: readonly Term[];
}
export type Term = { [C in TermCode]: TermOf<C> }[TermCode];

/** Over terms as they are: half of all that is worked out is terms. */
const OPS: Readonly<Record<Exclude<TermOp, 'value'>, (terms: readonly Worth[]) => number>> = {
  sum: (terms) => {
    let total = 0;
    for (const t of terms) total += t.value;
    return total;
  },
  product: (terms) => {
    let total = 1;
    for (const t of terms) total *= t.value;
    return total;
  },
  ratio: ([over, under]) => (over?.value ?? 0) / (under?.value ?? 1),
  roundUp: ([x]) => roundUp(x?.value ?? 0),
  max: (terms) => Math.max(...terms.map((t) => t.value)),
  min: (terms) => Math.min(...terms.map((t) => t.value)),
};

interface Worth {
  readonly value: number;
}

/** A generic tag cannot be narrowed to one member of the union: who makes a term has paired code and params already. */
const joined = <C extends TermCode>(term: TermOf<C>): Term => term as unknown as Term;

/** A figure that stands for itself: measured, chosen or looked up. */
export function value<C extends TermCode>(
  code: C,
  amount: number,
  unit: TermUnit,
  params: TermParams[C],
): Term {
  return joined({ code, params, op: 'value', value: amount, unit, terms: [] });
}

function combine(op: Exclude<TermOp, 'value'>) {
  return <C extends TermCode>(code: C, unit: TermUnit, params: TermParams[C], terms: readonly Term[]): Term =>
    joined({ code, params, op, value: OPS[op](terms), unit, terms });
}

/** Terms that add up; a part taken away is a term with a negative value. */
export const sum = combine('sum');
export const product = combine('product');
/** The first term over the second. */
export const ratio = combine('ratio');
/** Its one term rounded up to a whole number. */
export const upTo = combine('roundUp');
export const largest = combine('max');
export const smallest = combine('min');

/** The value worked out anew from the leaves: what a working must agree with. */
export function recompute(term: Term): number {
  return term.op === 'value' ? term.value : OPS[term.op](term.terms.map((t) => ({ value: recompute(t) })));
}
