import { mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
/** What this clone keeps for itself: stamps, logs, the database. Never in the repository. */
export const KEEP = path.join(ROOT, '.aviarum');
mkdirSync(KEEP, { recursive: true });
