import { FigureField, type Parsed } from './FigureField';

interface Props {
  readonly name: string;
  readonly value: number;
  /** 0 unless given. */
  readonly least?: number;
  readonly most: number;
  readonly onCommit: (value: number) => void;
}

/** A whole number, typed; nothing is taken that is none. */
export function CountField({ name, value, least = 0, most, onCommit }: Props) {
  const parse = (text: string): Parsed => {
    const number = Number(text.trim());
    if (text.trim() === '' || !Number.isInteger(number) || number < least || number > most)
      return { ok: false, message: `A whole number from ${least} to ${most}.` };
    return { ok: true, value: number };
  };
  return (
    <FigureField
      name={name}
      shown={String(value)}
      numeric
      parse={parse}
      onCommit={(number) => number !== value && onCommit(number)}
    />
  );
}
