import { type Plan, reckon } from '@aviarum/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { configure, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { usePlan } from '../state/planStore';
import { useReckoning } from '../state/reckoningStore';
import { view } from '../workers/view';
import { anAnswer } from './answers';

// Waits end when what they wait for is there; this ends those that would never end.
configure({ asyncUtilTimeout: 60_000 });

/** A plan in hand with its sums done, as after the worker has answered. */
export function inHand(plan: Plan) {
  usePlan.getState().open('home', plan);
  const reckoning = reckon(plan);
  useReckoning.setState({ reckoning: view(reckoning), of: plan, failed: null, version: 1 });
  return reckoning;
}

/** Renders a part of a page with what stands round every page, at an address where one is given. */
export function shown(part: ReactNode, address = '/') {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[address]}>{part}</MemoryRouter>
    </QueryClientProvider>,
  );
}

export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

/** A server of answers by `METHOD path`, which keeps what it was asked; an answer with a status over 399 is a refusal. */
interface Answer {
  readonly status: number;
  readonly body: unknown;
}

export function answering(
  answers: Readonly<Record<string, Answer>>,
  otherwise: (asked: Asked) => Answer = () => ({ status: 404, body: {} }),
): Asked[] {
  const asked: Asked[] = [];
  globalThis.fetch = ((path: string, init?: { method?: string; body?: string }) => {
    const method = init?.method ?? 'GET';
    const ask = { method, path, body: init?.body };
    asked.push(ask);
    const answer = answers[`${method} ${path}`] ?? otherwise(ask);
    return Promise.resolve(anAnswer(answer.body, answer.status));
  }) as typeof fetch;
  return asked;
}
