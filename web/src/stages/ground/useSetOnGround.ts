import type { Change } from '@aviarum/core';
import { usePlan } from '../../state/planStore';

type SetOnGround = Extract<Change, { verb: 'set-on-ground' }>;
type List = SetOnGround['list'];
/** What of a thing in this list can be set. */
type To<L extends List> = Extract<SetOnGround, { list: L }>['to'];

/** Sets what is given of one thing on the ground. */
export function useSetOnGround<L extends List>(list: L, id: string) {
  const take = usePlan((s) => s.take);
  return (to: To<L>) => take({ verb: 'set-on-ground', list, id, to } as SetOnGround);
}
