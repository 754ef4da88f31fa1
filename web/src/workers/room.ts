import {
  LATER,
  LATER_IDS,
  type LaterId,
  type LaterStages,
  type Mender,
  type Plan,
  type Previewer,
  type ReckonMore,
  type Reckoning,
  type VerdictMender,
  menderWith,
  previewerWith,
  reckonerWith,
  tablesWith,
  told,
  usedLater,
  verdictMenderWith,
} from '@aviarum/core';

let there: Partial<LaterStages> = {};
let tables = tablesWith(there);
const tablesNow = (plan: Plan) => tables(plan);

async function fetchLater(ids: readonly LaterId[]): Promise<void> {
  const missing = ids.filter((id) => there[id] === undefined);
  if (missing.length === 0) return;
  const fetched = await Promise.all(missing.map(async (id) => [id, await LATER[id].fetched()] as const));
  there = { ...there, ...Object.fromEntries(fetched) };
  tables = tablesWith(there);
}

/** Fetches what a plan needs to be worked out. */
export const readyFor = (plan: Plan): Promise<void> => fetchLater(usedLater(plan));
/** Fetches everything: what a change would do may need any of it. */
export const readyForAll = (): Promise<void> => fetchLater(LATER_IDS);

/** Each keeps what it worked out when another stage is fetched: answers are remembered by steps, not by tables. */
export const newReckoner = (): ((plan: Plan, more?: ReckonMore) => Reckoning) => {
  const reckoner = reckonerWith(tablesNow);
  return (plan, more) => told(reckoner.read(plan, more));
};
export const newPreviewer = (): Previewer => previewerWith(tablesNow);
export const newMender = (): Mender => menderWith(tablesNow);
export const newVerdictMender = (): VerdictMender => verdictMenderWith(tablesNow);
