import { type School } from '../../saying/school';
import { type Cautions } from '../../plan/cautions';
import type { VERBS } from './verbs';
import { ROLE_NAMES } from './names';
import { type PostRole } from '../../plan/schema';
import { type Reader } from '../../saying/reader';
import { capital } from '../../saying/phrases';
import { SERVICE_REACH } from '../../ground/reach';
import { type SideParam } from '../../saying/sentences';
import { type Market } from '../../catalogue/market';
import { postName } from '../../catalogue/names';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

const several = (role: string) => ROLE_NAMES[role as PostRole][1];

/** A post that stands `distance` m from something named. */
export interface PlacedPost {
  readonly number: number;
  readonly role: PostRole;
  readonly name: string;
  readonly distance: number;
}

export interface PostsFarApart {
  readonly spacing: number;
  readonly most: number;
  readonly why: 'cover' | 'timber' | 'steel';
}
export interface PostNearlyFits {
  readonly role: PostRole;
  readonly needs: number;
  readonly buy: number;
  readonly length: number;
  readonly by: number;
}
export interface PostSpikeHigh {
  readonly role: PostRole;
  readonly above: number;
  readonly most: number;
}
export interface PostStandingLow {
  readonly number: number;
  readonly above: number;
  readonly needs: number;
}
export interface PostTooShort {
  readonly role: PostRole;
  readonly needs: number;
  readonly longest: number;
}

/** What is found about posts. Lengths m. */
export const FINDINGS = {
  'pin.past-end': ({ side, past }: { readonly side: number; readonly past: number }, r: Reader) =>
    `A post set by hand stands ${r.length(past)} past the end of side ${side}.`,
  'posts.far-apart': ({ spacing, most, why }: PostsFarApart, r: Reader) => {
    const carries = {
      cover: 'with a cover on them',
      timber: 'of timber',
      steel: 'even of steel or with woven mesh',
    };
    return `Posts ${r.length(spacing)} apart ${carries[why]} are too far: ${r.length(most)} at most.`;
  },
  'post.on-service': ({ number, role, name, distance }: PlacedPost, r: Reader) =>
    `${capital(ROLE_NAMES[role][0])} ${number} would be dug ${r.about(distance)} from the ${name}. Keep ${r.length(SERVICE_REACH)} off, and have it located before anything is dug.`,
  'post.in-roots': ({ number, role, name, distance }: PlacedPost, r: Reader) =>
    `${capital(ROLE_NAMES[role][0])} ${number} stands ${r.about(distance)} from the ${name}, among its roots: drive it, or dig by hand.`,
  'post.nearly-fits': ({ role, needs, buy, length, by }: PostNearlyFits, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} need ${r.about(needs)} and come from ${r.length(buy)}. Set ${r.about(by)} shallower, ${r.length(length)} would do.`,
  'post.shallow': ({ role, by }: { readonly role: PostRole; readonly by: number }, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} stand ${r.about(by)} less deep than the rule: they hold less against wind and pull.`,
  'post.spike-high': ({ role, above, most }: PostSpikeHigh, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} on spikes stand ${r.about(above)} out of the ground; a spike holds ${r.length(most)} at most. Dig them in.`,
  'post.stony': ({ role }: { readonly role: PostRole }) =>
    `${capital(ROLE_NAMES[role][1])} are to be driven into stony ground: try one first, and dig where it glances off.`,
  'post.standing-low': ({ number, above, needs }: PostStandingLow, r: Reader) =>
    `The standing post ${number} is ${r.length(above)} high and the wall wants ${r.length(needs)}. Put a new one in, or lower the wall.`,
  'post.too-short': ({ role, needs, longest }: PostTooShort, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} need ${r.length(needs)}; the longest sold is ${r.length(longest)}. Choose another post or a lower wall.`,
} as const;

/** What posts take to build, and where their hours are told. */
export const HOURS = {
  'hours.posts': ({ standing }: { readonly standing: 'dug' | 'driven' | 'spike' }) =>
    ({ dug: 'posts dug', driven: 'posts driven', spike: 'posts on spikes' })[standing],
  'hours.concrete': () => 'concrete',
} as const;
export const HOURS_FIGURES = { 'hours.posts': 'posts', 'hours.concrete': 'concrete' } as const;

/** What a working of posts is made of. Lengths m. */
export const TERMS = {
  'posts.total': () => 'posts',
  'posts.role': ({ role }: { readonly role: PostRole }) => ROLE_NAMES[role][1],
  'posts.line-on': ({ side }: SideParam) => `between the fixed posts of side ${side}`,
  'posts.bays': ({ spacing }: { readonly spacing: number }, r: Reader) =>
    `bays of at most ${r.length(spacing)}`,
  'posts.stretch': ({ side }: SideParam) => `clear length on side ${side}`,
  'posts.spacing': () => 'largest spacing',
  'posts.one-less': () => 'one post fewer than bays',
  'posts.pinned': () => 'posts set by hand',
  'posts.between': () => 'where other posts or spacings begin',
  'posts.standing': () => 'here already',
  'posts.need': () => 'need',
  'posts.braces': () => 'braces',
  'posts.brace-ends': () => 'pulled sides of corner, end and gate posts',
  'posts.brace-shared': () => 'shared on short stretches',
  'posts.bags': () => 'bags of dry mix',
  'posts.holes': ({ role }: { readonly role: PostRole }) => `${ROLE_NAMES[role][1]} in concrete`,
  'posts.bags-each': ({ hole, depth }: { readonly hole: number; readonly depth: number }, r: Reader) =>
    `bags a hole, ${r.length(hole)} wide and ${r.length(depth)} deep`,
  'posts.hole-volume': () => 'hole less post',
  'posts.bag-volume': () => 'made by one bag',
  ...HOURS,
} as const;

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-pin': ({ pin }: Of<'set-pin'>, r: Reader) =>
    pin.post.kind === 'standing'
      ? 'Use the post that stands here'
      : `Move the post to ${r.length(pin.along)} from the corner`,
  'remove-pin': () => 'Let the post find its own place',
  'set-load': ({ load }: Of<'set-load'>) =>
    ({ fence: 'Posts carry the walls alone', cover: 'Posts carry a cover', roof: 'Posts carry a roof' })[
      load
    ],
  'set-bays': ({ bays }: Of<'set-bays'>) => (bays === 'equal' ? 'Equal bays' : 'Full panels, the rest last'),
  'set-shallower': ({ shallower }: Of<'set-shallower'>, r: Reader) => {
    const [role = 'line', by = 0] = Object.entries(shallower)[0] ?? [];
    return by > 0
      ? `Set ${several(role)} ${r.about(by)} shallower`
      : `Set ${several(role)} as deep as the rule says`;
  },
  'set-posts': ({ posts }: Of<'set-posts'>, r: Reader, market: Market) => {
    const [role, product] = Object.entries(posts)[0] ?? [];
    return role === undefined || product === undefined
      ? 'Change the posts'
      : `${postName(market.post(product), r)} for ${several(role)}`;
  },
  'set-setting': () => 'Change how posts are set',
  'set-spacing': ({ spacing }: Of<'set-spacing'>, r: Reader) => `Posts at most ${r.length(spacing)} apart`,
} as const;

/** What can hurt, or is asked by law. */
export const cautions: Cautions = ({ choices: { plan } }) => [
  'Have buried services located before anything is dug or driven.',
  'Eye and ear protection with drivers.',
  Object.values(plan.posts).some((post) => post.startsWith('t-')) &&
    'Put caps on steel T posts against eye injury.',
  Object.values(plan.setting).includes('concrete') && 'Wet cement burns: gloves and goggles.',
  'Dust of treated timber is harmful: cut outdoors, with a mask.',
];

/** Where keepers disagree about posts. */
export const SCHOOLS = {
  posts: {
    question: 'Steel or timber posts?',
    schools: ['Steel T: fast, does not rot', 'Timber: takes gates and rails'],
    ours: 'T for lines, timber at gates and corners: each where it is strong.',
  },
  setting: {
    question: 'How are posts set?',
    schools: ['Tamped soil', 'Concrete', 'Spikes'],
    ours: 'Soil; concrete for gates, which are pulled at every day.',
  },
} as const satisfies Readonly<Record<string, School>>;
