import type { Plan } from '@aviarum/core';
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

interface Unsent {
  readonly plan: Plan;
  readonly draft: Plan | null;
  readonly basedOn: number;
}

export const useSaving = create<{ state: SaveState }>()(() => ({ state: { word: 'saved', at: '' } }));
const say = (state: SaveState) => useSaving.setState({ state });
const keyOf = (holding: string, id: string) => `unsent ${holding} ${id}`;

let basedOn = 0;
let timer: ReturnType<typeof setTimeout> | undefined;
let inFlight = false;
let savedPlan: Plan | null = null;
/** The save under way or to be tried again keeps its id, so that a lost answer cannot conflict with itself. */
let pending: { plan: Plan; saveId: string } | null = null;

/** Keeps what the server does not have yet where a closed tab cannot lose it. */
function keepUnsent() {
  const { holding, plan, draft } = usePlan.getState();
  if (!plan) return;
  const key = keyOf(holding, plan.id);
  if (plan === savedPlan && !draft) void del(key);
  else void set(key, { plan, draft: draft?.plan ?? null, basedOn } satisfies Unsent);
}

function later(delay: number) {
  clearTimeout(timer);
  timer = setTimeout(() => void save(), delay);
}

async function save(): Promise<void> {
  const { holding, plan, held } = usePlan.getState();
  if (!plan || plan === savedPlan || inFlight || useSaving.getState().state.word === 'conflict') return;
  if (held) return later(PAUSE); // never inside a gesture
  if (!pending || pending.plan !== plan) pending = { plan, saveId: crypto.randomUUID() };
  const sent = pending;
  inFlight = true;
  say({ word: 'saving' });
  try {
    const answer = await savePlan(holding, { plan: sent.plan, basedOn, saveId: sent.saveId });
    basedOn = answer.saveNumber;
    savedPlan = sent.plan;
    pending = null;
    say({ word: 'saved', at: answer.savedAt });
  } catch (error) {
    if (error instanceof ApiError && error.status === 409)
      say({ word: 'conflict', at: typeof error.more.savedAt === 'string' ? error.more.savedAt : '' });
    else if (error instanceof ApiError)
      say({
        word: 'unsaved',
        why: error.problems[0]
          ? `${error.title} ${error.problems[0].pointer} ${error.problems[0].message}`
          : error.title,
      });
    else {
      say({
        word: 'unsaved',
        why: 'No connection. Your work is kept on this device and sent when it is back.',
      });
      later(AGAIN);
    }
  } finally {
    inFlight = false;
    keepUnsent();
    const { plan: now } = usePlan.getState();
    if (now && now !== sent.plan && useSaving.getState().state.word === 'saved') later(PAUSE);
  }
}

/** Opens a plan: the server's, with anything that this device had not sent on top. */
export async function openPlan(holding: string, id: string): Promise<void> {
  clearTimeout(timer);
  const [stored, unsent] = await Promise.all([
    fetchPlan(holding, id),
    get<Unsent>(keyOf(holding, id)).catch(() => undefined),
  ]);
  basedOn = stored.saveNumber;
  savedPlan = stored.plan;
  pending = null;
  say({ word: 'saved', at: stored.savedAt });
  if (!unsent) return usePlan.getState().open(holding, stored.plan);
  usePlan.getState().open(holding, stored.plan, unsent.draft ?? undefined);
  if (JSON.stringify(unsent.plan) === JSON.stringify(stored.plan)) return;
  usePlan.getState().open(holding, unsent.plan, unsent.draft ?? undefined);
  if (unsent.basedOn === stored.saveNumber) later(0);
  else say({ word: 'conflict', at: stored.savedAt });
}

/** Follows the plan store. @returns how to stop */
export function followSaving(): () => void {
  const stopPlan = usePlan.subscribe((now, before) => {
    if (now.plan !== before.plan || now.draft !== before.draft) keepUnsent();
    if (now.plan && now.plan !== before.plan && before.plan?.id === now.plan.id && now.plan !== savedPlan) {
      if (useSaving.getState().state.word === 'saved') say({ word: 'unsaved', why: '' });
      later(PAUSE);
    }
  });
  const online = () => later(0);
  window.addEventListener('online', online);
  return () => {
    stopPlan();
    clearTimeout(timer);
    window.removeEventListener('online', online);
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
