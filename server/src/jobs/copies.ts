import { createReadStream } from 'node:fs';
import { mkdir, open, readdir, rename, rm } from 'node:fs/promises';
import path from 'node:path';
import type { Holding } from '@aviarum/core';
import type { AsideReader } from '../holdingFile/readAside';
import type { Database } from '../store/database';
import { everyHolding, takeOut } from '../store/holdingFile';

/** Days of which a copy is kept. */
const KEPT = 7;
const DAY = /^\d{4}-\d{2}-\d{2}$/;
/** Of a file that is being written. */
const MAKING = '.making';

/** What became of the copies of a day. */
export interface Copied {
  /** Files written now, and found right when they were read back. */
  readonly files: readonly string[];
  /** Holdings of which this day has no copy, and why. */
  readonly failed: readonly { readonly holding: string; readonly why: string }[];
}

/** What a folder's entries say is on the disk when this returns. */
async function syncFolder(folder: string): Promise<void> {
  const handle = await open(folder, 'r');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/** Writes a holding under a name of no copy, to the disk itself, and reads it back as one would to put it back. @throws what is wrong with it */
async function write(db: Database, holding: Holding, file: string, reader: AsideReader): Promise<void> {
  const handle = await open(file, 'w', 0o600);
  try {
    for await (const line of takeOut(db, holding)) await handle.write(line);
    await handle.sync();
  } finally {
    await handle.close();
  }
  // What is in it goes nowhere: whether it can be read is what is asked.
  const read = reader.read(createReadStream(file));
  while (!(await read.next()).done);
}

/**
 * Writes every holding as a file that can be put back, into a folder for the day. A file gets its name only when it was read back and found right. One that
 * cannot be written or is damaged stops its own copy alone; at the next look it is tried again, the others are not.
 *
 * Seven days are kept, and of each holding its latest copy however old; days that have not come yet are neither counted nor taken away.
 *
 * @param reader  reads each back
 * @param day     ISO date
 */
export async function copyHoldings(
  db: Database,
  reader: AsideReader,
  folder: string,
  day: string,
): Promise<Copied> {
  const today = path.join(folder, day);
  await mkdir(today, { recursive: true, mode: 0o700 });
  const there = new Set(await readdir(today));
  const files: string[] = [];
  const failed: { holding: string; why: string }[] = [];
  const missing = (await everyHolding(db)).filter(({ id }) => !there.has(`${id}.jsonl`));
  if (missing.length === 0) return { files, failed };
  for (const holding of missing) {
    const file = `${holding.id}.jsonl`;
    const making = path.join(today, `${file}${MAKING}`);
    try {
      await write(db, holding, making, reader);
      await rename(making, path.join(today, file));
      files.push(file);
    } catch (error) {
      await rm(making, { force: true }).catch(() => undefined);
      failed.push({
        holding: holding.id,
        why: error instanceof Error ? whyOf(error) : 'it cannot be written',
      });
    }
  }
  if (files.length > 0) {
    await syncFolder(today);
    await syncFolder(folder);
  }
  await prune(folder, day);
  return { files, failed };
}

/** What is wrong, with the first place where it is. */
function whyOf(error: Error): string {
  const first =
    'problems' in error && Array.isArray(error.problems) ? (error.problems[0] as unknown) : undefined;
  if (typeof first !== 'object' || first === null) return error.message;
  const { pointer, message } = first as { pointer?: unknown; message?: unknown };
  return `${error.message} ${String(pointer)} ${String(message)}`;
}

async function prune(folder: string, today: string): Promise<void> {
  const days = (await readdir(folder)).filter((name) => DAY.test(name) && name <= today).sort();
  const kept = new Set<string>();
  for (const name of days.slice(-KEPT))
    for (const file of await readdir(path.join(folder, name))) kept.add(file);
  for (const name of days.slice(0, -KEPT).reverse()) {
    const old = path.join(folder, name);
    const files = await readdir(old);
    const latest = files.filter((file) => !kept.has(file) && /\.jsonl?$/.test(file));
    for (const file of files) if (!latest.includes(file)) await rm(path.join(old, file), { recursive: true });
    for (const file of latest) kept.add(file);
    if (latest.length === 0) await rm(old, { recursive: true });
  }
}
