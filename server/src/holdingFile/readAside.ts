import { Worker } from 'node:worker_threads';
import type { Problem } from '@aviarum/core';
import type { ContentfulStatusCode } from 'hono/utils/http-status';
import { BorderError } from '../problem';
import type { Thing } from './lines';

/** What the reader is sent. */
export type Asked =
  { readonly do: 'begin' } | { readonly do: 'feed'; readonly bytes: Uint8Array } | { readonly do: 'end' };
export type Answered =
  | { readonly things: readonly Thing[] }
  | {
      readonly refused: {
        readonly status: ContentfulStatusCode;
        readonly title: string;
        readonly problems: readonly Problem[];
      };
    };

/** What a worker may take, MB: a file that asks for more ends its worker, and nobody else's. */
const MOST_MEMORY = 1024;

const TOO_LARGE = [{ code: 'too-large', pointer: '', message: 'takes more memory than there is for it' }];

/**
 * Reads files of holdings, one after the other, in a thread of its own, so that nobody waits for it. One piece is under way at a time, so that a file of any
 * length takes the memory of one piece.
 */
export class AsideReader {
  private worker: Worker | undefined;
  private settle:
    { readonly resolve: (a: Answered) => void; readonly reject: (e: Error) => void } | undefined;

  /** What is in a file, piece by piece as it comes. @throws BorderError with what is wrong in it */
  async *read(file: AsyncIterable<Uint8Array>): AsyncGenerator<readonly Thing[]> {
    await this.ask({ do: 'begin' });
    for await (const bytes of file) yield await this.ask({ do: 'feed', bytes });
    yield await this.ask({ do: 'end' });
  }

  /** Ends its thread; the next file has a new one. */
  async close(): Promise<void> {
    const { worker } = this;
    this.worker = undefined;
    await worker?.terminate();
  }

  private start(): Worker {
    const worker = new Worker(new URL('./worker.mjs', import.meta.url), {
      execArgv: [],
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
    });
    // A server that has nothing else to do may end.
    worker.unref();
    const over = (error: Error) => {
      if (this.worker === worker) this.worker = undefined;
      this.settle?.reject(error);
    };
    worker.on('message', (answer: Answered) => this.settle?.resolve(answer));
    worker.on('error', (error: Error & { code?: string }) =>
      over(
        error.code === 'ERR_WORKER_OUT_OF_MEMORY'
          ? new BorderError(413, 'The file is too large; nothing was saved.', TOO_LARGE)
          : error,
      ),
    );
    worker.on('exit', () => over(new Error('the reader of a holding’s file ended')));
    return worker;
  }

  private async ask(asked: Asked): Promise<readonly Thing[]> {
    this.worker ??= this.start();
    const { worker } = this;
    const answer = await new Promise<Answered>((resolve, reject) => {
      this.settle = { resolve, reject };
      worker.postMessage(asked);
    });
    if ('things' in answer) return answer.things;
    const { status, title, problems } = answer.refused;
    throw new BorderError(status, title, problems);
  }
}
