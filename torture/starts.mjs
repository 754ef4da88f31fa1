/* Starts Aviarum on a folder of its own after every kind of damage and hard end: what was kept is there again, or one line says what to do. */
import { spawn } from 'node:child_process';
import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
const ROOT = path.resolve(import.meta.dirname, '..');
const keep = mkdtempSync(path.join(os.tmpdir(), 'aviarum-starts-'));
const given = process.env.KEEP ?? path.join(ROOT, '.aviarum');
for (const stamp of ['packages.stamp', 'built.stamp'])
  if (existsSync(path.join(given, stamp))) copyFileSync(path.join(given, stamp), path.join(keep, stamp));
process.env.AVIARUM_KEEP = keep;
const { ensureKeep } = await import('../scripts/lib/paths.mjs');
const { preparing } = await import('../scripts/lib/lock.mjs');
const { startPostgres } = await import('../scripts/lib/postgres.mjs');
const { connect } = await import('../server/src/store/database');

const PORT = 20_000 + (process.pid % 20_000);
const db = path.join(keep, 'db');
const problems = [];
const check = (what, holds) => {
  if (!holds) problems.push(what);
};

/** A run of the starter, with what it says. */
function begin(extra = {}) {
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(PORT), DATABASE_URL: '', ...extra },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  for (const out of [child.stdout, child.stderr]) out.on('data', (data) => (said += data));
  const ended = new Promise((resolve) => child.on('exit', resolve));
  let over = false;
  void ended.then(() => (over = true));
  /** Until it has said it so often, or is over. */
  const says = async (words, times = 1) => {
    while (said.split(words).length <= times && !over) await wait(20);
    return said.split(words).length > times;
  };
  return { child, ended, says, said: () => said, isOver: () => over };
}
const url = `http://127.0.0.1:${PORT}/api/holdings`;
const names = async () => (await (await fetch(url)).json()).map((h) => h.name);
const add = (name) =>
  fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name }),
  });
async function stop(run) {
  run.child.kill('SIGTERM');
  await run.ended;
}
const childrenOf = (pid) =>
  readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean).map(Number);
const childWith = (pid, word) =>
  childrenOf(pid).find((c) => readFileSync(`/proc/${c}/cmdline`, 'utf8').includes(word));
const postmaster = () => Number(readFileSync(path.join(db, 'postmaster.pid'), 'utf8').split('\n')[0]);

let run = begin();
check('a first start', await run.says('ready at'));
await add('Kept');
check('the folder lets the database’s user through and nobody in', (statSync(keep).mode & 0o777) === 0o711);
check('the cluster is its own', (statSync(db).mode & 0o777) === 0o700);
check('logs are the keeper’s', (statSync(path.join(keep, 'db.log')).mode & 0o777) === 0o600);

// Hard ends: each is started again by itself, three times a minute at most.
process.kill(childWith(run.child.pid, 'server/src/main.ts'), 'SIGKILL');
check('a server that dies is started again', await run.says('running again', 1));
check('with what was kept', (await names()).includes('Kept'));
process.kill(postmaster(), 'SIGKILL');
check('a database that dies is started again', await run.says('running again', 2));
check('with what was kept', (await names()).includes('Kept'));
for (let n = 3; n <= 4; n++) {
  process.kill(childWith(run.child.pid, 'server/src/main.ts'), 'SIGKILL');
  await run.says(n === 3 ? 'running again' : '4 times within a minute', n === 3 ? 3 : 1);
}
check(
  'what dies again and again is said and ended',
  (await run.ended) === 1 && run.said().includes('4 times within a minute'),
);

run = begin();
await run.says('ready at');
run.child.kill('SIGKILL');
await run.ended;
run = begin();
check('a starter killed hard does not block the next', await run.says('ready at'));
check('with what was kept', (await names()).includes('Kept'));
const second = begin({ PORT: String(PORT + 1) });
check(
  'two starters of one folder: the second is told',
  (await second.ended) === 1 && second.said().includes('running from this folder already'),
);
await stop(run);

const write = (name, text) => () => writeFileSync(path.join(db, name), text);
const DAMAGE = {
  'an empty process file': write('postmaster.pid', ''),
  'a process file that names this very process': write('postmaster.pid', `${process.pid}\n${db}\n`),
  'settings that are garbage': write('postgresql.conf', '\u0000\u0001 garbage = = =\n'),
  'settings of its own that are garbage': write('postgresql.auto.conf', 'garbage = = =\n'),
  'an empty list of who may come': write('pg_hba.conf', ''),
  'an empty version': write('PG_VERSION', ''),
  'a folder open to all': () => chmodSync(db, 0o777),
  'a folder that another clone prepares': () =>
    writeFileSync(path.join(keep, 'preparing.pid'), `${process.pid} 1\n/elsewhere\n`),
  'a process file of an earlier version': () =>
    writeFileSync(path.join(keep, 'preparing.pid'), `${process.pid}\n`),
};
/** What is kept in the database, from as much of a start as touches it. */
async function kept() {
  ensureKeep();
  const database = await preparing(() => startPostgres('db'));
  const sql = connect(database.url);
  try {
    return await sql('holdings').pluck('name');
  } finally {
    await sql.destroy();
    await database.stop();
  }
}
for (const [name, damage] of Object.entries(DAMAGE)) {
  damage();
  const found = await kept().catch((error) => [String(error)]);
  check(`${name}: what was kept is there: ${found}`, found.includes('Kept'));
  check(`${name}: the cluster is its own`, (statSync(db).mode & 0o777) === 0o700);
}
// What cannot be mended is one line with what to do.
const control = path.join(db, 'global/pg_control');
for (const [name, damage] of [
  ['with its heart damaged', () => truncateSync(control, 100)],
  ['without its heart', () => rmSync(control)],
]) {
  damage();
  const told = await kept().then(String, (error) => error.message);
  check(
    `${name}: says where the copies are: ${told}`,
    told.includes(path.join(keep, 'copies')) && !told.includes('\n'),
  );
}
rmSync(keep, { recursive: true, force: true });
console.log(
  `starts: ${Object.keys(DAMAGE).length + 8} starts after damage and hard ends; wrong ${problems.length}`,
);
for (const problem of problems) console.error(problem);
process.exit(problems.length > 0 ? 1 : 0);
