import { accessSync, constants, mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';
import { Trouble } from './say.mjs';

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
/** What this clone keeps for itself: stamps, logs, the database. Never in the repository. */
export const KEEP = path.join(ROOT, '.aviarum');

/** @throws Trouble when the folder cannot be written */
export function ensureKeep() {
  try {
    mkdirSync(KEEP, { recursive: true });
    accessSync(KEEP, constants.W_OK);
  } catch (error) {
    if (!['EACCES', 'EPERM', 'EROFS'].includes(error.code)) throw error;
    throw new Trouble(
      `the folder ${ROOT} cannot be written. Clone Aviarum where you may write, or change the folder’s owner.`,
    );
  }
}
