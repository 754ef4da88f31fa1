import type { AssumedRow } from '../../../working/assumed';
import type { ROUGH } from '../plan/assumed';

const row = (name: string, unit: AssumedRow['unit'], ...told: AssumedRow['told']): AssumedRow => ({
  name,
  unit,
  touches: unit === 'h' ? ['hours'] : ['findings'],
  told,
});

/** Rough figures of arches as the keeper sees them. */
export const ROUGH_ROWS: Readonly<Record<keyof typeof ROUGH, AssumedRow>> = {
  stakeHolds: row('A stake of a base board holds', 'kN'),
  hoursArchPanel: row('A panel bent and set between its boards', 'h', 'hours.arch-frame'),
  hoursArchHoop: row('A hoop bent and set', 'h', 'hours.arch-frame'),
};
