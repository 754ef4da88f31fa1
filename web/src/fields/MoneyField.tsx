import { FigureField, type Parsed } from './FigureField';

interface Props {
  readonly name: string;
  readonly hideName?: true;
  /** Minor units; null where none was given yet. */
  readonly value: number | null;
  readonly onCommit: (value: number) => void;
}

/** A price, typed in major units with a comma or a point. */
export function MoneyField({ name, hideName, value, onCommit }: Props) {
  const parse = (text: string): Parsed => {
    const bare = text.trim().replace(',', '.');
    const price = /^\d+(\.\d{1,2})?$/.test(bare) ? Math.round(Number(bare) * 100) : NaN;
    if (!(price > 0)) return { ok: false, message: 'A price, such as 52.00.' };
    return { ok: true, value: price };
  };
  return (
    <FigureField
      name={name}
      hideName={hideName}
      shown={value === null ? '' : (value / 100).toFixed(2)}
      placeholder="0.00"
      parse={parse}
      onCommit={onCommit}
    />
  );
}
