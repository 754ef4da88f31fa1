import { describe, expect, test } from '@jest/globals';
import { EDITIONS, LATEST_EDITION } from '../catalogue';
import { ownRoll } from '../testing/buying';
import { fullPriceList, knownOf, priceListCsv, readPriceList } from './priceList';

const latest = EDITIONS[LATEST_EDITION];
if (!latest) throw new Error('the edition is gone');
const known = knownOf(latest, [{ id: 'mine' }]);
const read = (csv: string) => readPriceList(csv, known, '2026-11-25');
const HEAD = 'yard,kind,product,width,length,count,price,stock,date';

describe('a price list', () => {
  test('comes back as it went out', () => {
    const list = fullPriceList(latest, [
      ownRoll('mine', { width: 1.1, length: 20 }, 4321),
      ownRoll('fine-13', { width: 0.9, length: 15 }, 6000),
    ]);
    const back = read(priceListCsv(list));
    expect(back.ok && back.prices.map(({ yard, offer }) => ({ yard, offer }))).toEqual(
      list.map(({ yard, offer }) => ({ yard, offer })),
    );
    expect(list.filter((p) => p.offer.product === 'fine-13' && p.offer.price === 6000)).toHaveLength(1);
  });
  test('takes a decimal comma, no date for today, and heads in any order', () => {
    const back = read('price,product,kind,yard,count\n"12,50",staple,pack,longacre,250\n');
    expect(back).toEqual({
      ok: true,
      prices: [
        {
          yard: 'longacre',
          asOf: '2026-11-25',
          offer: { kind: 'pack', product: 'staple', count: 250, price: 1250, stock: null },
        },
      ],
    });
  });
  test.each([
    ['nowhere,roll,fine-13,0.9,15,,58.00,,', '/2/yard', 'must be one of far-gate, longacre'],
    ['far-gate,rol,fine-13,0.9,15,,58.00,,', '/2/kind', 'must be one of roll'],
    ['far-gate,roll,gold,0.9,15,,58.00,,', '/2/product', 'there is no roll “gold”'],
    ['far-gate,roll,fine-13,wide,15,,58.00,,', '/2/width', 'must be a number, is “wide”'],
    ['far-gate,roll,fine-13,0.9,9000,,58.00,,', '/2/length', ''],
    ['far-gate,roll,fine-13,0.9,15,,-3,,', '/2/price', ''],
    ['far-gate,roll,fine-13,0.9,15,,58.00,two,', '/2/stock', 'must be a number'],
    ['far-gate,roll,fine-13,0.9,15,,58.00,,yesterday', '/2/date', 'must be such as 2026-11-25'],
  ])('%s is told by its row and column', (row, pointer, message) => {
    const back = read(`${HEAD}\n${row}\n`);
    const [problem] = back.ok ? [] : back.problems;
    expect(problem?.pointer).toBe(pointer);
    expect(problem?.message).toContain(message);
    expect(problem?.message).toContain('row 2');
  });
  test('with one wrong row takes none', () => {
    const good = 'far-gate,roll,fine-13,0.9,15,,58.00,,';
    const back = read(`${HEAD}\n${good}\n${good.replace('0.9', 'x')}\n`);
    expect(back.ok).toBe(false);
    expect(back.ok ? [] : back.problems.map((p) => p.pointer)).toEqual(['/3/width']);
  });
  test('without its heads, or without rows, says so', () => {
    const bare = read('a,b\n1,2\n');
    expect(bare.ok ? '' : bare.problems[0]?.message).toContain('“yard”');
    expect(read(`${HEAD}\n`).ok).toBe(false);
  });
});
