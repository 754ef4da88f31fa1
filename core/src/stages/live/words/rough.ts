import { FOOT } from '../../../units/factors';
import type { AssumedRow } from '../../../working/assumed';
import type { ROUGH } from '../plan/assumed';

const row = (name: string, unit: AssumedRow['unit'], ...told: AssumedRow['told']): AssumedRow => ({
  name,
  unit,
  touches: unit === 'h' ? ['hours'] : ['price', 'findings'],
  told,
});
const battery = (name: string, unit: AssumedRow['unit'], ...told: AssumedRow['told']): AssumedRow => ({
  ...row(name, unit, ...told),
  touches: ['findings'],
});

/** Rough figures of live nets as the keeper sees them. */
export const ROUGH_ROWS: Readonly<Record<keyof typeof ROUGH, AssumedRow>> = {
  joulesMown: row('Output for 50 m of live net on a mown strip', 'J'),
  joulesLight: row('Output for 50 m in light growth', 'J'),
  joulesHeavy: row('Output for 50 m in heavy growth', 'J'),
  drawPerJoule: battery('Current that an energiser draws for each joule', 'A'),
  drawAlways: battery('Current that an energiser draws beside', 'A'),
  batteryShare: battery('Of a battery’s capacity that may be used', 'share'),
  solarShare: battery('Of a solar panel’s rating that reaches the battery', 'share'),
  sunShare: battery('Of the sun’s energy outside the air that reaches the ground', 'share'),
  hoursNet: row('A net of 50 m set up', 'h', 'hours.live-nets'),
  hoursHotWireMetre: {
    ...row('A metre of hot wire drawn on its insulators', 'h', 'hours.hot-wire'),
    feet: { name: 'A foot of hot wire drawn on its insulators', per: FOOT },
  },
  hoursRod: row('An earth rod driven', 'h', 'hours.live-power'),
  hoursEnergiser: row('An energiser set up and tested', 'h', 'hours.live-power'),
};
