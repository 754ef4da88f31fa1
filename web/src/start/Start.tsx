import { STARTS, START_IDS } from '@aviarum/core';
import { type ReactNode, Suspense, lazy, useState } from 'react';
import { useNavigate } from 'react-router';
import { troubleOf } from '../pages/Trouble';
import { opensAt } from '../stages/stages';
import { StartForm } from './StartForm';
import { StartPicture } from './StartPicture';
import { useProposal } from './useProposal';

/** The drawing and the worker come while the page is shown already. */
const Proposed = lazy(() => import('./Proposed'));
const TO_COME = (
  <>
    <div className="proposedsheet" />
    <div className="proposedfigures" />
  </>
);

/**
 * “What are you building?”: the starts as drawings, and beside them what is asked and what comes of it.
 *
 * @param children  other ways to begin, after the drawings
 */
export function Start({ holding, children }: { holding: string; children?: ReactNode }) {
  const navigate = useNavigate();
  const { asked, set, plan, wrong, keep } = useProposal(holding);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [keeping, setKeeping] = useState(false);
  const onKeep = async () => {
    setKeeping(true);
    setTrouble(null);
    try {
      const id = await keep();
      if (id !== null) await navigate(`/h/${holding}/p/${id}/${opensAt(plan)}`);
    } catch (error) {
      setTrouble(`${troubleOf(error)} The proposal is kept on this device.`);
    } finally {
      setKeeping(false);
    }
  };
  return (
    <div className="start">
      <div className="startchoice">
        <h1>What are you building?</h1>
        <p className="lead soft">
          Pick the nearest. Everything can be changed, and nothing is saved until you say so.
        </p>
        <div className="starttiles" role="radiogroup" aria-label="What are you building?">
          {START_IDS.map((id) => (
            <label key={id} className="starttile">
              <input
                type="radio"
                name="start"
                checked={asked.start === id}
                onChange={() => set({ start: id })}
              />
              <StartPicture start={id} />
              <span className="starttext">
                <b>{STARTS[id].name}</b>
                <span className="soft">{STARTS[id].line}</span>
              </span>
            </label>
          ))}
          {children}
        </div>
      </div>
      <form
        className="startform"
        aria-label="The proposal"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void onKeep();
        }}
      >
        <StartForm asked={asked} wrong={wrong} onSet={set}>
          <Suspense fallback={TO_COME}>
            <Proposed />
          </Suspense>
          <p className="small">{STARTS[asked.start].taken}</p>
          <p className="small soft" role="status">
            {plan ? 'Not saved yet; kept on this device.' : 'The drawing is of what was right last.'}
          </p>
          {trouble !== null && (
            <p className="wrong" role="alert">
              {trouble}
            </p>
          )}
          <button type="submit" className="btn btn-accent" disabled={!plan || keeping}>
            Save this plan and go on
          </button>
        </StartForm>
      </form>
    </div>
  );
}
