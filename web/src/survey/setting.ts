import type { Reader, Tape } from '@aviarum/core';
import type { surveyByTape } from '@aviarum/core/survey';

export type Found = ReturnType<typeof surveyByTape>;

/** A tape survey and how to change it. */
export interface Setting {
  readonly tape: Tape;
  readonly onSet: (to: Partial<Tape>, words?: string) => void;
}

/** The longest reading that is taken, m. */
export const MOST = 500;

/** How far a reading is from what fits, with its sign. */
export function residual(metres: number, { opening }: Pick<Reader, 'opening'>): string {
  const least = Math.round(metres * 1000) / 1000;
  return `${least > 0 ? '+' : least < 0 ? '−' : ''}${opening(Math.abs(least))}`;
}
