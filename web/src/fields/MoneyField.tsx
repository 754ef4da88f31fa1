import { majorUnits, minorDigits } from '@aviarum/core';
import { FigureField, type Parsed } from './FigureField';

interface Props {
  readonly name: string;
  readonly hideName?: true;
  /** Minor units; null where none was given yet. */
  readonly value: number | null;
  /** Of whose minor units; hundredths where none is named. */
  readonly currency?: string;
  readonly onCommit: (value: number) => void;
}

/** A price, typed in major units with a comma or a point. */
export function MoneyField({ name, hideName, value, currency = 'XXX', onCommit }: Props) {
  const digits = minorDigits(currency);
  const shown = (minor: number) => majorUnits(currency)(minor).toFixed(digits);
  const typed = new RegExp(digits > 0 ? `^\\d+(\\.\\d{1,${digits}})?$` : '^\\d+$');
  const parse = (text: string): Parsed => {
    const bare = text.trim().replace(',', '.');
    const price = typed.test(bare) ? Math.round(Number(bare) * 10 ** digits) : NaN;
    if (!(price > 0)) return { ok: false, message: `A price, such as ${shown(52 * 10 ** digits)}.` };
    return { ok: true, value: price };
  };
  return (
    <FigureField
      name={name}
      hideName={hideName}
      shown={value === null ? '' : shown(value)}
      placeholder={shown(0)}
      parse={parse}
      onCommit={onCommit}
    />
  );
}
