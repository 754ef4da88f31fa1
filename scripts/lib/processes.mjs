import { readFileSync, readlinkSync, realpathSync } from 'node:fs';

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
