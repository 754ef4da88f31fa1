import { afterEach, describe, expect, test } from '@jest/globals';
import {
  DEMO_PLANS,
  DEMO_SHED,
  EDITIONS,
  LATEST_EDITION,
  type Market,
  type Plan,
  marketOf,
} from '@aviarum/core';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { PriceNews } from '../stages/docket/PriceNews';
import { ShedFields } from '../stages/docket/ShedFields';
import { usePlan } from '../state/planStore';
import { answering, inHand, shown } from '../testing/shown';
import { anAnswer } from '../testing/answers';
import { OwnProducts } from './OwnProducts';
import { PriceList } from './PriceList';
import { Shed } from './Shed';

afterEach(cleanup);

const [orchard] = DEMO_PLANS as [Plan];
const latest = EDITIONS[LATEST_EDITION];
if (!latest) throw new Error('the edition is gone');
const market: Market = marketOf(latest, orchard.buying);
const SHED = '/api/holdings/home/shed';
const nothing = { status: 200, body: [] };

describe('the shed', () => {
  test('empty says what belongs there', () => {
    shown(<Shed holding="home" market={market} pieces={[]} />);
    expect(screen.getByText(/Put in what you have/)).toBeTruthy();
  });
  test('names what lies there, and that two plans count on one piece', () => {
    const claims = ['Orchard', 'Meadow'].map((name) => ({ plan: name, name }));
    shown(
      <Shed
        holding="home"
        market={market}
        pieces={DEMO_SHED.map((piece, i) => ({ piece, claims: i === 0 ? claims : [] }))}
      />,
    );
    expect(screen.getByText(/counted on by Orchard and Meadow: it can be used once/)).toBeTruthy();
    expect(screen.getByText(/4 × Steel T/)).toBeTruthy();
  });
  test('Enter in a field takes the figure and sends nothing; the button sends it', async () => {
    const asked = answering({});
    shown(<Shed holding="home" market={market} pieces={[]} />);
    const length = screen.getByRole('textbox', { name: 'Length' });
    fireEvent.change(length, { target: { value: '9.3' } });
    fireEvent.keyDown(length, { key: 'Enter' });
    expect(asked).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Put it in the shed' }));
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(JSON.parse(String(asked[0]?.body))).toMatchObject({
      kind: 'roll',
      length: 9.3,
      condition: 'sound',
    });
  });
  test('a piece is changed where it lies: the same one, shorter by what was cut off', async () => {
    const [roll] = DEMO_SHED;
    if (roll?.kind !== 'roll') throw new Error('the first piece of the demo shed is a roll');
    const asked = answering({ [`PUT ${SHED}/${roll.id}`]: { status: 200, body: roll } });
    shown(<Shed holding="home" market={market} pieces={[{ piece: roll, claims: [] }]} />);
    fireEvent.click(screen.getByRole('button', { name: /^Change / }));
    const length = screen.getByRole('textbox', { name: 'Length' });
    fireEvent.change(length, { target: { value: '4.2' } });
    fireEvent.keyDown(length, { key: 'Enter' });
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]).toMatchObject({ method: 'PUT', path: `${SHED}/${roll.id}` });
    expect(JSON.parse(String(asked[0]?.body))).toEqual({ ...roll, length: 4.2 });
    await screen.findByRole('button', { name: 'Put something in the shed' });
  });
  test('a change that is left changes nothing', () => {
    const asked = answering({});
    shown(<Shed holding="home" market={market} pieces={DEMO_SHED.map((piece) => ({ piece, claims: [] }))} />);
    const [first] = screen.getAllByRole('button', { name: /^Change / });
    if (!first) throw new Error('nothing can be changed');
    fireEvent.click(first);
    fireEvent.click(screen.getByRole('button', { name: 'Leave it as it was' }));
    expect(screen.getByRole('button', { name: 'Put something in the shed' })).toBeTruthy();
    expect(asked).toEqual([]);
  });
  test('takes gates and every kind of fitting', async () => {
    const asked = answering({});
    shown(<Shed holding="home" market={market} pieces={[]} />);
    fireEvent.click(screen.getByRole('radio', { name: 'gates, doors' }));
    fireEvent.click(screen.getByRole('button', { name: 'Put it in the shed' }));
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(JSON.parse(String(asked[0]?.body))).toMatchObject({ kind: 'kit', width: 0.9, count: 1 });
    fireEvent.click(screen.getByRole('radio', { name: 'fasteners, fittings' }));
    expect(screen.getByRole('option', { name: /padlock/i })).toBeTruthy();
  });
  test('what the server refuses is told, and what was typed stays', async () => {
    shown(<Shed holding="home" market={market} pieces={[]} />);
    answering({});
    globalThis.fetch = () =>
      Promise.resolve(
        anAnswer({ title: 'No', problems: [{ code: 'x', pointer: '/length', message: 'is too long' }] }, 422),
      );
    const note = screen.getByRole('textbox', { name: 'Note' });
    fireEvent.change(note, { target: { value: 'from the barn' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put it in the shed' }));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('is too long'));
    expect((note as HTMLInputElement).value).toBe('from the barn');
  });
});

describe('from the shed, at the docket', () => {
  test('a piece is used and left again, and a product the plan does not know is only named', async () => {
    const strange = { ...DEMO_SHED[0], id: 'odd', product: 'gone' };
    answering({
      [`GET ${SHED}`]: { status: 200, body: [...DEMO_SHED, strange].map((piece) => ({ piece, claims: [] })) },
    });
    inHand(orchard);
    shown(<ShedFieldsOfPlan />);
    const box = await screen.findByRole('checkbox', { name: /left from the duck pen/ });
    fireEvent.click(box);
    expect(usePlan.getState().plan?.owned.map((p) => p.id)).toEqual(['part-roll']);
    fireEvent.click(screen.getByRole('checkbox', { name: /left from the duck pen/ }));
    expect(usePlan.getState().plan?.owned).toEqual([]);
    expect(screen.getByText(/“gone”, which this plan’s prices do not know yet/)).toBeTruthy();
  });
});

describe('a piece that a plan counts on', () => {
  const [roll] = DEMO_SHED;
  if (roll?.kind !== 'roll') throw new Error('the first piece of the demo shed is a roll');
  test('is offered as it is now when it was changed in the shed', async () => {
    const now = { ...roll, length: 2, note: 'cut from' };
    answering({ [`GET ${SHED}`]: { status: 200, body: [{ piece: now, claims: [] }] } });
    inHand({ ...orchard, owned: [roll] });
    shown(<ShedFieldsOfPlan />);
    const note = await screen.findByText(/In the shed it is now .*2\.00 m.*, cut from\./);
    expect(note.textContent).toContain('▲');
    expect(usePlan.getState().plan?.owned).toEqual([roll]);
    fireEvent.click(screen.getByRole('button', { name: /^Use it as it is now/ }));
    expect(usePlan.getState().plan?.owned).toEqual([now]);
    expect(screen.queryByText(/In the shed it is now/)).toBeNull();
  });
  test('is not offered again where only the order of its fields differs', async () => {
    const turned = Object.fromEntries(Object.entries(roll).reverse());
    answering({ [`GET ${SHED}`]: { status: 200, body: [{ piece: turned, claims: [] }] } });
    inHand({ ...orchard, owned: [roll] });
    shown(<ShedFieldsOfPlan />);
    await screen.findByRole('checkbox');
    expect(screen.queryByText(/In the shed it is now/)).toBeNull();
  });
  test('can still be left where the shed now has something there that the plan does not know', async () => {
    answering({
      [`GET ${SHED}`]: { status: 200, body: [{ piece: { ...roll, product: 'gone' }, claims: [] }] },
    });
    inHand({ ...orchard, owned: [roll] });
    shown(<ShedFieldsOfPlan />);
    expect(await screen.findByText(/now something else\. A piece of “gone”/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Use it as it is now/ })).toBeNull();
    fireEvent.click(screen.getByRole('checkbox', { name: /left from the duck pen/ }));
    expect(usePlan.getState().plan?.owned).toEqual([]);
  });
  test('stays with the plan when it was taken out of the shed, and that is said', async () => {
    answering({ [`GET ${SHED}`]: nothing });
    inHand({ ...orchard, owned: [roll] });
    shown(<ShedFieldsOfPlan />);
    expect(await screen.findByText(/not in the shed, or no longer/)).toBeTruthy();
    expect(screen.getByRole<HTMLInputElement>('checkbox').checked).toBe(true);
  });
});

function ShedFieldsOfPlan() {
  const plan = usePlan((s) => s.plan);
  return plan && <ShedFields plan={plan} />;
}

describe('today’s prices', () => {
  const server = (prices: unknown) =>
    answering({
      'GET /api/holdings/home/prices': { status: 200, body: prices },
      'GET /api/holdings/home/products': nothing,
    });
  test('are offered to a plan of an older edition', async () => {
    server([]);
    const older: Plan = {
      ...orchard,
      covers: [],
      buying: { ...orchard.buying, edition: '2026-11', pricesAsOf: '2026-11-02' },
    };
    inHand(older);
    shown(<PriceNews plan={older} />);
    fireEvent.click(await screen.findByRole('button', { name: 'Use today’s prices' }));
    expect(usePlan.getState().plan?.buying).toMatchObject({
      edition: LATEST_EDITION,
      pricesAsOf: latest.pricesAsOf,
    });
  });
  test('are not offered again because a database gave the fields in another order', async () => {
    const offer = { kind: 'pack', product: 'staple', count: 200, price: 100, stock: null } as const;
    const own = { yard: 'far-gate', offer, asOf: '2026-11-25' };
    const turned = {
      asOf: own.asOf,
      offer: Object.fromEntries(Object.entries(offer).reverse()),
      yard: own.yard,
      id: 'p',
    };
    server([turned]);
    const plan: Plan = { ...orchard, buying: { ...orchard.buying, ownPrices: [own] } };
    inHand(plan);
    shown(<PriceNews plan={plan} />);
    expect(await screen.findByText('There are none newer.')).toBeTruthy();
  });
});

describe('prices and products of one’s own', () => {
  test('a price is shown with its yard, size and date', () => {
    const offer = {
      kind: 'roll',
      product: 'fine-13',
      width: 0.9,
      length: 15,
      price: 6100,
      stock: null,
    } as const;
    shown(
      <PriceList
        holding="home"
        market={market}
        lists={[{ yard: 'far-gate', currency: 'EUR', saveNumber: 1 }]}
        prices={[{ id: 'p', yard: 'far-gate', offer, asOf: '2026-11-20' }]}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: /one price of yours/ }));
    const price = screen.getByRole('button', {
      name: /^Change .* 0\.90 m × 15\.00 m at Far Gate Supplies/,
    });
    expect(price.textContent).toBe('61.00 EUR');
    expect(price.closest('li')?.textContent).toContain('yours, 20 Nov 2026');
  });
  const type = (name: string, text: string) => {
    const field = screen.getByRole('textbox', { name });
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };
  const add = () => fireEvent.click(screen.getByRole('button', { name: 'Add the product' }));
  test('a product needs width, length and price of each roll, no size twice, and says so', () => {
    const asked = answering({});
    shown(<OwnProducts holding="home" market={market} products={[]} prices={[]} />);
    add();
    expect(screen.getByRole('alert').textContent).toBe('Give width, length and price of roll 1.');
    type('Width of roll 1', '1.2');
    type('Length of roll 1', '15');
    type('Price of roll 1', 'dear');
    expect(screen.getByRole('alert').textContent).toContain('A price, such as 52.00');
    type('Price of roll 1', '52,00');
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Another width or length' }));
    type('Length of roll 2', '15');
    type('Price of roll 2', '98.50');
    add();
    expect(screen.getByRole('alert').textContent).toBe('Roll 2 is of the same size as roll 1.');
    expect(asked).toEqual([]);
  });
  const twoRolls = () => {
    shown(<OwnProducts holding="home" market={market} products={[]} prices={[]} />);
    type('Width of roll 1', '1.2');
    type('Length of roll 1', '30');
    type('Price of roll 1', '98.50');
    fireEvent.click(screen.getByRole('button', { name: 'Another width or length' }));
    type('Width of roll 2', '0.9');
    type('Length of roll 2', '15');
    type('Price of roll 2', '41');
    add();
  };
  test('a product goes out with all its widths and lengths, each with its price', async () => {
    const asked = answering({}, () => ({ status: 200, body: {} }));
    twoRolls();
    await waitFor(() => expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(1));
    const sent: unknown = JSON.parse(String(asked.find((a) => a.method === 'PUT')?.body));
    expect(sent).toMatchObject({
      product: { widths: [0.9, 1.2], lengths: [15, 30] },
      prices: [
        { offer: { kind: 'roll', width: 1.2, length: 30, price: 9850 } },
        { offer: { kind: 'roll', width: 0.9, length: 15, price: 4100 } },
      ],
    });
  });
  test('where one of its prices is refused that is told, and what was typed stays to be mended', async () => {
    const no = {
      title: 'No',
      problems: [{ code: 'x', pointer: '/prices/1/offer/price', message: 'is too high' }],
    };
    const asked = answering({}, ({ method }) =>
      method === 'PUT' ? { status: 422, body: no } : { status: 200, body: {} },
    );
    twoRolls();
    await waitFor(() => expect(screen.getByText(/is too high/)).toBeTruthy());
    expect(asked.map((a) => a.method)).toEqual(['PUT']);
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Price of roll 2' }).value).toBe('41.00');
  });
});
