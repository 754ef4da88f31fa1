import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { postgresBin, postgresBinOf } from './debian.mjs';
import { KEEP, ROOT } from './paths.mjs';
import { alive, commandOf, isPostgresOf, pidIn } from './processes.mjs';
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

/** The clone's own folder where the database user can reach it, otherwise one beside the system's other state. */
function clusterFolder(name) {
  const near = path.join(KEEP, name);
  if (!asRoot) return near;
  mkdirSync(near, { recursive: true });
  const reachable = quiet('runuser', ['-u', 'postgres', '--', 'test', '-x', near]).status === 0;
  if (reachable) return near;
  const mark = createHash('sha256').update(ROOT).digest('hex').slice(0, 12);
  return path.join('/var/tmp', `aviarum-${mark}`, name);
}

function makeCluster(bin, folder) {
  const made = `${folder}.making`;
  rmSync(made, { recursive: true, force: true });
  mkdirSync(made, { recursive: true, mode: 0o700 });
  if (asRoot) {
    chmodSync(path.dirname(folder), 0o755);
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

/** The programs of the version that wrote a cluster. @throws Trouble when this machine has others only */
function binFor(folder) {
  const wrote = readFileSync(path.join(folder, 'PG_VERSION'), 'utf8').trim();
  const bin = postgresBinOf(wrote);
  if (bin) return bin;
  throw new Trouble(
    `the data in ${folder} were written by PostgreSQL ${wrote}, which is not on this machine. Install postgresql-${wrote}; or move that folder away, start, and put the newest copy in ${path.join(KEEP, 'copies')} back.`,
  );
}

/** Two starters never share a cluster: the first one's keeper is still there. */
function refuseSecond(keeperFile, folder) {
  const pid = pidIn(keeperFile);
  const words = commandOf(pid);
  if (!alive(pid) || !words.some((w) => w.includes('keepPostgres')) || !words.includes(folder)) return;
  throw new Trouble(
    `Aviarum is running from this folder already (process ${pid}). Stop it first, or start from another clone.`,
  );
}

/** A server left over from a hard kill is stopped before ours starts on the same folder; a process that is not one is left alone. */
function stopLeftOver(bin, folder) {
  const file = path.join(folder, 'postmaster.pid');
  if (!existsSync(file)) return;
  const pid = pidIn(file);
  // A file of a server that is gone is PostgreSQL's own to judge: it looks whether anything of it still holds on to the data.
  if (!alive(pid)) return;
  if (!isPostgresOf(pid, folder)) return rmSync(file, { force: true });
  say('stopping a database left over from an earlier start …');
  const [command, args] = asPostgres(`${bin}/pg_ctl`, ['-D', folder, '-m', 'fast', '-w', 'stop']);
  if (quiet(command, args, { cwd: '/' }).status !== 0)
    throw new Trouble(
      `a database (process ${pid}) still runs on ${folder} and does not stop. End it, then start again.`,
    );
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
function whyNot(log) {
  const tail = endOf(log);
  if (/No space left/i.test(tail))
    return new Trouble('the disk is full: the database cannot start. Make room and start again.');
  if (/Permission denied/i.test(tail))
    return new Trouble(`the database may not write its folder. Its owner must be able to; see ${log}.`);
  return new Trouble(`the database does not start. The end of ${log}:\n${tail}`);
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
  refuseSecond(keeperFile, folder);
  if (throwAway) rmSync(folder, { recursive: true, force: true });
  const isThere =
    existsSync(path.join(folder, 'PG_VERSION')) && existsSync(path.join(folder, 'global/pg_control'));
  if (isThere) {
    bin = binFor(folder);
    stopLeftOver(bin, folder);
  } else {
    if (existsSync(path.join(folder, 'base'))) {
      throw new Trouble(
        `the database in ${folder} is only half there. Move that folder away to begin anew, or put it back from a copy.`,
      );
    }
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
    writeFileSync(keeperFile, String(keeper.pid));
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
    for (const left of [folder, keeperFile, log]) rmSync(left, { recursive: true, force: true });
  };
  try {
    for (let tries = 0; !(await accepting(bin, socket, held.isOver)); tries++) {
      // What a server left behind that was ended hard lets go by itself, a moment later.
      if (tries >= MOST_TRIES || !/still in use|is another postmaster/i.test(endOf(log))) throw whyNot(log);
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
    stop,
  };
}
