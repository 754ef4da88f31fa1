import { type Problem, newId, readPlanBytes } from '@aviarum/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError, createPlan } from '../../api/client';
import { FileButton } from '../../fields/FileButton';
import { Refused } from './Refused';
import { problemsOf } from './told';

/** A plan file brought in; a file that is refused says which field and how to mend it. */
export function OpenFile({ holding, taken }: { holding: string; taken: readonly { readonly id: string }[] }) {
  const navigate = useNavigate();
  const [problems, setProblems] = useState<readonly Problem[] | null>(null);
  const open = async (file: File) => {
    setProblems(null);
    if (file.size > 2_000_000)
      return setProblems([
        { code: 'too-large', pointer: '', message: 'the file is over 2 MB; a plan is far smaller' },
      ]);
    const read = readPlanBytes(new Uint8Array(await file.arrayBuffer()));
    if (!read.ok) return setProblems(read.problems);
    const other = () => ({ ...read.plan, id: newId('p', taken, Math.random) + newId('', [], Math.random) });
    const plan = taken.some((p) => p.id === read.plan.id) ? other() : read.plan;
    try {
      // Its id may lie in the bin: then it is another plan.
      const made = await createPlan(holding, plan).catch((error: unknown) => {
        if (error instanceof ApiError && error.status === 409) return createPlan(holding, other());
        throw error;
      });
      await navigate(`/h/${holding}/p/${made.id}/outline`);
    } catch (error) {
      setProblems(problemsOf(error));
    }
  };
  return (
    <>
      <FileButton
        label="Open a plan file"
        name="Plan file"
        accept=".json,application/json"
        onFile={(file) => void open(file)}
      />
      <Refused problems={problems} />
    </>
  );
}
