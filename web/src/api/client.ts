import type { Plan, Problem } from '@aviarum/core';
import { NoConnection, PATIENCE, within } from './wait';

export interface Holding {
  readonly id: string;
  readonly name: string;
  readonly example: boolean;
}
export interface PlanSummary {
  readonly id: string;
  readonly name: string;
  readonly saveNumber: number;
  readonly savedAt: string;
}
export interface StoredPlan extends PlanSummary {
  readonly plan: Plan;
}

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

/**
 * @param type  of the body: JSON, unless it is sent as the text it is
 * @throws NoConnection when there was no answer, or one that is not the server's: the login page of some network
 */
export async function ask<T>(
  path: string,
  method = 'GET',
  json?: unknown,
  type = 'application/json',
): Promise<T> {
  const patience = method === 'GET' ? PATIENCE.read : PATIENCE.send;
  return within(patience, async (signal) => {
    const response = await fetch(`/api${path}`, {
      method,
      signal,
      ...(json === undefined
        ? {}
        : {
            headers: { 'content-type': type },
            body: typeof json === 'string' ? json : JSON.stringify(json),
          }),
    }).catch((error: unknown) => {
      throw new NoConnection(error instanceof Error ? error.message : 'no answer');
    });
    if (response.status === 204) return undefined as T;
    if (!isJson(response)) throw new NoConnection('the answer is not the server’s own');
    const body: unknown = await response.json().catch(() => {
      throw new NoConnection('the answer was cut off');
    });
    if (response.ok) return body as T;
    const { title, problems, ...more } = body as { title?: string; problems?: Problem[] };
    throw new ApiError(
      response.status,
      title ?? `The server answered ${response.status}.`,
      problems ?? [],
      more,
    );
  });
}

export const holdings = () => ask<readonly Holding[]>('/holdings');
export const plans = (holding: string) => ask<readonly PlanSummary[]>(`/holdings/${holding}/plans`);
export const plan = (holding: string, id: string) => ask<StoredPlan>(`/holdings/${holding}/plans/${id}`);
export const createPlan = (holding: string, made: Plan) =>
  ask<PlanSummary>(`/holdings/${holding}/plans`, 'POST', { plan: made });
export const deletePlan = (holding: string, id: string) =>
  ask<undefined>(`/holdings/${holding}/plans/${id}`, 'DELETE');
interface Saved {
  readonly saveNumber: number;
  readonly savedAt: string;
}

/** An answer to a save is the server's own only when it goes on from what the save was based on. */
const isAnswerTo = (basedOn: number, answer: unknown): answer is Saved =>
  typeof answer === 'object' &&
  answer !== null &&
  'saveNumber' in answer &&
  answer.saveNumber === basedOn + 1 &&
  'savedAt' in answer &&
  typeof answer.savedAt === 'string';

/** @throws NoConnection when what came back says nothing of this save */
export async function savePlan(
  holding: string,
  save: { plan: Plan; basedOn: number; saveId: string },
): Promise<Saved> {
  const answer = await ask<unknown>(`/holdings/${holding}/plans/${save.plan.id}`, 'PUT', save);
  if (!isAnswerTo(save.basedOn, answer)) throw new NoConnection('the answer is not that of a save');
  return answer;
}

/** A deleted plan, for as long as it can be brought back. */
export interface BinnedPlan extends PlanSummary {
  readonly deletedAt: string;
}
export const bin = (holding: string) => ask<readonly BinnedPlan[]>(`/holdings/${holding}/bin`);
export const restorePlan = (holding: string, id: string) =>
  ask<PlanSummary>(`/holdings/${holding}/bin/${id}/restore`, 'POST');

export const holdingFileAddress = (holding: string) => `/api/holdings/${holding}/file`;
/** A holding back from its file, as a new one. */
export const putHoldingBack = (text: string) => ask<Holding>('/holdings/from-file', 'POST', text);
