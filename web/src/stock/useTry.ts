import type { Problem } from '@aviarum/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ApiError } from '../api/client';
import { troubleOf } from '../pages/Trouble';

/** Does something at the server, then asks again for what it changed; tells what was wrong if it was refused. */
export function useTry(holding: string, ...changes: readonly ('shed' | 'products' | 'prices' | 'yards')[]) {
  const client = useQueryClient();
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const asked = () =>
    Promise.all(changes.map((key) => client.invalidateQueries({ queryKey: [key, holding] })));
  const attempt = async (work: () => Promise<unknown>): Promise<boolean> => {
    setProblems([]);
    try {
      await work();
    } catch (error) {
      const named = error instanceof ApiError ? error.problems : [];
      setProblems(named.length > 0 ? named : [{ code: 'failed', pointer: '', message: troubleOf(error) }]);
      // What was changed elsewhere is seen as well.
      await asked();
      return false;
    }
    await asked();
    return true;
  };
  return { problems, attempt };
}
