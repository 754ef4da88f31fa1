import { alikeOf, type OpenCover } from '../laid';
import { type CoverWay, wayTaken } from '../over/ways';
import { layingOf } from '../layings';
import type { StandsOn, Supports } from './supports';

/** A cover as it is laid, with what holds it up. */
export interface LaidAndHeld {
  /** Null where nothing sold can be laid, or where it comes in one piece. */
  readonly way: CoverWay | null;
  readonly held: Supports;
}

/** Each cover laid in a way, by the way's name. */
export type Holding = (open: OpenCover, way: string) => LaidAndHeld;

/** Each way worked out once: buying asks for it, and what is told of it afterwards. */
export function holdingOn(on: StandsOn): Holding {
  const known = new Map<string, LaidAndHeld>();
  return (open, name) => {
    const key = `${alikeOf(open.shape)} ${name}`;
    const before = known.get(key);
    if (before) return before;
    const way = open.side && wayTaken(open.side, name);
    const made = { way, held: layingOf(open.shape).supports(open.shape, way, on) };
    known.set(key, made);
    return made;
  };
}
