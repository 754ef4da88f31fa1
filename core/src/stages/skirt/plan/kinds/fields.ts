import { id, length, meaning } from '../../../../schema/common';

/** Fields that several kinds have. */
export const mesh = id;
export const lapUp = length(0, 0.5).apply(meaning('Up the wall, m.'));
export const mass = { width: length(0.05, 1), height: length(0.05, 1) };
