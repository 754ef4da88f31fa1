import type { Gate } from '../../plan/schema';

/** What a gate is until the keeper says otherwise; its place and width come with it. */
export const PLAIN_GATE = {
  kind: 'gate',
  gap: 0.013,
  hinge: 'near',
  swing: 'out',
  make: 'kit',
  height: null,
  catches: 'one-step',
  closer: 'none',
  lock: 'none',
  sill: 'board',
} as const satisfies Omit<Gate, 'id' | 'side' | 'along' | 'width'>;
