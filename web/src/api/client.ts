import type { Plan, Problem } from '@aviarum/core';

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

/** @param type  of the body: JSON, unless it is sent as the text it is */
export async function ask<T>(
  path: string,
  method = 'GET',
  json?: unknown,
  type = 'application/json',
): Promise<T> {
  const response = await fetch(`/api${path}`, {
    method,
    ...(json === undefined
      ? {}
      : {
          headers: { 'content-type': type },
          body: typeof json === 'string' ? json : JSON.stringify(json),
        }),
  });
  if (response.status === 204) return undefined as T;
  const body: unknown = await response.json().catch(() => ({}));
  if (response.ok) return body as T;
  const { title, problems, ...more } = body as { title?: string; problems?: Problem[] };
  throw new ApiError(
    response.status,
    title ?? `The server answered ${response.status}.`,
    problems ?? [],
    more,
  );
}

export const holdings = () => ask<readonly Holding[]>('/holdings');
export const plans = (holding: string) => ask<readonly PlanSummary[]>(`/holdings/${holding}/plans`);
export const plan = (holding: string, id: string) => ask<StoredPlan>(`/holdings/${holding}/plans/${id}`);
export const createPlan = (holding: string, made: Plan) =>
  ask<PlanSummary>(`/holdings/${holding}/plans`, 'POST', { plan: made });
export const deletePlan = (holding: string, id: string) =>
  ask<undefined>(`/holdings/${holding}/plans/${id}`, 'DELETE');
export const savePlan = (holding: string, save: { plan: Plan; basedOn: number; saveId: string }) =>
  ask<{ saveNumber: number; savedAt: string }>(`/holdings/${holding}/plans/${save.plan.id}`, 'PUT', save);
