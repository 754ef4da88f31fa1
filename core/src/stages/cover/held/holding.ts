import { alikeOf, type OpenCover } from '../laid';
import type { CoverWay } from '../over/ways';
import { layingOf } from '../layings';
import type { StandsOn, Supports } from './supports';

/** What holds a cover up, laid in one way; no way where nothing sold can be laid, or where it comes in one piece. */
export type Holding = (open: OpenCover, way: CoverWay | null) => Supports;

/** Each way worked out once: buying asks for it, and what is told of it afterwards. */
export function holdingOn(on: StandsOn): Holding {
  const known = new Map<string, Supports>();
  return (open, way) => {
    const key = `${alikeOf(open.shape)} ${way?.id ?? ''}`;
    const held = known.get(key) ?? layingOf(open.shape).supports(open.shape, way, on);
    known.set(key, held);
    return held;
  };
}
