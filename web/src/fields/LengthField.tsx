import {
  type LengthField as Kind,
  type LengthProblem,
  parseLength,
  printLength,
  type UnitSystem,
} from '@aviarum/core';
import { useReader } from '../state/reckoningStore';
import { FigureField, type Parsed } from './FigureField';

const SUCH = { metric: ['3.60', '3.60 or 360 cm'], imperial: ['11′ 10″', '11′ 10½″ or 74in'] } as const;
const messages = (system: UnitSystem): Readonly<Record<LengthProblem, string>> => ({
  empty: `Give a length, such as ${SUCH[system][0]}.`,
  'not-a-length': `This is not a length. Try ${SUCH[system][1]}.`,
  'two-decimal-signs': 'One comma or point is the decimal sign; group thousands with a space.',
  negative: 'A length cannot be negative.',
});

interface Props {
  readonly name: string;
  readonly hideName?: true;
  /** m; null where nothing was measured yet. */
  readonly value: number | null;
  readonly kind?: Kind;
  readonly least: number;
  readonly most: number;
  readonly placeholder?: string;
  readonly onCommit: (value: number) => void;
  /** Called when the field is emptied; without it a length must be given. */
  readonly onClear?: () => void;
}

/** A length typed freely in the reader's units; a minus is read where the least is below nothing. */
export function LengthField({
  name,
  hideName,
  value,
  kind = 'length',
  least,
  most,
  placeholder,
  onCommit,
  onClear,
}: Props) {
  const { system } = useReader();
  const print = (metres: number) => printLength(metres, system, kind);
  const parse = (text: string): Parsed => {
    const bare = text.trim();
    const minus = least < 0 && /^[-−–]/.test(bare);
    const parsed = parseLength(minus ? bare.slice(1) : bare, system, kind);
    if (!parsed.ok) return { ok: false, message: messages(system)[parsed.problem] };
    const metres = minus ? -parsed.value : parsed.value;
    if (metres < least - 1e-9 || metres > most + 1e-9)
      return { ok: false, message: `Between ${print(least)} and ${print(most)}.` };
    return { ok: true, value: Math.round(metres * 1e5) / 1e5 };
  };
  return (
    <FigureField
      name={name}
      hideName={hideName}
      shown={value === null ? '' : print(value)}
      {...(placeholder === undefined ? {} : { placeholder })}
      parse={parse}
      onCommit={onCommit}
      onClear={onClear}
    />
  );
}
