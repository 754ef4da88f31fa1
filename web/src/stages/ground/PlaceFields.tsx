import type { Point } from '@aviarum/core';
import { LengthField } from '../../fields/LengthField';

/** As far as the sheet is taken to reach, m. */
const FAR = 10000;

/** Where a thing is on the sheet. */
export function PlaceFields({ at, onPut }: { at: Point; onPut: (at: Point) => void }) {
  return (
    <>
      <LengthField name="Across" value={at.x} least={-FAR} most={FAR} onCommit={(x) => onPut({ ...at, x })} />
      <LengthField name="Up" value={at.y} least={-FAR} most={FAR} onCommit={(y) => onPut({ ...at, y })} />
    </>
  );
}
