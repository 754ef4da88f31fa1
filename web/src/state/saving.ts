import type { Card, Plan, PlanSummary } from '@aviarum/core';
import { create } from 'zustand';
import { ApiError, planToShow, savePlan } from '../api/client';
import { device } from './device';
import { usePlan } from './planStore';
import { sameFields } from './sameFields';
import { type Kept, type Pending, type Unsent, ownKey, saysTheSame, unsentOf } from './unsent';

/** How long after the last step a save begins, ms. */
const PAUSE = 800;
/** How long until another try when the connection dropped, ms. */
const AGAIN = 4000;
/** After so long a save is said to take long, ms. */
const LONG = 5000;

export type SaveState =
  | { readonly word: 'saved'; readonly at: string }
  | { readonly word: 'saving'; readonly takes: 'a-moment' | 'long' }
  | { readonly word: 'unsaved'; readonly why: string }
  /** The plan was deleted elsewhere. */
  | { readonly word: 'gone' }
  | { readonly word: 'conflict'; readonly at: string };

/** One plan as it was opened: a save that comes back late writes to its own, never to the plan opened since. */
interface Session {
  readonly holding: string;
  readonly id: string;
  basedOn: number;
  saved: Plan;
  pending: Pending | null;
  inFlight: boolean;
  /** What was last kept of it on the device, which the store may have left for another plan since. */
  kept: { readonly plan: Plan; readonly draft: Plan | null } | null;
}

export const useSaving = create<{
  state: SaveState;
  /** Work of other tabs on this plan that this device still holds. */
  others: readonly Kept[];
}>()(() => ({ state: { word: 'saved', at: '' }, others: [] }));

/** What this page has in hand of saving. */
interface Hand {
  current: Session | undefined;
  /** Made by this page a moment ago, and in the store already. */
  adopted: Session | undefined;
  timer: ReturnType<typeof setTimeout> | undefined;
  /** A page that was left sends nothing more: what it kept is sent by the one that opens the plan next. */
  page: 'up' | 'left';
  /** Comes after the page, which does not wait for it; a plan saved before is given its card when it is seen in a list. */
  makeCard: ((plan: Plan) => Card | null) | undefined;
}
const hand: Hand = {
  current: undefined,
  adopted: undefined,
  timer: undefined,
  page: 'up',
  makeCard: undefined,
};

const ownKeyInHand = (): string | undefined => hand.current && ownKey(hand.current.holding, hand.current.id);
const say = (state: SaveState) => useSaving.setState({ state });
const sayFor = (session: Session, state: SaveState) => {
  if (session === hand.current) say(state);
};

/** Keeps what the server does not have yet where a closed tab cannot lose it; gone only when that very content is saved. */
function keepUnsent(session: Session, plan: Plan, draft: Plan | null) {
  const key = ownKey(session.holding, session.id);
  session.kept = { plan, draft };
  const { saved, basedOn, pending } = session;
  if (plan === saved && !draft && !pending) return void device.remove(key);
  const at = new Date().toISOString();
  void device.write(key, {
    plan: plan === saved ? null : plan,
    draft,
    basedOn,
    pending,
    at,
  } satisfies Unsent);
}

function saveIn(delay: number) {
  clearTimeout(hand.timer);
  hand.timer = setTimeout(() => {
    if (hand.current) void save(hand.current);
  }, delay);
}

const NO_CONNECTION = 'No connection. Your work is kept on this device and sent when it is back.';

/** Why a save did not go through, and whether the same one is worth sending again. */
function failed(error: unknown): { readonly state: SaveState; readonly again: boolean } {
  if (!(error instanceof ApiError)) return { state: { word: 'unsaved', why: NO_CONNECTION }, again: true };
  if (error.status === 404) return { state: { word: 'gone' }, again: false };
  if (error.status === 409) {
    const { savedAt } = error.more;
    return { state: { word: 'conflict', at: typeof savedAt === 'string' ? savedAt : '' }, again: false };
  }
  const [first] = error.problems;
  const why = first ? `${error.title} ${first.pointer} ${first.message}` : error.title;
  return { state: { word: 'unsaved', why }, again: error.status >= 500 };
}

/** Until the keeper has chosen what becomes of their work, nothing is sent. */
const isStuck = ({ word }: SaveState) => word === 'conflict' || word === 'gone';

async function save(session: Session): Promise<void> {
  const { plan, draft, held } = usePlan.getState();
  if (hand.page === 'left' || session !== hand.current || plan?.id !== session.id || session.inFlight) return;
  if ((plan === session.saved && !session.pending) || isStuck(useSaving.getState().state)) return;
  if (held) return saveIn(PAUSE); // never inside a gesture
  // One that was sent and not answered goes first, as it was: the server may have it already.
  session.pending ??= { plan, saveId: crypto.randomUUID() };
  const sent = session.pending;
  session.inFlight = true;
  keepUnsent(session, plan, draft?.plan ?? null);
  say({ word: 'saving', takes: 'a-moment' });
  const long = setTimeout(() => {
    if (session.inFlight) sayFor(session, { word: 'saving', takes: 'long' });
  }, LONG);
  let after: 'saved' | 'again' | 'stop';
  try {
    const answer = await savePlan(session.holding, {
      plan: sent.plan,
      card: hand.makeCard?.(sent.plan) ?? null,
      basedOn: session.basedOn,
      saveId: sent.saveId,
    });
    session.basedOn = answer.saveNumber;
    session.saved = sent.plan;
    session.pending = null;
    sayFor(session, { word: 'saved', at: answer.savedAt });
    after = 'saved';
  } catch (error) {
    const { state, again } = failed(error);
    if (!again) session.pending = null;
    sayFor(session, state);
    after = again ? 'again' : 'stop';
  }
  clearTimeout(long);
  session.inFlight = false;
  const storeNow = usePlan.getState();
  if (session !== hand.current) {
    // The keeper has gone on. What was answered is settled, anything newer stays; opened again here, the new session sees to both.
    const opened = ownKeyInHand() === ownKey(session.holding, session.id);
    if (after === 'saved' && session.kept && !opened)
      keepUnsent(session, session.kept.plan, session.kept.draft);
    return;
  }
  if (storeNow.plan?.id === session.id) keepUnsent(session, storeNow.plan, storeNow.draft?.plan ?? null);
  if (after === 'again') saveIn(AGAIN);
  else if (after === 'saved' && storeNow.plan !== session.saved) saveIn(0);
}

/** Of what this device holds the newest is taken on: it is written under this tab's own name before the other goes. */
async function takeOn(session: Session, kept: Kept): Promise<Plan> {
  const { basedOn, pending } = kept;
  const plan = kept.plan ?? session.saved;
  if (pending) {
    // Sent and not answered: under its own id the server says whether it has it, or that somebody else was first.
    session.basedOn = basedOn;
    // Nothing changed since it was sent: the plan in hand is that very plan, and is saved when the answer comes.
    session.pending = sameFields(pending.plan, plan) ? { ...pending, plan } : pending;
  }
  const own = ownKey(session.holding, session.id);
  if (kept.key !== own) {
    const { key, ...unsent } = kept;
    if (await device.write(own, unsent satisfies Unsent)) await device.remove(key);
  }
  return plan;
}

/** A plan that was just made from what is in the store: nothing of it need be asked for when its page opens. */
export function adoptPlan(
  holding: string,
  plan: Plan,
  made: Pick<PlanSummary, 'saveNumber' | 'savedAt'>,
): void {
  clearTimeout(hand.timer);
  hand.current = {
    holding,
    id: plan.id,
    basedOn: made.saveNumber,
    saved: plan,
    pending: null,
    inFlight: false,
    kept: null,
  };
  hand.adopted = hand.current;
  useSaving.setState({ state: { word: 'saved', at: made.savedAt }, others: [] });
}

/** The plan in the store where it is the one of this address. */
function inHandOf(holding: string, id: string): Plan | null {
  const { plan, holding: of } = usePlan.getState();
  return plan?.id === id && of === holding ? plan : null;
}

/** The plan was shown already, and changed by its keeper while it was fetched once more: what they did stays, and is saved next. */
function goOnWith(session: Session, stored: Pick<PlanSummary, 'saveNumber' | 'savedAt'>): void {
  hand.current = session;
  useSaving.setState({ state: { word: 'saved', at: stored.savedAt }, others: [] });
  if (session.basedOn === stored.saveNumber) saveIn(0);
  else say({ word: 'conflict', at: stored.savedAt });
}

/** A plan that is open, and may still turn out to be none of the server's. */
export interface Opened {
  /** Rejects with NoConnection where it does: nothing more of it is saved. */
  readonly checked: Promise<void>;
}

async function checkedOf(session: Session, checked: Promise<void>): Promise<void> {
  try {
    await checked;
  } catch (error) {
    if (hand.current === session) hand.current = undefined;
    throw error;
  }
}

/** What is found wrong with it later is told to whoever waits for it. */
function openedAs(session: Session, checked: Promise<void>): Opened {
  const all = checkedOf(session, checked);
  all.catch(() => undefined);
  return { checked: all };
}

/** Opens a plan: the server's, with anything that this device had not sent on top. */
export async function openPlan(holding: string, id: string): Promise<Opened> {
  const just = hand.adopted;
  hand.adopted = undefined;
  if (just && just === hand.current && just.holding === holding && just.id === id)
    return { checked: Promise.resolve() };
  clearTimeout(hand.timer);
  const was = hand.current?.holding === holding && hand.current.id === id ? hand.current : undefined;
  hand.current = undefined;
  const shown = inHandOf(holding, id);
  // In this order: what is no longer kept here was taken by the server before it is asked.
  const kept = await unsentOf(holding, id);
  const stored = await planToShow(holding, id);
  const session: Session = {
    holding,
    id,
    basedOn: stored.saveNumber,
    saved: stored.plan,
    pending: null,
    inFlight: false,
    kept: null,
  };
  const edited = inHandOf(holding, id);
  if (shown && edited && edited !== shown) {
    const goneOn = { ...session, basedOn: was?.basedOn ?? stored.saveNumber };
    goOnWith(goneOn, stored);
    return openedAs(goneOn, stored.checked);
  }
  const [newest, ...rest] = kept;
  const opened = newest ? await takeOn(session, newest) : stored.plan;
  hand.current = session;
  useSaving.setState({
    state: { word: 'saved', at: stored.savedAt },
    others: rest.filter((other) => newest && !saysTheSame(other, newest)),
  });
  usePlan.getState().open(holding, opened, newest?.draft ?? undefined);
  const opening = openedAs(session, stored.checked);
  if (!newest?.plan && !newest?.pending) return opening;
  if (newest.pending || newest.basedOn === stored.saveNumber) saveIn(0);
  else say({ word: 'conflict', at: stored.savedAt });
  return opening;
}

/** Follows the plan store. @returns how to stop: what is not sent yet is sent at once */
export function followSaving(): () => void {
  import('./cards').then(
    ({ cardOfPlan }) => (hand.makeCard = cardOfPlan),
    () => undefined,
  );
  const stopPlan = usePlan.subscribe((now, before) => {
    const session = hand.current;
    if (!session || now.plan?.id !== session.id || before.plan?.id !== session.id) return;
    if (now.plan !== before.plan || now.draft !== before.draft)
      keepUnsent(session, now.plan, now.draft?.plan ?? null);
    if (now.plan === before.plan || now.plan === session.saved) return;
    if (useSaving.getState().state.word === 'saved') say({ word: 'unsaved', why: '' });
    saveIn(PAUSE);
  });
  const listening = new AbortController();
  const { signal } = listening;
  window.addEventListener('online', () => saveIn(0), { signal });
  window.addEventListener('pagehide', () => (hand.page = 'left'), { signal });
  window.addEventListener(
    'pageshow',
    () => {
      hand.page = 'up';
      saveIn(0);
    },
    { signal },
  );
  return () => {
    stopPlan();
    clearTimeout(hand.timer);
    listening.abort();
    if (hand.current) void save(hand.current);
  };
}

/** The other side's plan in place of ours. */
export async function takeTheirs(): Promise<void> {
  const { holding, plan } = usePlan.getState();
  if (!plan) return;
  await device.remove(ownKey(holding, plan.id));
  await openPlan(holding, plan.id);
}

/** Forgets that this tab had unsent work on a plan: it lives on elsewhere, as a variant. */
export async function forgetUnsent(holding: string, id: string): Promise<void> {
  await device.remove(ownKey(holding, id));
}

/** Forgets one record of this device: it lives on as a plan of its own, or the keeper does not want it. */
export async function forgetRecord(key: string): Promise<void> {
  await device.remove(key);
  useSaving.setState((s) => ({ others: s.others.filter((o) => o.key !== key) }));
}

export const retrySave = () => saveIn(0);
