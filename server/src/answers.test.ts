import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { ANSWERS, DEMO_PLANS, DEMO_SHED, type Plan } from '@aviarum/core';
import { hasDatabase, testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
beforeAll(async () => {
  if (hasDatabase) api = await testApp();
});
afterAll(async () => {
  if (hasDatabase) await api.close();
});

const at = '/holdings/home';
const plan: Plan = { ...(DEMO_PLANS[0] as Plan), id: 'answered' };
const [piece] = DEMO_SHED;
const product = {
  id: 'own-mesh',
  type: 'welded',
  opening: { up: 0.02, along: 0.02 },
  wire: 0.0014,
  widths: [1],
  lengths: [20],
};
const offer = { kind: 'roll', product: 'own-mesh', width: 1, length: 20, price: 4500, stock: null };
const price = { id: 'own-price', yard: 'far-gate', asOf: '2026-11-20', offer };

/** What is asked, in this order, and what it is answered by. */
const ASKED: readonly (readonly [
  method: string,
  path: string,
  json: unknown,
  answer: Exclude<keyof typeof ANSWERS, 'nothing' | 'problem' | 'priceList' | 'holding'>,
])[] = [
  ['GET', '/holdings', undefined, 'holdings'],
  ['POST', `${at}/plans`, { plan }, 'summary'],
  ['GET', `${at}/plans`, undefined, 'summaries'],
  ['GET', `${at}/plans/answered`, undefined, 'plan'],
  ['PUT', `${at}/plans/answered`, { plan, basedOn: 1, saveId: 'a-save-of-its-own' }, 'saved'],
  ['PUT', `${at}/shed/${piece?.id ?? ''}`, piece, 'piece'],
  ['GET', `${at}/shed`, undefined, 'shed'],
  ['PUT', `${at}/products/own-mesh`, { product, prices: [price] }, 'product'],
  ['GET', `${at}/products`, undefined, 'products'],
  ['GET', `${at}/prices`, undefined, 'prices'],
];

withDatabase('what is answered', () => {
  test('is what whoever asks expects, thing by thing', async () => {
    for (const [method, path, json, answer] of ASKED) {
      const response = await api.request(path, { method, ...(json === undefined ? {} : { json }) });
      expect([path, response.ok]).toEqual([path, true]);
      const body: unknown = await response.json();
      expect([path, ANSWERS[answer].safeParse(body).error?.issues]).toEqual([path, undefined]);
      if (Array.isArray(body)) expect([path, body.length > 0]).toEqual([path, true]);
    }
    expect((await api.request(`${at}/plans/answered`, { method: 'DELETE' })).status).toBe(204);
    const binned: unknown = await (await api.request(`${at}/bin`)).json();
    expect(ANSWERS.binned.parse(binned).map((p) => p.id)).toContain('answered');
    const back: unknown = await (await api.request(`${at}/bin/answered/restore`, { method: 'POST' })).json();
    expect(ANSWERS.summary.parse(back)).toMatchObject({ id: 'answered' });
  });
  test('is a problem with its fields where something is wrong', async () => {
    const wrong = await api.request(`${at}/plans`, { method: 'POST', json: { plan: { ...plan, name: 7 } } });
    expect(wrong.ok).toBe(false);
    const { problems } = ANSWERS.problem.parse(await wrong.json());
    expect(problems?.[0]?.pointer).toBe('/plan/name');
  });
});
