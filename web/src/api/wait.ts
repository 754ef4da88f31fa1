/** Reading, sending something that may be long over a weak connection, and sending a file of whatever length, ms. */
export const PATIENCE = { read: 20_000, send: 60_000, upload: 30 * 60_000 } as const;

/** There was no answer, or none of the server's own: what was sent may have arrived or not. */
export class NoConnection extends Error {}

/** Runs a call that is given up after so long, whether or not it heeds its signal. @throws NoConnection when it is */
export async function within<T>(ms: number, run: (signal: AbortSignal) => Promise<T>): Promise<T> {
  const stop = new AbortController();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tooLong = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      reject(new NoConnection('no answer in time'));
      stop.abort();
    }, ms);
  });
  try {
    return await Promise.race([run(stop.signal), tooLong]);
  } finally {
    clearTimeout(timer);
  }
}
