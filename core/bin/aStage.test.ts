import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const ROOT = path.resolve(import.meta.dirname, '../..');
const FIXTURES = path.join(ROOT, 'core/fixtures');

/** In each table, behind what a line is written: one more import, or one more entry. */
const LINES: Readonly<Record<string, readonly (readonly [behind: string, line: string])[]>> = {
  'core/src/stages/choices.ts': [
    ["import * as docket from './docket/plan/choice';", "\nimport * as flags from './flags/plan/choice';"],
    ['const filled = { ...posts.FILLED, ...walls.FILLED', ', ...flags.FILLED'],
    ['const apart = { ...posts.APART, ...walls.APART', ', ...flags.APART'],
    ['  ...posts.usual(units),', '\n  ...flags.usual,'],
  ],
  'core/src/stages/facts.ts': [
    ["import * as docket from './docket/plan/facts';", "\nimport * as flags from './flags/plan/facts';"],
    [
      'const FACTS = { birds, threats, ground, outline, posts, walls, arch, skirt, ways, cover, live, docket',
      ', flags',
    ],
    ['export const FACETS = { ...posts.FACETS, ...walls.FACETS, ...skirt.FACETS', ', ...flags.FACETS'],
    [
      'export const PARTS = { ...arch.PARTS, ...skirt.PARTS, ...cover.PARTS, ...live.PARTS',
      ', ...flags.PARTS',
    ],
    ['  ...live.HOURS_FIGURES,', '\n  ...flags.HOURS_FIGURES,'],
    ['export const MARK_INKS = { ...live.LIVE_INKS', ', ...flags.MARK_INKS'],
  ],
  'core/src/stages/verbs.ts': [
    [
      "import { VERBS as docket } from './docket/verbs';",
      "\nimport { VERBS as flags } from './flags/verbs';",
    ],
    ['  ...docket,', '\n  ...flags,'],
  ],
  'core/src/stages/words.ts': [
    ["import * as docket from './docket/words';", "\nimport * as flags from './flags/words';"],
    ['  ...docket.FINDINGS,', '\n  ...flags.FINDINGS,'],
    ['  docket: docket.cautions,', '\n  flags: flags.cautions,'],
    [
      "import * as docketChanges from './docket/words/changes';",
      "\nimport * as flagsChanges from './flags/words/changes';",
    ],
    [
      "import * as docketTerms from './docket/words/terms';",
      "\nimport * as flagsTerms from './flags/words/terms';",
    ],
    ['  ...docketTerms.TERMS,', '\n  ...flagsTerms.TERMS,'],
    ['  ...docketChanges.CHANGES,', '\n  ...flagsChanges.CHANGES,'],
  ],
  'core/src/stages/told.ts': [
    ["import type * as birds from './birds/told';", "\nimport type * as flags from './flags/told';"],
    ['  | live.LiveParts', '\n  | flags.FlagPart'],
    ['  | docket.FigureName', '\n  | flags.FigureName'],
  ],
  'core/src/stages/index.ts': [
    ["import { docket } from './docket';", "\nimport { flags } from './flags';"],
    ['  live,\n  docket,', '\n  flags,'],
    ['  posts,\n  arch,\n  cover,\n  live,', '\n  flags,'],
  ],
  'core/src/stages/draw.ts': [
    ["import * as live from './live/draw';", "\nimport * as flags from './flags/draw';"],
    ['const MARKS: readonly OnSheet[] = [live.sheet', ', flags.marks'],
    ['const STRIPS: readonly OnStrip[] = [skirt.strip, arch.strip, cover.strip, live.strip', ', flags.strip'],
  ],
  'core/src/stages/opened.ts': [
    [
      "import { houseSkirtOptions, skirtOptions } from './skirt/questions';",
      "\nimport { flagOptions } from './flags/questions';",
    ],
    ['export {\n  archOptions,', '\n  flagOptions,'],
    ['  skirt: skirtOptions,', '\n  flags: flagOptions,'],
  ],
  'core/src/testing/everyVerb.ts': [
    [
      "  rename: { verb: 'rename', name: 'Another' },",
      "\n  'set-flags': { verb: 'set-flags', scope, flags: { kind: 'pole', height: 3 } },",
    ],
  ],
  'web/src/stages/stages.ts': [
    [
      'export const STAGE_VIEWS: Readonly<Record<StageId, StageView>> = {',
      "\n  flags: { panel: fetched(async () => (await import('./flags/FlagsPanel')).FlagsPanel), first: 'choices', lettered: false },",
    ],
  ],
};

const TSCONFIG = {
  extends: path.join(ROOT, 'tsconfig.base.json'),
  compilerOptions: {
    composite: false,
    emitDeclarationOnly: false,
    noEmit: true,
    lib: ['ES2023', 'DOM', 'DOM.Iterable'],
    jsx: 'react-jsx',
    types: ['node', 'vite/client'],
    paths: {
      '@aviarum/core': ['./core/src/index.ts'],
      '@aviarum/core/prices': ['./core/src/formats/priceList.ts'],
      '@aviarum/core/solver': ['./core/src/cutting/highs.ts'],
      '@aviarum/core/survey': ['./core/src/survey/index.ts'],
      '@aviarum/core/formats': ['./core/src/formats/exchange/index.ts'],
      '@aviarum/core/csv': ['./core/src/formats/csv.ts'],
      '@aviarum/core/largest': ['./core/src/stages/live/largest/largest.ts'],
    },
  },
  include: ['core/src', 'web/src', 'fly.ts'],
  exclude: ['**/*.test.ts', '**/*.test.tsx'],
};

/** A copy of core and web with one stage more, beside the packages that they need. */
let copy = '';
beforeAll(() => {
  mkdirSync(path.join(ROOT, '.aviarum'), { recursive: true });
  copy = mkdtempSync(path.join(ROOT, '.aviarum/a-stage-'));
  for (const source of ['core/src', 'web/src'])
    cpSync(path.join(ROOT, source), path.join(copy, source), { recursive: true });
  cpSync(path.join(FIXTURES, 'flags'), path.join(copy, 'core/src/stages/flags'), { recursive: true });
  cpSync(path.join(FIXTURES, 'flagsPanel'), path.join(copy, 'web/src/stages/flags'), { recursive: true });
  cpSync(path.join(FIXTURES, 'fly.ts'), path.join(copy, 'fly.ts'));
  writeFileSync(path.join(copy, 'tsconfig.json'), JSON.stringify(TSCONFIG));
  writeFileSync(path.join(copy, 'package.json'), JSON.stringify({ type: 'module' }));
  for (const [file, lines] of Object.entries(LINES)) {
    const at = path.join(copy, file);
    const text = lines.reduce(
      (now, [behind, line]) => {
        const parts = now.split(behind);
        if (parts.length !== 2) throw new Error(`${file} has ${parts.length - 1} times, not once: ${behind}`);
        return `${parts[0] ?? ''}${behind}${line}${parts[1] ?? ''}`;
      },
      readFileSync(at, 'utf8'),
    );
    writeFileSync(at, text);
  }
});
afterAll(() => rmSync(copy, { recursive: true, force: true }));

/** Ends what would never end: a busy machine takes many times as long as a quiet one. */
const NEVER = 900_000;
const node = (...args: string[]) =>
  spawnSync(process.execPath, args, { cwd: copy, encoding: 'utf8', timeout: NEVER });

describe('a stage is one folder and a line in each table', () => {
  test(
    'with which core and the screens compile',
    () => {
      const { stdout, status } = node(path.join(ROOT, 'node_modules/typescript-native/bin/tsc'), '-p', copy);
      expect([status, stdout]).toEqual([0, '']);
    },
    NEVER,
  );
  test(
    'and it appears wherever stages do',
    () => {
      const { stdout, stderr } = node('--import', 'tsx', path.join(copy, 'fly.ts'));
      expect(stderr).toBe('');
      const facts = JSON.parse(stdout) as Readonly<Record<string, unknown>>;
      expect(facts).toMatchObject({
        name: 'Flags',
        // A run against its house has four corners: four poles of four pegs.
        corners: 4,
        figure: 4,
        pegsMore: 16,
        hours: 2,
        hoursTold: 2,
        said: 'Fly flags 1.50 m up',
        finding: 'A flag 1.50 m up strikes heads. Fly it at 2.00 m.',
        stage: { state: 'look', matters: 1 },
        mend: ['Fly flags 2.00 m up'],
        afterMend: 0,
        marks: 4,
        svg: 4,
        dxf: true,
        part: { on: 'flag', corner: 'c1' },
        options: [
          ['none', false],
          ['pole', true],
        ],
        verb: { kind: 'pole', height: 3 },
        cautions: ['No poles near overhead lines.'],
        older: { kind: 'none', height: 2 },
        again: { kind: 'pole', height: 1.5 },
      });
      expect(facts.stages).toEqual(expect.arrayContaining(['docket', 'flags']));
      expect(facts.counted).toEqual(expect.arrayContaining(['pegs of flag poles']));
      const lines = facts.strip as readonly (readonly number[])[];
      expect(lines.length).toBeGreaterThanOrEqual(4);
      for (const [foot = NaN, top = NaN] of lines) expect(top - foot).toBeCloseTo(1.5, 9);
    },
    NEVER,
  );
});
