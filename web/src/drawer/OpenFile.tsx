import type { Problem } from '@aviarum/core';
import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError } from '../api/client';
import { NoConnection } from '../api/wait';
import { FileButton } from '../fields/FileButton';
import { Refused } from './Refused';
import { problemsOf, problemSaying } from './told';

type Taken = readonly { readonly id: string }[];

/** Opens a file and goes where it led; one that is refused says which field and how to mend it. */
export function useOpenFile(holding: string, taken: Taken) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [problems, setProblems] = useState<readonly Problem[] | null>(null);
  const open = async (file: File) => {
    setProblems(null);
    const { openFile, NotTaken } = await import('./openFiles');
    try {
      const to = await openFile(holding, file, taken);
      await client.invalidateQueries({ queryKey: ['holdings'] });
      await navigate(to);
    } catch (error) {
      const known = error instanceof ApiError || error instanceof NoConnection;
      if (error instanceof NotTaken) setProblems(error.problems);
      else setProblems(known ? problemsOf(error) : [problemSaying('the file could not be opened')]);
    }
  };
  return { problems, open: (file: File) => void open(file) };
}

/** A file chosen at a button. */
export function OpenFile({ open }: { open: (file: File) => void }) {
  return (
    <FileButton
      label="Open a file"
      name="Plan file"
      accept=".json,.jsonl,.gpx,.kml,.geojson,application/json"
      onFile={open}
    />
  );
}

/** The whole page takes files that are dropped on it. */
export function DropPlace({
  open,
  problems,
  children,
}: {
  open: (file: File) => void;
  problems: readonly Problem[] | null;
  children: ReactNode;
}) {
  const [over, setOver] = useState(false);
  return (
    <div
      className="pagebody dropplace"
      data-over={over ? 'yes' : 'no'}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={(event) => {
        if (event.currentTarget === event.target) setOver(false);
      }}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        const [file] = event.dataTransfer.files;
        if (file) open(file);
      }}
    >
      <Refused problems={problems} />
      {children}
    </div>
  );
}
