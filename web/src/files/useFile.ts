import type { Plan } from '@aviarum/core';
import { type Remote, proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { ChecksApi } from '../checks/checks.worker';
import { startChecks } from '../checks/start';
import type { PartSummary } from '../checks/tracks';

export type Outline = NonNullable<Awaited<ReturnType<Remote<ChecksApi>['outline']>>>;
type State =
  | { readonly word: 'none' }
  | { readonly word: 'reading'; readonly share: number }
  | { readonly word: 'failed'; readonly message: string }
  | { readonly word: 'read'; readonly parts: readonly PartSummary[] };

/** A worker of its own for each file: stopping ends it. */
function useFormats() {
  const held = useRef<{ worker: Worker; api: Remote<ChecksApi> } | null>(null);
  const end = () => {
    held.current?.worker.terminate();
    held.current = null;
  };
  useEffect(() => end, []);
  const start = () => {
    end();
    const worker = startChecks();
    held.current = { worker, api: wrap<ChecksApi>(worker) };
    return held.current.api;
  };
  return { start, end, api: () => held.current?.api ?? null };
}

/** A file that is being read, how far it was made simpler, and what outline comes of it. */
export function useFile(plan: Plan) {
  const formats = useFormats();
  const [state, setState] = useState<State>({ word: 'none' });
  const [index, setIndex] = useState(0);
  const [tolerance, setTolerance] = useState(1);
  const [outline, setOutline] = useState<Outline | null>(null);
  const simplify = async (part: number, within: number) => {
    setIndex(part);
    setTolerance(within);
    setOutline(
      (await formats.api()?.outline(part, within, { place: plan.place, ground: plan.ground })) ?? null,
    );
  };
  const read = async (file: File) => {
    setOutline(null);
    setState({ word: 'reading', share: 0 });
    const api = formats.start();
    try {
      const answer = await api.readTrack(
        file,
        proxy((share: number) => setState((s) => (s.word === 'reading' ? { word: 'reading', share } : s))),
      );
      if (!answer.ok) return setState({ word: 'failed', message: answer.message });
      setState({ word: 'read', parts: answer.parts });
      await simplify(0, tolerance);
    } catch {
      setState({ word: 'failed', message: 'The file could not be opened.' });
    }
  };
  const stop = () => {
    formats.end();
    setState({ word: 'none' });
  };
  return { state, index, tolerance, outline, simplify, read, stop };
}
export type FileInHand = ReturnType<typeof useFile>;
