import type { Goods } from '../../catalogue/goods';
import type { RollPrices } from '../../catalogue/market';
import { nearestSize } from '../../buying/fits';
import { type Finding, finding } from '../../findings/types';
import type { Change } from '../../plan/changes/types';
import type { Building, Plan, Tree } from '../../plan/schema';
import { EPSILON, tidy } from '../../units/round';
import { type Opening, partsFence, hangingOf } from '../ways/kinds';
import { type OpeningLimits, passing, shorterSide } from '../threats/openings';
import { breaking, finerMesh, tornBy, wireAgainst } from '../threats/strongMesh';
import { openingsIn } from './arched';
import type { Unshaped } from './arched';
import { DRAGS_AT_MOST, type Moved } from './frame/moved';
import { rowOf } from './kinds';
import { LIMITS } from './limits';
import { meet, shrunk } from './overlap';
import { movedClear } from './proposed';
import { type ArchShape, headroomOver, hungEnds, isUnder, outlineOf } from './shape';
import { filmOf } from './skin/film';

/** Less is a tape's slip, m. */
const TOLERANCE = 0.01;
/** A foot that stands so much higher than the other tilts the curve, m. */
const TILTED = 0.03;
/** A place beside the middle is looked for in steps so long, m. */
const STEP = 0.01;

type Arm = { readonly on: 'arch'; readonly arch: string };
const partOf = ({ arch }: Pick<ArchShape, 'arch'>): Arm => ({ on: 'arch', arch: arch.id });
const set = (id: string, to: object): Change => ({ verb: 'set-arch', id, to });
const lay = (id: string, to: { readonly base?: number; readonly length?: number }): Change => ({
  verb: 'place-arch',
  id,
  to,
});

/** A run that is no rectangle between two feet. */
export const unshapedFindings = (unshaped: readonly Unshaped[]): readonly Finding[] =>
  unshaped.map(({ arch, name, why, sides }) =>
    finding('arch.not-square', 'mend', 'arch', { on: 'arch', arch: arch.id }, { name, why }, [
      // Of four sides a rectangle is made; over others no arch stands.
      { verb: sides === 4 ? 'square-arch' : 'remove-arch', id: arch.id },
    ]),
  );

/** Whether it stands, and how: too short, too flat, too steep, leaning out, tilted. */
function stands(shape: ArchShape): Finding[] {
  const { arch, name, base, bent, curve, tilt } = shape;
  const part = partOf(shape);
  const kind = arch.kind;
  if (!curve) {
    const params = { name, kind, bent, base };
    return [
      finding('arch.too-short', 'mend', 'arch', part, params, [
        lay(arch.id, { base: Math.ceil(bent * LIMITS.upright * 100) / 100 }),
      ]),
    ];
  }
  const found: Finding[] = [];
  const at = { name, kind, ratio: curve.ratio, rise: curve.rise };
  if (curve.ratio > LIMITS.most + EPSILON)
    found.push(
      finding('arch.flat', 'mend', 'arch', part, { ...at, base: bent * LIMITS.most }, [
        lay(arch.id, { base: Math.floor(bent * LIMITS.most * 100) / 100 }),
      ]),
    );
  if (curve.ratio < LIMITS.least - EPSILON)
    found.push(
      finding('arch.steep', 'mend', 'arch', part, { ...at, base: bent * LIMITS.least }, [
        lay(arch.id, { base: Math.ceil(bent * LIMITS.least * 100) / 100 }),
      ]),
    );
  else if (curve.endAngle > Math.PI / 2 + 1e-6)
    found.push(
      finding('arch.leans', 'know', 'arch', part, { ...at, angle: (curve.endAngle * 180) / Math.PI - 90 }, [
        lay(arch.id, { base: Math.ceil(bent * LIMITS.upright * 100) / 100 }),
      ]),
    );
  if (Math.abs(tilt) > TILTED)
    found.push(finding('arch.tilted', 'know', 'arch', part, { name, by: Math.abs(tilt), base }));
  return found;
}

/** The panels make it longer than it is laid out. */
function longer({ arch, name, ribs, wanted }: ArchShape): Finding[] {
  if (Math.abs(ribs.built - wanted) < TOLERANCE) return [];
  const params = { name, kind: arch.kind, count: ribs.count, built: ribs.built, wanted };
  return [
    finding('arch.longer', 'mend', 'arch', partOf({ arch }), params, [
      lay(arch.id, { length: tidy(ribs.built) }),
    ]),
  ];
}

/** What stands where it is to stand, and what hangs over it. */
function ground(shape: ArchShape, trees: readonly Tree[], buildings: readonly Building[]): Finding[] {
  const { name } = shape;
  const part = partOf(shape);
  const own = shrunk(outlineOf(shape));
  const reach = (t: Tree): boolean => isUnder(shape, t.at, t.crown);
  const clear = (plan: Plan) => movedClear(plan, shape.arch.id);
  return [
    ...buildings
      .filter((b) => b.stands === 'walls' && meet(own, b.outline, 0))
      .map((b) => finding('arch.through-house', 'mend', 'arch', part, { name, building: b.name }, clear)),
    ...trees.flatMap((t): Finding[] => {
      if (isUnder(shape, t.at, t.trunk / 2))
        return [finding('arch.through-tree', 'mend', 'arch', part, { name, tree: t.name }, clear)];
      return reach(t) ? [finding('arch.limbs', 'know', 'arch', part, { name, tree: t.name })] : [];
    }),
  ];
}

/** How near to the middle an opening so wide and high must begin, from its side's beginning, m; null where it fits nowhere. */
function placeFor(shape: ArchShape, opening: Opening, high: number): number | null {
  const { base, curve, top } = shape;
  if (!curve || high > top + EPSILON) return null;
  const middle = (base - opening.width) / 2;
  if (headroomOver(shape, { along: middle, width: opening.width }) < high - EPSILON) return null;
  // From where it is towards the middle: the first place where both its edges are high enough.
  const way = Math.sign(middle - opening.along);
  const reach = Math.abs(middle - opening.along);
  for (let moved = 0; moved < reach; moved += STEP) {
    const along = tidy(opening.along + way * moved);
    if (headroomOver(shape, { along, width: opening.width }) >= high - EPSILON) return along;
  }
  return tidy(middle);
}

/** Doors and gates in its ends: higher than the curve there, and whether a keeper gets in. */
function doors(shape: ArchShape, openings: readonly Opening[], stature: number): Finding[] {
  const { name, top } = shape;
  const within = openingsIn(shape, openings);
  const high = within.flatMap((opening): Finding[] => {
    const hanging = hangingOf(opening);
    const height = hanging.hangs === 'posts' ? hanging.height : (hanging.bottom ?? 0) + hanging.height;
    if (height === null) return [];
    const there = headroomOver(shape, opening);
    if (height <= there + EPSILON) return [];
    const lower = Math.floor((there - (hanging.hangs === 'mesh' ? (hanging.bottom ?? 0) : 0)) * 100) / 100;
    const along = placeFor(shape, opening, height);
    const mends: Change[] = [
      ...(lower > 0.2 ? [{ verb: 'set-opening', id: opening.id, to: { height: lower } } as const] : []),
      ...(along !== null ? [{ verb: 'set-opening', id: opening.id, to: { along } } as const] : []),
    ];
    const by = along === null ? null : Math.abs(along - opening.along);
    const params = { way: opening.kind, height, there, by };
    return [finding('arch.door-high', 'mend', 'arch', { on: 'opening', opening: opening.id }, params, mends)];
  });
  const low =
    within.some(partsFence) && top < stature - EPSILON && top > 0
      ? [finding('arch.stoop', 'know', 'arch', partOf(shape), { name, top, stature })]
      : [];
  return [...high, ...low];
}

/** What gets through the mesh that closes it. */
export interface ArchMeshBy {
  readonly limits: OpeningLimits;
  readonly goods: Goods & Pick<RollPrices, 'meshRate'>;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
}

function passes(shape: ArchShape, { limits, goods, ...about }: ArchMeshBy): Finding[] {
  const { arch } = shape;
  const id = arch.skin ?? rowOf(arch).mesh(arch);
  const part = partOf(shape);
  if (id === null)
    return [
      finding('arch.bare', 'mend', 'arch', part, { name: shape.name }, [set(arch.id, { skin: 'welded-25' })]),
    ];
  const mesh = goods.mesh(id);
  const opening = shorterSide(mesh);
  const finer = (limit: number, wire: number) => () => {
    const better = finerMesh(goods, limit, wire);
    return better === undefined ? [] : [set(arch.id, { skin: better })];
  };
  const through = passing(limits, opening);
  const found = (['mend', 'know'] as const).flatMap((severity): Finding[] => {
    const these = through.filter((t) => t.onlyKnow === (severity === 'know'));
    if (these.length === 0) return [];
    const limit = Math.min(...these.map((t) => t.limit));
    const params = { of: 'skin' as const, opening, threats: these.map((t) => t.threat), limit, from: 0 };
    return [
      finding(
        'opening.passes',
        severity,
        'arch',
        part,
        params,
        finer(limit, wireAgainst(about, breaking(about))),
      ),
    ];
  });
  if (limits.bird && opening > limits.bird.opening + EPSILON)
    found.push(
      finding(
        'birds.through',
        'mend',
        'arch',
        part,
        { kind: limits.bird.kind, opening, holds: limits.bird.opening },
        finer(limits.bird.opening, 0),
      ),
    );
  const torn = tornBy(about, mesh.type, mesh.wire);
  if (torn)
    found.push(
      finding(
        'mesh.torn',
        'mend',
        'arch',
        part,
        { of: 'skin', ...torn, wire: mesh.wire },
        finer(limits.largestOpening ?? 1, wireAgainst(about, torn.threats)),
      ),
    );
  return found;
}

/** What nothing sold is long or large enough for. */
function sold(shape: ArchShape, goods: Goods): Finding[] {
  const { arch, name, bent } = shape;
  const part = partOf(shape);
  const found: Finding[] = [];
  if ('pipe' in arch) {
    const longest = Math.max(...goods.timber(arch.pipe).lengths);
    if (bent > longest + EPSILON)
      found.push(
        finding('arch.long-hoop', 'mend', 'arch', part, { name, bent, longest }, [
          set(arch.id, { bent: longest }),
        ]),
      );
  } else {
    const longest = Math.max(...goods.mesh(arch.panel).lengths);
    if (bent > longest + EPSILON)
      found.push(
        finding('arch.long-panel', 'mend', 'arch', part, { name, bent, longest }, [
          set(arch.id, { bent: null }),
        ]),
      );
  }
  const film = filmOf(shape);
  if (film && arch.film !== null) {
    const of = arch.film;
    const sizes = goods
      .widths(of)
      .flatMap((width) => goods.rollLengths(of, width).map((length) => ({ width, length })));
    const nearest = nearestSize(film, sizes);
    const short = nearest?.short ?? film;
    if (short.across + short.along > EPSILON)
      found.push(
        finding('arch.film-small', 'mend', 'arch', part, {
          name,
          across: short.across,
          along: short.along,
          ...(nearest?.size ?? { width: 0, length: 0 }),
        }),
      );
  }
  return found;
}

function others(shape: ArchShape, moved: Moved | null): Finding[] {
  const { arch, name, ends } = shape;
  const part = partOf(shape);
  return [
    ...ends.flatMap((end): Finding[] => {
      const at = { on: 'side', side: end.side.side.id } as const;
      if (end.closed === 'open')
        return [
          finding('arch.open-end', 'mend', 'arch', at, { name, side: end.side.number }, [
            { verb: 'set-side-kind', side: end.side.side.id, kind: 'arch-end' },
          ]),
        ];
      return end.closed === 'hung' && end.building
        ? [finding('arch.round-house', 'know', 'arch', at, { name, building: end.building.name })]
        : [];
    }),
    ...(moved && moved.pull > DRAGS_AT_MOST
      ? [
          finding(
            'arch.heavy',
            'know',
            'arch',
            part,
            { name, ...moved, most: DRAGS_AT_MOST },
            arch.moved === 'skids' ? [set(arch.id, { moved: 'wheels' })] : [],
          ),
        ]
      : []),
    ...(arch.board === 0 && hungEnds(shape).length > 0 && arch.moved === 'fixed'
      ? [finding('arch.no-board', 'know', 'arch', part, { name }, [set(arch.id, { board: 0.15 })])]
      : []),
  ];
}

export interface ArchFindingsBy extends ArchMeshBy {
  readonly shapes: readonly ArchShape[];
  readonly openings: readonly Opening[];
  readonly trees: readonly Tree[];
  readonly buildings: readonly Building[];
  readonly stature: number;
  readonly moved: ReadonlyMap<string, Moved | null>;
}

/** Everything that is found about arches but their strength. */
export function archFindings(by: ArchFindingsBy): readonly Finding[] {
  return by.shapes.flatMap((shape): Finding[] => [
    ...stands(shape),
    ...longer(shape),
    ...ground(shape, by.trees, by.buildings),
    ...(shape.curve
      ? [
          ...doors(shape, by.openings, by.stature),
          ...passes(shape, by),
          ...sold(shape, by.goods),
          ...others(shape, by.moved.get(shape.arch.id) ?? null),
        ]
      : []),
  ]);
}
