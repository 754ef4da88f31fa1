import {
  type Card,
  type Plan,
  PLAN_VERSION,
  type Problem,
  type SavedPlan,
  type StoredPlan,
} from '@aviarum/core';
import type { AnswerName, AnswerOf } from '../checks/checks';
import { outside } from '../checks/ask';
import { answerAhead } from '../state/ahead';
import { NoConnection, PATIENCE, within } from './wait';

/** The server's problem+json. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly problems: readonly Problem[],
    readonly more: Readonly<Record<string, unknown>>,
  ) {
    super(title);
  }
}

const isJson = (response: Response): boolean =>
  /^application\/(problem\+)?json\b/.test(response.headers.get('content-type') ?? '');

/** How something is asked beside where: read, unless it says otherwise. */
interface Asked {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Sent as JSON, or as the text or file it is. */
  readonly body?: unknown;
  readonly type?: string;
  /** How long an answer may take, ms. */
  readonly patience?: number;
}

const NOT_ITS_OWN = 'the answer is not the server’s own';

/** @throws NoConnection where it is none of the server’s */
async function checked<K extends AnswerName>(name: K, answer: unknown): Promise<AnswerOf<K>> {
  const read = await outside.answer(name, answer);
  if (!read.right) throw new NoConnection(NOT_ITS_OWN);
  return read.answer;
}

async function refusal(status: number, answer: unknown): Promise<ApiError> {
  const read = await outside.answer('problem', answer).catch(() => ({ right: false }) as const);
  const { title, problems, ...more } = read.right ? read.answer : {};
  return new ApiError(status, title ?? `The server answered ${status}.`, problems ?? [], more);
}

/**
 * What the server answers, whatever it is.
 *
 * @throws NoConnection when there was no answer, or one that is not the server's: the login page of some network
 * @throws ApiError with what the server says is wrong
 */
async function answerOf(
  path: string,
  { method = 'GET', body, type = 'application/json' }: Asked,
  signal: AbortSignal,
): Promise<unknown> {
  const ahead = method === 'GET' ? await answerAhead(path) : null;
  const response =
    ahead ??
    (await fetch(`/api${path}`, {
      method,
      signal,
      ...(body === undefined
        ? {}
        : {
            headers: { 'content-type': type },
            body: typeof body === 'string' || body instanceof Blob ? body : JSON.stringify(body),
          }),
    }).catch((error: unknown) => {
      throw new NoConnection(error instanceof Error ? error.message : 'no answer');
    }));
  if (response.status !== 204 && !isJson(response)) throw new NoConnection(NOT_ITS_OWN);
  const answer: unknown =
    response.status === 204
      ? undefined
      : await response.json().catch(() => {
          throw new NoConnection('the answer was cut off');
        });
  if (!response.ok) throw await refusal(response.status, answer);
  return answer;
}

const patienceFor = ({ method = 'GET', patience }: Asked): number =>
  patience ?? (method === 'GET' ? PATIENCE.read : PATIENCE.send);

/**
 * @param expected  the name of what a right answer is
 * @throws NoConnection, ApiError as `answerOf`, or where the answer is another than was expected
 */
export async function ask<K extends AnswerName>(
  expected: K,
  path: string,
  asked: Asked = {},
): Promise<AnswerOf<K>> {
  return within(patienceFor(asked), async (signal) => checked(expected, await answerOf(path, asked, signal)));
}

const at = (holding: string) => `/holdings/${holding}`;

export const holdings = () => ask('holdings', '/holdings');
export const plans = (holding: string) => ask('summaries', `${at(holding)}/plans`);
export const plan = (holding: string, id: string) => ask('plan', `${at(holding)}/plans/${id}`);
/** A plan that is shown before it was checked to its end. */
export interface OpenedPlan extends Pick<StoredPlan, 'saveNumber' | 'savedAt' | 'plan'> {
  /** Rejects with NoConnection where it is not what the server answers. */
  readonly checked: Promise<void>;
}

/** What tells a plan from whatever else could come, without the schemas. */
function isPlanAnswer(answer: unknown): answer is Omit<OpenedPlan, 'checked'> {
  if (typeof answer !== 'object' || answer === null) return false;
  const { saveNumber, savedAt, plan: of } = answer as Partial<Record<keyof OpenedPlan, unknown>>;
  if (typeof saveNumber !== 'number' || typeof savedAt !== 'string') return false;
  const { format, formatVersion } = (of ?? {}) as Partial<Plan>;
  return format === 'aviarum-plan' && formatVersion === PLAN_VERSION;
}

/** A plan to be shown: at once where it looks like one, and checked while it is drawn. */
export async function planToShow(holding: string, id: string): Promise<OpenedPlan> {
  return within(PATIENCE.read, async (signal) => {
    const answer = await answerOf(`${at(holding)}/plans/${id}`, {}, signal);
    if (!isPlanAnswer(answer)) throw new NoConnection(NOT_ITS_OWN);
    const right = checked('plan', answer).then(() => undefined);
    // Told to whoever waits for it.
    right.catch(() => undefined);
    const { saveNumber, savedAt, plan: stored } = answer;
    return { saveNumber, savedAt, plan: stored, checked: right };
  });
}

export const createPlan = (holding: string, made: Plan, card: Card | null = null) =>
  ask('summary', `${at(holding)}/plans`, { method: 'POST', body: { plan: made, card } });
/** The card of a plan as it was at that save. */
export const putCard = (holding: string, id: string, told: { saveNumber: number; card: Card }) =>
  ask('nothing', `${at(holding)}/plans/${id}/card`, { method: 'PUT', body: told });
export const renameHolding = (holding: string, name: string) =>
  ask('holding', at(holding), { method: 'PUT', body: { name } });
export const deletePlan = (holding: string, id: string) =>
  ask('nothing', `${at(holding)}/plans/${id}`, { method: 'DELETE' });

/** @throws NoConnection when what came back says nothing of this save: it goes on from what the save was based on */
export async function savePlan(
  holding: string,
  save: { plan: Plan; card: Card | null; basedOn: number; saveId: string },
): Promise<SavedPlan> {
  const address = `${at(holding)}/plans/${save.plan.id}`;
  const answer = await ask('saved', address, { method: 'PUT', body: save });
  if (answer.saveNumber !== save.basedOn + 1) throw new NoConnection('the answer is not that of a save');
  return answer;
}

export const bin = (holding: string) => ask('binned', `${at(holding)}/bin`);
export const restorePlan = (holding: string, id: string) =>
  ask('summary', `${at(holding)}/bin/${id}/restore`, { method: 'POST' });

export const holdingFileAddress = (holding: string) => `/api${at(holding)}/file`;
/** A holding back from its file, as a new one. */
export const putHoldingBack = (file: Blob) =>
  ask('holding', '/holdings/from-file', {
    method: 'POST',
    body: file,
    type: 'application/jsonl',
    patience: PATIENCE.upload,
  });
