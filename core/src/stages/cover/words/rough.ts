import { FOOT } from '../../../units/factors';
import type { AssumedRow } from '../../../working/assumed';
import type { ROUGH } from '../plan/assumed';

const row = (name: string, unit: AssumedRow['unit'], ...told: AssumedRow['told']): AssumedRow => ({
  name,
  unit,
  touches: unit === 'h' ? ['hours'] : ['findings'],
  told,
});

/** Rough figures of covers as the keeper sees them. */
export const ROUGH_ROWS: Readonly<Record<keyof typeof ROUGH, AssumedRow>> = {
  groundSnow: row('Snow lying on the ground', 'kPa', 'strength.snow'),
  gust: row('Strongest gust', 'm/s'),
  strapHolds: row('A strap holds, with both its anchors', 'kN'),
  screwHolds: row('A screw with its washer holds', 'kN'),
  hoursCoverStrip: {
    ...row('A square metre of strips or sheets laid', 'h', 'hours.cover'),
    feet: { name: 'A square foot of strips or sheets laid', per: FOOT ** 2 },
  },
  hoursCoverNet: {
    ...row('A square metre of net, tarp or film put up', 'h', 'hours.net'),
    feet: { name: 'A square foot of net, tarp or film put up', per: FOOT ** 2 },
  },
};
