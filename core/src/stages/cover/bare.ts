import { type Guarded, stillCome } from '../../findings/guarded';
import { type Finding, finding } from '../../findings/types';
import type { FenceLine } from '../../ground/fenceLines';
import { roofOver } from '../../ground/roofed';
import type { Ring } from '../../ground/survey';
import type { Change } from '../../plan/changes/types';
import type { Facet } from '../../plan/effective';
import type { Building } from '../../plan/schema';
import type { WallTop } from '../walls/shown/wallTop';
import { proposed } from './proposed';
import { type About, type Walls, fromAbove } from './wanted';

/** What lies over a run and keeps out what comes from above, m². */
export interface Lying {
  readonly cover: string;
  readonly enclosure: string;
  readonly area: number;
  /** It was drawn over a part of the run. */
  readonly partly: boolean;
}

/** So much of a run under covers is all of it: edges are tucked and trimmed. */
const WHOLE = 0.98;

export interface BareBy extends About {
  readonly lying?: readonly Lying[];
  readonly rings: readonly Ring[];
  readonly buildings: readonly Building[];
  readonly guarded: readonly Guarded[];
  readonly tops: ReadonlyMap<FenceLine, WallTop>;
  readonly bands: ReadonlyMap<FenceLine, Facet<'bands'>>;
}

function lowest({ tops, bands }: Pick<BareBy, 'tops' | 'bands'>, open: readonly Ring[]): Walls {
  const sides = new Set(open.flatMap((r) => r.sides.map((s) => s.side.id)));
  const lines = [...tops].filter(([line]) => line.members.some((m) => sides.has(m.ringSide.side.id)));
  return {
    top: Math.min(...lines.map(([, { top }]) => top)),
    overhang: Math.min(...lines.map(([line]) => bands.get(line)?.overhang ?? 0)),
  };
}

/** Where no cover keeps out what comes from above: runs with nothing over them, and who comes in there: worth knowing, since birds are shut in at night wherever nothing lies over them (rules: Cover). */
export function bareFindings(by: BareBy): readonly Finding[] {
  const { rings, buildings, guarded, lying = [] } = by;
  const over = (ring: Ring) => lying.filter((l) => l.enclosure === ring.enclosure);
  // An arch is its own roof, and what stands on posts over a run is one.
  const open = rings.filter(
    (ring) =>
      !ring.sides.some(({ side }) => side.kind === 'arch-foot') &&
      !roofOver(ring, buildings) &&
      over(ring).reduce((total, { area }) => total + area, 0) < WHOLE * ring.area,
  );
  if (open.length === 0) return [];
  const walls = lowest(by, open);
  const coming = fromAbove(by, walls);
  const threats = coming.filter((id) => open.some((r) => stillCome(guarded, r.enclosure, [id]).length > 0));
  const partly = open.flatMap(over).filter((l) => l.partly);
  const whole = (): readonly Change[] =>
    partly.map(({ cover }) => ({ verb: 'set-cover', id: cover, to: { outline: null } }));
  return threats.length === 0
    ? []
    : [
        finding(
          'cover.bare',
          { severity: 'know', stage: 'cover', part: { on: 'plan' } },
          { threats, of: lying.length > 0 ? 'part' : 'all' },
          partly.length > 0 ? whole : proposed,
        ),
      ];
}
