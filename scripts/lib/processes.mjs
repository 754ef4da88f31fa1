import { readFileSync, readdirSync, readlinkSync, realpathSync } from 'node:fs';

/** Whether a process is there and not merely waiting to be collected. */
export function alive(pid) {
  if (!Number.isInteger(pid) || pid <= 0) return false;
  try {
    process.kill(pid, 0);
  } catch (error) {
    if (error.code !== 'EPERM') return false;
  }
  try {
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'));
  } catch {
    return false;
  }
}

export function commandOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0');
  } catch {
    return [];
  }
}

/** Whether a process is the PostgreSQL of this very folder: numbers are used again, and a file may name somebody else's process. */
export function isPostgresOf(pid, folder) {
  if (!alive(pid)) return false;
  try {
    return (
      /(^|\/)postgres$/.test(commandOf(pid)[0] ?? '') &&
      readlinkSync(`/proc/${pid}/cwd`) === realpathSync(folder)
    );
  } catch {
    return false;
  }
}

/** The first number in a file, as process files have it; NaN where there is none. */
export function pidIn(file) {
  try {
    return Number(readFileSync(file, 'utf8').split('\n')[0]);
  } catch {
    return NaN;
  }
}

/** The PostgreSQL that runs on a folder, whatever its process file says. */
export const postmasterOf = (folder) =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .find((pid) => isPostgresOf(pid, folder));

/** When a process began, in ticks since the machine did: with its number it is that process and no later one. */
export function beganAt(pid) {
  try {
    // The name of the program stands in brackets and may hold anything; the fields are counted after it.
    return (
      readFileSync(`/proc/${pid}/stat`, 'utf8')
        .replace(/^.*\)\s/s, '')
        .split(' ')[19] ?? ''
    );
  } catch {
    return '';
  }
}

/** A process as it is written down, so that it is known again. */
export const markOf = (pid) => `${pid} ${beganAt(pid)}`;

/** Whether a process that was written down is still there, itself and not another that has its number. */
export function isStill(mark) {
  const [pid, began] = mark.trim().split(' ');
  return alive(Number(pid)) && began !== undefined && began !== '' && beganAt(Number(pid)) === began;
}
