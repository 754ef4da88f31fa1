import type { Goods } from '../../../catalogue/goods';
import type { RollPrices } from '../../../catalogue/market';
import { type Finding, finding } from '../../../findings/types';
import type { Plan } from '../../../plan/schema';
import { EPSILON } from '../../../units/round';
import { type OpeningLimits, passing, shorterSide } from '../../threats/shown/openings';
import { breaking, finerMesh, tornBy, wireAgainst } from '../../threats/shown/strongMesh';
import { makeupOf } from '../plan/kinds';
import type { ArchShape } from '../shape';
import { partOf, set } from './of';

/** What gets through the mesh that closes it. */
export interface ArchMeshBy {
  readonly limits: OpeningLimits;
  readonly goods: Goods & Pick<RollPrices, 'meshRate'>;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
}

/** What gets through its mesh, tears it, or finds none there. */
export function passes(shape: ArchShape, { limits, goods, ...about }: ArchMeshBy): Finding[] {
  const { arch } = shape;
  const id = arch.skin ?? makeupOf(arch).panels?.mesh ?? null;
  const part = partOf(shape);
  if (id === null)
    return [
      finding('arch.bare', { severity: 'mend', stage: 'arch', part }, { name: shape.name }, [
        set(arch.id, { skin: 'welded-25' }),
      ]),
    ];
  const mesh = goods.mesh(id);
  const opening = shorterSide(mesh);
  const finer = (limit: number, wire: number) => () => {
    const better = finerMesh(goods, limit, wire);
    return better === undefined ? [] : [set(arch.id, { skin: better })];
  };
  const found = passing(limits, opening, 'within-reach').map((passed): Finding => {
    const { code, severity, threats, limit, mendTo } = passed;
    const params = { of: 'skin' as const, opening, threats, limit, from: 0 };
    return finding(
      code,
      { severity, stage: 'arch', part },
      params,
      finer(mendTo, wireAgainst(about, breaking(about))),
    );
  });
  if (limits.bird && opening > limits.bird.opening + EPSILON)
    found.push(
      finding(
        'birds.through',
        { severity: 'mend', stage: 'arch', part },
        { kind: limits.bird.kind, opening, holds: limits.bird.opening },
        finer(limits.bird.opening, 0),
      ),
    );
  const torn = tornBy(about, mesh.type, mesh.wire);
  if (torn)
    found.push(
      finding(
        'mesh.torn',
        { severity: 'mend', stage: 'arch', part },
        { of: 'skin', ...torn, wire: mesh.wire },
        finer(limits.largestOpening ?? 1, wireAgainst(about, torn.threats)),
      ),
    );
  return found;
}
