import { ANSWERS, type Card, type Plan, type Problem, type SavedPlan } from '@aviarum/core';
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
/** A schema of what is answered. */
interface Expected<T> {
  readonly safeParse: (
    answer: unknown,
  ) => { readonly success: true; readonly data: T } | { readonly success: false };
}

/**
 * @param expected  what a right answer is
 * @throws NoConnection when there was no answer, or one that is not the server's: the login page of some network
 * @throws ApiError with what the server says is wrong
 */
export async function ask<T>(
  expected: Expected<T>,
  path: string,
  {
    method = 'GET',
    body,
    type = 'application/json',
    patience = method === 'GET' ? PATIENCE.read : PATIENCE.send,
  }: Asked = {},
): Promise<T> {
  return within(patience, async (signal) => {
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
    if (!response.ok) throw refusal(response.status, answer);
    const read = expected.safeParse(answer);
    if (!read.success) throw new NoConnection(NOT_ITS_OWN);
    return read.data;
  });
}

const NOT_ITS_OWN = 'the answer is not the server’s own';

function refusal(status: number, answer: unknown): ApiError {
  const read = ANSWERS.problem.safeParse(answer);
  const { title, problems, ...more } = read.success ? read.data : {};
  return new ApiError(status, title ?? `The server answered ${status}.`, problems ?? [], more);
}

const at = (holding: string) => `/holdings/${holding}`;

export const holdings = () => ask(ANSWERS.holdings, '/holdings');
export const plans = (holding: string) => ask(ANSWERS.summaries, `${at(holding)}/plans`);
export const plan = (holding: string, id: string) => ask(ANSWERS.plan, `${at(holding)}/plans/${id}`);
export const createPlan = (holding: string, made: Plan, card: Card | null = null) =>
  ask(ANSWERS.summary, `${at(holding)}/plans`, { method: 'POST', body: { plan: made, card } });
/** The card of a plan as it was at that save. */
export const putCard = (holding: string, id: string, told: { saveNumber: number; card: Card }) =>
  ask(ANSWERS.nothing, `${at(holding)}/plans/${id}/card`, { method: 'PUT', body: told });
export const renameHolding = (holding: string, name: string) =>
  ask(ANSWERS.holding, at(holding), { method: 'PUT', body: { name } });
export const deletePlan = (holding: string, id: string) =>
  ask(ANSWERS.nothing, `${at(holding)}/plans/${id}`, { method: 'DELETE' });

/** @throws NoConnection when what came back says nothing of this save: it goes on from what the save was based on */
export async function savePlan(
  holding: string,
  save: { plan: Plan; card: Card | null; basedOn: number; saveId: string },
): Promise<SavedPlan> {
  const address = `${at(holding)}/plans/${save.plan.id}`;
  const answer = await ask(ANSWERS.saved, address, { method: 'PUT', body: save });
  if (answer.saveNumber !== save.basedOn + 1) throw new NoConnection('the answer is not that of a save');
  return answer;
}

export const bin = (holding: string) => ask(ANSWERS.binned, `${at(holding)}/bin`);
export const restorePlan = (holding: string, id: string) =>
  ask(ANSWERS.summary, `${at(holding)}/bin/${id}/restore`, { method: 'POST' });

export const holdingFileAddress = (holding: string) => `/api${at(holding)}/file`;
/** A holding back from its file, as a new one. */
export const putHoldingBack = (file: Blob) =>
  ask(ANSWERS.holding, '/holdings/from-file', {
    method: 'POST',
    body: file,
    type: 'application/jsonl',
    patience: PATIENCE.upload,
  });
