import { type Change, printNumber } from '@aviarum/core';
import type { ReactNode } from 'react';
import { signed } from '../fields/effectWords';
import { usePlan } from '../state/planStore';
import { useEffects, useReader } from '../state/reckoningStore';

interface Props {
  readonly name: string;
  readonly ours: string;
  /** What it can change: price, hours, findings. */
  readonly touches: string;
  /** What leads back to ours; null where ours is in force. */
  readonly back: Change | null;
  /** The field that it is typed in. */
  readonly children: ReactNode;
}

/** What the keeper’s own figure does, as the way back would undo it. */
function Done({ back }: { back: Change }) {
  const reader = useReader();
  const take = usePlan((s) => s.take);
  const [effect] = useEffects([back]);
  const parts = effect
    ? [
        effect.price === null || effect.price === 0 ? '' : signed(reader.money(-effect.price), -effect.price),
        Math.abs(effect.hours) < 0.05 ? '' : `${signed(printNumber(-effect.hours, 1), -effect.hours)} h`,
      ].filter((part) => part !== '')
    : [];
  return (
    <>
      {parts.length > 0 && <b className="done">{parts.join(', ')}</b>}
      <button type="button" className="btn btn-sm" onClick={() => take(back)}>
        Back to ours
      </button>
    </>
  );
}

interface TableProps {
  /** What the rows are. */
  readonly of: string;
  /** Whose figures stand beside the keeper’s; ours unless this says otherwise. */
  readonly ours?: string;
  readonly children: ReactNode;
}

/** Figures with those that are in force without the keeper’s. */
export const FigureTable = ({ of, ours = 'ours', children }: TableProps) => (
  <table className="assumed">
    <thead>
      <tr>
        <th scope="col">{of}</th>
        <th scope="col">in this plan</th>
        <th scope="col">{ours}</th>
        <th scope="col">changes</th>
      </tr>
    </thead>
    <tbody>{children}</tbody>
  </table>
);

/** One figure: the keeper’s, ours, what it changes, and the way back. */
export const FigureRow = ({ name, ours, touches, back, children }: Props) => (
  <tr data-own={back ? 'yes' : 'no'}>
    <th scope="row">{name}</th>
    <td data-name="in this plan">{children}</td>
    <td data-name="ours" className="ours">
      {ours}
    </td>
    <td data-name="changes">
      <span className="soft small">{touches}</span> {back && <Done back={back} />}
    </td>
  </tr>
);
