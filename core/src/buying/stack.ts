import type { Ask, AtHand, Candidate, Open, Reaching, Reason } from './demand';
import { reachOf } from './reach';

/** What each roll of a stack takes, m, and what each seam of roll on roll takes in rings. */
interface EachRow {
  readonly length: number;
  readonly seam: number;
}

/** A height or a width to be reached by rolls side by side, whichever they are. */
export interface Stack extends Reason, Reaching, Pick<Open, 'packs'> {
  readonly least: EachRow;
  /** As it is estimated before anything is cut. */
  readonly most: EachRow;
  /** What is asked for where it is made of rolls of these widths, m, from the ground up. */
  readonly asks: (widths: readonly number[]) => readonly Ask[];
}

/** Which stacks are alike: those of one mesh that reach the same to a tenth of a millimetre. */
export const stackName = ({ mesh, height, lap, rows }: Reaching): string =>
  `${mesh} ${Math.round(height * 1e4)} ${lap} ${rows}`;

const widthsName = (widths: readonly number[]): string => widths.join(' ');

const NO_PACKS: Candidate['packs'] = [];

/** Rolls of some widths; a class, since there are hundreds of which one is asked what it takes. */
class OfWidths implements Candidate {
  readonly id: string;
  readonly rolls: Candidate['rolls'];
  readonly packs: Candidate['packs'];
  readonly made = null;
  private asked: readonly Ask[] | undefined;

  constructor(
    private readonly stack: Stack,
    private readonly widths: readonly number[],
    readonly shortBy: number,
  ) {
    const { mesh, least, most } = stack;
    const seams = widths.length - 1;
    this.id = widthsName(widths);
    this.rolls = widths.map((width) => ({ mesh, width, least: least.length, most: most.length }));
    this.packs =
      seams > 0 ? [{ pack: 'ring', least: seams * least.seam, most: seams * most.seam }] : NO_PACKS;
  }

  asks(): readonly Ask[] {
    return (this.asked ??= this.stack.asks(this.widths));
  }
}

/**
 * A stack as an open demand: sets of one to three widths that reach, every width running the whole length; where none reaches, the widest as often as
 * it may be.
 *
 * A set of k widths reaches where Σw − (k − 1)·lap ≥ height.
 */
export function openStack(stack: Stack): Open {
  const { mesh, height, lap, rows, stage, part, packs } = stack;
  return {
    buy: 'open',
    stage,
    part,
    alike: stackName(stack),
    measure: height,
    packs,
    candidates: (hand: AtHand, measure: number) => {
      const sets = hand.reaching({ mesh, height: measure, lap, rows });
      if (sets.length > 0) return sets.map((set) => new OfWidths(stack, set, 0));
      const nearest = Array<number>(rows).fill(Math.max(...hand.widths(mesh)));
      return [new OfWidths(stack, nearest, height - reachOf(nearest, lap))];
    },
  };
}
