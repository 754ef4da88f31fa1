import {
  chmodSync,
  copyFileSync,
  existsSync,
  openSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
} from 'node:fs';

/** A log is begun anew over so many bytes; so many earlier ones are kept. */
const LONGEST = 4 * 1024 * 1024;
const KEPT = 3;

/** Parts a log that has grown long: what writes it goes on writing the same file. */
export function rotate(log) {
  if (!existsSync(log) || statSync(log).size < LONGEST) return;
  rmSync(`${log}.${KEPT}`, { force: true });
  for (let n = KEPT - 1; n >= 1; n--)
    if (existsSync(`${log}.${n}`)) renameSync(`${log}.${n}`, `${log}.${n + 1}`);
  copyFileSync(log, `${log}.1`);
  chmodSync(`${log}.1`, 0o600);
  truncateSync(log);
}

/** Opens a log for its owner alone, to be appended to. */
export function openLog(log) {
  rotate(log);
  const file = openSync(log, 'a', 0o600);
  chmodSync(log, 0o600);
  return file;
}
