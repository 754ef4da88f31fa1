import { tidy } from '../../units/round';
import { elastica, widthAt } from './curve/elastica';
import { LIMITS } from './plan/limits';

/** An arch of one panel or hoop on one base. Lengths m. */
export interface OnBase {
  readonly base: number;
  /** Of its crown, boards counted. */
  readonly top: number;
  /** How wide it is where the keeper's head is; 0 where nobody stands. */
  readonly wide: number;
  readonly floor: number;
  /** Birds that its floor has room for; null where none are kept. */
  readonly birds: number | null;
}

/** What does not change with the base. */
export interface OfArch {
  readonly bent: number;
  readonly board: number;
  readonly length: number;
  readonly stature: number;
  /** m² that one bird wants; null where none are kept. */
  readonly each: number | null;
}

/** A base is told each so much, m. */
const STEP = 0.1;

/** What an arch would be on every base that it can stand on, from the narrowest to the widest, and on the one that it has. */
export function onBases(of: OfArch, own: number): readonly OnBase[] {
  const least = Math.ceil((of.bent * LIMITS.least) / STEP - 1e-9) * STEP;
  const most = Math.floor((of.bent * LIMITS.most) / STEP + 1e-9) * STEP;
  const count = Math.max(0, Math.round((most - least) / STEP)) + 1;
  const bases = Array.from({ length: count }, (_, i) => tidy(least + i * STEP));
  const all = [...new Set([...bases, tidy(own)])].sort((a, b) => a - b);
  return all.flatMap((base): OnBase[] => {
    const curve = elastica(of.bent, base);
    if (!curve) return [];
    const floor = base * of.length;
    return [
      {
        base,
        top: curve.rise + of.board,
        wide: widthAt(curve, of.stature - of.board),
        floor,
        birds: of.each === null || of.each <= 0 ? null : Math.floor(floor / of.each + 1e-9),
      },
    ];
  });
}
