import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { postgresBin } from './debian.mjs';
import { COPIES_SAID, KEEP, ROOT } from './paths.mjs';
import { alive, commandOf, isPostgresOf, isStill, markOf, pidIn, postmasterOf } from './processes.mjs';
import { holdsCluster, repaired } from './repair.mjs';
import { quiet } from './run.mjs';
import { Trouble, say } from './say.mjs';

const asRoot = process.getuid?.() === 0;
/** PostgreSQL refuses to run as root: there its own user owns the cluster. */
const asPostgres = (command, args) =>
  asRoot ? ['runuser', ['-u', 'postgres', '--', command, ...args]] : [command, args];

/** Who made the cluster, and the role that Aviarum works under: it owns its tables and is no superuser. */
const MAKER = 'app';
const ROLE = 'aviarum';
const PORT = 5432;
/** A socket's path ends here, bytes. */
const LONGEST_SOCKET = 107;

/**
 * The clone's own folder where the database user can reach it, otherwise one beside the system's other state. A folder that holds a cluster is never
 * exchanged for an empty one.
 */
function clusterFolder(name) {
  const near = path.join(KEEP, name);
  if (!asRoot) return near;
  const mark = createHash('sha256').update(KEEP).digest('hex').slice(0, 12);
  const far = path.join('/var/tmp', `aviarum-${mark}`, name);
  const earlier = path.join(
    '/var/tmp',
    `aviarum-${createHash('sha256').update(ROOT).digest('hex').slice(0, 12)}`,
    name,
  );
  const elsewhere = [far, earlier].find(holdsCluster);
  if (elsewhere && !holdsCluster(near)) return elsewhere;
  mkdirSync(near, { recursive: true, mode: 0o700 });
  if (!holdsCluster(near)) quiet('chown', ['postgres:postgres', near]);
  // The folder itself is the database's own: whether one can come to it is a matter of those above.
  const reachable = quiet('runuser', ['-u', 'postgres', '--', 'test', '-x', path.dirname(near)]).status === 0;
  if (reachable) return near;
  if (holdsCluster(near))
    throw new Trouble(
      `the database’s own user cannot come to ${near}: a folder above it is closed. Open it (chmod o+x) and start again.`,
    );
  return far;
}

function makeCluster(bin, folder) {
  const made = `${folder}.making`;
  rmSync(made, { recursive: true, force: true });
  mkdirSync(made, { recursive: true, mode: 0o700 });
  if (asRoot) {
    chmodSync(path.dirname(folder), 0o711);
    quiet('chown', ['postgres:postgres', made]);
  }
  const words = [
    ...['-D', made, '-U', MAKER, '--auth-local=trust', '--auth-host=reject'],
    ...['-E', 'UTF8', '--locale=C.UTF-8', '--no-instructions'],
  ];
  const [command, args] = asPostgres(`${bin}/initdb`, words);
  const made1 = quiet(command, args, { cwd: '/' });
  if (made1.status !== 0) {
    rmSync(made, { recursive: true, force: true });
    throw new Trouble(`the database could not be made:\n${made1.stderr || made1.stdout}`);
  }
  // Moved into place only when whole: a half-made cluster never carries the name.
  rmSync(folder, { recursive: true, force: true });
  quiet('mv', ['-T', made, folder]);
}

/** How long the keeper of a starter that is gone takes to stop its database at the most, ms. */
const STOPS_WITHIN = 25_000;

/** Two starters never share a cluster: the first one's keeper is still there. One whose own starter is gone is on its way out, and waited for. */
async function refuseSecond(keeperFile, folder) {
  const [keeper = '', starter = ''] = (existsSync(keeperFile) ? readFileSync(keeperFile, 'utf8') : '').split(
    '\n',
  );
  const pid = Number(keeper.split(' ')[0]);
  const words = commandOf(pid);
  const isOurs = () =>
    isStill(keeper) && words.some((w) => w.includes('keepPostgres')) && words.includes(folder);
  if (!isOurs()) return;
  if (isStill(starter))
    throw new Trouble(
      `Aviarum is running from this folder already (process ${starter.split(' ')[0]}). Stop it first, or start from another clone.`,
    );
  say('an earlier start was ended hard; its database is stopping …');
  for (let waited = 0; isOurs() && waited < STOPS_WITHIN; waited += 100) await wait(100);
  if (isOurs()) process.kill(pid, 'SIGKILL');
}

/** How long a database that was left over takes to stop at the most, ms. */
const LEAVES_WITHIN = 60_000;

/** A server left over from a hard kill is stopped before ours starts on the same folder, whatever its process file says; a process that is not one is left alone. */
async function stopLeftOver(folder) {
  const file = path.join(folder, 'postmaster.pid');
  const pid = postmasterOf(folder);
  if (pid === undefined) {
    // A file of a server that is gone is PostgreSQL's own to judge, unless it names somebody else or nobody.
    if (existsSync(file) && (alive(pidIn(file)) || !(pidIn(file) > 0))) rmSync(file, { force: true });
    return;
  }
  say('stopping a database left over from an earlier start …');
  process.kill(pid, 'SIGINT');
  for (let waited = 0; isPostgresOf(pid, folder) && waited < LEAVES_WITHIN; waited += 100) await wait(100);
  if (isPostgresOf(pid, folder))
    throw new Trouble(
      `a database (process ${pid}) still runs on ${folder} and does not stop. End it, then start again.`,
    );
  if (!(pidIn(file) > 0)) rmSync(file, { force: true });
}

/** A folder for the socket that nobody else on this machine can enter, short enough for one. */
function socketFolder() {
  for (const base of [os.tmpdir(), '/tmp']) {
    if (Buffer.byteLength(path.join(base, 'aviarum-XXXXXX', `.s.PGSQL.${PORT}`)) > LONGEST_SOCKET) continue;
    const folder = mkdtempSync(path.join(base, 'aviarum-'));
    chmodSync(folder, 0o700);
    if (asRoot) quiet('chown', ['postgres:postgres', folder]);
    return folder;
  }
  throw new Trouble(
    'the system’s folder for temporary files has too long a path for a socket. Set TMPDIR to a shorter one.',
  );
}

const ACCEPTS = 0;
const STARTING = 1;
/** A large database that was ended hard takes a while to read its log back, ms. */
const PATIENCE = 10 * 60_000;

/** Waits until the database takes connections; says so while it recovers. @returns whether it does */
async function accepting(bin, socket, isOver) {
  let said = false;
  const began = Date.now();
  while (Date.now() - began < PATIENCE && !isOver()) {
    const { status } = quiet(`${bin}/pg_isready`, ['-q', '-h', socket, '-p', String(PORT)]);
    if (status === ACCEPTS) return true;
    if (status === STARTING && !said && Date.now() - began > 1500) {
      say('the database was ended hard and is recovering; nothing is lost, waiting …');
      said = true;
    }
    await wait(60);
  }
  return false;
}

/** Aviarum works as a role that owns its tables and can do nothing else; clusters of earlier versions are handed over to it. */
function ensureRole(bin, socket, mayMakeDatabases) {
  const sql = `
    do $$ declare t record; begin
      if not exists (select 1 from pg_roles where rolname = '${ROLE}') then create role ${ROLE} login; end if;
      alter role ${ROLE} nosuperuser nocreaterole ${mayMakeDatabases ? 'createdb' : 'nocreatedb'};
      alter schema public owner to ${ROLE};
      for t in select tablename from pg_tables where schemaname = 'public' and tableowner <> '${ROLE}' loop
        execute format('alter table public.%I owner to ${ROLE}', t.tablename);
      end loop;
    end $$`;
  const words = [
    '-q',
    '-X',
    '-h',
    socket,
    '-p',
    String(PORT),
    '-U',
    MAKER,
    '-d',
    'postgres',
    '-v',
    'ON_ERROR_STOP=1',
    '-c',
    sql,
  ];
  const done = quiet(`${bin}/psql`, words, { cwd: '/' });
  if (done.status !== 0) throw new Trouble(`the database’s role could not be made:\n${done.stderr}`);
}

const MOST_TRIES = 40;

const endOf = (log) => (existsSync(log) ? readFileSync(log, 'utf8').split('\n').slice(-8).join('\n') : '');

/** Why it did not start, from the end of its log. */
function whyNot(log, folder) {
  const tail = endOf(log);
  if (/No space left/i.test(tail))
    return new Trouble('the disk is full: the database cannot start. Make room and start again.');
  if (/Permission denied/i.test(tail))
    return new Trouble(`the database may not write its folder. Its owner must be able to; see ${log}.`);
  const last =
    tail
      .split('\n')
      .filter((line) => /FATAL|PANIC|ERROR/.test(line))
      .pop() ?? '';
  return new Trouble(
    `the database in ${folder} does not start: ${last.replace(/^.*?(FATAL|PANIC|ERROR):\s*/, '')} (all of it in ${log}). If it cannot be mended, move that folder away and start; ${COPIES_SAID}.`,
  );
}

/**
 * Starts a PostgreSQL of this clone's own, reached through a socket that only its own user and root can come to. A keeper process holds it and stops it
 * when the starter is gone, however it went.
 *
 * @param name      folder of the cluster under .aviarum
 * @param throwAway the cluster is made anew and removed at the end; nothing waits for the disk, and databases can be made in it
 * @returns the address and a way to stop
 */
export async function startPostgres(name, { throwAway = false } = {}) {
  let bin = postgresBin();
  if (!bin) throw new Trouble('PostgreSQL is not installed.');
  const folder = clusterFolder(name);
  const keeperFile = path.join(KEEP, `${name}.keeper`);
  await refuseSecond(keeperFile, folder);
  if (throwAway) rmSync(folder, { recursive: true, force: true });
  if (holdsCluster(folder)) {
    bin = repaired(folder, asPostgres);
    await stopLeftOver(folder);
  } else {
    say('making a database …');
    makeCluster(bin, folder);
  }
  const socket = socketFolder();
  const settings = [
    'listen_addresses=',
    `unix_socket_directories=${socket}`,
    'unix_socket_permissions=0700',
    ...(throwAway ? ['fsync=off', 'full_page_writes=off', 'synchronous_commit=off'] : []),
  ];
  const log = path.join(KEEP, `${name}.log`);
  const words = ['-D', folder, '-p', String(PORT), ...settings.flatMap((s) => ['-c', s])];
  const [command, args] = asPostgres(`${bin}/postgres`, words);
  const keeperOf = () => {
    const keeping = fileURLToPath(new URL('./keepPostgres.mjs', import.meta.url));
    const keeper = spawn(process.execPath, [keeping, folder, socket, log, command, ...args], {
      cwd: '/',
      detached: true,
      stdio: ['pipe', 'ignore', 'inherit'],
    });
    writeFileSync(keeperFile, `${markOf(keeper.pid)}\n${markOf(process.pid)}\n`, { mode: 0o600 });
    let over = false;
    const ended = new Promise((resolve) => {
      keeper.on('exit', () => {
        over = true;
        resolve();
      });
    });
    return { keeper, ended, isOver: () => over };
  };
  let held = keeperOf();
  const stop = async () => {
    held.keeper.stdin.end();
    await held.ended;
    rmSync(socket, { recursive: true, force: true });
    if (!throwAway) return;
    for (const left of [folder, keeperFile, log, `${log}.1`]) rmSync(left, { recursive: true, force: true });
  };
  try {
    for (let tries = 0; !(await accepting(bin, socket, held.isOver)); tries++) {
      // What a server left behind that was ended hard lets go by itself, a moment later.
      if (tries >= MOST_TRIES || !/still in use|is another postmaster/i.test(endOf(log)))
        throw whyNot(log, folder);
      await wait(500);
      held = keeperOf();
    }
    ensureRole(bin, socket, throwAway);
  } catch (error) {
    await stop();
    throw error;
  }
  return {
    url: `postgresql://${ROLE}@localhost/postgres?host=${encodeURIComponent(socket)}&port=${PORT}`,
    /** The server's own process: a test of hard ends needs it. */
    pid: () => pidIn(path.join(folder, 'postmaster.pid')),
    ended: held.ended,
    isOver: held.isOver,
    stop,
  };
}
