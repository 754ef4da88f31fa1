import { FOOT, INCH } from './factors';

/** What a bare number in a field means: metres or feet for lengths, millimetres or inches for openings. */
export type LengthField = 'length' | 'opening';
export type UnitSystem = 'metric' | 'imperial';

export type ParsedLength =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly problem: LengthProblem };

export type LengthProblem = 'empty' | 'not-a-length' | 'two-decimal-signs' | 'negative';

const METRIC = { mm: 0.001, cm: 0.01, m: 1, km: 1000 } as const;
const GLYPHS: Record<string, string> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
  '⁄': '/',
};
const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉';

/** Plain ASCII for everything a keyboard, a phone or our own printing may put in. */
function plain(text: string): string {
  let out = '';
  let inNumerator = false;
  for (const sign of text) {
    const raised = SUPERSCRIPTS.indexOf(sign);
    const lowered = SUBSCRIPTS.indexOf(sign);
    if (raised >= 0) out += inNumerator ? `${raised}` : ` ${raised}`;
    else if (lowered >= 0) out += `${lowered}`;
    else out += GLYPHS[sign] ?? sign;
    inNumerator = raised >= 0;
  }
  return out
    .replace(/[’′‘`´]/g, "'")
    .replace(/''|[”″“]/g, '"')
    .replace(/[−–—]/g, '-')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .trim()
    .toLowerCase();
}

const NUMBER = String.raw`\d{1,3}(?: \d{3})+(?:[.,]\d+)?|\d+(?:[.,]\d*)?|[.,]\d+`;
const FRACTION = String.raw`(?:(\d+)[ -]+)?(\d+) ?/ ?(\d+)`;
const METRIC_UNIT = String.raw`mm|cm|km|m|millimet(?:er|re)s?|centimet(?:er|re)s?|met(?:er|re)s?`;

const number = (text: string) => Number(text.replaceAll(' ', '').replace(',', '.'));

/** A whole, decimal or mixed number such as `7`, `7.5`, `10 1/2`; undefined when it is none. */
function mixed(text: string): number | undefined {
  const t = text.trim();
  if (new RegExp(`^(?:${NUMBER})$`).test(t)) return number(t);
  const fraction = new RegExp(`^${FRACTION}$`).exec(t);
  if (!fraction) return undefined;
  const [, whole = '0', over, under] = fraction;
  return Number(under) === 0 ? undefined : Number(whole) + Number(over) / Number(under);
}

function metric(text: string): number | undefined {
  const split = new RegExp(`^(${NUMBER}) ?(?:m|met(?:er|re)s?) ?(\\d{1,3})(?: ?(cm|mm))?$`).exec(text);
  if (split) {
    const [, metres = '', rest = '', unit] = split;
    if (/[.,]/.test(metres)) return undefined;
    // "1 m 88" is said for centimetres, "1 m 880" for millimetres.
    const small = unit ? METRIC[unit as 'cm' | 'mm'] : rest.length === 3 ? METRIC.mm : METRIC.cm;
    return number(metres) + Number(rest) * small;
  }
  const one = new RegExp(`^(.+?) ?(${METRIC_UNIT})$`).exec(text);
  if (!one) return undefined;
  const amount = mixed(one[1] ?? '');
  const unit = (one[2] ?? 'm')
    .replace(/^milli.*/, 'mm')
    .replace(/^centi.*/, 'cm')
    .replace(/^met.*/, 'm');
  return amount === undefined ? undefined : amount * METRIC[unit as keyof typeof METRIC];
}

function imperial(text: string): number | undefined {
  const t = text
    .replace(/(?<=\d ?)(?:feet|foot|ft)(?![a-z])\.?/g, "'")
    .replace(/(?<=\d ?)(?:inches|inch|in)(?![a-z])\.?/g, '"')
    .replace(/(?<=\d ?)(?:yards?|yd)(?![a-z])/g, 'y');
  const yards = /^(.+?) ?y$/.exec(t);
  if (yards) {
    const amount = mixed(yards[1] ?? '');
    return amount === undefined ? undefined : amount * 3 * FOOT;
  }
  const both = /^([^'"]+?) ?'(?: ?-? ?([^'"]+?) ?"?)?$/.exec(t);
  if (both) {
    const feet = mixed(both[1] ?? '');
    const inches = both[2] === undefined ? 0 : mixed(both[2]);
    return feet === undefined || inches === undefined ? undefined : feet * FOOT + inches * INCH;
  }
  const inches = /^([^'"]+?) ?"$/.exec(t);
  const amount = inches ? mixed(inches[1] ?? '') : undefined;
  return amount === undefined ? undefined : amount * INCH;
}

/**
 * Reads a length as a keeper types it.
 *
 * Takes `6'2"`, `6'2`, `7' 10 1/2"`, `74in`, `1.88`, `1,88`, `188 cm`, `1 m 88`, `2 yd`, glyph fractions and curly marks.
 * One comma or point is the decimal sign; thousands are grouped by a space.
 *
 * @param text    what stands in the field
 * @param system  the reader's units; decides what a bare number means
 * @param field   `length`: bare is metres or feet; `opening`: bare is millimetres or inches
 * @returns the length in metres, or the problem by name
 */
export function parseLength(text: string, system: UnitSystem, field: LengthField = 'length'): ParsedLength {
  const t = plain(text);
  if (t === '') return { ok: false, problem: 'empty' };
  if (t.startsWith('-')) return { ok: false, problem: 'negative' };
  if (/\d[.,]\d+[.,]/.test(t)) return { ok: false, problem: 'two-decimal-signs' };
  const bareUnit = system === 'metric' ? (field === 'length' ? 1 : 0.001) : field === 'length' ? FOOT : INCH;
  const bare = mixed(t);
  const value = bare === undefined ? (metric(t) ?? imperial(t)) : bare * bareUnit;
  if (value === undefined || !Number.isFinite(value)) return { ok: false, problem: 'not-a-length' };
  return { ok: true, value };
}
