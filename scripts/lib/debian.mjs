import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { quiet, run } from './run.mjs';
import { Trouble, say } from './say.mjs';

const POSTGRES = '/usr/lib/postgresql';

/** The PostgreSQL of one version, if it is on this machine. */
export function postgresBinOf(version) {
  const bin = `${POSTGRES}/${version}/bin`;
  return existsSync(`${bin}/initdb`) && existsSync(`${bin}/postgres`) ? bin : undefined;
}

/** The newest PostgreSQL on this machine, or undefined. */
export function postgresBin() {
  const versions = existsSync(POSTGRES) ? readdirSync(POSTGRES).sort((a, b) => Number(b) - Number(a)) : [];
  return versions.map(postgresBinOf).find((bin) => bin !== undefined);
}

const PRESENT = {
  postgresql: () => postgresBin() !== undefined,
  chromium: () => existsSync('/usr/bin/chromium'),
};

/** A system cluster that nobody asked for would start with the package; ours is the clone's own. */
function noSystemCluster() {
  const folder = '/etc/postgresql-common';
  const file = `${folder}/createcluster.conf`;
  mkdirSync(folder, { recursive: true });
  const before = existsSync(file) ? readFileSync(file, 'utf8') : '';
  if (!/^create_main_cluster/m.test(before)) writeFileSync(file, `${before}create_main_cluster = false\n`);
}

/** Installs Debian packages that are missing, as root; otherwise names the line that does. @throws Trouble */
export async function ensureDebian(names) {
  const missing = names.filter((name) => !PRESENT[name]());
  if (missing.length === 0) return;
  const line = `sudo apt-get install -y ${missing.join(' ')}`;
  if (process.getuid?.() !== 0)
    throw new Trouble(
      `${missing.join(' and ')} missing on this machine. Run this, then start again:\n  ${line}`,
    );
  if (quiet('which', ['apt-get']).status !== 0)
    throw new Trouble(`${missing.join(' and ')} missing, and this machine has no apt-get.`);
  say(`installing ${missing.join(' and ')} …`);
  if (missing.includes('postgresql')) noSystemCluster();
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  await run('apt-get', ['update', '-qq'], { env });
  await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing], { env });
  const still = missing.filter((name) => !PRESENT[name]());
  if (still.length > 0) throw new Trouble(`${still.join(' and ')} could not be installed. Try: ${line}`);
}
