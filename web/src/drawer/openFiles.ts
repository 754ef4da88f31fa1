import { type Plan, apply, newId, propose, type Problem, utf8, withGate } from '@aviarum/core';
import { proxy, wrap } from 'comlink';
import { ApiError, createPlan, putHoldingBack } from '../api/client';
import type { ChecksApi } from '../checks/checks.worker';
import { outside } from '../checks/ask';
import { startChecks } from '../checks/start';
import { traced } from '../survey/traced';
import { problemSaying } from './told';

/** A plan is far smaller, bytes. */
const MOST = 2_000_000;
/** A track is thinned to within this, m: what a telephone's places are worth. */
const WITHIN = 1;

/** A file that was not taken, field by field. */
export class NotTaken extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super('the file was not taken');
  }
}
const notTaken = (message: string) => new NotTaken([problemSaying(message)]);

const freshId = (taken: readonly { readonly id: string }[]) =>
  newId('p', taken, Math.random) + newId('', [], Math.random);

/** Saves a plan that came from elsewhere; under another id where its own is taken here, if only in the bin. */
async function create(
  holding: string,
  plan: Plan,
  taken: readonly { readonly id: string }[],
): Promise<string> {
  const other = () => ({ ...plan, id: freshId(taken) });
  const first = taken.some((p) => p.id === plan.id) ? other() : plan;
  const made = await createPlan(holding, first).catch((error: unknown) => {
    if (error instanceof ApiError && error.status === 409) return createPlan(holding, other());
    throw error;
  });
  return `/h/${holding}/p/${made.id}/outline`;
}

/** A walked track or an outline as a run of its own, with a gate in its longest side. */
async function planOfTrack(file: File, taken: readonly { readonly id: string }[]): Promise<Plan> {
  const worker = startChecks();
  try {
    const api = wrap<ChecksApi>(worker);
    const read = await api.readTrack(
      file,
      proxy(() => undefined),
    );
    if (!read.ok) throw notTaken(read.message);
    const name = file.name.replace(/\.\w+$/, '').slice(0, 100) || 'Walked run';
    const bare = propose({ id: freshId(taken), name, units: 'metric', flock: [], start: 'alone', sizes: {} });
    const empty: Plan = { ...bare, openings: [] };
    const outline = await api.outline(0, WITHIN, { place: empty.place, ground: empty.ground });
    if (!outline || outline.crosses)
      throw notTaken(
        'the track crosses itself, and a fence cannot; walk it again, or simplify it at Outline',
      );
    const plan = apply(empty, traced(empty, outline.corners, outline.place));
    const at = new Map(plan.corners.map((c) => [c.id, c]));
    const [longest] = plan.sides
      .map((side) => {
        const [a, b] = [at.get(side.from), at.get(side.to)];
        return { id: side.id, length: a && b ? Math.hypot(b.x - a.x, b.y - a.y) : 0 };
      })
      .sort((a, b) => b.length - a.length);
    return longest && longest.length > 1.5 ? withGate(plan, longest.id, longest.length) : plan;
  } finally {
    worker.terminate();
  }
}

const isTrack = (name: string) => /\.(gpx|kml|geojson)$/i.test(name);
const isHolding = (text: string) => /"format"\s*:\s*"aviarum-holding"/.test(text);

/**
 * Opens whatever file a keeper brings: a plan, a whole holding, a walked track or an outline.
 *
 * @returns where to go
 * @throws NotTaken with what is wrong; ApiError or NoConnection where the server did not take it
 */
export async function openFile(
  holding: string,
  file: File,
  taken: readonly { readonly id: string }[],
): Promise<string> {
  if (isTrack(file.name)) return create(holding, await planOfTrack(file, taken), taken);
  // A holding is sent as it is, however large: only its first line is looked at here.
  if (isHolding(await file.slice(0, 400).text())) return `/h/${(await putHoldingBack(file)).id}`;
  if (file.size > MOST) throw notTaken('the file is over 2 MB; a plan is far smaller');
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (utf8(bytes) === undefined) throw notTaken('the file is not UTF-8 text');
  const read = await outside.file(bytes);
  if (!read.ok) throw new NotTaken(read.problems);
  return create(holding, read.plan, taken);
}
