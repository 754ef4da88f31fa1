import type { UnitSystem } from '../../../units/parseLength';
import { type ChoiceReferences } from '../../../plan/known';
import { tidy } from '../../../units/round';
import { FOOT } from '../../../units/factors';
import * as z from 'zod/mini';
import { id, length, meaning } from '../../../schema/common';

const role = <T extends z.ZodMiniType>(value: T) =>
  z.strictObject({ corner: value, end: value, wall: value, gate: value, line: value });
const load = z.enum(['fence', 'cover', 'roof']).apply(meaning('What the posts carry besides the walls.'));
const bays = z
  .enum(['equal', 'module'])
  .apply(
    meaning('Equal bays in each clear stretch, or full bays of the spacing (a panel) with the rest last.'),
  );
const shallower = z
  .partial(
    z.strictObject({
      corner: length(0, 1),
      end: length(0, 1),
      wall: length(0, 1),
      gate: length(0, 1),
      line: length(0, 1),
    }),
  )
  .apply(meaning('By role, how much less deep posts are set than the rule says, m.'));

/** What is chosen for posts: what a plan file always says, what is filled in where it does not, and that alone where it is chosen apart. */
export const CHOICES = {
  posts: role(id),
  setting: role(z.enum(['tamped', 'concrete'])),
  spacing: length(0.3, 6).apply(meaning('Largest distance between two posts, m.')),
};
export const FILLED = {
  load: z._default(load, 'fence'),
  bays: z._default(bays, 'equal'),
  shallower: z._default(shallower, {}),
};
export const APART = { load, bays, shallower };

/** Taken unless something else is chosen. */
export const usual = (units: UnitSystem) => {
  const timber = 'round-100';
  return {
    posts: { corner: timber, end: timber, wall: timber, gate: timber, line: 't-40' },
    setting: { corner: 'tamped', end: 'tamped', wall: 'tamped', gate: 'concrete', line: 'tamped' },
    spacing: units === 'imperial' ? tidy(8 * FOOT) : 2.4,
    load: 'fence',
    bays: 'equal',
    shallower: {},
  } as const;
};

/** A post that is moved by hand or stands already; the rest keep their spacing between them. */
export const pin = z.strictObject({
  id,
  side: id,
  along: length(0, 10000).apply(meaning('From the side’s `from` corner, m.')),
  post: z._default(
    z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('new') }).apply(meaning('Bought and set here.')),
      z
        .strictObject({ kind: z.literal('standing'), above: length(0.1, 10) })
        .apply(meaning('A sound post that is here already, `above` m out of the ground.')),
    ]),
    { kind: 'new' },
  ),
});

/** What a plan says of posts beside what is chosen. */
export const PLAN = { postPins: z.array(pin).check(z.maxLength(1000)) };

/** Posts that a plan names are sold in its edition. */
export const references: ChoiceReferences<Pick<z.infer<z.ZodMiniObject<typeof CHOICES>>, 'posts'>> = (
  { posts },
  path,
  known,
  issue,
) => {
  for (const [role, post] of Object.entries(posts ?? {})) {
    if (!known.posts.has(post)) issue([...path, 'posts', role], `no post “${post}” in this edition`);
  }
};

export const POST_ROLES = ['corner', 'end', 'wall', 'gate', 'line'] as const;
