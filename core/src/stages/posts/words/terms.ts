import type { PostKindRow } from '../../../catalogue/postKinds';
import { ROLE_NAMES } from './names';
import { type PostRole } from '../../../plan/schema';
import { type Reader } from '../../../saying/reader';
import { type SideParam } from '../../../saying/sentences';

/** What posts take to build. */
export const HOURS = {
  'hours.posts': ({ standing }: { readonly standing: PostKindRow['standing'] }) =>
    ({ dug: 'posts dug', driven: 'posts driven', spike: 'posts on spikes' })[standing],
  'hours.concrete': () => 'concrete',
} as const;

/** What a working of posts is made of. Lengths m. */
export const TERMS = {
  'posts.total': () => 'posts',
  'posts.role': ({ role }: { readonly role: PostRole }) => ROLE_NAMES[role][1],
  'posts.line-on': ({ side }: SideParam) => `between the fixed posts of side ${side}`,
  'posts.bays': ({ spacing }: { readonly spacing: number }, r: Reader) =>
    `bays of at most ${r.length(spacing)}`,
  'posts.stretch': ({ side }: SideParam) => `clear length on side ${side}`,
  'posts.spacing': () => 'largest spacing',
  'posts.one-less': () => 'less one: no post at the end',
  'posts.pinned': () => 'posts set by hand',
  'posts.found': () => 'stand already',
  'posts.between': () => 'where other posts or spacings begin',
  'posts.standing': () => 'here already',
  'posts.need': () => 'need',
  'posts.braces': () => 'braces',
  'posts.brace-ends': () => 'braces, one per pulled side',
  'posts.brace-shared': () => 'shared on short stretches',
  'posts.bags': () => 'bags of dry mix',
  'posts.holes': ({ role }: { readonly role: PostRole }) => `${ROLE_NAMES[role][1]} in concrete`,
  'posts.bags-each': ({ hole, depth }: { readonly hole: number; readonly depth: number }, r: Reader) =>
    `bags per hole (${r.length(hole)} × ${r.length(depth)})`,
  'posts.hole-volume': () => 'hole less post',
  'posts.bag-volume': () => 'made by one bag',
  ...HOURS,
} as const;
