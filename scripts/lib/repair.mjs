/* What Aviarum wrote into a cluster it can write again: a start mends it, and says what it mended. */
import {
  chmodSync,
  existsSync,
  readFileSync,
  readdirSync,
  renameSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { postgresBinOf } from './debian.mjs';
import { COPIES_SAID } from './paths.mjs';
import { quiet } from './run.mjs';
import { Trouble, say } from './say.mjs';

/** The role's door: through the socket alone, whose folder nobody else can enter. */
const HBA = '# Written by Aviarum: the socket’s folder lets nobody else in.\nlocal all all trust\n';
/** All else stands on the command line. */
const CONF = '# Written by Aviarum, which gives its settings on the command line.\nmax_connections = 100\n';

const read = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : '');

/** Whether there is data of a cluster in a folder, however damaged. */
export const holdsCluster = (folder) =>
  ['PG_VERSION', 'base', 'global/pg_control'].some((name) => existsSync(path.join(folder, name)));

/** Puts a file of the cluster anew, with what it held kept beside it. */
function putAnew(folder, name, text) {
  const file = path.join(folder, name);
  if (read(file) !== '') renameSync(file, `${file}.broken`);
  writeFileSync(file, text, { mode: 0o600 });
  if (process.getuid?.() === 0) quiet('chown', ['postgres:postgres', file]);
  say(`${name} of the database was damaged; it is written anew.`);
}

/** Which PostgreSQL wrote a cluster: each database in it says so as well. */
function versionOf(folder) {
  const plain = (file) => /^\d+$/.exec(read(file).trim())?.[0];
  const own = plain(path.join(folder, 'PG_VERSION'));
  if (own) return own;
  const base = path.join(folder, 'base');
  const told = (existsSync(base) ? readdirSync(base) : [])
    .map((name) => plain(path.join(base, name, 'PG_VERSION')))
    .find((version) => version !== undefined);
  if (!told)
    throw new Trouble(
      `nothing in ${folder} says which PostgreSQL wrote it. Move that folder away and start; ${COPIES_SAID}, and are put back on a holding’s page.`,
    );
  putAnew(folder, 'PG_VERSION', `${told}\n`);
  return told;
}

/**
 * Mends what can be mended of a cluster that is there.
 *
 * @param asPostgres  puts a command so that the database's own user runs it
 * @returns the programs that start it
 * @throws Trouble with what to do where it cannot be mended
 */
export function repaired(folder, asPostgres) {
  if (!existsSync(path.join(folder, 'global/pg_control')))
    throw new Trouble(
      `the database in ${folder} is only half there. Move that folder away and start; ${COPIES_SAID}, and are put back on a holding’s page.`,
    );
  if ((statSync(folder).mode & 0o777) !== 0o700) chmodSync(folder, 0o700);
  const version = versionOf(folder);
  const bin = postgresBinOf(version);
  if (!bin)
    throw new Trouble(
      `the data in ${folder} were written by PostgreSQL ${version}, which is not on this machine. Install postgresql-${version}; or move that folder away and start: ${COPIES_SAID}.`,
    );
  if (!/^local\s+all\s+all\s+trust\s*$/m.test(read(path.join(folder, 'pg_hba.conf'))))
    putAnew(folder, 'pg_hba.conf', HBA);
  const complaint = () => {
    const [command, args] = asPostgres(`${bin}/postgres`, ['-D', folder, '-C', 'data_directory']);
    const { status, stderr } = quiet(command, args, { cwd: '/' });
    return status === 0 ? '' : stderr;
  };
  for (let said = complaint(), tries = 0; said !== '' && tries < 2; said = complaint(), tries++) {
    if (said.includes('postgresql.auto.conf')) putAnew(folder, 'postgresql.auto.conf', '');
    else putAnew(folder, 'postgresql.conf', CONF);
  }
  return bin;
}
