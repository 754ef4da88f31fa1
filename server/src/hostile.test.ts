import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createServer } from 'node:http';
import { type AddressInfo, connect as connectTo } from 'node:net';
import { type Plan, proposePlan } from '@aviarum/core';
import { databaseFailure } from './failures';
import { connect } from './store/database';
import { testApp } from './testing/testApp';
import { endTrickles } from './trickle';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
const at = '/holdings/home';
interface Told {
  readonly title: string;
  readonly problems: readonly { readonly code: string; readonly pointer: string; readonly message: string }[];
}
const told = async (response: Response) => (await response.json()) as Told;
const plan: Plan = proposePlan({ id: 'one', name: 'One', units: 'metric', flock: [], houseWidth: 2.4 });
const ID = 'save-0001';
const put = (json: unknown) => api.request(`${at}/plans/one`, { method: 'PUT', json });

/** Expects a refusal with a pointer. */
async function refused(response: Response, status: number, pointer: string) {
  expect(response.status).toBe(status);
  expect((await told(response)).problems.map((p) => p.pointer)).toContain(pointer);
}

withDatabase('bad input', () => {
  beforeAll(async () => {
    api = await testApp();
    await api.request(`${at}/plans`, { method: 'POST', json: { plan } });
  });
  afterAll(() => api.close());

  test.each([0, -1, 2 ** 31, 2 ** 40, 1e300, 1.5])(
    'a save based on %d is refused at its field',
    async (basedOn) => {
      await refused(await put({ saveId: ID, basedOn, plan }), 422, '/basedOn');
    },
  );
  test('ids in the address that can be of nothing are not there', async () => {
    for (const id of [
      'a%00b',
      '%ff',
      'constructor',
      '__proto__',
      'x'.repeat(5000),
      '%F0%9F%90%94',
      '..%2f..',
    ])
      for (const [method, path] of [
        ['GET', `${at}/plans/${id}`],
        ['DELETE', `${at}/plans/${id}`],
        ['GET', `${at}/plans/${id}/revisions`],
        ['GET', `/holdings/${id}/plans`],
        ['DELETE', `${at}/shed/${id}`],
        ['DELETE', `${at}/prices/${id}`],
        ['DELETE', `${at}/products/${id}`],
        ['POST', `${at}/bin/${id}/restore`],
      ] as const)
        expect((await api.request(path, { method })).status).toBe(404);
  });
  test.each(['0', '-1', '1e3', '99999999999999999999', '2147483648', 'x', '%00', '1.5'])(
    'revision %s is not there',
    async (number) => expect((await api.request(`${at}/plans/one/revisions/${number}`)).status).toBe(404),
  );
  test('text that is none is refused with its pointer, everywhere it goes in', async () => {
    for (const text of ['a\0b', '\uD83D']) {
      await refused(await put({ saveId: ID, basedOn: 1, plan: { ...plan, name: text } }), 422, '/plan/name');
      await refused(await api.request('/holdings', { method: 'POST', json: { name: text } }), 422, '/name');
      const piece = {
        id: 'r',
        kind: 'roll',
        product: 'fine-13',
        width: 0.9,
        length: 5,
        count: 1,
        condition: 'sound',
        note: text,
      };
      await refused(await api.request(`${at}/shed/r`, { method: 'PUT', json: piece }), 422, '/note');
    }
  });
  test('what only says that it has a length is no text and no list', async () => {
    for (const odd of [
      { length: { toString: 1 } },
      { length: [] },
      { length: { valueOf: null } },
      { length: 'x' },
    ]) {
      expect((await api.request('/holdings', { method: 'POST', json: { name: odd } })).status).toBe(422);
      for (const field of ['name', 'note', 'id', 'corners', 'flock', 'choices'])
        expect((await put({ saveId: ID, basedOn: 1, plan: { ...plan, [field]: odd } })).status).toBe(422);
      expect((await put({ saveId: odd, basedOn: 1, plan })).status).toBe(422);
      const body = JSON.stringify({
        format: 'aviarum-holding',
        formatVersion: 1,
        name: odd,
        plans: [{ ...plan, name: odd }],
      });
      expect((await api.request('/holdings/from-file', { method: 'POST', body })).status).toBe(422);
    }
  });
  test('a broken character in the request is refused', async () => {
    const bytes = new Uint8Array([
      ...new TextEncoder().encode('{"name":"x'),
      0xc3,
      ...new TextEncoder().encode('"}'),
    ]);
    await refused(await api.request('/holdings', { method: 'POST', body: bytes }), 400, '');
    const list = new Uint8Array([0xff, 0xfe, 0x41]);
    expect((await api.request(`${at}/price-list`, { method: 'PUT', body: list })).status).toBe(400);
  });

  const price = (id: string, change: object = {}) => ({
    id,
    yard: 'far-gate',
    asOf: '2026-03-03',
    offer: { kind: 'roll', product: 'fine-13', width: 0.9, length: 15, price: 5000, stock: null },
    ...change,
  });
  test.each([
    ['a yard that is not there', { yard: 'nowhere' }, '/yard'],
    ['a yard of every object', { yard: 'constructor' }, '/yard'],
    ['a product that is not there', { offer: { ...price('p').offer, product: 'gold' } }, '/offer/product'],
    ['a day that does not exist', { asOf: '2026-02-30' }, '/asOf'],
    ['a year out of range', { asOf: '0001-01-01' }, '/asOf'],
    ['a year far ahead', { asOf: '9999-12-31' }, '/asOf'],
    ['a price over what is kept', { offer: { ...price('p').offer, price: 1e12 } }, '/offer/price'],
  ])('a price with %s is refused', async (_, change, pointer) => {
    await refused(
      await api.request(`${at}/prices/p`, { method: 'PUT', json: price('p', change) }),
      422,
      pointer,
    );
  });
  test('one price id twice in a product is refused, and nothing of it is kept', async () => {
    const product = {
      id: 'mine',
      type: 'welded',
      opening: { up: 0.04, along: 0.04 },
      wire: 0.002,
      widths: [1],
      lengths: [20],
    };
    const one = price('p1', {
      offer: { kind: 'roll', product: 'mine', width: 1, length: 20, price: 1, stock: null },
    });
    const answer = await api.request(`${at}/products/mine`, {
      method: 'PUT',
      json: { product, prices: [one, one] },
    });
    await refused(answer, 422, '/prices/1/id');
    expect(await (await api.request(`${at}/products`)).json()).toEqual([]);
    const elsewhere = { product, prices: [{ ...one, yard: 'nowhere' }] };
    await refused(
      await api.request(`${at}/products/mine`, { method: 'PUT', json: elsewhere }),
      422,
      '/prices/0/yard',
    );
  });
  test('the same goods twice in a price list are told by their row', async () => {
    const row = 'far-gate,roll,fine-13,0.9,15,58.00';
    const body = `yard,kind,product,width,length,price\n${row}\n${row}\n`;
    await refused(await api.request(`${at}/price-list`, { method: 'PUT', body }), 422, '/3/product');
  });
  test('a price list over 100 kB is refused before it is read', async () => {
    const body = `yard,kind,product,width,length,price\n${'x'.repeat(120_000)}`;
    const answer = await api.request(`${at}/price-list`, {
      method: 'PUT',
      body,
      headers: { 'content-length': String(body.length) },
    });
    expect(answer.status).toBe(413);
  });
  test('a list of millions is counted, not looked at', async () => {
    const numbers = Array.from({ length: 200_000 }, () => 1);
    await refused(
      await api.request(`${at}/plans`, { method: 'POST', json: { plan: { ...plan, corners: numbers } } }),
      422,
      '/plan/corners',
    );
    const product = { product: {}, prices: numbers };
    await refused(await api.request(`${at}/products/x`, { method: 'PUT', json: product }), 422, '/prices');
  });
  test('an id of a save that was used for something else is a conflict of its own', async () => {
    const before = (await (await api.request(`${at}/plans/one`)).json()) as { saveNumber: number };
    const first = { saveId: 'save-again-1', basedOn: before.saveNumber, plan };
    const answer = await put(first);
    expect(answer.status).toBe(200);
    const said = (await answer.json()) as { saveNumber: number };
    expect(await (await put(first)).json()).toEqual(said);
    const other = await put({ ...first, plan: { ...plan, name: 'Other' } });
    expect(other.status).toBe(409);
    expect((await told(other)).problems[0]?.code).toBe('save-id-reused');
  });
});

withDatabase('who may come in', () => {
  beforeAll(async () => {
    api = await testApp();
  });
  afterAll(() => api.close());
  const asked = (headers: Record<string, string>, method = 'GET') =>
    api.request('/holdings', {
      method,
      headers,
      ...(method === 'POST' ? { json: { name: 'Upper end' } } : {}),
    });

  test.each(['localhost', 'localhost:4730', '127.0.0.1:4730', '[::1]:4730', 'hollin.example'])(
    'the host %s is ours',
    async (host) => expect((await asked({ host })).status).toBe(200),
  );
  test.each(['evil.example', 'localhost.evil.example', '10.0.0.9', '127.0.0.1.evil.example:4730', 'a b'])(
    'the host %s is not',
    async (host) => expect((await asked({ host })).status).toBe(421),
  );
  test.each([
    [{ host: '127.0.0.1:4730', origin: 'http://127.0.0.1:4730' }, 201],
    [{ host: 'hollin.example', origin: 'https://hollin.example' }, 201],
    [{ host: '127.0.0.1:4730' }, 201],
    [{ host: '127.0.0.1:4730', 'sec-fetch-site': 'same-origin' }, 201],
    [{ host: '127.0.0.1:4730', origin: 'http://127.0.0.1:3000' }, 403],
    [{ host: '127.0.0.1:4730', origin: 'http://evil.example' }, 403],
    [{ host: '127.0.0.1:4730', origin: 'null' }, 403],
    [{ host: '127.0.0.1:4730', 'sec-fetch-site': 'cross-site' }, 403],
  ])('a write with %j is answered %d, whatever its type', async (headers, status) => {
    for (const type of ['application/json', 'text/plain'])
      expect((await asked({ ...headers, 'content-type': type }, 'POST')).status).toBe(status);
  });
  test('every answer says what pages may do with it', async () => {
    const { headers } = await asked({});
    const policy = headers.get('content-security-policy') ?? '';
    for (const part of [
      "base-uri 'none'",
      "form-action 'self'",
      "object-src 'none'",
      "frame-ancestors 'none'",
    ])
      expect(policy).toContain(part);
    expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
    expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
    expect(headers.get('permissions-policy')).toContain('camera=()');
  });
});

describe('a database that fails', () => {
  test('that is not reached is 503, and nothing was saved', async () => {
    const db = connect('postgresql://nobody@127.0.0.1:1/none');
    const error: unknown = await db.raw('select 1').catch((e: unknown) => e);
    await db.destroy();
    expect(databaseFailure(error, true)).toEqual({
      status: 503,
      title: 'The database does not answer. Try again in a moment.',
    });
    expect(databaseFailure(error, false)?.title).toContain('nothing was saved');
  });
  test.each([
    ['21000', 422, /nothing was saved/],
    ['22021', 422, /nothing was saved/],
    ['22003', 422, /nothing was saved/],
    ['57P03', 503, /nothing was saved/],
    ['ECONNREFUSED', 503, /nothing was saved/],
    ['57P01', 503, /not known/],
    ['ECONNRESET', 503, /not known/],
    ['57014', 503, /not known/],
    ['23505', 409, /nothing was saved/],
    ['23503', 409, /nothing was saved/],
    ['40P01', 409, /nothing was saved/],
  ])('%s while writing is %d: %s', (code, status, said) => {
    const failure = databaseFailure(Object.assign(new Error('x'), { code }), false);
    expect(failure?.status).toBe(status);
    expect(failure?.title).toMatch(said);
  });
  test('a bug is no failure of the database', () => {
    expect(databaseFailure(new RangeError('no side'), false)).toBeUndefined();
    expect(databaseFailure(Object.assign(new Error('x'), { code: '42601' }), false)).toBeUndefined();
  });
});

describe('a body that trickles', () => {
  test('is ended, one that comes is not, and neither is one that waits for us', async () => {
    const server = createServer((incoming, outgoing) => {
      if (incoming.url === '/unread') return;
      incoming.resume().on('end', () => outgoing.end('had it'));
    });
    endTrickles(server, { every: 50, least: 1000 });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    const send = (each: string) =>
      new Promise<string>((resolve) => {
        const socket = connectTo(port, '127.0.0.1');
        let said = '';
        let left = 20;
        socket.on('data', (data: Buffer) => (said += data.toString()));
        socket.on('close', () => resolve(said));
        socket.on('error', () => undefined);
        socket.write(
          `POST / HTTP/1.1\r\nhost: x\r\nconnection: close\r\ncontent-length: ${each.length * left}\r\n\r\n`,
        );
        const timer = setInterval(() => {
          if (socket.destroyed || left-- <= 0) return clearInterval(timer);
          socket.write(each);
        }, 20);
      });
    const [trickled, came] = await Promise.all([send('x'), send('x'.repeat(4000))]);
    expect(trickled).toMatch(/^HTTP\/1\.1 408[\s\S]*nothing was saved/);
    expect(came).toContain('had it');
    const waiting = connectTo(port, '127.0.0.1');
    let ended = 'no';
    waiting.on('close', () => (ended = 'yes'));
    waiting.write(`POST /unread HTTP/1.1\r\nhost: x\r\ncontent-length: 900000\r\n\r\n${'x'.repeat(400_000)}`);
    await send('x');
    expect(ended).toBe('no');
    waiting.destroy();
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
  });
});
