import { useDeferredValue } from 'react';
import { type CutStep, type CuttingPool, cutList, lengthText, poolName, sayCut } from '@aviarum/core';
import { usePlan } from '../state/planStore';
import { useMarket } from '../state/market';
import { useReader, useReckoning } from '../state/reckoningStore';
import { hoverLetter, useSelection } from '../state/selection';

/** What to cut, roll by roll, in the order in which one unrolls along the fence: for the yard and for paper. */
export function CutLists() {
  const cutting = useDeferredValue(useReckoning((s) => s.reckoning?.cutting));
  if (!cutting || cutting.length === 0) return null;
  return (
    <section className="cutlists">
      <h2>Cut list</h2>
      <p className="soft small">
        In the order you unroll along the fence. Letters match the strip and the sheet.
      </p>
      {cutting.map((pool) => (
        <PoolCuts key={pool.id} pool={pool} />
      ))}
    </section>
  );
}

function PoolCuts({ pool }: { pool: CuttingPool }) {
  const plan = usePlan((s) => s.plan);
  const parts = useReckoning((s) => s.reckoning?.parts);
  const market = useMarket();
  const reader = useReader();
  if (!plan || !parts || !market) return null;
  const steps = cutList(plan, parts, pool);
  const name = poolName(pool, reader, market);
  return (
    <table className="cuts">
      <caption>
        {name}
        {pool.kind === 'mesh' && `, ${reader.about(pool.width)} wide`}
      </caption>
      <thead>
        <tr>
          <th scope="col">{pool.kind === 'mesh' ? 'roll' : 'length'}</th>
          <th scope="col">piece</th>
          <th scope="col">where</th>
          <th scope="col">cut</th>
          <th scope="col">{pool.kind === 'mesh' ? 'unrolled' : 'sawn'}</th>
        </tr>
      </thead>
      <tbody>
        {steps.map((step, i) => (
          <CutRow key={step.piece.letter} step={step} first={steps[i - 1]?.rollNumber !== step.rollNumber} />
        ))}
      </tbody>
    </table>
  );
}

function CutRow({ step, first }: { step: CutStep; first: boolean }) {
  const reader = useReader();
  const { lit, togglePiece } = useSelection();
  const { letter, length, lies } = step.piece;
  const figure = (metres: number) => {
    const text = lengthText(Math.round(metres * 1000) / 1000, reader.system);
    return (
      <>
        {text.figure}
        <span className="unit">{text.unit}</span>
      </>
    );
  };
  return (
    <tr data-first={first ? 'yes' : 'no'} data-lit={letter === lit ? 'yes' : 'no'}>
      <td className="which">
        {first && (
          <>
            {step.rollNumber}
            <span className="soft small">
              {' '}
              {step.roll.owned === null ? 'of' : 'own,'} {reader.about(step.roll.length)}
            </span>
          </>
        )}
      </td>
      <td>
        <button
          type="button"
          className="disc"
          aria-pressed={letter === lit}
          aria-label={`Piece ${letter}`}
          onPointerEnter={() => hoverLetter(letter)}
          onPointerLeave={() => hoverLetter(null)}
          onClick={() => togglePiece(letter)}
        >
          {letter}
        </button>
      </td>
      <td className="where">{sayCut(step, reader)}</td>
      <td>{lies ? '–' : figure(length)}</td>
      <td>{figure(step.unrolled)}</td>
    </tr>
  );
}
