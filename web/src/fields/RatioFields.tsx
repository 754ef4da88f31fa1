import { printNumber } from '@aviarum/core';
import { FigureField, type Parsed } from './FigureField';

interface Props {
  readonly name: string;
  readonly hideName?: true;
  readonly value: number;
  readonly onCommit: (value: number) => void;
}

/** A plain number with a comma or a point, a true or a typed minus, and perhaps its sign behind it. */
function readNumber(text: string, sign: RegExp): number | undefined {
  const bare = text.trim().replace(sign, '').trim().replace(/^[−–]/, '-').replace(',', '.');
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(bare) ? Number(bare) : undefined;
}

const trim = (value: number) => printNumber(value, 1).replace(/\.0$/, '');

/** An angle in degrees, kept in radians; from −180 to 180. */
export function AngleField({ name, hideName, value, onCommit }: Props) {
  const parse = (text: string): Parsed => {
    const degrees = readNumber(text, /°|deg(rees)?$/);
    if (degrees === undefined || Math.abs(degrees) > 180)
      return { ok: false, message: 'Degrees from −180 to 180, such as 90 or −45.' };
    return { ok: true, value: (degrees * Math.PI) / 180 };
  };
  const shown = `${trim((value * 180) / Math.PI)}°`;
  return <FigureField name={name} hideName={hideName} shown={shown} parse={parse} onCommit={onCommit} />;
}

/** A grade in percent, kept as rise over run; from −100 to 100. */
export function GradeField({ name, hideName, value, onCommit }: Props) {
  const parse = (text: string): Parsed => {
    const percent = readNumber(text, /%$/);
    if (percent === undefined || Math.abs(percent) > 100)
      return { ok: false, message: 'Percent from −100 to 100: 7 rises 7 in 100.' };
    return { ok: true, value: percent / 100 };
  };
  return (
    <FigureField
      name={name}
      hideName={hideName}
      shown={`${trim(value * 100)} %`}
      parse={parse}
      onCommit={onCommit}
    />
  );
}

/** A latitude or longitude in degrees. */
export function DegreesField({ name, value, onCommit, most }: Props & { most: number }) {
  const parse = (text: string): Parsed => {
    const degrees = readNumber(text, /°$/);
    if (degrees === undefined || Math.abs(degrees) > most)
      return { ok: false, message: `Degrees from −${most} to ${most}, such as 54.1 or −2.3.` };
    return { ok: true, value: degrees };
  };
  const shown = `${String(Math.round(value * 1e6) / 1e6).replace('-', '−')}°`;
  return <FigureField name={name} shown={shown} parse={parse} onCommit={onCommit} />;
}
