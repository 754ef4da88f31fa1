import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { DEMO_PLANS, type Plan, STAGE_IDS, type StageId, readerFor, sheetScene } from '@aviarum/core';
import { act, cleanup, fireEvent } from '@testing-library/react';
import { Suspense } from 'react';
import { partOfStop } from '../sheet/stopId';
import { answering, inHand, shown } from '../testing/shown';
import { STAGE_VIEWS } from './stages';

/** What React and the panels say is wrong with what was drawn. */
const complaints: string[] = [];
beforeEach(() => {
  complaints.length = 0;
  jest.spyOn(console, 'error').mockImplementation((...said: unknown[]) => {
    complaints.push(said.map(String).join(' ').slice(0, 400));
  });
  answering({}, () => ({ status: 404, body: { title: 'Not here.', status: 404, problems: [] } }));
});
afterEach(() => {
  cleanup();
  jest.restoreAllMocks();
});

/** A panel as it stands when its stage is opened, with something open on its sheet where that is said. */
async function panelOf(stage: StageId, plan: Plan, at: string | null = null) {
  const { panel: Shown } = STAGE_VIEWS[stage];
  await Shown.fetch();
  await act(async () => {
    shown(
      <Suspense>
        <Shown base={`/h/home/p/${plan.id}`} />
      </Suspense>,
      at === null ? '/' : `/?at=${encodeURIComponent(at)}`,
    );
    await Promise.resolve();
  });
}

/** Where a heading stands: its own words after those of the decisions that it is within. */
function pathOf(head: Element): string {
  const around: string[] = [];
  for (
    let at = head.parentElement?.closest('section.question') ?? null;
    at;
    at = at.parentElement?.closest('section.question') ?? null
  )
    around.push(at.getAttribute('aria-label') ?? '');
  return [...around.reverse(), head.textContent].join(' › ');
}

/** What the page holds now. Asked for by markup: to ask by role works out the whole page's styles each time. */
const held = (what: string) => [...document.body.querySelectorAll(what)];
const CLOSED = 'button[aria-expanded="false"]';
const OPEN = 'button[aria-expanded="true"], section[aria-label^="Open: "]';

/** Opens every decision once, and those within it. @returns how many there were */
async function openAll(): Promise<number> {
  const opened = new Set<string>();
  for (;;) {
    const next = held(CLOSED).find((head) => !opened.has(pathOf(head)));
    if (!next) return opened.size;
    opened.add(pathOf(next));
    await act(async () => {
      fireEvent.click(next);
      await Promise.resolve();
    });
  }
}

const EVERY = DEMO_PLANS.flatMap((plan) => STAGE_IDS.map((stage) => [stage, plan.name, plan] as const));

test.each(EVERY)(
  'every decision at %s of %s can be opened, and nothing is drawn wrongly',
  async (stage, _, plan) => {
    inHand(plan);
    await panelOf(stage, plan);
    const closed = held(CLOSED).length;
    expect(await openAll()).toBeGreaterThanOrEqual(closed);
    expect(held('h1, h2, h3').length).toBeGreaterThan(0);
    expect(complaints).toEqual([]);
  },
);

const TOUCHED = EVERY.filter(([stage]) => STAGE_VIEWS[stage].stops);
describe.each(TOUCHED)('what can be touched at %s of %s', (stage, _, plan) => {
  test('opens beside the sheet, one of each kind', async () => {
    const { parts } = inHand(plan);
    const stops = (await STAGE_VIEWS[stage].stops?.()) ?? (() => []);
    const sight = { plan, parts, reader: readerFor(plan), open: null, scene: sheetScene(plan, parts) };
    const kinds = new Map(stops(sight).map((stop) => [partOfStop(stop.id)?.on ?? stop.id, stop]));
    for (const [kind, { id }] of kinds) {
      await panelOf(stage, plan, id);
      // A slip of its own, or the decision that it is about.
      expect([kind, held(OPEN).length > 0]).toEqual([kind, true]);
      expect([kind, complaints]).toEqual([kind, []]);
      cleanup();
    }
  });
});
