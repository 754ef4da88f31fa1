import { type PostRole } from '../../../plan/schema';
export const ROLE_NAMES: Readonly<Record<PostRole, readonly [one: string, many: string]>> = {
  corner: ['corner post', 'corner posts'],
  end: ['end post', 'end posts'],
  wall: ['wall post', 'wall posts'],
  gate: ['gate post', 'gate posts'],
  line: ['line post', 'line posts'],
};
