import { mkdir, readdir, rename, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Database } from '../store/database';
import { everyHolding, takeOut } from '../store/holdingFile';

/** Days of which a copy is kept. */
const KEPT = 7;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/**
 * Writes every holding as a file that can be put back, into a folder for the day; the seven latest days are kept.
 *
 * A day's folder gets its name only when all of it was written.
 *
 * @param day  ISO date
 * @returns the files written; none when the day has its copy already
 */
export async function copyHoldings(db: Database, folder: string, day: string): Promise<readonly string[]> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const days = (await readdir(folder)).filter((name) => DAY.test(name)).sort();
  if (days.includes(day)) return [];
  const making = path.join(folder, `${day}.making`);
  await rm(making, { recursive: true, force: true });
  await mkdir(making, { mode: 0o700 });
  const files: string[] = [];
  for (const holding of await everyHolding(db)) {
    const file = `${holding.id}.json`;
    await writeFile(path.join(making, file), JSON.stringify(await takeOut(db, holding)), { mode: 0o600 });
    files.push(file);
  }
  await rename(making, path.join(folder, day));
  for (const old of [...days, day].sort().slice(0, -KEPT))
    await rm(path.join(folder, old), { recursive: true });
  return files;
}
