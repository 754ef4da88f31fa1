import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { postgresBin } from './debian.mjs';
import { KEEP, ROOT } from './paths.mjs';
import { answers, freePort } from './ports.mjs';
import { quiet } from './run.mjs';
import { Trouble, say } from './say.mjs';

const asRoot = process.getuid?.() === 0;
/** PostgreSQL refuses to run as root: there its own user owns the cluster. */
const asPostgres = (command, args) =>
  asRoot ? ['runuser', ['-u', 'postgres', '--', command, ...args]] : [command, args];

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
  const [command, args] = asPostgres(`${bin}/initdb`, [
    '-D',
    made,
    '-U',
    'app',
    '--auth=trust',
    '-E',
    'UTF8',
    '--locale=C.UTF-8',
    '--no-instructions',
  ]);
  const made1 = quiet(command, args, { cwd: '/' });
  if (made1.status !== 0) {
    rmSync(made, { recursive: true, force: true });
    throw new Trouble(`the database could not be made:\n${made1.stderr || made1.stdout}`);
  }
  // Moved into place only when whole: a half-made cluster never carries the name.
  rmSync(folder, { recursive: true, force: true });
  quiet('mv', ['-T', made, folder]);
}

const alive = (pid) => {
  try {
    process.kill(pid, 0);
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'));
  } catch {
    return false;
  }
};

/** Two starters never share a cluster: the first one's keeper is still there. */
function refuseSecond(keeperFile) {
  if (!existsSync(keeperFile)) return;
  const pid = Number(readFileSync(keeperFile, 'utf8'));
  if (!Number.isInteger(pid) || pid <= 0 || !alive(pid)) return;
  if (!readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('keepPostgres')) return;
  throw new Trouble(
    'Aviarum is running from this folder already. Stop it first, or start from another clone.',
  );
}

/** A server left over from a hard kill is stopped before ours starts on the same folder. */
function stopLeftOver(bin, folder) {
  const file = path.join(folder, 'postmaster.pid');
  if (!existsSync(file)) return;
  const pid = Number(readFileSync(file, 'utf8').split('\n')[0]);
  if (!Number.isInteger(pid) || pid <= 0 || !alive(pid)) return;
  say('stopping a database left over from an earlier start …');
  const [command, args] = asPostgres(`${bin}/pg_ctl`, ['-D', folder, '-m', 'fast', '-w', 'stop']);
  if (quiet(command, args, { cwd: '/' }).status !== 0)
    throw new Trouble(
      `a database (process ${pid}) still runs on ${folder} and does not stop. End it, then start again.`,
    );
}

/**
 * Starts a PostgreSQL of this clone's own on loopback. A keeper process holds it and stops it when the starter is gone,
 * however it went.
 *
 * @param name      folder of the cluster under .aviarum
 * @param throwAway the cluster is made anew and removed at the end; nothing waits for the disk
 * @returns the address and a way to stop
 */
export async function startPostgres(name, { throwAway = false } = {}) {
  const bin = postgresBin();
  if (!bin) throw new Trouble('PostgreSQL is not installed.');
  const folder = clusterFolder(name);
  const keeperFile = path.join(KEEP, `${name}.keeper`);
  refuseSecond(keeperFile);
  if (existsSync(path.join(folder, 'PG_VERSION'))) stopLeftOver(bin, folder);
  if (throwAway) rmSync(folder, { recursive: true, force: true });
  if (!existsSync(path.join(folder, 'PG_VERSION')) || !existsSync(path.join(folder, 'global/pg_control'))) {
    if (existsSync(path.join(folder, 'base'))) {
      throw new Trouble(
        `the database in ${folder} is only half there. Move that folder away to begin anew, or put it back from a copy.`,
      );
    }
    say('making a database …');
    makeCluster(bin, folder);
  }
  const port = await freePort();
  const settings = [
    'listen_addresses=127.0.0.1',
    'unix_socket_directories=',
    ...(throwAway ? ['fsync=off', 'full_page_writes=off', 'synchronous_commit=off'] : []),
  ];
  const log = path.join(KEEP, `${name}.log`);
  const [command, args] = asPostgres(`${bin}/postgres`, [
    '-D',
    folder,
    '-p',
    String(port),
    ...settings.flatMap((s) => ['-c', s]),
  ]);
  const keeper = spawn(
    process.execPath,
    [fileURLToPath(new URL('./keepPostgres.mjs', import.meta.url)), folder, log, command, ...args],
    {
      cwd: '/',
      detached: true,
      stdio: ['pipe', 'ignore', 'inherit'],
    },
  );
  writeFileSync(keeperFile, String(keeper.pid));
  let over = false;
  const ended = new Promise((resolve) => {
    keeper.on('exit', () => {
      over = true;
      resolve();
    });
  });
  if (!(await answers(port, { alive: () => !over }))) {
    keeper.stdin.end();
    const tail = existsSync(log) ? readFileSync(log, 'utf8').split('\n').slice(-8).join('\n') : '';
    if (/No space left/i.test(tail))
      throw new Trouble('the disk is full: the database cannot start. Make room and start again.');
    throw new Trouble(`the database does not start. The end of ${log}:\n${tail}`);
  }
  return {
    url: `postgresql://app@127.0.0.1:${port}/postgres`,
    ended,
    stop: async () => {
      keeper.stdin.end();
      await ended;
      if (!throwAway) return;
      for (const left of [folder, keeperFile, log]) rmSync(left, { recursive: true, force: true });
    },
  };
}
