import * as z from 'zod/mini';
import { id, length, meaning, name, point } from '../../../../schema/common';

/** Over which run, where in it, and how high: of every cover that lies over a run. */
export const OVER = {
  id,
  name,
  enclosure: id,
  found: z
    .optional(z.boolean())
    .apply(meaning('It is there already: nothing of it is bought, and nobody knows what holds it up.')),
  outline: z
    .nullable(z.array(point).check(z.minLength(3), z.maxLength(60)))
    .apply(meaning('Corners of the part that is covered; null for the whole run.')),
  height: length(0.2, 8).apply(meaning('Least height above the ground anywhere under it, m.')),
  rise: z
    ._default(length(-4, 4), 0)
    .apply(meaning('How much higher its high edge is than its low one, m; 0 for one that is flat.')),
  falls: z
    ._default(z.number().check(z.minimum(-7), z.maximum(7)), 0)
    .apply(meaning('Which way it falls, radians anticlockwise from the x axis of the sheet.')),
  lies: z
    ._default(z.enum(['level', 'ground']), 'level')
    .apply(meaning('Level, or falling as the ground does; the pitch is added to either.')),
};

/** A prop or a post under a cover, where the keeper set it. */
export const support = z.strictObject({ id, at: point });
export type Support = z.infer<typeof support>;
const supports = z.nullable(z.array(support).check(z.maxLength(200)));

/** What strips and panels are carried by. */
export const CARRIED = {
  way: z
    ._default(
      z.nullable(
        z.strictObject({
          direction: z.number().check(z.minimum(0), z.maximum(3.1416)),
          edge: z.enum(['low', 'high']),
        }),
      ),
      null,
    )
    .apply(
      meaning(
        'Which way strips run, radians anticlockwise from the x axis, and from which edge they are stacked; null for the cheapest.',
      ),
    ),
  roll: z
    ._default(z.nullable(length(0.05, 10)), null)
    .apply(
      meaning(
        'Width of what it is laid from, m: the nearest that is sold; null for the cheapest from 0.9 on.',
      ),
    ),
  rail: id,
  beam: id,
  beams: z
    ._default(z.nullable(z.array(length(0, 10000)).check(z.maxLength(200))), null)
    .apply(meaning('Where beams cross, m along the strips; null for equal distances of 2.4 at most.')),
  prop: id,
  posts: z._default(supports, null).apply(meaning('Posts under the beams; null for as many as they need.')),
};

/** Props that make a tent of a net, m high; null for none. */
export const TENT = {
  tent: z._default(z.nullable(length(1, 6)), 3).apply(meaning('How high its props are, m; null for none.')),
  prop: id,
  props: z
    ._default(supports, null)
    .apply(meaning('Where its props stand; null for the middle of equal cells.')),
};

/** Where the rain goes that a closed cover sheds. */
export const runOff = z
  ._default(z.enum(['gutter', 'swale', 'away', 'nowhere']), 'nowhere')
  .apply(meaning('Into a gutter, along a swale, away from the run, or not led anywhere.'));

/** Open beneath, the wind lifts a cover twice as hard. */
export const beneath = z._default(z.enum(['open', 'closed']), 'open');
