/* Reads a holding's file beside the server: text in, what is right out, one answer for each piece of text. */
import { parentPort } from 'node:worker_threads';
import { BorderError } from '../problem';
import type { Thing } from './lines';
import type { Answered, Asked } from './readAside';
import { HoldingReader } from './reader';

let reader = new HoldingReader();
let decoder = new TextDecoder();

/** @throws BorderError 400 */
function decoded(bytes?: Uint8Array): string {
  try {
    return bytes === undefined ? decoder.decode() : decoder.decode(bytes, { stream: true });
  } catch {
    throw new BorderError(400, 'The file is not UTF-8 text; nothing was saved.', [
      { code: 'not-utf8', pointer: '', message: 'holds a broken character' },
    ]);
  }
}

function thingsOf(asked: Asked): readonly Thing[] {
  switch (asked.do) {
    case 'begin':
      reader = new HoldingReader();
      decoder = new TextDecoder('utf-8', { fatal: true });
      return [];
    case 'feed':
      return reader.feed(decoded(asked.bytes));
    case 'end':
      return [...reader.feed(decoded()), ...reader.end()];
  }
}

function answer(asked: Asked): Answered {
  try {
    return { things: thingsOf(asked) };
  } catch (error) {
    if (!(error instanceof BorderError)) throw error;
    return { refused: { status: error.status, title: error.title, problems: error.problems } };
  }
}

parentPort?.on('message', (asked: Asked) => parentPort?.postMessage(answer(asked)));
