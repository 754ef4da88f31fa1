import { type Finding, finding } from '../../../findings/types';
import { nextId } from '../../../plan/ids';
import type { LiveNet } from '../plan/choice';
import type { LaidNet } from '../laid';
import { type Gap, HOLE } from '../route/ground';
import { partOf, setNet } from './of';

/** Holes under a net are told at their widest, so many of them. */
const MOST_TOLD = 6;

/** With this done at a gap. */
const mended = (net: LiveNet, { along, gap, dip }: Gap, mend: 'strut' | 'peg' | 'fill') =>
  setNet(net.id, {
    dips:
      dip === null
        ? [
            ...net.dips,
            {
              id: nextId('d', net.dips),
              along: Math.round(along * 1000) / 1000,
              gap: Math.round(gap * 1000) / 1000,
              mend,
            },
          ]
        : net.dips.map((d) => (d.id === dip ? { ...d, mend } : d)),
  });

/** Gaps between foot strand and ground that something gets through. */
export const gapFindings = ({ net, gaps }: LaidNet): readonly Finding[] =>
  gaps
    .filter(({ gap }) => gap > HOLE + 1e-6)
    .slice(0, MOST_TOLD)
    .map((gap) =>
      finding(
        'live.gap',
        { severity: 'mend', stage: 'live', part: partOf(net) },
        { name: net.name, gap: gap.gap, along: gap.along },
        (['strut', 'peg', 'fill'] as const).map((how) => mended(net, gap, how)),
      ),
    );
