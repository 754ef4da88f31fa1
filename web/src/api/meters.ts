import { type Reading, type StandIn } from '@aviarum/core';
import { ask } from './client';

const at = (holding: string, meter: string) => `/holdings/${holding}/meters/${meter}`;
const DELETE = { method: 'DELETE' } as const;

/** Readings of the last days, and the stand-in where there is one. */
export const meter = (holding: string, id: string) => ask('meter', at(holding, id));
/** All or none. @throws ApiError naming each reading that is wrong */
export const addReadings = (
  holding: string,
  id: string,
  readings: readonly Reading[],
  from: 'device' | 'hand',
) =>
  ask('readingsTaken', `${at(holding, id)}/readings?from=${from}`, {
    method: 'POST',
    body: { readings },
  });
export const forgetReadings = (holding: string, id: string) =>
  ask('nothing', `${at(holding, id)}/readings`, DELETE);
export const putStandIn = (holding: string, id: string, setting: StandIn) =>
  ask('meter', `${at(holding, id)}/stand-in`, { method: 'PUT', body: setting });
export const removeStandIn = (holding: string, id: string) =>
  ask('nothing', `${at(holding, id)}/stand-in`, DELETE);
