import type { ThreatId } from '../plan/kinds';
import { THREATS } from '../plan/kinds';
import { listed } from '../../../saying/phrases';

/** Animals as a sentence calls them: `foxes and badgers`. */
export const who = (threats: readonly ThreatId[]): string => listed(threats.map((t) => THREATS[t].name));

/** One word where one kind of animal does it, another where several do. */
export const verb = (threats: readonly ThreatId[], one: string, many: string): string =>
  threats.length === 1 ? one : many;
