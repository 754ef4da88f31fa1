import type { Change } from '../../../plan/changes/types';
import type { LiveNet, Power } from '../plan/choice';

export const partOf = ({ id }: Pick<LiveNet, 'id'>) => ({ on: 'net', net: id }) as const;
export const setNet = (id: string, to: Partial<Omit<LiveNet, 'id'>>): Change => ({ verb: 'set-net', id, to });
export const setPower = (to: Partial<Power>): Change => ({ verb: 'set-power', to });
export const POWER_PART = { on: 'power' } as const;
