import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import loadHighs from 'highs';
import { highsSolver } from '../src/cutting/highs';
import { DEMO_PLANS, reckonImproved, reckoningFile, writePlan } from '../src/index';
import { aPolygon } from '../src/testing/aRun';

/** The commands as one file each, made by a process of its own. */
let made = '';
const BUILD = `
  import { buildCommands } from './scripts/lib/commands.mjs';
  await buildCommands(process.argv[1]);
`;
beforeAll(() => {
  mkdirSync('.aviarum', { recursive: true });
  made = mkdtempSync('.aviarum/commands-');
  const { status, stderr } = spawnSync(
    process.execPath,
    ['--input-type=module', '-e', BUILD, path.resolve(made)],
    { encoding: 'utf8' },
  );
  if (status !== 0) throw new Error(stderr);
});
afterAll(() => rmSync(made, { recursive: true, force: true }));

const started = (command: readonly string[], input = '') =>
  spawnSync(process.execPath, command, { input, encoding: 'utf8', maxBuffer: 64e6 });
const run = (args: readonly string[], input = '') => started([path.join(made, 'reckon.js'), ...args], input);
const problems = (text: string) =>
  (JSON.parse(text) as { problems: { code: string; pointer: string; message: string }[] }).problems;

const solver = highsSolver(await loadHighs());

describe('the command line', () => {
  test('prints the reckoning of a file as JSON and nothing else', async () => {
    // As it is called: by its source.
    const { status, stdout, stderr } = started([
      '--import',
      'tsx',
      'core/bin/reckon.ts',
      'demo/orchard-run.json',
    ]);
    expect([status, stderr]).toEqual([0, '']);
    expect(run(['demo/orchard-run.json']).stdout).toBe(stdout);
    const [plan] = DEMO_PLANS;
    if (!plan) throw new Error('no demo plan');
    expect(JSON.parse(stdout)).toEqual(
      JSON.parse(JSON.stringify(reckoningFile(plan, (await reckonImproved(plan, { solver })).reckoning))),
    );
    expect(Object.keys(JSON.parse(stdout) as object)).toEqual([
      'format',
      'version',
      'enclosures',
      'figures',
      'findings',
      'verdicts',
      'worst',
      'night',
      'entries',
      'strength',
      'cutting',
      'stacks',
      'proof',
      'docket',
    ]);
  });
  test('reads standard input for -', () => {
    const { status, stdout } = run(['-'], readFileSync('demo/boiler-house.json', 'utf8'));
    expect(status).toBe(0);
    expect(stdout).toContain('"format": "aviarum-reckoning"');
  });
  test.each<[string, string, string]>([
    [
      'a negative count',
      writePlan(aPolygon(4, 3)).replace('"spacing": 2.4', '"spacing": -1'),
      '/choices/plan/spacing',
    ],
    ['a thousand corners', writePlan(aPolygon(1000, 0.5)), '/corners'],
    ['ten megabytes of nothing', JSON.stringify({ name: 'x'.repeat(10_000_000) }), '/name'],
    ['no JSON', 'run, 6 by 3.6', ''],
  ])(
    'refuses %s with problems on standard error, exit 1 and nothing on standard output',
    (_, text, pointer) => {
      const { status, stdout, stderr } = run(['-'], text);
      expect([status, stdout]).toEqual([1, '']);
      expect(problems(stderr).map((p) => p.pointer)).toContain(pointer);
    },
  );
  test.each([
    ['geojson', '{\n "type": "FeatureCollection"'],
    ['gpx', '<?xml version="1.0"'],
    ['dxf', '0\nSECTION'],
    ['svg', '<svg xmlns='],
    ['csv', '\uFEFFWhat,Name'],
  ])('writes a plan as %s and nothing else', (kind, begins) => {
    const { status, stdout, stderr } = run(['--as', kind, 'demo/orchard-run.json']);
    expect([status, stderr]).toEqual([0, '']);
    expect(stdout.slice(0, begins.length)).toBe(begins);
  });
  test('refuses a kind of file that it does not know', () => {
    const { status, stdout, stderr } = run(['--as', 'pdf', 'demo/orchard-run.json']);
    expect([status, stdout, problems(stderr)[0]?.code]).toEqual([1, '', 'usage']);
    expect(problems(stderr)[0]?.message).toContain(
      'geojson, geojson-local, gpx, dxf, svg, section-svg, section-dxf, csv',
    );
  });
  test('refuses a file that is not there, and no file at all', () => {
    expect(problems(run(['nowhere.json']).stderr)[0]?.code).toBe('unreadable');
    expect(problems(run([]).stderr)[0]?.code).toBe('usage');
  });
  test('refuses a list of twelve million numbers without looking at them', () => {
    const { status, stdout, stderr } = run(['-'], `[${'1,'.repeat(12_000_000)}1]`);
    expect([status, stdout]).toEqual([1, '']);
    expect(problems(stderr).map((p) => p.code)).toEqual(['too-large']);
  });
  test('writes a long refusal whole, into a pipe that is read late', async () => {
    const wrong = aPolygon(400, 3);
    const bad = {
      ...wrong,
      corners: wrong.corners.map((c) => ({ ...c, [`${'field '.repeat(400)}${c.id}`]: 1 })),
    };
    const child = spawn(process.execPath, [path.join(made, 'reckon.js'), '-']);
    child.stdin.end(JSON.stringify(bad));
    let told = '';
    const ended = new Promise((done) => child.on('close', done));
    child.stderr.on('data', (part: Buffer) => {
      told += part.toString();
      // A slow reader: the pipe is full meanwhile.
      child.stderr.pause();
      setImmediate(() => child.stderr.resume());
    });
    expect(await ended).toBe(1);
    expect(problems(told)).toHaveLength(50);
    // A process takes as long to start as a busy machine lets it.
  });
  test('ends without a word when whoever reads it has read enough', async () => {
    const child = spawn(process.execPath, [path.join(made, 'reckon.js'), 'demo/orchard-run.json']);
    let told = '';
    child.stderr.on('data', (part: Buffer) => (told += part.toString()));
    const ended = new Promise((done) => child.on('close', done));
    child.stdout.destroy();
    expect([await ended, told]).toEqual([0, '']);
  });
  test('draws a practice walk; a file that is not there is told as by the reckoning', () => {
    const walk = (...args: string[]) => started([path.join(made, 'walk.js'), ...args]);
    expect(walk('demo/orchard-run.json', '7').stdout).toContain('<gpx');
    const missing = walk('nowhere.json');
    expect([missing.status, missing.stdout]).toEqual([1, '']);
    expect(problems(missing.stderr)[0]?.code).toBe('unreadable');
    expect(problems(walk('demo/orchard-run.json', 'seven').stderr)[0]?.code).toBe('usage');
  });
});
