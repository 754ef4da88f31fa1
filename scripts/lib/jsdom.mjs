/* What browsers have and jsdom has not, for tests of the interface. */
import { randomUUID } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';

Object.assign(globalThis, { TextDecoder, TextEncoder });
if (typeof globalThis.crypto.randomUUID !== 'function')
  Object.defineProperty(globalThis.crypto, 'randomUUID', {
    value: randomUUID,
    configurable: true,
    writable: true,
  });

/** Without a layout nothing ever changes its size. */
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
