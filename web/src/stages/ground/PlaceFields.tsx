import { type Point, boundsAt } from '@aviarum/core';
import { LengthField } from '../../fields/LengthField';

/** As far as the sheet is taken to reach, m. */

/** Where a thing is on the sheet. */
export function PlaceFields({ at, onPut }: { at: Point; onPut: (at: Point) => void }) {
  return (
    <>
      <LengthField
        name="Across"
        value={at.x}
        {...boundsAt('corners.x')}
        onCommit={(x) => onPut({ ...at, x })}
      />
      <LengthField name="Up" value={at.y} {...boundsAt('corners.x')} onCommit={(y) => onPut({ ...at, y })} />
    </>
  );
}
