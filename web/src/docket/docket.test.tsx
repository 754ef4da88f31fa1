import { afterEach, describe, expect, test } from '@jest/globals';
import { DEMO_PLANS, type Plan, apply, makeReader } from '@aviarum/core';
import { act, cleanup, screen, within } from '@testing-library/react';
import { useImproving } from '../state/improving';
import { useReckoning } from '../state/reckoningStore';
import { inHand, shown } from '../testing/shown';
import { CutLists } from './CutLists';
import { Rolls } from './Rolls';
import { Totals } from './Totals';

afterEach(() => {
  cleanup();
  useImproving.setState(useImproving.getInitialState(), true);
});

const [orchard, , court] = DEMO_PLANS as [Plan, Plan, Plan];
/** Open to the sky, bought by an edition that says nothing of tax and delivery. */
const older: Plan = {
  ...orchard,
  covers: [],
  buying: { ...orchard.buying, edition: '2026-11', pricesAsOf: '2026-11-02', yards: ['longacre'] },
};
const reader = makeReader('metric', 'XXX');
const money = (minor: number) => reader.money(minor);

describe('what a docket comes to', () => {
  const totals = (plan: Plan) => {
    const { docket } = inHand(plan);
    shown(
      <table>
        <Totals docket={useReckoning.getState().reckoning?.docket ?? docket} columns={8} />
      </table>,
    );
    return docket;
  };
  const row = (name: RegExp) => screen.getByRole('rowheader', { name }).closest('tr')?.textContent ?? '';
  test('has one delivery, the tax held in the prices, and what is to pay', () => {
    const docket = totals(orchard);
    expect(row(/Delivery by Far Gate/)).toContain(money(2500));
    expect(row(/^To pay/)).toContain(money(docket.total));
    expect(row(/of which tax held in the prices, 20 %/)).toContain(money(docket.taxes[0]?.tax ?? NaN));
  });
  test('adds tax where prices are stated without it', () => {
    const docket = totals(apply(orchard, { verb: 'set-yards', yards: ['longacre'] }));
    expect(row(/Tax to add, 20 %/)).toContain(money(docket.taxes[0]?.tax ?? NaN));
    expect(screen.queryByRole('rowheader', { name: /held in the prices/ })).toBeNull();
  });
  test('has neither where the edition knows neither', () => {
    totals(older);
    expect(screen.getAllByRole('rowheader')).toHaveLength(1);
  });
});

describe('rolls', () => {
  test('show every piece as a button with its letter, and say that the price is the best possible', () => {
    const { cutting } = inHand(court);
    shown(<Rolls />);
    const letters = cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces.map((x) => x.letter)));
    for (const letter of letters)
      expect(screen.getByRole('button', { name: new RegExp(`^Piece ${letter}:`) })).toBeTruthy();
    expect(screen.getAllByText(/^Best possible/)).toHaveLength(cutting.length);
    expect(screen.getByText(/^The price is the best possible/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Keep looking/ })).toBeNull();
  });
  test('say what is from the shed, and what is left still makes', () => {
    inHand({
      ...orchard,
      owned: [
        {
          id: 'part',
          kind: 'roll',
          product: 'welded-50x25',
          width: 1.2,
          length: 9.3,
          count: 1,
          condition: 'sound',
          note: '',
        },
      ],
    });
    shown(<Rolls />);
    expect(screen.getByText(/9\.30 m, from the shed/)).toBeTruthy();
    expect(screen.getAllByText(/^still makes/).length).toBeGreaterThan(0);
  });
  test('lay small pieces side by side at the end of their roll', () => {
    const extra = { id: 'v', name: 'vent', mesh: 'welded-50x25', width: 0.5, height: 0.4, count: 2 };
    const { cutting } = inHand(apply(orchard, { verb: 'set-extra', extra }));
    shown(<Rolls />);
    const small = cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces.filter((x) => x.lies)));
    expect(small).toHaveLength(2);
    const tops = small.map((p) => {
      const button = screen.getByRole('button', { name: new RegExp(`^Piece ${p.letter}:.*lying`) });
      return button.style.top;
    });
    expect(new Set(tops).size).toBe(2);
  });
  test('say how much may still be saved by all that is bought, and how far looking further has come', () => {
    inHand(court);
    const { reckoning } = useReckoning.getState();
    const [first, ...rest] = reckoning?.cutting ?? [];
    if (!reckoning?.proof || !first) throw new Error('nothing is cut');
    const { cost } = reckoning.proof;
    const open = { ...first, bound: (first.cost ?? 0) - 250, proved: false };
    const proof = { cost, bound: cost - 890, proved: false };
    useReckoning.setState({ reckoning: { ...reckoning, cutting: [open, ...rest], proof } });
    shown(<Rolls />);
    expect(screen.getByText('Not proved the best possible: at most 2.50 could be saved.')).toBeTruthy();
    expect(screen.getByText(/other rolls or widths could save at most 8\.90\.$/)).toBeTruthy();
    expect(screen.getAllByRole('button', { name: 'Keep looking' })).toHaveLength(1);
    act(() => useImproving.setState({ looking: court, progress: { cost: 1000, bound: 800, sets: 3 } }));
    expect(screen.getByRole('status').textContent).toContain('3 ways looked at, 2.00 still open');
    expect(screen.getByRole('button', { name: 'Stop' })).toHaveProperty('disabled', false);
    act(() => useImproving.setState({ stopping: true }));
    expect(screen.getByRole('button', { name: 'Stopping …' })).toHaveProperty('disabled', true);
    act(() => useImproving.setState({ looking: null, stopping: false }));
    expect(screen.getByRole('button', { name: 'Keep looking' })).toBeTruthy();
  });
  test('say what went wrong when the solver could not be loaded', () => {
    inHand(court);
    const { reckoning } = useReckoning.getState();
    if (!reckoning?.proof) throw new Error('nothing is cut');
    useReckoning.setState({ reckoning: { ...reckoning, proof: { ...reckoning.proof, proved: false } } });
    useImproving.setState({ failed: 'no network' });
    shown(<Rolls />);
    expect(screen.getByRole('alert').textContent).toContain('no network');
  });
  test('say what was gained, for the plan whose price it is', () => {
    inHand(orchard);
    useImproving.setState({ found: { plan: orchard, gained: 890 } });
    shown(<Rolls />);
    expect(screen.getByText('Found: 8.90 less.')).toBeTruthy();
    act(() => void inHand(court));
    expect(screen.queryByText(/^Found:/)).toBeNull();
  });
});

describe('the cut list', () => {
  test('has a table for each product, each piece in a row with where it is cut', () => {
    const { cutting } = inHand(court);
    shown(<CutLists />);
    const tables = screen.getAllByRole('table');
    expect(tables).toHaveLength(cutting.length);
    cutting.forEach((pool, i) => {
      const rows = within(tables[i] as HTMLElement)
        .getAllByRole('row')
        .slice(1);
      expect(rows).toHaveLength(pool.rolls.flatMap((r) => r.pieces).length);
    });
    expect(screen.getAllByText(/^from .* post \d+, cut after .* post \d+$/).length).toBeGreaterThan(1);
  });
  test('is not there when nothing is cut', () => {
    inHand({ ...court, sides: [], corners: [], enclosures: [], openings: [] });
    shown(<CutLists />);
    expect(screen.queryByText('Cut list')).toBeNull();
  });
});
