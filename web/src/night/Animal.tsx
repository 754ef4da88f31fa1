import { type Silhouette, type ThreatId, THREATS } from '@aviarum/core';

/** Drawn facing left in a field of 100 × 50, feet on its lower edge. */
const SHAPES: Readonly<Record<Silhouette, string>> = {
  canine:
    'M3 20L11 11L14 4L18 10L24 13C36 12 52 11 66 14C74 15 80 20 88 26C94 29 98 34 99 39C91 37 85 33 80 28L78 48L74 48L72 31L66 29L64 48L60 48L59 28C50 29 40 29 35 28L34 48L30 48L28 28L25 48L21 48L21 25C16 24 12 23 4 22Z',
  feline:
    'M6 17L9 7L13 12L17 12L20 7L22 15C34 13 54 12 66 15C74 16 80 21 84 13C87 6 93 5 97 9C91 9 90 14 88 20C85 27 79 28 74 27L75 48L71 48L68 29C56 30 42 30 36 28L35 48L31 48L29 28L26 48L22 48L22 26C13 27 7 24 6 17Z',
  stout:
    'M2 33C7 26 13 22 18 21L20 16L25 20C35 11 60 11 72 20C80 25 90 27 98 24C98 31 90 36 80 34L79 48L70 48L68 37C56 40 42 40 34 37L33 48L24 48L24 36C15 37 7 36 2 33Z',
  long: 'M2 33C6 26 12 24 18 26C30 19 48 20 60 27C68 31 78 32 98 27C99 30 98 32 96 33C85 38 75 38 69 37L71 48L65 48L60 38C50 40 38 40 31 37L31 48L25 48L22 37C15 37 7 36 2 33Z',
  rodent:
    'M3 40C8 33 13 31 18 31C20 26 26 26 27 31C38 22 56 24 62 37C74 40 86 38 99 33C88 42 76 44 63 43L61 48L53 48L51 44L30 44L28 48L20 48L20 43C12 43 5 43 3 40Z',
  snake:
    'M2 40C9 30 19 30 25 38C31 46 36 46 42 38C49 30 58 30 64 38C70 46 76 46 82 39C87 34 93 33 99 36C93 37 89 39 86 43C79 51 67 50 60 42C55 36 51 36 47 42C40 51 28 50 21 42C15 36 9 37 2 40Z',
  pig: 'M2 29L8 21L14 17L16 11L21 15C33 8 62 8 76 14C84 17 90 21 92 27C96 25 97 21 95 18C99 20 99 28 92 31L91 48L83 48L80 35C66 38 46 38 37 35L36 48L28 48L26 34C16 35 8 33 2 29Z',
  bear: 'M2 26C6 19 12 15 16 15L18 9L24 13C37 4 64 3 80 10C92 15 97 24 96 35L95 48L84 48L81 37C66 40 50 39 43 37L43 48L32 48L29 36C18 35 8 32 2 26Z',
  bird: 'M1 14C14 6 29 7 42 17C44 13 47 10 50 10C53 10 56 13 58 17C71 7 86 6 99 14C86 15 74 19 62 28L56 32L60 42L50 38L40 42L44 32L38 28C26 19 14 15 1 14Z',
  person:
    'M50 1A5 5 0 1 1 49.9 1ZM42 15C45 12 55 12 58 15L61 32L57 33L56 24L57 48L52 48L50 34L48 48L43 48L44 24L43 33L39 32Z',
};

/** How much of the field’s width its length takes. A person stands in it upright. */
const SPAN: Readonly<Partial<Record<Silhouette, number>>> = { person: 0.47 };

/** Of the drawing’s 100 so many are one metre of this animal. */
export const perMetre = (threat: ThreatId): number => {
  const { shape, long } = THREATS[threat];
  return (100 * (SPAN[shape] ?? 1)) / long;
};

/** The animal against the sky. It is named beside it. */
export function Animal({ threat, width }: { threat: ThreatId; width: number }) {
  return (
    <svg className="animal" width={width} height={width / 2} viewBox="0 0 100 50" aria-hidden>
      <path d={SHAPES[THREATS[threat].shape]} />
    </svg>
  );
}

/** The same within a drawing: its feet, or its middle, at the origin; facing right where it comes from the left. */
export function AnimalAt({ threat, scale }: { threat: ThreatId; scale: number }) {
  const by = scale / perMetre(threat);
  return (
    <g transform={`scale(${-by} ${by}) translate(-4 -48)`}>
      <path d={SHAPES[THREATS[threat].shape]} />
    </g>
  );
}
