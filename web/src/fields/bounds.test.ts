import {
  ARCH_KINDS,
  ARCH_KIND_IDS,
  ASSUMPTIONS,
  COVER_KINDS,
  COVER_KIND_IDS,
  OPENING_KIND_IDS,
  OPENING_KINDS,
  THREAT_FIGURES,
  boundsAt,
} from '@aviarum/core';
import { expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

const ROOT = path.resolve(import.meta.dirname, '..');

/** What `${…}` in a path stands for. */
const FILLED: Readonly<Record<string, readonly string[]>> = {
  'opening.kind': OPENING_KIND_IDS,
  // Where its field stands, the kind has it.
  'cover.kind': ['strips', 'panels'],
  'arch.kind': ARCH_KIND_IDS,
  id: Object.keys(ASSUMPTIONS),
  figure: THREAT_FIGURES,
  "kind === 'post' || kind === 'roll' ? kind : 'timber'": ['post', 'roll', 'timber'],
};

/** The keys of an object written where it is used, or as a constant of the same file. */
function namesIn(names: string, text: string): readonly string[] {
  const written = names.startsWith('{')
    ? names
    : (text.match(new RegExp(`const ${names} = (\\{[^}]*\\})`))?.[1] ?? '');
  return [...written.matchAll(/(\w+): '/g)].flatMap(([, key]) => key ?? []);
}

test('every field that takes its bounds from the plan’s schema finds them there', () => {
  const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter(
    (f) => f.endsWith('.tsx') && !f.endsWith('PlanLength.tsx'),
  );
  const paths = files.flatMap((file) => {
    const text = readFileSync(path.join(ROOT, file), 'utf8');
    const plain = [
      ...text.matchAll(
        /(?:boundsAt\(|<(?:PlanLength|PlanCount|AmountField)\s+of=\{?)(?:kind === 'kit' \? '([\w.-]+)' : )?['"]([\w.-]+)['"]/g,
      ),
    ];
    const filled = [...text.matchAll(/(?:boundsAt\(|of=\{)`([^`$]*)\$\{([^}]*)\}([^`$]*)`/g)];
    const measured = [...text.matchAll(/<Measures\s+of="([\w.]+)"[^>]*?names=\{(\{[^}]*\}|\w+)/g)].flatMap(
      ([, of = '', names = '']) => namesIn(names, text).map((name) => `${of}.${name}`),
    );
    return [
      ...measured,
      ...plain.flatMap(([, a, b]) => [a, b].filter((p) => p !== undefined)),
      ...filled.flatMap(([, before = '', name = '', after = '']) =>
        (FILLED[name] ?? ['nothing known']).map((word) => before + word + after),
      ),
    ];
  });
  const covers = COVER_KIND_IDS.flatMap((kind) =>
    COVER_KINDS[kind].measures.flatMap(({ field, kind: of }) =>
      of === 'length' ? [`covers.${kind}.${field}`] : [],
    ),
  );
  const arches = ARCH_KIND_IDS.flatMap((kind) =>
    [
      ...ARCH_KINDS[kind].measures.map(({ field }) => field),
      ...['lap', 'turnDown', 'lowHeight', 'stakes', 'straps', 'props'],
    ].map((field) => `arches.${kind}.${field}`),
  );
  // Those whose fields are in their rows.
  const openings = OPENING_KIND_IDS.flatMap((kind) =>
    OPENING_KINDS[kind].measures.map(({ field }) => `openings.${kind}.${field}`),
  );
  expect(paths.length).toBeGreaterThan(30);
  for (const at of [...paths, ...openings, ...covers, ...arches])
    expect([at, boundsAt(at).least < boundsAt(at).most]).toEqual([at, true]);
});
