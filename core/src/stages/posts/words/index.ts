import { ROLE_NAMES } from './names';
import { type PostRole } from '../../../plan/schema';
import { type Reader } from '../../../saying/reader';
import { capital } from '../../../saying/phrases';
import { SERVICE_REACH } from '../../../ground/reach';

export { SCHOOLS, cautions } from './advice';

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
    const [apart, limit] = [r.length(spacing), r.length(most)];
    return {
      cover: `Posts ${apart} apart are too far apart under a cover: ${limit} at most.`,
      timber: `Timber posts ${apart} apart are too far apart: ${limit} at most.`,
      steel: `Posts ${apart} apart are too far apart, even with steel or woven mesh: ${limit} at most.`,
    }[why];
  },
  'post.on-service': ({ number, role, name, distance }: PlacedPost, r: Reader) =>
    `${capital(ROLE_NAMES[role][0])} ${number} would be dug ${r.about(distance)} from the ${name}. Keep ${r.length(SERVICE_REACH)} off, and have it located before anything is dug.`,
  'post.in-roots': ({ number, role, name, distance }: PlacedPost, r: Reader) =>
    `${capital(ROLE_NAMES[role][0])} ${number} stands ${r.about(distance)} from the ${name}, among its roots: drive it, or dig by hand.`,
  'post.nearly-fits': ({ role, needs, buy, length, by }: PostNearlyFits, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} need ${r.about(needs)} and come from ${r.length(buy)}. Set them ${r.about(by)} shallower and a ${r.length(length)} post will do.`,
  'post.shallow': ({ role, by }: { readonly role: PostRole; readonly by: number }, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} are set ${r.about(by)} shallower than recommended: they hold less against wind and pull.`,
  'post.spike-high': ({ role, above, most }: PostSpikeHigh, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} on spikes stand ${r.about(above)} out of the ground; a spike holds ${r.length(most)} at most. Dig them in.`,
  'post.stony': ({ role }: { readonly role: PostRole }) =>
    `${capital(ROLE_NAMES[role][1])} go into stony ground: try one first, and dig the hole if it will not drive.`,
  'post.standing-low': ({ number, above, needs }: PostStandingLow, r: Reader) =>
    `The standing post ${number} is ${r.length(above)} high and the wall wants ${r.length(needs)}. Put a new one in, or lower the wall.`,
  'post.too-short': ({ role, needs, longest }: PostTooShort, r: Reader) =>
    `${capital(ROLE_NAMES[role][1])} need ${r.length(needs)}; the longest sold is ${r.length(longest)}. Choose another post or a lower wall.`,
} as const;
