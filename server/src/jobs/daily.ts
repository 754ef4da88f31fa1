import type { Logger } from 'pino';
import { tidy } from '../store/bin';
import { thinReadings } from '../store/readings';
import type { Database } from '../store/database';
import { copyHoldings } from './copies';

/** How often it is looked whether a new day has begun, ms: a machine that slept through midnight is not missed. */
const LOOK = 15 * 60_000;

/** One round: tidies bin, saves and revisions, and writes the day's copy. What fails is logged, and tried again at the next look. */
export async function dailyRound(
  db: Database,
  log: Logger,
  now: Date,
  copies: string | undefined,
): Promise<'done' | 'failed'> {
  try {
    const tidied = { ...(await tidy(db, now)), readings: await thinReadings(db, now) };
    const files = copies === undefined ? [] : await copyHoldings(db, copies, now.toISOString().slice(0, 10));
    log.info({ ...tidied, copied: files.length }, 'daily round');
    return 'done';
  } catch (error) {
    log.error({ err: error }, 'daily round failed');
    return 'failed';
  }
}

/** Runs the round at once and then every day. @returns how to stop */
export function everyDay(db: Database, log: Logger, copies: string | undefined): () => void {
  let done = '';
  let running = false;
  const look = async () => {
    const now = new Date();
    const day = now.toISOString().slice(0, 10);
    if (running || day === done) return;
    running = true;
    if ((await dailyRound(db, log, now, copies)) === 'done') done = day;
    running = false;
  };
  void look();
  const timer = setInterval(() => void look(), LOOK);
  timer.unref();
  return () => clearInterval(timer);
}
