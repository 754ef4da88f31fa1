import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_PLANS } from '../plan/samples';
import { EDITIONS, LATEST_EDITION } from '../catalogue/editions';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { checkPlan, readPlan, readPlanBytes, writePlan } from './planFile';
import { cutText } from '../schema/text';
import { reckon } from '../reckon';
import { readTracks } from './exchange';
import { PRICE_LIST_LIMIT, fullPriceList, knownOf, priceListCsv, readPriceList } from './priceList';

const demo = DEMO_PLANS[0] as Plan;
const HALF = '\uD83D';
const pointers = (document: unknown) => {
  const read = checkPlan(document);
  return read.ok ? [] : read.problems.map((p) => p.pointer);
};
/** A change deep in a copy. */
const changed = (change: (plan: Plan) => void): unknown => {
  const copy = structuredClone(demo);
  change(copy);
  return copy;
};
type Loose = Record<string, unknown>;

describe('text', () => {
  const TEXTS: readonly (readonly [string, (plan: Plan, text: string) => void])[] = [
    ['/name', (plan, text) => Object.assign(plan, { name: text })],
    ['/place/name', (plan, text) => Object.assign(plan.place, { name: text })],
    [
      '/ground/buildings/0/name',
      (plan, text) => Object.assign(plan.ground.buildings[0] as object, { name: text }),
    ],
    ['/ground/trees/0/name', (plan, text) => Object.assign(plan.ground.trees[0] as object, { name: text })],
    [
      '/ground/services/0/name',
      (plan, text) => Object.assign(plan.ground.services[0] as object, { name: text }),
    ],
    ['/enclosures/0/name', (plan, text) => Object.assign(plan.enclosures[0] as object, { name: text })],
    ['/stakedOut/0', (plan, text) => Object.assign(plan, { stakedOut: [text] })],
    ['/buying/edition', (plan, text) => Object.assign(plan.buying, { edition: text })],
    [
      '/extras/0/name',
      (plan, text) =>
        Object.assign(plan, {
          extras: [{ id: 'x', name: text, mesh: 'fine-13', width: 0.3, height: 0.3, count: 1 }],
        }),
    ],
    [
      '/owned/0/note',
      (plan, text) =>
        Object.assign(plan, {
          owned: [
            {
              id: 'o',
              kind: 'roll',
              product: 'fine-13',
              width: 0.9,
              length: 5,
              count: 1,
              condition: 'sound',
              note: text,
            },
          ],
        }),
    ],
  ];
  test.each(TEXTS)('%s refuses a null and half a character, at its field', (pointer, put) => {
    for (const text of ['a\0b', `Run ${HALF}`, `\uDE00 run`])
      expect(pointers(changed((plan) => put(plan, text)))).toContain(pointer);
  });
  test('counts characters, not halves of them: 120 hens are a name, 121 are too long', () => {
    const hens = (n: number) => pointers(changed((plan) => Object.assign(plan, { name: '🐔'.repeat(n) })));
    expect(hens(120)).toEqual([]);
    expect(hens(121)).toEqual(['/name']);
  });
  test('is cut between characters, and what is cut is always a text', () => {
    expect(cutText('🐔🐔🐔', 2)).toBe('🐔🐔');
    fc.assert(
      fc.property(
        fc.string({ unit: 'binary', maxLength: 300 }),
        fc.integer({ min: 1, max: 120 }),
        (text, most) => {
          const name = cutText(`R${text}`, most);
          expect([...name].length).toBeLessThanOrEqual(most);
          expect(pointers(changed((plan) => Object.assign(plan, { name })))).toEqual([]);
        },
      ),
    );
  });
  test('that is no UTF-8 is refused before it is anything', () => {
    const bytes = new TextEncoder().encode(writePlan(demo));
    expect(readPlanBytes(bytes).ok).toBe(true);
    const at = bytes.indexOf('"name"'.charCodeAt(1));
    bytes[at] = 0xc3;
    const read = readPlanBytes(bytes);
    expect(read.ok ? '' : read.problems[0]?.code).toBe('not-utf8');
  });
});

describe('names that every object has', () => {
  const WORDS = ['constructor', '__proto__', 'toString', 'hasOwnProperty', 'valueOf'];
  const json = (text: string) => JSON.parse(text) as unknown;
  test.each(WORDS)('%s as edition, yard, mesh, id, key or kind is refused, never thrown over', (word) => {
    const text = writePlan(demo);
    const wrong = [
      text.replace(`"edition": "${demo.buying.edition}"`, `"edition": "${word}"`),
      text.replace('"far-gate"', `"${word}"`),
      text.replace(/"mesh": "[^"]+"/, `"mesh": "${word}"`),
      text.replace(/"id": "[^"]+"/, `"id": "${word}"`),
      text.replace('"kind": "fence"', `"kind": "${word}"`),
      text.replace(
        '"enclosure": {',
        `"enclosure": { "${word}": {}${JSON.stringify(demo.choices.enclosure) === '{}' ? '' : ','}`,
      ),
      text.replace(
        '"settled": {',
        `"settled": { "${word}": true${Object.keys(demo.settled).length === 0 ? '' : ','}`,
      ),
      text.replace('"threats": {', `"threats": { "${word}": "seen",`),
      text.replace(
        '"assumptions": {',
        `"assumptions": { "${word}": 1${Object.keys(demo.assumptions).length === 0 ? '' : ','}`,
      ),
    ];
    for (const one of wrong) {
      expect(one).not.toBe(text);
      expect(checkPlan(json(one)).ok).toBe(false);
    }
  });
  test.each(WORDS)('%s in a price list is told by its row', (word) => {
    const latest = EDITIONS[LATEST_EDITION];
    if (!latest) throw new Error('no edition');
    const known = knownOf(latest, []);
    const list = `yard,kind,product,width,length,price\n${word},roll,fine-13,0.9,15,1\nfar-gate,${word},fine-13,0.9,15,1\nfar-gate,roll,${word},0.9,15,1\n`;
    const read = readPriceList(list, known, '2026-11-27');
    expect(read.ok ? [] : read.problems.map((p) => p.pointer)).toEqual(['/2/yard', '/3/kind', '/4/product']);
    expect(readPriceList(`${word}\n1\n`, known, '2026-11-27').ok).toBe(false);
  });
});

describe('whatever comes', () => {
  test('checking never throws, names at most fifty problems, and what it lets through is reckoned', () => {
    const leaf = fc.oneof(
      fc.constantFrom<unknown>(null, true, '', 'constructor', '__proto__', HALF, '\0', -1, 1e308, [], {}),
      fc.double(),
      fc.string(),
    );
    /** A path of choices through the document, and what is put there. */
    const mutation = fc.tuple(fc.array(fc.nat(), { minLength: 1, maxLength: 7 }), leaf, fc.boolean());
    const mutate = (document: unknown, [path, value, removes]: [number[], unknown, boolean]) => {
      let at = document as Loose;
      for (const [i, step] of path.entries()) {
        const keys = Object.keys(at);
        const key = keys[step % Math.max(1, keys.length)];
        if (key === undefined) return;
        const next = at[key];
        if (i < path.length - 1 && typeof next === 'object' && next !== null) at = next as Loose;
        else {
          if (removes) Reflect.deleteProperty(at, key);
          else at[key] = value;
          return;
        }
      }
    };
    fc.assert(
      fc.property(fc.array(mutation, { minLength: 1, maxLength: 3 }), (mutations) => {
        const document: unknown = structuredClone(demo);
        for (const m of mutations) mutate(document, m);
        const read = checkPlan(document);
        if (!read.ok) {
          expect(read.problems.length).toBeGreaterThan(0);
          expect(read.problems.length).toBeLessThanOrEqual(50);
          for (const p of read.problems) expect(p.message.length).toBeLessThan(1000);
        } else expect(Number.isFinite(reckon(read.plan).docket.total)).toBe(true);
      }),
      { numRuns: 250, endOnFailure: true },
    );
  });
  test('too much of anything is told at once, with its place', () => {
    const many = Array.from({ length: 3000 }, () => 1);
    const told = (document: unknown) => {
      const read = checkPlan(document);
      return read.ok ? [] : read.problems.map((p) => [p.code, p.pointer]);
    };
    expect(told({ ...demo, corners: many })).toEqual([['too-large', '/corners']]);
    expect(
      told({
        ...demo,
        choices: { ...demo.choices, side: Object.fromEntries(many.map((_, i) => [`k${i}`, {}])) },
      }),
    ).toEqual([['too-large', '/choices/side']]);
    expect(told(Array.from({ length: 1_000_000 }, () => 0))).toEqual([['too-large', '']]);
    let deep: unknown = 1;
    for (let i = 0; i < 5000; i++) deep = [deep];
    expect(told({ ...demo, name: deep })[0]?.[0]).toBe('too-deep');
    const read = readPlan('9'.repeat(17 * 1024 * 1024));
    expect(read.ok ? '' : read.problems[0]?.code).toBe('too-large');
  });
  test('unknown fields are named, a few of them and short', () => {
    const extra = Object.fromEntries(Array.from({ length: 500 }, (_, i) => [`${'k'.repeat(200)}${i}`, 1]));
    const read = checkPlan({ ...demo, ...extra });
    const message = read.ok ? '' : (read.problems[0]?.message ?? '');
    expect(message).toContain('and 495 more');
    expect(message.length).toBeLessThan(400);
  });
});

describe('a price list', () => {
  const latest = EDITIONS[LATEST_EDITION];
  if (!latest) throw new Error('no edition');
  const known = knownOf(latest, []);
  const read = (text: string) => readPriceList(text, known, '2026-11-27');
  const told = (text: string) => {
    const back = read(text);
    return back.ok ? [] : back.problems.map((p) => [p.code, p.pointer]);
  };
  const HEAD = 'yard,kind,product,width,length,price,date';
  const row = 'far-gate,roll,fine-13,0.9,15,58.00,';
  test('of everything is read back, and is far under what is taken', () => {
    const csv = priceListCsv(fullPriceList(latest, []));
    expect(csv.length).toBeLessThan(PRICE_LIST_LIMIT / 2);
    expect(read(csv).ok).toBe(true);
  });
  test('with the same goods twice names the second row', () => {
    expect(told(`${HEAD}\n${row}\n${row}\n`)).toEqual([['bad-cell', '/3/product']]);
  });
  test.each(['2026-02-30', '2026-13-01', '0001-01-01', '9999-12-31', '26-01-01', '2026-1-1'])(
    'with the date %s is refused at its cell',
    (date) => expect(told(`${HEAD}\n${row}${date}\n`)).toEqual([['bad-cell', '/2/date']]),
  );
  test('that is long, or wrong all over, ends at fifty problems; a cell is said back short', () => {
    expect(told(`${HEAD}\n${'x\n'.repeat(60_000)}`)[0]?.[0]).toBe('too-large');
    expect(told(`${HEAD}\n${'x,y\n'.repeat(2000)}`)).toHaveLength(50);
    const back = read(`${HEAD}\n${'z'.repeat(5000)},roll,fine-13,0.9,15,1,\n`);
    expect(back.ok ? 0 : (back.problems[0]?.message.length ?? 0)).toBeLessThan(150);
  });
});

describe('a track of half a million places', () => {
  /** Round a circle of 60 m, all in one line of text. */
  const places = (n: number) =>
    Array.from({ length: n }, (_, i) => {
      const turn = (2 * Math.PI * i) / n;
      return [-2.3 + 0.0009 * Math.cos(turn), 54.1 + 0.0005 * Math.sin(turn)] as const;
    });
  test('in one line of KML is read to the last of them', async () => {
    const line = places(500_000)
      .map(([x, y]) => `${x.toFixed(9)},${y.toFixed(9)},0`)
      .join(' ');
    const kml = `<?xml version="1.0"?><kml><Placemark><LineString><coordinates>${line}</coordinates></LineString></Placemark></kml>`;
    const [part] = await readTracks(kml);
    expect(part?.points).toHaveLength(500_000);
  });
  test('a place without its latitude is a damaged file', async () => {
    const kml =
      '<kml><LineString><coordinates>-2.3,54.1 -2.3 -2.3,54.2 -2.2,54.1</coordinates></LineString></kml>';
    await expect(readTracks(kml)).rejects.toThrow('not-well-formed');
  });
});

test('a variant of a plan whose name is full of emoji can be saved', () => {
  const named = apply(demo, { verb: 'rename', name: '🐔'.repeat(120) });
  expect(checkPlan(named).ok).toBe(true);
});
