/* What browsers have and jsdom has not, for tests of the interface. */
import { TextDecoder, TextEncoder } from 'node:util';

Object.assign(globalThis, { TextDecoder, TextEncoder });
