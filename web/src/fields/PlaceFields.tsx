import { type Point } from '@aviarum/core';
import { Measures } from './PlanLength';

const NAMES = { x: 'Across', y: 'Up' } as const;

/** Where a thing is on the sheet. */
export const PlaceFields = ({ at, onPut }: { at: Point; onPut: (at: Point) => void }) => (
  <Measures of="corners" thing={{ x: at.x, y: at.y }} names={NAMES} onSet={(to) => onPut({ ...at, ...to })} />
);
