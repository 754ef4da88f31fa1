import * as z from 'zod/mini';
import { dayOfYear, id, length, meaning } from '../../../../schema/common';

const count = (most: number) => z.number().check(z.minimum(0), z.maximum(most), z.multipleOf(1));

/** What every arch says, whatever it is bent of. */
export const ARCH = {
  id,
  enclosure: id.apply(
    meaning('The run that it stands over: two of its sides are its feet, opposite each other.'),
  ),
  board: z
    ._default(length(0, 0.6), 0.15)
    .apply(meaning('How high its feet stand on boards above the ground, m; 0 for none.')),
  boards: z._default(id, 'board-150x25').apply(meaning('The boards along its feet.')),
  foot: z
    ._default(z.enum(['stakes', 'posts']), 'stakes')
    .apply(meaning('What holds the boards against the push of the feet.')),
  stakes: z
    ._default(z.nullable(count(200)), null)
    .apply(meaning('Stakes along each foot; null for one each 1.2 m and one more.')),
  ridge: z._default(z.nullable(id), null).apply(meaning('Timber under its crown; null for none.')),
  props: z
    ._default(z.nullable(count(60)), null)
    .apply(meaning('Props under the ridge; null for one each 2.4 m, none at its ends.')),
  prop: z._default(id, 'joist-100x100'),
  moved: z
    ._default(z.enum(['fixed', 'skids', 'wheels']), 'fixed')
    .apply(meaning('Whether it stays where it is, or is drawn along on skids or wheels.')),
  skin: z
    ._default(z.nullable(id), 'welded-25')
    .apply(meaning('Mesh over the frame and on its ends; null for none.')),
  lap: z._default(length(0, 1), 0.05).apply(meaning('Of strip over strip, m.')),
  turnDown: z._default(length(0, 1), 0.15).apply(meaning('At each foot of a strip, m.')),
  roll: z
    ._default(z.nullable(length(0.05, 10)), null)
    .apply(meaning('Width of the rolls, m: the nearest that is sold; null for the cheapest from 0.9 on.')),
  ends: z
    ._default(z.enum(['folded', 'trimmed']), 'folded')
    .apply(meaning('Whether what stands out over the curve at the ends is folded back or cut off.')),
  low: z
    ._default(z.nullable(id), null)
    .apply(meaning('Finer mesh along the foot, inside or outside; null for none.')),
  lowHeight: z._default(length(0.05, 2), 0.6),
  lowSide: z._default(z.enum(['in', 'out']), 'out'),
  film: z._default(z.nullable(id), null).apply(meaning('Film, vinyl or tarp over it; null for none.')),
  filmEnds: z
    ._default(z.enum(['open', 'closed']), 'open')
    .apply(meaning('Closed, the film leaves 0.15 along the top of both ends.')),
  hem: z
    ._default(z.enum(['hem', 'pocket']), 'hem')
    .apply(meaning('A hem of 0.10 at each foot, or a pocket of 0.15 for a strap.')),
  rolls: z
    ._default(z.enum(['one side', 'none']), 'none')
    .apply(meaning('Whether one side of the film is made to roll up for summer.')),
  straps: z
    ._default(z.nullable(count(200)), null)
    .apply(meaning('Straps over the film; null for one each 2.4 m and one more.')),
  on: z._default(dayOfYear, '10-15').apply(meaning('Month and day on which the film goes on.')),
  off: z._default(dayOfYear, '04-15').apply(meaning('Month and day on which it comes off.')),
};

/** The same, until the keeper says otherwise. */
export const USUAL = {
  board: 0.15,
  boards: 'board-150x25',
  foot: 'stakes',
  stakes: null,
  ridge: null,
  props: null,
  prop: 'joist-100x100',
  moved: 'fixed',
  skin: 'welded-25',
  lap: 0.05,
  turnDown: 0.15,
  roll: null,
  ends: 'folded',
  low: null,
  lowHeight: 0.6,
  lowSide: 'out',
  film: null,
  filmEnds: 'open',
  hem: 'hem',
  rolls: 'none',
  straps: null,
  on: '10-15',
  off: '04-15',
} as const;
