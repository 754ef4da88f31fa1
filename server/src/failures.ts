import type { ContentfulStatusCode } from 'hono/utils/http-status';
import { thrown } from './thrown';

/** A failure that is not a bug of ours, as it is told. */
export interface Failure {
  readonly status: ContentfulStatusCode;
  readonly title: string;
}

/** SQLSTATE classes: the data cannot be kept as they are (21 and 22). */
const BAD_DATA = /^2[12]/;
/** Connection lost, shutting down, starting, out of connections or memory, cancelled, a lock held. */
const AWAY = /^(08|53|57|58|55P03)/;
/** Two wrote the same at once, and once more as well (see `again`); or what it belongs to went meanwhile. */
const CROSSED: ReadonlySet<string> = new Set(['23503', '23505', '40001', '40P01']);
const NETWORK: ReadonlySet<string> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'ETIMEDOUT',
  'EPIPE',
  'ENOTFOUND',
  'EAI_AGAIN',
]);
/** Never sent: there was no connection to send it on. */
const NEVER_SENT: ReadonlySet<string> = new Set([
  'ECONNREFUSED',
  'ENOENT',
  'ENOTFOUND',
  'EAI_AGAIN',
  '57P03',
  '53300',
]);

/** What became of the database, where that is what failed. Whether something was saved is only said where it is known. */
export function databaseFailure(error: unknown, reading: boolean): Failure | undefined {
  const failure = thrown(error);
  if (!failure) return undefined;
  const { code, name, message } = failure;
  if (BAD_DATA.test(code)) return { status: 422, title: 'Some of it cannot be kept; nothing was saved.' };
  if (CROSSED.has(code))
    return {
      status: 409,
      title:
        'It was changed elsewhere in the same moment; nothing was saved. Look at it again, or send it again.',
    };
  const waited = name === 'KnexTimeoutError' || /timeout exceeded when trying to connect/i.test(message);
  const lost = /Connection terminated|Query read timeout|Client has encountered a connection error/i.test(
    message,
  );
  if (!waited && !lost && !AWAY.test(code) && !NETWORK.has(code)) return undefined;
  if (reading) return { status: 503, title: 'The database does not answer. Try again in a moment.' };
  return waited || NEVER_SENT.has(code)
    ? { status: 503, title: 'The database does not answer; nothing was saved. Try again in a moment.' }
    : {
        status: 503,
        title:
          'The database did not answer in time. Whether it was saved is not known: send the same again, it is kept once.',
      };
}
