import { type Plan, completePlan } from '@aviarum/core';
import { del, get, set } from 'idb-keyval';
import { create } from 'zustand';
import { ApiError, plan as fetchPlan, savePlan } from '../api/client';
import { usePlan } from './planStore';

/** How long after the last step a save begins, ms. */
const PAUSE = 800;
/** How long until another try when the connection dropped, ms. */
const AGAIN = 4000;

export type SaveState =
  | { readonly word: 'saved'; readonly at: string }
  | { readonly word: 'saving' }
  | { readonly word: 'unsaved'; readonly why: string }
  | { readonly word: 'conflict'; readonly at: string };

/** A save under way or to be tried again: it keeps its id, so that a lost answer cannot conflict with itself. */
interface Pending {
  readonly plan: Plan;
  readonly saveId: string;
}

/** What this device holds that the server may not have. */
interface Unsent {
  /** Null where the plan itself is saved and only a draft is kept. */
  readonly plan: Plan | null;
  readonly draft: Plan | null;
  readonly basedOn: number;
  readonly pending: Pending | null;
}

/** One plan as it was opened: a save that comes back late writes to its own, never to the plan opened since. */
interface Session {
  readonly holding: string;
  readonly id: string;
  basedOn: number;
  saved: Plan;
  pending: Pending | null;
  inFlight: 'yes' | 'no';
}

export const useSaving = create<{ state: SaveState }>()(() => ({ state: { word: 'saved', at: '' } }));
const keyOf = (holding: string, id: string) => `unsent ${holding} ${id}`;

let current: Session | undefined;
let timer: ReturnType<typeof setTimeout> | undefined;

const say = (state: SaveState) => useSaving.setState({ state });
const sayFor = (session: Session, state: SaveState) => {
  if (session === current) say(state);
};

/** Keeps what the server does not have yet where a closed tab cannot lose it. */
function keepUnsent(session: Session, plan: Plan, draft: Plan | null) {
  const key = keyOf(session.holding, session.id);
  const { saved, basedOn, pending } = session;
  if (plan === saved && !draft) void del(key);
  else void set(key, { plan: plan === saved ? null : plan, draft, basedOn, pending } satisfies Unsent);
}

function later(delay: number) {
  clearTimeout(timer);
  timer = setTimeout(() => {
    if (current) void save(current);
  }, delay);
}

/** Why a save did not go through, and whether the same one is worth sending again. */
function failed(error: unknown): { readonly state: SaveState; readonly again: 'yes' | 'no' } {
  if (!(error instanceof ApiError)) {
    const why = 'No connection. Your work is kept on this device and sent when it is back.';
    return { state: { word: 'unsaved', why }, again: 'yes' };
  }
  if (error.status === 409) {
    const { savedAt } = error.more;
    return { state: { word: 'conflict', at: typeof savedAt === 'string' ? savedAt : '' }, again: 'no' };
  }
  const [first] = error.problems;
  const why = first ? `${error.title} ${first.pointer} ${first.message}` : error.title;
  return { state: { word: 'unsaved', why }, again: error.status >= 500 ? 'yes' : 'no' };
}

async function save(session: Session): Promise<void> {
  const { plan, draft, held } = usePlan.getState();
  if (session !== current || plan?.id !== session.id || session.inFlight === 'yes') return;
  if (plan === session.saved || useSaving.getState().state.word === 'conflict') return;
  if (held) return later(PAUSE); // never inside a gesture
  // One that was sent and not answered goes first, as it was: the server may have it already.
  session.pending ??= { plan, saveId: crypto.randomUUID() };
  const sent = session.pending;
  session.inFlight = 'yes';
  keepUnsent(session, plan, draft?.plan ?? null);
  say({ word: 'saving' });
  let after: 'saved' | 'again' | 'stop';
  try {
    const answer = await savePlan(session.holding, {
      plan: sent.plan,
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
    if (again === 'no') session.pending = null;
    sayFor(session, state);
    after = again === 'yes' ? 'again' : 'stop';
  }
  session.inFlight = 'no';
  const now = usePlan.getState();
  if (session !== current) {
    // The keeper has gone on to another plan; what was sent is settled, anything newer was kept when they left.
    if (after === 'saved' && sent.plan === plan && !draft) void del(keyOf(session.holding, session.id));
    return;
  }
  if (now.plan?.id === session.id) keepUnsent(session, now.plan, now.draft?.plan ?? null);
  if (after === 'again') later(AGAIN);
  else if (after === 'saved' && now.plan !== session.saved) later(0);
}

/** Opens a plan: the server's, with anything that this device had not sent on top. */
export async function openPlan(holding: string, id: string): Promise<void> {
  clearTimeout(timer);
  current = undefined;
  const [stored, unsent] = await Promise.all([
    fetchPlan(holding, id),
    get<Unsent>(keyOf(holding, id)).catch(() => undefined),
  ]);
  const session: Session = {
    holding,
    id,
    basedOn: stored.saveNumber,
    saved: stored.plan,
    pending: null,
    inFlight: 'no',
  };
  current = session;
  say({ word: 'saved', at: stored.savedAt });
  const opened = unsent?.plan ? completePlan(unsent.plan) : stored.plan;
  usePlan.getState().open(holding, opened, unsent?.draft ? completePlan(unsent.draft) : undefined);
  if (!unsent?.plan) return;
  if (unsent.pending) {
    // Sent and not answered: under its own id the server says whether it has it, or that somebody else was first.
    session.basedOn = unsent.basedOn;
    // Nothing changed since it was sent: the plan in hand is that very plan, and is saved when the answer comes.
    const same = JSON.stringify(unsent.pending.plan) === JSON.stringify(unsent.plan);
    session.pending = same ? { ...unsent.pending, plan: opened } : unsent.pending;
    later(0);
  } else if (unsent.basedOn === stored.saveNumber) later(0);
  else say({ word: 'conflict', at: stored.savedAt });
}

/** Follows the plan store. @returns how to stop: what is not sent yet is sent at once */
export function followSaving(): () => void {
  const stopPlan = usePlan.subscribe((now, before) => {
    const session = current;
    if (!session || now.plan?.id !== session.id || before.plan?.id !== session.id) return;
    if (now.plan !== before.plan || now.draft !== before.draft)
      keepUnsent(session, now.plan, now.draft?.plan ?? null);
    if (now.plan === before.plan || now.plan === session.saved) return;
    if (useSaving.getState().state.word === 'saved') say({ word: 'unsaved', why: '' });
    later(PAUSE);
  });
  const online = () => later(0);
  window.addEventListener('online', online);
  return () => {
    stopPlan();
    clearTimeout(timer);
    window.removeEventListener('online', online);
    if (current) void save(current);
  };
}

/** The other side's plan in place of ours. */
export async function takeTheirs(): Promise<void> {
  const { holding, plan } = usePlan.getState();
  if (!plan) return;
  await del(keyOf(holding, plan.id));
  await openPlan(holding, plan.id);
}

/** Forgets that this device had unsent work on a plan: it lives on elsewhere, as a variant. */
export async function forgetUnsent(holding: string, id: string): Promise<void> {
  await del(keyOf(holding, id));
}

export const retrySave = () => later(0);
