import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { DEMO_PLANS, type KeptReading, type MeterAnswer, type Plan, energyIn } from '@aviarum/core';
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { useReckoning } from '../../state/reckoningStore';
import { type Asked, answering, inHand, shown } from '../../testing/shown';
import { Decisions } from '../Decision';
import { TheLineNow } from './TheLineNow';

const leat = DEMO_PLANS.find((p) => p.id === 'mill-leat') as Plan;
const PATH = '/api/holdings/home/meters/mill-leat';
const NOW = '2026-11-28T06:00:00.000Z';

const read = (hoursAgo: number, near: number, more: Partial<KeptReading> = {}): KeptReading => ({
  at: new Date(Date.parse(NOW) - hoursAgo * 3_600_000).toISOString(),
  near,
  far: near - 0.2,
  battery: 12.5,
  draw: 0.1,
  source: 'device',
  ...more,
});
const answer = (readings: readonly KeptReading[], standIn: MeterAnswer['standIn'] = null): MeterAnswer => ({
  readings: [...readings],
  now: NOW,
  standIn,
});

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

/** The line of the plan, opened, at a server that answers so. */
async function looking(
  now: () => MeterAnswer,
  refused: Readonly<Record<string, object>> = {},
): Promise<Asked[]> {
  inHand(leat);
  const asked = answering({}, ({ method, path }) => {
    const no = refused[`${method} ${path}`];
    if (no) return { status: 422, body: no };
    if (method === 'GET' || path.endsWith('/stand-in')) return { status: 200, body: now() };
    return { status: 200, body: { taken: 1, folded: 0 } };
  });
  shown(
    <Decisions>
      <TheLineNow plan={leat} />
    </Decisions>,
  );
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: /^The line now/ }));
    await jest.advanceTimersByTimeAsync(10);
  });
  return asked;
}
const doing = (what: () => void) =>
  act(async () => {
    what();
    await jest.advanceTimersByTimeAsync(10);
  });
const press = (name: RegExp | string) => doing(() => fireEvent.click(screen.getByRole('button', { name })));
const type = (name: string, value: string) =>
  fireEvent.change(screen.getByRole('textbox', { name }), { target: { value } });
const sent = (asked: readonly Asked[], method: string) =>
  asked
    .filter((a) => a.method === method)
    .map(({ path, body }) => [path, body === undefined ? null : (JSON.parse(body as string) as unknown)]);

describe('the line now', () => {
  test('shows the last reading in large figures, and what it points to, worst first', async () => {
    await looking(() => answer([read(2, 5.4), read(1, 1.7)]));
    const figures = [...document.querySelectorAll('.linenow dd')].map((d) => d.textContent);
    expect(figures.slice(0, 3)).toEqual(['1.7 kV', '1.5 kV', '12.5 V']);
    const pointed = [...document.querySelectorAll<HTMLElement>('.pointed li')];
    expect(pointed[0]?.dataset.weight).toBe('red');
  });
  test('is looked at again by itself, seldom where a meter sends', async () => {
    let near = 6;
    const asked = await looking(() => answer([read(1, near)]));
    near = 4.4;
    await act(() => jest.advanceTimersByTimeAsync(29_000));
    expect(asked).toHaveLength(1);
    await act(() => jest.advanceTimersByTimeAsync(2_000));
    expect(asked).toHaveLength(2);
    expect(document.querySelector('.linenow dd')?.textContent).toBe('4.4 kV');
  });
  test('a server that does not answer is told, and what was read stays', async () => {
    const asked = await looking(() => answer([read(1, 6)]));
    globalThis.fetch = () => Promise.reject(new TypeError('no network'));
    await act(() => jest.advanceTimersByTimeAsync(31_000));
    expect(screen.getByRole('alert').textContent).toContain('does not answer');
    expect(document.querySelector('.linenow dd')?.textContent).toBe('6.0 kV');
    expect(asked).toHaveLength(1);
  });
});

describe('read by hand', () => {
  test('a voltage is sent as a reading of this moment, with a comma too, and its fields are emptied', async () => {
    const asked = await looking(() => answer([]));
    type('Near end, kV', '5,2');
    type('Battery, V', '12.4');
    jest.setSystemTime(Date.parse(NOW));
    await press('Write it down');
    const [[path, body] = []] = sent(asked, 'POST');
    expect(path).toBe(`${PATH}/readings?from=hand`);
    expect(body).toEqual({ readings: [{ at: NOW, near: 5.2, far: null, battery: 12.4, draw: null }] });
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Near end, kV' }).value).toBe('');
  });
  test.each([
    ['nothing', '', '', 'near end'],
    ['a word', 'high', '', 'near end'],
    ['less than nothing', '-3', '', 'near end'],
    ['a word for the battery', '5', 'full', 'battery'],
  ])('%s is refused here by the name of its field, and nothing is sent', async (_, near, battery, field) => {
    const asked = await looking(() => answer([]));
    type('Near end, kV', near);
    type('Battery, V', battery);
    await press('Write it down');
    expect(screen.getByRole('alert').textContent).toContain(field);
    expect(sent(asked, 'POST')).toEqual([]);
  });
  test('what the server refuses is told in its words, and stays typed', async () => {
    await looking(() => answer([]), {
      [`POST ${PATH}/readings?from=hand`]: {
        title: 'Some fields are not right.',
        status: 422,
        problems: [{ code: 'most', pointer: '/readings/0/near', message: 'must be 15 or less' }],
      },
    });
    type('Near end, kV', '90');
    await press('Write it down');
    expect(screen.getByRole('alert').textContent).toContain('must be 15 or less');
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Near end, kV' }).value).toBe('90');
  });
});

describe('a stand-in', () => {
  const standIn = {
    seed: 1,
    speed: 3600,
    output: 0.5,
    needed: 0.3,
    capacity: 60,
    draw: 0.1,
    gain: 2,
    faults: [],
  };
  test('begins as the fence is planned', async () => {
    const asked = await looking(() => answer([]));
    await press('Try it with a stand-in for the line');
    const energy = energyIn(leat, useReckoning.getState().reckoning?.figures['power.length'] ?? NaN);
    expect(sent(asked, 'PUT')).toEqual([
      [
        `${PATH}/stand-in`,
        {
          ...standIn,
          output: 0.5,
          needed: energy.output,
          draw: energy.draw,
          gain: energy.gain[new Date().getMonth()],
        },
      ],
    ]);
  });
  test('says that it is none of the keeper’s own, and has its faults switched one by one', async () => {
    const asked = await looking(() => answer([read(1, 6, { source: 'stand-in' })], standIn));
    expect(screen.getByRole('group', { name: /no real line/ })).toBeTruthy();
    const boxes = within(screen.getByRole('group', { name: /no real line/ })).getAllByRole('checkbox');
    expect(boxes).toHaveLength(8);
    await doing(() => fireEvent.click(boxes[0] as HTMLElement));
    const [[, body] = []] = sent(asked, 'PUT') as [string, { faults: string[] }][];
    expect(body?.faults).toHaveLength(1);
    expect(screen.queryByRole('button', { name: /^Forget all readings/ })).toBeNull();
    await press(/^End it/);
    expect(sent(asked, 'DELETE')).toEqual([[`${PATH}/stand-in`, null]]);
  });
  test('is looked at often', async () => {
    const asked = await looking(() => answer([read(1, 6)], standIn));
    await act(() => jest.advanceTimersByTimeAsync(10_500));
    expect(asked.length).toBeGreaterThanOrEqual(5);
  });
});
