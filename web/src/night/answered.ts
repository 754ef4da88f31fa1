import { type Plan, THREAT_IDS, USUAL_THREATS } from '@aviarum/core';

/** Whether the keeper has said what is about: settled it, or named anybody otherwise than is usual. */
export const isAnswered = ({ settled, threats }: Pick<Plan, 'settled' | 'threats'>): boolean =>
  settled.threats === true ||
  THREAT_IDS.some((id) => (threats[id] ?? 'absent') !== (USUAL_THREATS[id] ?? 'absent'));
