import type { PostRole } from '../../plan/schema';
import { ROLE_NAMES } from './words/names';
import { postName } from '../../catalogue/names';
import { capital } from '../../saying/phrases';
import { type Asking, type OptionGroup, questionOf } from '../../options/asking/types';

const BAYS = [
  ['equal', 'Equal bays', 'in each clear stretch'],
  ['module', 'Full panels, the rest last', 'the spacing is a panel’s module'],
] as const;
const LOADS = [
  ['fence', 'Nothing besides the walls', ''],
  ['cover', 'A net or mesh cover', 'set deeper and closer'],
  ['roof', 'A roof', 'to the frost depth as well'],
] as const;
const SETTINGS = [
  ['tamped', 'Soil, tamped', 'enough for a light run'],
  ['concrete', 'Concrete', 'for gates; bags and time'],
] as const;

/** Every question of the posts in one scope; `products` in the order of the edition. */
export function postOptions(
  { market, reader, scope, choices }: Asking,
  products: readonly string[],
  roles: readonly PostRole[],
): readonly OptionGroup[] {
  const perRole = roles.flatMap((role): OptionGroup[] => {
    const postNow = choices.posts[role];
    const sold = products.filter((id) => id === postNow || market.posts(id).some((u) => u.price !== null));
    const kind: OptionGroup = {
      id: `post-${role}`,
      name: capital(ROLE_NAMES[role][1]),
      options: sold.map((id) => ({
        key: id,
        title: postName(market.post(id), reader),
        note: { dug: 'dug in', driven: 'driven, no rot', spike: 'no digging, low walls' }[
          market.post(id).standing
        ],
        chosen: id === postNow,
        change: { verb: 'set-posts', scope, posts: { [role]: id } },
      })),
    };
    if (market.post(postNow).standing !== 'dug') return [kind];
    const setting = questionOf(
      { id: `setting-${role}`, name: `${capital(ROLE_NAMES[role][1])} are set in`, answers: SETTINGS },
      choices.setting[role],
      (key) => ({ verb: 'set-setting', scope, setting: { [role]: key } }),
    );
    return [kind, setting];
  });
  return [
    questionOf({ id: 'bays', name: 'Bays', answers: BAYS }, choices.bays, (bays) => ({
      verb: 'set-bays',
      scope,
      bays,
    })),
    questionOf({ id: 'load', name: 'The posts carry', answers: LOADS }, choices.load, (load) => ({
      verb: 'set-load',
      scope,
      load,
    })),
    ...perRole,
  ];
}
