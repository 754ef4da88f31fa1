import { boundsAt } from '@aviarum/core';
import { FigureField } from './FigureField';

interface Props {
  /** Its path in the plan document: what the schema says there bounds it. */
  readonly of: string;
  readonly name: string;
  /** Null for as many as the rule says. */
  readonly value: number | null;
  readonly placeholder: string;
  readonly onCommit: (count: number) => void;
  readonly onClear: () => void;
}

/** How many of something; left empty, as many as the rule says. */
export function PlanCount({ of, name, value, placeholder, onCommit, onClear }: Props) {
  const { least, most } = boundsAt(of);
  return (
    <FigureField
      name={name}
      numeric
      shown={value === null ? '' : String(value)}
      placeholder={placeholder}
      parse={(text) => {
        const given = /^\d+$/.test(text.trim()) ? Number(text) : NaN;
        return given >= least && given <= most
          ? { ok: true, value: given }
          : { ok: false, message: `A whole number from ${least} to ${most}.` };
      }}
      onCommit={onCommit}
      onClear={onClear}
    />
  );
}
