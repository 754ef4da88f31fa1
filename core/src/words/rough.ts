import type { AssumptionId } from '../plan/assumptions';
import { type UnitSystem, parseLength, printLength } from '../units';
import { parseMeasure, printMeasure } from '../units/measures';
import { ASSUMED, assumedAs } from './assumed';

/** A rough figure in the reader's own unit, as it is read and typed: `25 m/s`, `12.53 lb/ft²`, `60 %`. */
export function sayRough(id: AssumptionId, value: number, system: UnitSystem): string {
  const row = ASSUMED[id];
  const shown = value * assumedAs(row, system).per;
  if (row.unit === 'm') return printLength(shown, system);
  if (row.unit === 'share') return printMeasure(shown * 100, 'h', system).replace(/h$/, '%');
  return printMeasure(shown, row.unit, system);
}

/**
 * A rough figure as it is typed, alone or with its unit in either system.
 *
 * @returns as it is kept; undefined where it is none
 */
export function readRough(id: AssumptionId, text: string, system: UnitSystem): number | undefined {
  const row = ASSUMED[id];
  const { per } = assumedAs(row, system);
  if (row.unit === 'm') {
    const read = parseLength(text, system);
    return read.ok ? read.value / per : undefined;
  }
  if (row.unit === 'share') {
    const share = parseMeasure(text.replace(/\s*%\s*$/, ''), 'h', system);
    return share === undefined ? undefined : share / 100;
  }
  const read = parseMeasure(text, row.unit, system);
  return read === undefined ? undefined : read / per;
}
