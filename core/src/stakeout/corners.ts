import { type Ring, type RingSide, STRAIGHT } from '../ground/survey';
/** Corners of a ring where it really turns. */
export const turningCorners = (ring: Ring): readonly RingSide[] =>
  ring.sides.filter((_, i) => {
    const before = ring.sides[(i + ring.sides.length - 1) % ring.sides.length];
    return before !== undefined && Math.abs(before.turn) > STRAIGHT;
  });
