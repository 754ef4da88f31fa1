import { layersBy } from '../../catalogue/layer';
import type { RollMarket } from '../../catalogue/market';
import type { Barrier, Footing, FootLaid } from '../../findings/barrier';
import type { FenceLine } from '../../ground/fenceLines';
import { outerSides } from '../../ground/outerSides';
import type { Ring } from '../../ground/survey';
import type { Change } from '../../plan/changes/types';
import { scopeOf } from '../../plan/effective';
import type { PartRef } from '../../plan/partRef';
import type { Building, Plan } from '../../plan/schema';
import type { ThreatId } from '../threats/plan/kinds';
import { finerMesh, wireAgainst } from '../threats/shown/strongMesh';
import { isPresent, threatIn } from '../threats/plan/kinds';
import { housesOf } from '../../ground/houses';
import { openEnds } from './ends';
import { IN_THE_GROUND } from './findings';
import { type Skirt, isOfMesh, rowOf } from './plan/kinds';
import { type SkirtShape, shapeOf } from './plan/shape';
import { largeEnough, skirtOfKind } from './plan/wanted';
import type { SkirtLines } from './skirtLines';

/** What skirts hand over of themselves to be judged. */
export interface SkirtBarriersBy {
  readonly market: RollMarket;
  readonly rings: readonly Ring[];
  readonly skirted: SkirtLines;
  readonly buildings: readonly Building[];
}

type LayersOf = ReturnType<typeof layersBy>;

const skirtingOf = (skirt: Skirt, { mesh, depth, out }: SkirtShape, layers: LayersOf): FootLaid => ({
  depth,
  out,
  loose: rowOf(skirt).loose,
  layer: mesh === null ? null : (layers(mesh)[0] ?? null),
});

/** What was found at a foot: nobody dug up what it is of. */
const foundFoot = (foot: { readonly out: number; readonly depth: number | null }): FootLaid => ({
  depth: foot.depth ?? 0,
  out: foot.out,
  loose: false,
  layer: null,
});

/** As if only these were about. */
const only = (plan: Plan, threats: readonly ThreatId[]): Plan => ({
  ...plan,
  threats: Object.fromEntries(threats.map((id) => [id, 'seen' as const])),
});

/** A skirt that stops these: the same made larger, of a mesh that holds them. */
function stopping(market: RollMarket, now: Skirt, threats: readonly ThreatId[]) {
  return (plan: Plan): readonly Skirt[] => {
    const about = only(plan, threats);
    const diggers = threats.filter((id) => {
      const { dig, apron } = threatIn(plan, id);
      return isPresent(about, id) && (dig ?? apron) !== null;
    });
    const opening = Math.min(...diggers.map((id) => threatIn(plan, id).squeeze ?? Infinity));
    const mesh = finerMesh(market, opening, wireAgainst(plan, diggers), ({ id }) => IN_THE_GROUND.has(id));
    const large = largeEnough(about, now) ?? skirtOfKind(about, 'apron', now);
    const meshed = (skirt: Skirt): Skirt =>
      mesh !== undefined && isOfMesh(skirt) ? { ...skirt, mesh } : skirt;
    const kept = isOfMesh(now) && largeEnough(about, now) ? [large] : [];
    return [...kept, meshed(large), meshed(skirtOfKind(about, 'apron', { kind: 'none' }))];
  };
}

const setOn =
  (line: FenceLine) =>
  (plan: Plan, skirts: readonly Skirt[]): readonly Change[] =>
    skirts.map((skirt) => ({ verb: 'set-skirt', scope: scopeOf(plan, line.id, 'skirt'), skirt }));

/** What lies along each line of the fence. */
function alongLines(by: SkirtBarriersBy, layers: LayersOf): Footing[] {
  const { market, rings, skirted } = by;
  const outer = outerSides(rings);
  return skirted.lines.flatMap((line): Footing[] => {
    const enclosure = outer.get(line.id);
    const skirt = skirted.skirts.get(line);
    if (enclosure === undefined || !skirt) return [];
    const shape = shapeOf(skirt);
    const foot = line.standing?.foot ?? null;
    const part: PartRef = shape ? { on: 'skirt', side: line.id } : { on: 'side', side: line.id };
    return [
      {
        of: 'foot',
        stage: 'skirt',
        part,
        enclosure,
        side: line.id,
        closed: 'as laid',
        laid: [...(shape ? [skirtingOf(skirt, shape, layers)] : []), ...(foot ? [foundFoot(foot)] : [])],
        better: (threats) => (plan) => setOn(line)(plan, stopping(market, skirt, threats)(plan)),
      },
    ];
  });
}

/** Ends that nothing closes, at a house that is not as wide as the skirt. */
const atEnds = ({ rings, buildings, skirted }: SkirtBarriersBy, laid: ReadonlySet<FenceLine>): Footing[] => {
  const outer = outerSides(rings);
  return openEnds({ rings, buildings, skirted, carried: laid }).flatMap(
    ({ line, corner, skirt }): Footing[] => {
      const enclosure = outer.get(line.id);
      if (enclosure === undefined) return [];
      return [
        {
          of: 'foot',
          stage: 'skirt',
          part: { on: 'corner', corner },
          enclosure,
          side: line.id,
          closed: 'open',
          laid: [],
          better: () => (plan) => setOn(line)(plan, [skirtOfKind(plan, 'house-apron', skirt)]),
        },
      ];
    },
  );
};

/** Houses whose floor is known: earth is dug through, anything else is not. */
function underHouses({ market, rings, buildings }: SkirtBarriersBy, layers: LayersOf): Footing[] {
  return housesOf(buildings, rings).flatMap(({ building, enclosure }): Footing[] => {
    const { id, floor, skirt, foot } = building;
    if (!floor && !skirt) return [];
    const shape = skirt ? shapeOf(skirt) : null;
    return [
      {
        of: 'foot',
        stage: 'skirt',
        part: { on: 'building', building: id },
        enclosure,
        side: null,
        closed: floor?.kind === 'earth' ? 'as laid' : 'solid',
        laid: [
          ...(skirt && shape ? [skirtingOf(skirt, shape, layers)] : []),
          ...(foot ? [foundFoot(foot)] : []),
        ],
        better: (threats) => (plan) =>
          stopping(
            market,
            skirt ?? { kind: 'none' },
            threats,
          )(plan).map((laid) => ({
            verb: 'set-on-ground',
            list: 'buildings',
            id,
            to: { skirt: laid },
          })),
      },
    ];
  });
}

/** @param carried  lines whose skirt goes on along the house */
export function skirtBarriers(by: SkirtBarriersBy, carried: ReadonlySet<FenceLine>): readonly Barrier[] {
  const layers = layersBy(by.market);
  return [...alongLines(by, layers), ...atEnds(by, carried), ...underHouses(by, layers)];
}
