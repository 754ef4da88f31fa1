import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';

const css = readFileSync(`${process.cwd()}/web/src/look/tokens.css`, 'utf8');

function tokens(theme: string): ReadonlyMap<string, string> {
  const block = new RegExp(`\\[data-theme='${theme}'\\] \\{([^}]*)\\}`).exec(css)?.[1] ?? '';
  return new Map([...block.matchAll(/--([a-z-]+): (#[0-9a-f]{6});/g)].map((m) => [m[1] ?? '', m[2] ?? '']));
}

/** Relative luminance and contrast ratio, WCAG 2.2. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
function contrast(a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
}

/** Text on its ground: every pair in use. */
const TEXT = [
  ...['ground', 'paper', 'sheet', 'yolk-wash', 'clay-wash', 'moss-wash'].map((on) => ['ink', on]),
  ...['ground', 'paper', 'sheet'].map((on) => ['soft', on]),
  ['clay', 'paper'],
  ['clay', 'sheet'],
  ['live', 'sheet'],
  ['on-bar', 'bar'],
  ['soft-on-bar', 'bar'],
  ['on-yolk', 'yolk'],
  ['on-clay', 'clay'],
] as const;

/** Edges and signs that carry meaning, against what they lie on. */
const SIGNS = [
  ['edge', 'paper'],
  ['edge', 'sheet'],
  ['bark', 'sheet'],
  ['moss', 'paper'],
  ['live', 'paper'],
  ['clay', 'clay-wash'],
] as const;

describe.each(['limewash', 'dusk'])('the %s theme', (theme) => {
  const of = tokens(theme);
  const hex = (name: string) => {
    const value = of.get(name);
    if (!value) throw new Error(`${theme} has no token ${name}`);
    return value;
  };
  test.each(TEXT.map(([a, b]) => [a, b] as const))('%s on %s is read at AA', (text, ground) => {
    expect(contrast(hex(text), hex(ground))).toBeGreaterThanOrEqual(4.5);
  });
  test.each(SIGNS.map(([a, b]) => [a, b] as const))('%s on %s is told apart', (sign, ground) => {
    expect(contrast(hex(sign), hex(ground))).toBeGreaterThanOrEqual(3);
  });
  test('has every token that limewash has', () => {
    expect([...of.keys()].sort()).toEqual([...tokens('limewash').keys()].sort());
  });
});
