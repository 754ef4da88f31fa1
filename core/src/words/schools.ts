import { SCHOOLS as posts } from '../stages/posts/schools';
import { SCHOOLS as walls } from '../stages/walls/schools';
import { SCHOOLS as skirt } from '../stages/skirt/schools';
import { SCHOOLS as ways } from '../stages/ways/schools';

/** Where keepers disagree, joined from the stages. */
export const SCHOOLS = { ...posts, ...walls, ...skirt, ...ways } as const;
export type SchoolId = keyof typeof SCHOOLS;
