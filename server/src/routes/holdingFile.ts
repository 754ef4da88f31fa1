import { Hono } from 'hono';
import { stream } from 'hono/streaming';
import { AsideReader } from '../holdingFile/readAside';
import { BorderError } from '../problem';
import { putBack } from '../store/holdingBack';
import { takeOut } from '../store/holdingFile';
import type { Acting, Services } from './types';

const LINES = 'application/jsonl; charset=utf-8';

/** So many holdings are taken out at once: each holds a connection for as long as it takes. */
const OUT_AT_ONCE = 2;

/** Lets so many through at a time; others are told to come back. */
class Narrow {
  private inside = 0;

  constructor(private readonly most: number) {}

  /** @returns what to call when it is done @throws BorderError 503 */
  enter(): () => void {
    if (this.inside >= this.most)
      throw new BorderError(503, 'Other holdings are being taken out or put back. Try again in a moment.');
    this.inside += 1;
    let left = false;
    return () => {
      if (!left) this.inside -= 1;
      left = true;
    };
  }
}

/** A holding out as one file, line by line as it is read. */
export function holdingOutRoute({ slow, clock }: Services) {
  const narrow = new Narrow(OUT_AT_ONCE);
  return new Hono<Acting>().get('/', (c) => {
    const { holding } = c.var;
    const leave = narrow.enter();
    c.header('content-type', LINES);
    c.header(
      'content-disposition',
      `attachment; filename="holding-${clock().toISOString().slice(0, 10)}.jsonl"`,
    );
    return stream(c, async (out) => {
      try {
        for await (const line of takeOut(slow, holding)) {
          if (out.aborted) return;
          await out.write(line);
        }
      } finally {
        leave();
      }
    });
  });
}

async function* piecesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<Uint8Array> {
  for await (const piece of body) yield piece;
}

/** A holding back from a file, as a new one: nothing that is there is written over. */
export function holdingInRoute({ db }: Services) {
  // One at a time, by a reader that is made for the first and stays.
  const narrow = new Narrow(1);
  const reader = new AsideReader();
  return new Hono<Acting>().post('/', async (c) => {
    const { body } = c.req.raw;
    if (!body)
      throw new BorderError(400, 'The request is empty.', [
        { code: 'empty', pointer: '', message: 'must be the file of a holding' },
      ]);
    const leave = narrow.enter();
    try {
      const things = reader.read(piecesOf(body));
      return c.json(await putBack(db, c.var.keeper, crypto.randomUUID(), things), 201);
    } finally {
      leave();
    }
  });
}
