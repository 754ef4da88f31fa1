import type { Plan } from '@aviarum/core';
import { type Remote, proxy, wrap } from 'comlink';
import { useEffect, useId, useRef, useState } from 'react';
import { download, slug } from '../docket/Files';
import { Choice, Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { traced } from '../survey/traced';
import type { FormatsApi, PartSummary } from './formats.worker';

type Outline = NonNullable<Awaited<ReturnType<Remote<FormatsApi>['outline']>>>;
type State =
  | { readonly word: 'none' }
  | { readonly word: 'reading'; readonly share: number }
  | { readonly word: 'failed'; readonly message: string }
  | { readonly word: 'read'; readonly parts: readonly PartSummary[] };

const KINDS: Readonly<Record<PartSummary['kind'], string>> = {
  track: 'track',
  route: 'route',
  outline: 'outline',
  points: 'single places',
};

/** A worker of its own for each file: stopping ends it. */
function useFormats() {
  const held = useRef<{ worker: Worker; api: Remote<FormatsApi> } | null>(null);
  const end = () => {
    held.current?.worker.terminate();
    held.current = null;
  };
  useEffect(() => end, []);
  const start = () => {
    end();
    const worker = new Worker(new URL('./formats.worker.ts', import.meta.url), { type: 'module' });
    held.current = { worker, api: wrap<FormatsApi>(worker) };
    return held.current.api;
  };
  return { start, end, api: () => held.current?.api ?? null };
}

/** The run from a walked track or an outline file; nothing is taken until the keeper says so. */
export default function FileFields({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const formats = useFormats();
  const input = useId();
  const [state, setState] = useState<State>({ word: 'none' });
  const [index, setIndex] = useState(0);
  const [tolerance, setTolerance] = useState(1);
  const [way, setWay] = useState<'as-walked' | 'other'>('as-walked');
  const [outline, setOutline] = useState<Outline | null>(null);

  const thin = async (part: number, within: number) => {
    setOutline(
      (await formats.api()?.outline(part, within, { place: plan.place, ground: plan.ground })) ?? null,
    );
  };
  const read = async (file: File) => {
    setOutline(null);
    setIndex(0);
    setState({ word: 'reading', share: 0 });
    const api = formats.start();
    try {
      const answer = await api.read(
        file,
        proxy((share: number) => setState((s) => (s.word === 'reading' ? { word: 'reading', share } : s))),
      );
      if (!answer.ok) return setState({ word: 'failed', message: answer.message });
      setState({ word: 'read', parts: answer.parts });
      await thin(0, tolerance);
    } catch {
      setState({ word: 'failed', message: 'The file could not be opened.' });
    }
  };
  const stop = () => {
    formats.end();
    setState({ word: 'none' });
  };
  const practice = async () => {
    const { practiceWalk, STROLL } = await import('@aviarum/core/formats');
    const seed = Math.floor(Math.random() * 1e6);
    const text = practiceWalk(plan, { ...STROLL, seed });
    download(`${slug(plan.name)}-practice-walk.gpx`, 'application/gpx+xml', text);
  };
  const crosses = outline?.crosses === 'yes';
  const useIt = () => {
    if (!outline || crosses) return;
    const corners = way === 'other' ? [...outline.corners].reverse() : outline.corners;
    take(traced(plan, corners, outline.place));
  };
  return (
    <>
      <div className="field">
        <label className="name" htmlFor={input}>
          A walked track or an outline: GPX, KML or GeoJSON
        </label>
        <input
          id={input}
          type="file"
          className="file-input"
          accept=".gpx,.kml,.geojson,.json"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void read(file);
            event.target.value = '';
          }}
        />
      </div>
      {state.word === 'reading' && (
        <div role="group" aria-label="Reading the file">
          <progress className="progress" value={state.share} max={1} aria-label="Read so far" />
          <button type="button" className="btn" onClick={stop}>
            Stop reading
          </button>
        </div>
      )}
      {state.word === 'failed' && (
        <div className="finding" data-severity="mend" role="alert">
          <p>
            <span className="sign">▲ </span>
            {state.message} The plan is as it was.
          </p>
        </div>
      )}
      {state.word === 'read' && (
        <>
          {state.parts.length > 1 && (
            <Pick
              name="Which part of the file"
              value={String(index)}
              options={state.parts.map((p, i) => ({
                value: String(i),
                label: `${KINDS[p.kind]} ${p.name}, ${p.count} places`,
              }))}
              onChoose={(value) => {
                setIndex(Number(value));
                void thin(Number(value), tolerance);
              }}
            />
          )}
          <div className="fields">
            <LengthField
              name="Simplify to within"
              value={tolerance}
              least={0.01}
              most={50}
              onCommit={(within) => {
                setTolerance(within);
                void thin(index, within);
              }}
            />
            <Choice
              name="Corners are numbered"
              value={way}
              options={[
                { value: 'as-walked', label: 'as walked' },
                { value: 'other', label: 'the other way' },
              ]}
              onChoose={setWay}
            />
          </div>
          {outline && (
            <div
              className="finding"
              data-severity={crosses ? 'mend' : 'know'}
              role="note"
              aria-label="The outline from the file"
            >
              <p>
                {crosses
                  ? '▲ The track crosses itself, and a fence cannot. Choose another part, simplify it more, or walk it again. The plan has not changed.'
                  : `${outline.read} places become ${outline.corners.length} corners, within ${reader.about(outline.tolerance)}. Points lie up to ${reader.about(outline.noise)} from the outline, and the walk ended ${reader.about(outline.gap)} from where it began.`}
              </p>
            </div>
          )}
          <div>
            <button type="button" className="btn btn-primary" disabled={!outline || crosses} onClick={useIt}>
              Use this outline
            </button>
          </div>
        </>
      )}
      <p className="small soft" style={{ margin: 0 }}>
        No track yet? A practice walk round this plan wanders like a phone’s GPS.
      </p>
      <div>
        <button type="button" className="btn" onClick={() => void practice()}>
          Save a practice walk
        </button>
      </div>
    </>
  );
}
