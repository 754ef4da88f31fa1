import { type Opening, capital, openingRow } from '@aviarum/core';

/** As its heading and its handle call it. */
export const openingTitle = (opening: Opening, side: number | undefined): string =>
  `${capital(openingRow(opening).called(opening))} on side ${side ?? ''}`;
