import {
  ASSUMED,
  type AssumedRow,
  type AssumptionId,
  FOOT,
  type UnitSystem,
  boundsAt,
  printLength,
  printNumber,
} from '@aviarum/core';
import { FigureField, type Parsed } from '../fields/FigureField';
import { LengthField } from '../fields/LengthField';

const CUBIC_FOOT = FOOT ** 3;

const trim = (value: number, most: number) =>
  printNumber(value, most)
    .replace(/(\.\d*?)0+$/, '$1')
    .replace(/\.$/, '');

/** A rough figure with its unit, in the units of the plan. */
export function roughText(value: number, unit: AssumedRow['unit'], system: UnitSystem): string {
  if (unit === 'm') return printLength(value, system);
  if (unit === 'h') return `${trim(value, 3)} h`;
  if (unit === 'share') return `${trim(value * 100, 1)} %`;
  return system === 'imperial' ? `${trim(value / CUBIC_FOOT, 3)} ft³` : `${trim(value, 4)} m³`;
}

/** How many of what is typed make one of what is kept. */
const typedOf = (unit: AssumedRow['unit'], system: UnitSystem): number => {
  if (unit === 'share') return 100;
  return unit === 'm³' && system === 'imperial' ? 1 / CUBIC_FOOT : 1;
};

interface Props {
  readonly id: AssumptionId;
  readonly value: number;
  readonly system: UnitSystem;
  readonly onCommit: (value: number) => void;
}

/** A rough figure as it is typed. */
export function RoughField({ id, value, system, onCommit }: Props) {
  const { name, unit } = ASSUMED[id];
  const { least, most } = boundsAt(`assumptions.${id}`);
  if (unit === 'm')
    return <LengthField name={name} hideName value={value} least={least} most={most} onCommit={onCommit} />;
  const parse = (text: string): Parsed => {
    const bare = text
      .trim()
      .replace(/\s*(h|%|m³|ft³|m3|ft3)$/, '')
      .replace(',', '.');
    const given = /^(\d+\.?\d*|\.\d+)$/.test(bare) ? Number(bare) / typedOf(unit, system) : NaN;
    if (!(given >= least && given <= most))
      return {
        ok: false,
        message: `A figure from ${roughText(least, unit, system)} to ${roughText(most, unit, system)}.`,
      };
    return { ok: true, value: given };
  };
  return (
    <FigureField
      name={name}
      hideName
      shown={roughText(value, unit, system)}
      parse={parse}
      onCommit={onCommit}
    />
  );
}
