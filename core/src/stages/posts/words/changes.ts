import type { VERBS } from '../verbs';
import { ROLE_NAMES } from './names';
import { type PostRole } from '../../../plan/schema';
import { type Reader } from '../../../saying/reader';
import { type Market } from '../../../catalogue/market';
import { postName } from '../../../catalogue/names';

const several = (role: PostRole) => ROLE_NAMES[role][1];
/** The one role that a change is about; its keys are roles, as its schema says. */
const only = <T>(byRole: Readonly<Partial<Record<PostRole, T>>>) =>
  (Object.entries(byRole) as [PostRole, T][])[0];
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-pin': ({ pin, beside }: Of<'set-pin'>, r: Reader) =>
    beside
      ? `Set posts at ${r.length(Math.min(pin.along, beside.along))} and ${r.length(Math.max(pin.along, beside.along))} from the corner`
      : pin.post.kind === 'standing'
        ? 'Use the post that stands here'
        : `Move the post to ${r.length(pin.along)} from the corner`,
  'remove-pin': () => 'Let the post find its own place',
  'set-load': ({ load }: Of<'set-load'>) =>
    ({ fence: 'Posts carry the walls alone', cover: 'Posts carry a cover', roof: 'Posts carry a roof' })[
      load
    ],
  'set-bays': ({ bays }: Of<'set-bays'>) => (bays === 'equal' ? 'Equal bays' : 'Full panels, the rest last'),
  'set-shallower': ({ shallower }: Of<'set-shallower'>, r: Reader) => {
    const [role = 'line', by = 0] = only(shallower) ?? [];
    return by > 0
      ? `Set ${several(role)} ${r.about(by)} shallower`
      : `Set ${several(role)} as deep as the rule says`;
  },
  'set-posts': ({ posts }: Of<'set-posts'>, r: Reader, market: Market) => {
    const [role, product] = only(posts) ?? [];
    return role === undefined || product === undefined
      ? 'Change the posts'
      : `${postName(market.post(product), r)} for ${several(role)}`;
  },
  'set-setting': () => 'Change how posts are set',
  'set-spacing': ({ spacing }: Of<'set-spacing'>, r: Reader) => `Posts at most ${r.length(spacing)} apart`,
} as const;
