import type { Plan } from '@aviarum/core';
import { useId, useState } from 'react';
import { download, slug } from '../docket/Files';
import { Choice, Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { traced } from '../survey/traced';
import type { PartSummary } from '../checks/tracks';
import { type FileInHand, type Outline, useFile } from './useFile';

const KINDS: Readonly<Record<PartSummary['kind'], string>> = {
  track: 'track',
  route: 'route',
  outline: 'outline',
  points: 'single places',
};

function FileInput({ onFile }: { onFile: (file: File) => void }) {
  const input = useId();
  return (
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
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </div>
  );
}

/** What the outline is like, or why a fence cannot follow it. */
function OutlineTold({ outline }: { outline: Outline }) {
  const reader = useReader();
  const { crosses } = outline;
  return (
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
  );
}

/** Which part of the file, how simple, which way round; then it is used. */
function OutlineChoice({
  plan,
  parts,
  file,
}: {
  plan: Plan;
  parts: readonly PartSummary[];
  file: FileInHand;
}) {
  const take = usePlan((s) => s.take);
  const [way, setWay] = useState<'as-walked' | 'other'>('as-walked');
  const { index, tolerance, outline, simplify } = file;
  const crosses = outline?.crosses === true;
  const useIt = () => {
    if (!outline || crosses) return;
    const corners = way === 'other' ? [...outline.corners].reverse() : outline.corners;
    take(traced(plan, corners, outline.place));
  };
  return (
    <>
      {parts.length > 1 && (
        <Pick
          name="Which part of the file"
          value={String(index)}
          options={parts.map((p, i) => ({
            value: String(i),
            label: `${KINDS[p.kind]} ${p.name}, ${p.count} places`,
          }))}
          onChoose={(value) => void simplify(Number(value), tolerance)}
        />
      )}
      <div className="fields">
        <LengthField
          name="Simplify to within"
          value={tolerance}
          least={0.01}
          most={50}
          onCommit={(within) => void simplify(index, within)}
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
      {outline && <OutlineTold outline={outline} />}
      <div>
        <button type="button" className="btn btn-primary" disabled={!outline || crosses} onClick={useIt}>
          Use this outline
        </button>
      </div>
    </>
  );
}

function PracticeWalk({ plan }: { plan: Plan }) {
  const practice = async () => {
    const { practiceWalk, STROLL } = await import('@aviarum/core/formats');
    const seed = Math.floor(Math.random() * 1e6);
    const text = practiceWalk(plan, { ...STROLL, seed });
    download(`${slug(plan.name)}-practice-walk.gpx`, 'application/gpx+xml', text);
  };
  return (
    <>
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

/** The run from a walked track or an outline file; nothing is used until the keeper says so. */
export default function FileFields({ plan }: { plan: Plan }) {
  const file = useFile(plan);
  const { state } = file;
  return (
    <>
      <FileInput onFile={(of) => void file.read(of)} />
      {state.word === 'reading' && (
        <div role="group" aria-label="Reading the file">
          <progress className="progress" value={state.share} max={1} aria-label="Read so far" />
          <button type="button" className="btn" onClick={file.stop}>
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
      {state.word === 'read' && <OutlineChoice plan={plan} parts={state.parts} file={file} />}
      <PracticeWalk plan={plan} />
    </>
  );
}
