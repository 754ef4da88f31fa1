import { printNumber } from '@aviarum/core';
import { FigureField } from './FigureField';

/** An angle as it is typed: degrees anticlockwise from the sheet’s x axis. */
export function HeadingField({
  name,
  value,
  onCommit,
}: {
  name: string;
  value: number;
  onCommit: (radians: number) => void;
}) {
  const degrees = Math.round(((value * 180) / Math.PI) * 10) / 10;
  return (
    <FigureField
      name={name}
      shown={`${printNumber(degrees, Number.isInteger(degrees) ? 0 : 1)}°`}
      parse={(text) => {
        const bare = text.replace('°', '').replace(',', '.').replace('−', '-').trim();
        const given = /^-?\d+(\.\d+)?$/.test(bare) ? Number(bare) : NaN;
        return given >= -360 && given <= 360
          ? { ok: true, value: (given * Math.PI) / 180 }
          : { ok: false, message: 'An angle from −360° to 360°.' };
      }}
      onCommit={onCommit}
    />
  );
}
