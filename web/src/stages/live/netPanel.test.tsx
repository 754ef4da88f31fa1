import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { DEMO_PLANS, type Plan, makeReader, newHotWire } from '@aviarum/core';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { usePlan } from '../../state/planStore';
import { inHand, shown } from '../../testing/shown';
import { LivePanel } from './LivePanel';

afterEach(cleanup);

const demo = (id: string): Plan => {
  const plan = DEMO_PLANS.find((p) => p.id === id);
  if (!plan) throw new Error(`no demo plan ${id}`);
  return plan;
};
const leat = demo('mill-leat');
const reader = makeReader('metric', 'XXX');
const press = (name: RegExp | string) => fireEvent.click(screen.getByRole('button', { name }));
/** The panel of a plan with one decision opened. */
const opened = (plan: Plan, name: RegExp) => {
  const reckoning = inHand(plan);
  shown(<LivePanel base="/p/mill-leat" />);
  press(name);
  return reckoning;
};
const tallied = (name: string) => screen.getByText(name).nextElementSibling?.textContent;
const nowOf = (id: string) => usePlan.getState().plan?.nets.find((n) => n.id === id);

describe('one net', () => {
  test('says what it takes in its heading, and its figures when opened', () => {
    const { figures } = opened(leat, /^Night loop/);
    expect(tallied('Way round')).toBe(reader.length(figures['liveNet.night.length'] ?? NaN));
    expect(tallied('Encloses')).toBe(reader.area(figures['liveNet.night.area'] ?? NaN));
    expect(tallied('Struts')).toBe('4');
    expect(screen.getByRole('button', { name: /^Night loop/ }).textContent).toContain('1 net, 27.20 m round');
  });
  test('an open line encloses nothing and asks for nothing inside', () => {
    opened(leat, /^Day line/);
    expect(screen.queryByText('Encloses')).toBeNull();
    expect(screen.queryByRole('group', { name: 'Has to be inside' })).toBeNull();
    expect(screen.queryByText(/^The largest loop/)).toBeNull();
  });
  test('what is ticked has to be inside', () => {
    opened(leat, /^Night loop/);
    const inside = within(screen.getByRole('group', { name: 'Has to be inside' }));
    fireEvent.click(inside.getByRole('checkbox', { name: /willow/ }));
    expect(nowOf('night')?.inside).toEqual(['building:goose', 'tree:willow']);
    press('Draw it tight round them');
    expect(nowOf('night')?.points).toBeNull();
  });
  test('whole nets are added and taken out one by one; the last one out leaves it to be reckoned', () => {
    const plan = {
      ...leat,
      nets: leat.nets.map((n) => (n.id === 'night' ? { ...n, pieces: [25, 50] } : n)),
    };
    opened(plan, /^Night loop/);
    press('And one of 50.00 m');
    expect(nowOf('night')?.pieces).toEqual([25, 50, 50]);
    press('25.00 m ✕');
    expect(nowOf('night')?.pieces).toEqual([50, 50]);
    cleanup();
    opened({ ...plan, nets: plan.nets.map((n) => ({ ...n, pieces: [25] })) }, /^Night loop/);
    press('25.00 m ✕');
    expect(nowOf('night')?.pieces).toBeNull();
  });
  test('a hollow is noted and mended', () => {
    opened(leat, /^Night loop/);
    press(/^Hollows under it/);
    press('Note a hollow');
    expect(nowOf('night')?.dips).toEqual([{ id: 'd1', along: 0, gap: 0.06, mend: 'none' }]);
    cleanup();
    opened(
      { ...leat, nets: leat.nets.map((n) => ({ ...n, dips: nowOf('night')?.dips ?? [] })) },
      /^Night loop/,
    );
    press(/^Hollows under it/);
    fireEvent.click(screen.getByRole('radio', { name: 'peg' }));
    expect(nowOf('night')?.dips[0]?.mend).toBe('peg');
    press('Forget it');
    expect(nowOf('night')?.dips).toEqual([]);
  });
  test('it is taken away', () => {
    opened(leat, /^Night loop/);
    press('Take it away');
    expect(usePlan.getState().plan?.nets.map((n) => n.id)).toEqual(['day']);
  });
});

describe('what keeps it live', () => {
  test('a month in which more is used than gained is marked, and only such', () => {
    opened(leat, /^Power/);
    const rows = within(screen.getByRole('table', { name: /Each day of the month/ })).getAllByRole('row');
    expect(rows).toHaveLength(13);
    for (const row of rows.slice(1)) {
      const cells = within(row).getAllByRole('cell');
      const left = cells[3]?.textContent ?? '';
      expect(row.dataset.short).toBe(left.startsWith('−') ? 'yes' : 'no');
      const [gained, used] = [Number(cells[1]?.textContent), Number(cells[2]?.textContent)];
      expect(Math.abs(gained - used - Number(left.replace('−', '-')))).toBeLessThan(0.11);
    }
  });
  test('an energiser that is there already is told by what is written on it', () => {
    opened(leat, /^Power/);
    press('There is one already');
    expect(usePlan.getState().plan?.power.energiser).toEqual({
      kind: 'own',
      output: 0.5,
      draw: null,
      supply: 'battery',
    });
    cleanup();
    const { plan } = usePlan.getState();
    opened(plan ?? leat, /^Power/);
    fireEvent.change(screen.getByRole('textbox', { name: 'Your energiser, J' }), {
      target: { value: '0.8' },
    });
    fireEvent.blur(screen.getByRole('textbox', { name: 'Your energiser, J' }));
    press(/Make it mains/);
    expect(usePlan.getState().plan?.power.energiser).toMatchObject({
      output: 0.8,
      draw: null,
      supply: 'mains',
    });
  });
  test('a battery out of all bounds is refused with its bounds, and a comma is a decimal', () => {
    opened(leat, /^Power/);
    const field = screen.getByRole('textbox', { name: 'Battery, Ah' });
    const type = (value: string) => {
      fireEvent.change(field, { target: { value } });
      fireEvent.blur(field);
    };
    type('1e9');
    expect(screen.getByText(/^A number from/)).toBeTruthy();
    expect(usePlan.getState().plan?.power.battery).toBe(60);
    type('62,5');
    expect(usePlan.getState().plan?.power.battery).toBe(62.5);
  });
  test('what is on the sheet is taken off it and put back', () => {
    opened(leat, /^Power/);
    press('Take the energiser off the sheet');
    expect(usePlan.getState().plan?.power.at).toBeNull();
    fireEvent.click(screen.getByRole('checkbox', { name: 'Goose house' }));
    expect(usePlan.getState().plan?.power.mainsIn).toEqual(['goose']);
  });
});

describe('what it holds', () => {
  test('each threat that is about is told of each net, with why', () => {
    const { entries } = opened(leat, /^What it holds/);
    const table = within(screen.getByRole('table', { name: 'Night loop' }));
    const night = entries.filter((e) => e.part.on === 'net' && e.part.net === 'night');
    expect(night.length).toBeGreaterThan(0);
    expect(table.getAllByRole('row')).toHaveLength(night.length);
    for (const e of night) expect(table.getAllByText(new RegExp(e.rating)).length).toBeGreaterThan(0);
  });
});

describe('a hot wire', () => {
  const orchard = demo('orchard-run');
  const wire = orchard.hotWires[0];
  test('keeps one side and one strand, and is taken away as a whole', () => {
    if (!wire) throw new Error('the demo plan has no hot wire');
    opened(
      { ...orchard, hotWires: [{ ...wire, sides: wire.sides.slice(0, 1) }] },
      new RegExp(`^${wire.name}`),
    );
    const along = within(screen.getByRole('group', { name: 'Along sides' }));
    const ticked = along.getAllByRole<HTMLInputElement>('checkbox').filter((box) => box.checked);
    expect(ticked.map((box) => box.disabled)).toEqual([true]);
    press('Add a strand');
    expect(usePlan.getState().plan?.hotWires[0]?.heights).toEqual([...wire.heights, 0.6]);
    press('Take it away');
    expect(usePlan.getState().plan?.hotWires).toEqual([]);
  });
  test('is offered where there are sides to run along, with both nets', () => {
    inHand({ ...orchard, hotWires: [] });
    shown(<LivePanel base="/p/orchard-run" />);
    expect(screen.getByText('Nothing is live yet.')).toBeTruthy();
    const offers = within(screen.getByRole('region', { name: 'Add a net or wire' })).getAllByRole('button');
    expect(offers).toHaveLength(1 + 3);
    fireEvent.click(offers[3] as HTMLElement);
    expect(usePlan.getState().plan?.hotWires).toEqual([newHotWire({ ...orchard, hotWires: [] })?.wire]);
  });
});

describe('the largest loop', () => {
  const before = { Worker: globalThis.Worker, MessageChannel: globalThis.MessageChannel };
  let ended = 0;
  /** A worker that never answers, and a channel that it would answer on. */
  class Silent {
    addEventListener() {}
    removeEventListener() {}
    postMessage() {}
    start() {}
    terminate() {
      ended += 1;
    }
  }
  beforeEach(() => {
    ended = 0;
    Object.assign(globalThis, {
      Worker: Silent,
      MessageChannel: class {
        port1 = new Silent();
        port2 = new Silent();
      },
    });
  });
  afterEach(() => {
    Object.assign(globalThis, before);
  });
  test('is looked for of so many nets, each as long as some are sold', () => {
    opened(leat, /^Night loop/);
    const count = screen.getByRole('textbox', { name: 'How many nets' });
    const type = (text: string) => {
      fireEvent.change(count, { target: { value: text } });
      fireEvent.keyDown(count, { key: 'Enter' });
    };
    type('0');
    expect(screen.getByText('A whole number from 1 to 40.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Of 2 nets of 50.00 m' })).toBeTruthy();
    type('3');
    fireEvent.change(screen.getByRole('combobox', { name: 'Each of' }), { target: { value: '25' } });
    press('Of 3 nets of 25.00 m');
    expect(screen.getByRole('progressbar')).toBeTruthy();
  });
  test('is left at any time', () => {
    opened(leat, /^Night loop/);
    press('Of 2 nets of 50.00 m');
    expect(screen.getByRole('progressbar')).toBeTruthy();
    press('Leave it');
    expect(ended).toBe(1);
    expect(screen.queryByRole('progressbar')).toBeNull();
    expect(screen.queryByText(/The plan changed/)).toBeNull();
  });
  test('of a plan that changed is no answer: the search ends, and says so', () => {
    opened(leat, /^Night loop/);
    press('Of 2 nets of 50.00 m');
    fireEvent.click(screen.getByRole('checkbox', { name: /willow/ }));
    expect(ended).toBe(1);
    expect(screen.queryByRole('progressbar')).toBeNull();
    expect(screen.getByText('The plan changed while it looked. Look again.')).toBeTruthy();
  });
});
