import { accessSync, chmodSync, constants, existsSync, mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';
import { Trouble } from './say.mjs';

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
/** What this clone keeps for itself: stamps, logs, the database. Never in the repository. A test of starts has one of its own. */
export const KEEP = process.env.AVIARUM_KEEP ?? path.join(ROOT, '.aviarum');
/** Where the day's copies of every holding lie. */
export const COPIES = path.join(KEEP, 'copies');
export const COPIES_SAID = `the copies of your holdings are in ${COPIES}`;

/** @throws Trouble when the folder cannot be written */
export function ensureKeep() {
  try {
    mkdirSync(KEEP, { recursive: true });
    accessSync(KEEP, constants.W_OK);
    // The database's own user goes through it to its folder, and reads nothing on the way.
    chmodSync(KEEP, 0o711);
    if (existsSync(COPIES)) chmodSync(COPIES, 0o700);
  } catch (error) {
    if (!['EACCES', 'EPERM', 'EROFS'].includes(error.code)) throw error;
    throw new Trouble(
      `the folder ${ROOT} cannot be written. Clone Aviarum where you may write, or change the folder’s owner.`,
    );
  }
}
