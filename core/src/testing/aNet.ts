import type { LiveNet } from '../stages/live/plan/choice';

/** A live net with nothing to be inside it and no way of its own, but for what is said. */
export const aNet = (to: Partial<LiveNet> = {}): LiveNet => ({
  id: 'n',
  name: 'Net',
  form: 'loop',
  kind: 'single-107',
  points: null,
  pieces: null,
  inside: [],
  gate: null,
  when: 'always',
  foot: 'live',
  dips: [],
  ...to,
});

/** A square from the origin, its side in m. */
export const squareOf = (side: number) => [
  { x: 0, y: 0 },
  { x: side, y: 0 },
  { x: side, y: side },
  { x: 0, y: side },
];
