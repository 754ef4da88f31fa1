import type { ThreatId } from '../threats/plan/kinds';

/**
 * How each threat comes to a live net (rules: Live nets): with nose or paw on the ground, and whether it climbs or jumps in from what stands near; at a
 * jump that clears a low net; in a coat that takes more; through the air; or as a person.
 */
export const MEETS: Readonly<
  Record<ThreatId, 'ground' | 'climbs' | 'jumps' | 'strong' | 'flies' | 'person'>
> = {
  fox: 'climbs',
  coyote: 'jumps',
  dog: 'jumps',
  'heavy-dog': 'jumps',
  raccoon: 'climbs',
  opossum: 'climbs',
  skunk: 'ground',
  badger: 'ground',
  mink: 'climbs',
  weasel: 'climbs',
  marten: 'climbs',
  rat: 'climbs',
  mouse: 'climbs',
  snake: 'climbs',
  cat: 'climbs',
  lynx: 'jumps',
  pig: 'ground',
  bear: 'strong',
  hawk: 'flies',
  eagle: 'flies',
  owl: 'flies',
  crow: 'flies',
  'wild-birds': 'flies',
  person: 'person',
};

/** Whom a live net holds that is closed and strong enough: all that touch it, but for what comes by air, as a person, or in a coat that takes more. */
export const HELD_BY_NETS: readonly ThreatId[] = (Object.keys(MEETS) as ThreatId[]).filter(
  (id) => !['flies', 'person', 'strong'].includes(MEETS[id]),
);
