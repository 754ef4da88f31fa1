import type { Term, TermCode, TermParams } from '../working';
import { inUnits } from '../saying/inUnits';
import type { Reader } from '../saying/makeReader';
import { TERMS } from '../stages/words';

type Sentences = { readonly [C in TermCode]: (params: TermParams[C], reader: Reader) => string };

/** What each term of a working is, in the reader's units. */
const SENTENCES: Sentences = TERMS;

/** A term's words without its value. */
export function sayTerm(term: Term, reader: Reader): string {
  const sentence = SENTENCES[term.code] as (params: object, reader: Reader) => string;
  return inUnits(sentence(term.params, reader), reader.system);
}

/** One line of a working: words, and the figure with its unit. */
export interface WorkingLine {
  readonly depth: number;
  readonly words: string;
  /** How the figure comes about where that fits on the line: `4 × 0.10 m`. */
  readonly how: string;
  readonly amount: string;
  readonly total: 'total' | 'part';
}

const SIGNS = { product: ' × ', ratio: ' ÷ ' } as const;

/** A product or ratio of plain values reads best on one line. */
function how(term: Term, reader: Reader): string {
  if (term.op !== 'product' && term.op !== 'ratio') {
    const [only] = term.terms;
    return term.op === 'roundUp' && only ? `${how(only, reader)}, rounded up` : '';
  }
  return term.terms.map((t) => reader.amount(t.value, t.unit)).join(SIGNS[term.op]);
}

const simple = (term: Term): boolean =>
  term.op === 'value' ||
  (['product', 'ratio', 'roundUp'].includes(term.op) &&
    term.terms.every((t) => t.op === 'value' || simple(t)));

/**
 * A working as lines for a page: parts first, then the total that they make.
 *
 * @param depth  how far in the lines are set
 */
export function workingLines(term: Term, reader: Reader, depth = 0): readonly WorkingLine[] {
  const line: WorkingLine = {
    depth,
    words: sayTerm(term, reader),
    how: how(term, reader),
    amount: reader.amount(term.value, term.unit),
    total: term.terms.length > 0 && term.op === 'sum' ? 'total' : 'part',
  };
  if (term.op === 'value' || simple(term)) return [line];
  const [only] = term.terms;
  if (term.terms.length === 1 && only && term.op === 'sum') return workingLines(only, reader, depth);
  const shown = term.op === 'sum' ? alike(term.terms) : term.terms;
  return [...shown.flatMap((t) => workingLines(t, reader, depth + 1)), line];
}

/** Terms that read the same are shown once with their number, so that forty like posts do not fill a page. */
function alike(terms: readonly Term[]): readonly Term[] {
  const groups = new Map<string, Term[]>();
  for (const term of terms) {
    const key = `${term.code} ${JSON.stringify(term.params)} ${term.value.toFixed(6)}`;
    groups.set(key, [...(groups.get(key) ?? []), term]);
  }
  return [...groups.values()].flatMap((group) => {
    const [first] = group;
    if (!first || group.length === 1) return group;
    const times: Term = {
      code: 'docket.unit-count',
      params: {},
      op: 'value',
      value: group.length,
      unit: 'piece',
      terms: [],
    };
    const merged = {
      ...first,
      op: 'product',
      value: first.value * group.length,
      terms: [times, { ...first, op: 'value', terms: [] }],
    } as Term;
    return [merged];
  });
}

/** A whole working in one sentence: `3 sides … = 17.95 m`. */
export function sayWorking(term: Term, reader: Reader): string {
  const amount = reader.amount(term.value, term.unit);
  if (term.op === 'value') return `${sayTerm(term, reader)} ${amount}`;
  if (simple(term)) return `${sayTerm(term, reader)} ${how(term, reader)} = ${amount}`;
  const [only] = term.terms;
  if (term.terms.length === 1 && only) return sayWorking(only, reader);
  const sign = term.op === 'product' ? ' × ' : term.op === 'sum' ? ' + ' : ', ';
  const parts = (term.op === 'sum' ? alike(term.terms) : term.terms).map((t) =>
    t.op === 'value' || simple(t)
      ? `${sayTerm(t, reader)} ${how(t, reader) || reader.amount(t.value, t.unit)}`
      : `(${sayWorking(t, reader)})`,
  );
  return `${parts.join(sign)} = ${amount}`;
}
