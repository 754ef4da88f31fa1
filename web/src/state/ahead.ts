import { keys } from 'idb-keyval';
import { startWorker } from '../workers/start';

/* What a plan's page needs last and takes longest is begun first: its worker and its plan, while the screens are still being fetched. */

/** What was asked for ahead: the answer, or null where this device holds work on the plan, and must be asked before the server is. */
interface Asked {
  readonly path: string;
  readonly answer: Promise<Response | null>;
}

let worker: Worker | null = null;
let asked: Asked | null = null;

/** Work that this device kept is read before the server is asked: otherwise it could have been taken by the server in between. */
async function planUnlessKept(path: string, holding: string, id: string): Promise<Response | null> {
  const kept = await keys().catch(() => ['unknown']);
  const mine = `unsent ${holding} ${id}`;
  if (kept.some((key) => typeof key !== 'string' || key === 'unknown' || key.startsWith(mine))) return null;
  return fetch(`/api${path}`);
}

const PLAN = /^\/h\/([\w-]+)\/p\/([\w-]+)/;

/** Whether an address is a plan's, or that of a leaf of one. */
export const isPlan = (pathname: string): boolean => PLAN.test(pathname);

/** What the worker is told ahead: a plan to work out before it is asked for. */
export interface Warmth {
  readonly warm: unknown;
}

/** Lets the worker begin with the plan as the server has it, whatever the page makes of it later. */
async function warmUp(begun: Worker, answer: Promise<Response | null>): Promise<void> {
  const response = await answer;
  if (!response?.ok) return;
  const stored = (await response.clone().json()) as { readonly plan?: unknown };
  begun.postMessage({ warm: stored.plan } satisfies Warmth);
}

/** Begins what the page at this address will need, where it is a plan's. */
export function beginAhead(pathname: string): void {
  const [, holding, id] = PLAN.exec(pathname) ?? [];
  if (holding === undefined || id === undefined) return;
  const begun = startWorker();
  const path = `/holdings/${holding}/plans/${id}`;
  const answer = planUnlessKept(path, holding, id);
  worker = begun;
  asked = { path, answer };
  void warmUp(begun, answer).catch(() => undefined);
}

/** The worker that was begun ahead, once. */
export function workerAhead(): Worker | null {
  const begun = worker;
  worker = null;
  return begun;
}

/** The answer that was asked for ahead, once; null where this address was not, or none came. */
export async function answerAhead(path: string): Promise<Response | null> {
  if (asked?.path !== path) return null;
  const { answer } = asked;
  asked = null;
  return answer.catch(() => null);
}
