import type { Logger } from 'pino';
import { tidy } from '../store/bin';
import { AsideReader } from '../holdingFile/readAside';
import type { Database } from '../store/database';
import { copyHoldings } from './copies';

/** How often it is looked whether a new day has begun, ms: a machine that slept through midnight is not missed. */
const LOOK = 15 * 60_000;

/**
 * One round: tidies bin, saves, revisions and readings, and writes the day's copies. What fails is logged, and tried again at the next look; a holding
 * that has no copy is named.
 */
export async function dailyRound(
  { db, slow }: { readonly db: Database; readonly slow: Database },
  log: Logger,
  now: Date,
  copies: string | undefined,
): Promise<'done' | 'failed'> {
  const reader = new AsideReader();
  try {
    const tidied = await tidy(db, now);
    const { files, failed } =
      copies === undefined
        ? { files: [], failed: [] }
        : await copyHoldings(slow, reader, copies, now.toISOString().slice(0, 10));
    for (const { holding, why } of failed) log.error({ holding, why }, 'no copy of this holding today');
    log.info({ ...tidied, copied: files.length }, 'daily round');
    return failed.length === 0 ? 'done' : 'failed';
  } catch (error) {
    log.error({ err: error }, 'daily round failed');
    return 'failed';
  } finally {
    await reader.close();
  }
}

/** Runs the round at once and then every day. @returns how to stop */
export function everyDay(
  databases: { readonly db: Database; readonly slow: Database },
  log: Logger,
  copies: string | undefined,
): () => void {
  let done = '';
  let running = false;
  const look = async () => {
    const now = new Date();
    const day = now.toISOString().slice(0, 10);
    if (running || day === done) return;
    running = true;
    if ((await dailyRound(databases, log, now, copies)) === 'done') done = day;
    running = false;
  };
  void look();
  const timer = setInterval(() => void look(), LOOK);
  timer.unref();
  return () => clearInterval(timer);
}
