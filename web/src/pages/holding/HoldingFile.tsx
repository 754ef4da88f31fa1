import { type Problem, utf8 } from '@aviarum/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { holdingFileAddress, putHoldingBack } from '../../api/client';
import { FileButton } from '../../fields/FileButton';
import { Refused } from './Refused';
import { problemsOf, told } from './told';

/** The whole holding out as one file, and back from one as a new holding. */
export function HoldingFile({ holding }: { holding: string }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [problems, setProblems] = useState<readonly Problem[] | null>(null);
  const putBack = async (file: File) => {
    setProblems(null);
    const text = utf8(new Uint8Array(await file.arrayBuffer()));
    if (text === undefined) return setProblems([told('the file is not UTF-8 text')]);
    try {
      const made = await putHoldingBack(text);
      await client.invalidateQueries({ queryKey: ['holdings'] });
      await navigate(`/h/${made.id}`);
    } catch (error) {
      setProblems(problemsOf(error));
    }
  };
  return (
    <section style={{ display: 'grid', gap: 10 }}>
      <h2>All of it as a file</h2>
      <p className="soft" style={{ margin: 0 }}>
        Plans, shed, prices and own products: to keep elsewhere, or to take to another device.
      </p>
      <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
        <a className="btn" href={holdingFileAddress(holding)} download>
          Copy of this holding
        </a>
        <FileButton
          label="Put a copy back"
          name="Holding file"
          accept=".json,application/json"
          onFile={(file) => void putBack(file)}
        />
      </div>
      <Refused problems={problems} />
    </section>
  );
}
