import {
  ASSUMED,
  type AssumptionId,
  type UnitSystem,
  assumedAs,
  boundsAt,
  readRough,
  sayRough,
} from '@aviarum/core';
import { FigureField, type Parsed } from '../fields/FigureField';
import { LengthField } from '../fields/LengthField';

interface Props {
  readonly id: AssumptionId;
  readonly value: number;
  readonly system: UnitSystem;
  readonly onCommit: (value: number) => void;
}

/** A rough figure as it is typed, in its own unit. */
export function RoughField({ id, value, system, onCommit }: Props) {
  const row = ASSUMED[id];
  const { name } = assumedAs(row, system);
  const { least, most } = boundsAt(`assumptions.${id}`);
  if (row.unit === 'm')
    return <LengthField name={name} hideName value={value} least={least} most={most} onCommit={onCommit} />;
  const parse = (text: string): Parsed => {
    const given = readRough(id, text, system) ?? NaN;
    return given >= least && given <= most
      ? { ok: true, value: given }
      : {
          ok: false,
          message: `A figure from ${sayRough(id, least, system)} to ${sayRough(id, most, system)}.`,
        };
  };
  return (
    <FigureField name={name} hideName shown={sayRough(id, value, system)} parse={parse} onCommit={onCommit} />
  );
}
