/* npm run bench: prints a table of what is measured, or with --json one object of name → number; with --beside, ratios to another commit. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ensureDebian } from './lib/debian.mjs';
import { preparing } from './lib/lock.mjs';
import { KEEP, ensureKeep } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { WEB_ROOT, checkNode, ensureBuilt, ensurePackages } from './lib/prepare.mjs';
import { quiet } from './lib/run.mjs';
import { besideOf } from './lib/beside.mjs';
import { Trouble, main } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';

/** A stage brings its sums into the worker and its sentences into the screens: set anew with each, to what it was and no more than it needs. */
const LIMITS = { 'first load, compressed JavaScript, bytes': 215_000 };
/** What every later commit is measured against, so that no stage eats what was won. */
const BESIDE = '9273d8e';
const asJson = process.argv.includes('--json');
if (asJson) console.log = console.error; // standard output is for the object alone

/** JavaScript that the first page asks for: the entry, what it imports at once, and the worker it starts. */
function firstLoad() {
  const html = readFileSync(path.join(WEB_ROOT, 'index.html'), 'utf8');
  const entry = [...html.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map((m) => m[1]);
  const seen = new Set();
  const visit = (file) => {
    if (seen.has(file)) return;
    seen.add(file);
    const text = readFileSync(path.join(WEB_ROOT, file), 'utf8');
    for (const m of text.matchAll(/from\s*["']\.\/([^"']+\.js)["']|import\s*["']\.\/([^"']+\.js)["']/g))
      visit(`/assets/${m[1] ?? m[2]}`);
    for (const m of text.matchAll(/(\/assets\/[A-Za-z0-9_.-]*worker[A-Za-z0-9_.-]*\.js)/g)) visit(m[1]);
  };
  entry.forEach(visit);
  const files = [...seen];
  const banned = files.filter(
    (f) => /recharts|highs/i.test(f) || /recharts|HiGHS/.test(readFileSync(path.join(WEB_ROOT, f), 'utf8')),
  );
  if (banned.length > 0) throw new Trouble(`charts or a solver are in the first load: ${banned.join(', ')}`);
  return files.reduce((total, f) => total + readFileSync(path.join(WEB_ROOT, `${f}.br`)).length, 0);
}

function child(file, env, flags = []) {
  const result = quiet(process.execPath, [...flags, '--import', 'tsx', file], { env });
  if (result.status !== 0) throw new Trouble(`${file} failed:\n${result.stderr}`);
  return JSON.parse(result.stdout);
}

/** A whole type check from nothing. */
function typeCheck() {
  const began = performance.now();
  const { status, stdout } = quiet(process.execPath, [
    'node_modules/typescript-native/bin/tsc',
    '--build',
    '--force',
  ]);
  if (status !== 0) throw new Trouble(`the types do not hold:\n${stdout}`);
  return (performance.now() - began) / 1000;
}

await main(async () => {
  checkNode();
  ensureKeep();
  await preparing(async () => {
    await ensureDebian(process.env.DATABASE_URL ? ['chromium'] : ['postgresql', 'chromium']);
    await ensurePackages();
    await ensureBuilt();
  });
  const at = process.argv.indexOf('--beside');
  if (at >= 0) {
    for (const { name, then, now, ratio } of besideOf(process.argv[at + 1] ?? BESIDE))
      console.log(
        `${ratio.toFixed(2).padStart(6)}  ${then.toFixed(2).padStart(9)} → ${now.toFixed(2).padStart(9)}  ${name}`,
      );
    return;
  }
  const results = {
    ...child('bench/reckon.ts', {}),
    ...child('bench/edits.ts', {}),
    ...child('bench/memory.ts', {}, ['--expose-gc']),
    'type check, s': typeCheck(),
    ...child('bench/extremes.ts', {}),
    ...child('bench/effects.ts', {}),
    ...child('bench/cutting.ts', {}),
    ...child('bench/whole.ts', {}),
    ...child('bench/track.ts', {}),
    'first load, compressed JavaScript, bytes': firstLoad(),
  };
  const database = process.env.DATABASE_URL
    ? undefined
    : await startPostgres(`bench-${process.pid}`, { throwAway: true });
  const url = process.env.DATABASE_URL ?? database.url;
  try {
    const server = await startServer({ databaseUrl: url, port: 0, logLevel: 'warn' });
    const env = { DATABASE_URL: url, BASE_URL: `http://127.0.0.1:${server.port}`, KEEP };
    try {
      Object.assign(
        results,
        child('bench/page.ts', env),
        child('bench/saves.ts', env),
        child('bench/drag.ts', env),
      );
    } finally {
      await server.stop();
    }
  } finally {
    await database?.stop();
  }

  const over = Object.entries(LIMITS).filter(([name, most]) => results[name] > most);
  if (asJson) process.stdout.write(`${JSON.stringify(results, null, 2)}\n`);
  else {
    const wide = Math.max(...Object.keys(results).map((name) => name.length));
    for (const [name, value] of Object.entries(results))
      console.log(`${name.padEnd(wide)}  ${String(Math.round(value * 100) / 100).padStart(10)}`);
  }
  if (over.length > 0)
    throw new Trouble(over.map(([name, most]) => `${name}: ${results[name]} is over ${most}`).join('\n'));
});
