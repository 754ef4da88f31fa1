import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { KEEP, ROOT } from './paths.mjs';
import { run } from './run.mjs';
import { Trouble, say } from './say.mjs';

export function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 11))
    throw new Trouble(`Node 20.11 or newer is needed; this is ${process.version}.`);
}

const stampFile = (name) => path.join(KEEP, `${name}.stamp`);
const stamped = (name, value) =>
  existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === value;

function digest(files) {
  const hash = createHash('sha256');
  for (const file of files)
    hash
      .update(`${path.relative(ROOT, file)}\0`)
      .update(readFileSync(file))
      .update('\0');
  return hash.digest('hex');
}

function filesUnder(folder) {
  return readdirSync(folder)
    .sort()
    .flatMap((name) => {
      const full = path.join(folder, name);
      if (name === 'node_modules' || name === 'dist' || name === 'testing' || /\.test\.tsx?$/.test(name))
        return [];
      return statSync(full).isDirectory() ? filesUnder(full) : [full];
    });
}

/** Node packages from the lockfile, only when it changed. */
export async function ensurePackages() {
  const wanted = digest([path.join(ROOT, 'package-lock.json')]);
  if (stamped('packages', wanted) && existsSync(path.join(ROOT, 'node_modules/tsx'))) return;
  say('installing node packages …');
  await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { what: 'npm ci' });
  writeFileSync(stampFile('packages'), wanted);
}

export const WEB_ROOT = path.join(ROOT, 'web/dist');

/** The interface, built only when something it is made of changed. */
export async function ensureBuilt() {
  const sources = [
    'core/src',
    'core/package.json',
    'web/src',
    'web/build',
    'web/index.html',
    'web/vite.config.ts',
    'web/package.json',
    'package-lock.json',
  ];
  const files = sources.flatMap((s) => {
    const full = path.join(ROOT, s);
    return statSync(full).isDirectory() ? filesUnder(full) : [full];
  });
  const wanted = digest(files);
  if (stamped('built', wanted) && existsSync(path.join(WEB_ROOT, 'index.html'))) return;
  say('building the interface …');
  await run('npm', ['run', '-s', 'build'], { what: 'the build' });
  const { compressFolder } = await import('./compress.mjs');
  await compressFolder(WEB_ROOT);
  writeFileSync(stampFile('built'), wanted);
}
