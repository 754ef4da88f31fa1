import type { Plan } from '@aviarum/core';
import {
  FILE_PROBLEMS,
  LARGEST_FILE,
  type TrackPart,
  UnreadableFile,
  placePart,
  readTracks,
  thinTrack,
} from '@aviarum/core/formats';

/** One line of the file, without its places: those stay here. */
export interface PartSummary {
  readonly name: string;
  readonly kind: TrackPart['kind'];
  readonly count: number;
}

export type Read =
  | { readonly ok: true; readonly parts: readonly PartSummary[] }
  | { readonly ok: false; readonly message: string };

let parts: readonly TrackPart[] = [];

/** Files of tracks: one at a time, whose places stay here. */
export const TRACKS = {
  async read(file: Blob, onProgress: (share: number) => void): Promise<Read> {
    try {
      if (file.size > LARGEST_FILE) throw new UnreadableFile('too-large');
      const text = await file.text();
      const pause = () => new Promise<void>((go) => setTimeout(go, 0));
      parts = await readTracks(text, { onProgress, pause });
      return {
        ok: true,
        parts: parts.map(({ name, kind, points }) => ({ name, kind, count: points.length })),
      };
    } catch (error) {
      if (error instanceof UnreadableFile) return { ok: false, message: FILE_PROBLEMS[error.problem] };
      throw error;
    }
  },
  /** A part as an outline in the plan's metres. */
  outline(index: number, tolerance: number, plan: Pick<Plan, 'place' | 'ground'>) {
    const part = parts[index];
    if (!part) return null;
    const { points, place } = placePart(part, plan);
    return { ...thinTrack(points, tolerance), place };
  },
};

export type Tracks = typeof TRACKS;
