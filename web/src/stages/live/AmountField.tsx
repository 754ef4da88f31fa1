import { boundsAt, printNumber } from '@aviarum/core';
import { FigureField } from '../../fields/FigureField';

interface Props {
  /** Its path in the plan document: what the schema says there bounds it. */
  readonly of: string;
  readonly name: string;
  readonly value: number | null;
  readonly placeholder: string;
  readonly onCommit: (amount: number) => void;
  readonly onClear?: () => void;
}

/** An amount in a unit that its name says: Ah, W, J, A, hours. */
export function AmountField({ of, name, value, placeholder, onCommit, onClear }: Props) {
  const { least, most } = boundsAt(of);
  return (
    <FigureField
      name={name}
      shown={value === null ? '' : printNumber(value, value % 1 === 0 ? 0 : 2)}
      placeholder={placeholder}
      parse={(text) => {
        const given = /^\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : NaN;
        return given >= least && given <= most
          ? { ok: true, value: given }
          : { ok: false, message: `A number from ${least} to ${most}.` };
      }}
      onCommit={onCommit}
      onClear={onClear}
    />
  );
}
