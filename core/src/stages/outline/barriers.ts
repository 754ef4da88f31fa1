import type { Layer } from '../../catalogue/layer';
import type { Barrier } from '../../findings/barrier';
import { roofOver } from '../../ground/roofed';
import { outerSides } from '../../ground/outerSides';
import type { Ring, RingSide } from '../../ground/survey';
import type { Mends } from '../../findings/types';
import type { Building } from '../../plan/schema';
import type { RoofKindId } from '../ground/plan/roof';

export interface OutlineBarriersBy {
  readonly rings: readonly Ring[];
  readonly buildings: readonly Building[];
}

/** What a roof that stands counts as, by its kind: of mesh and nets nobody knows more than that. */
const ROOF_LAYERS: Readonly<Record<RoofKindId, readonly Layer[]>> = {
  sheet: [{ type: 'corrugated', opening: 0, wire: 0, known: true }],
  boarded: [{ type: 'corrugated', opening: 0, wire: 0, known: true }],
  tarp: [{ type: 'tarp', opening: 0, wire: 0, known: true }],
  mesh: [{ type: 'hexagonal', opening: 0.05, wire: 0.0007, known: false }],
  net: [{ type: 'cover-net', opening: 0.05, wire: 0.0015, known: false }],
};

/** A side of the run that no fence of ours closes. */
function sideBarriers({ side }: RingSide, enclosure: string, buildings: readonly Building[]): Barrier[] {
  const at = { stage: 'outline', part: { on: 'side', side: side.id }, enclosure, side: side.id } as const;
  const building = side.kind === 'building' ? buildings.find((b) => b.id === side.building) : undefined;
  const through = side.kind === 'open' || building?.stands === 'posts';
  if (through) {
    const fence: Mends = [{ verb: 'set-side-kind', side: side.id, kind: 'fence' }];
    return [
      {
        of: 'pane',
        ...at,
        what: 'side',
        layers: [],
        hole: Infinity,
        near: true,
        from: 0,
        finer: () => fence,
      },
    ];
  }
  // A wall of stone is climbed and jumped like any other; nobody has said how high it is.
  if (side.kind === 'wall') return [{ of: 'top', ...at, height: null, overhang: 0, gap: 0 }];
  return building ? [{ of: 'top', ...at, height: building.eaves, overhang: 0, gap: 0 }] : [];
}

/** Sides that are left open, walls that were there, and roofs that stand over a run. */
export function outlineBarriers({ rings, buildings }: OutlineBarriersBy): readonly Barrier[] {
  const outer = outerSides(rings);
  return rings.flatMap((ring): Barrier[] => {
    const { enclosure, sides } = ring;
    const roof = roofOver(ring, buildings);
    return [
      ...sides
        .filter((s) => outer.get(s.side.id) === enclosure)
        .flatMap((s) => sideBarriers(s, enclosure, buildings)),
      ...(roof
        ? [
            {
              of: 'lid' as const,
              stage: 'ground' as const,
              part: { on: 'building' as const, building: roof.id },
              enclosure,
              side: null,
              layers: ROOF_LAYERS[roof.roof?.kind ?? 'sheet'],
              share: 1,
              finer: () => [],
            },
          ]
        : []),
    ];
  });
}
