import { type KindId, nameOf } from '../../ways/plan/kinds';
import { type ThreatId } from '../plan/kinds';
import { type Reader } from '../../../saying/reader';
import { capital, sidesSaid } from '../../../saying/phrases';
import { type Use, USES } from '../../facts';
import { who, verb } from './whom';

export { cautions } from './advice';

export interface OpeningPasses {
  /** A gap, or the mesh of pieces for one use. */
  readonly of: Use | 'gate' | 'gap' | 'hollow' | 'standing' | 'house';
  /** Of a house: what of it. */
  readonly named?: string;
  readonly opening: number;
  /** The gate or door, where the gap is beside one. */
  readonly way?: KindId;
  readonly threats: readonly ThreatId[];
  readonly limit: number;
  readonly from: number;
  /** Of a gap or hollow: the side it is on. */
  readonly side?: number;
  /** Of a fence that stands: the sides that it is on. */
  readonly sides?: readonly number[];
}
export interface MeshTorn {
  readonly of: Use | 'standing' | 'house';
  /** Of a fence that stands: the sides that it is on. */
  readonly sides?: readonly number[];
  /** Of a house: what is over what of it. */
  readonly named?: string;
  readonly threats: readonly ThreatId[];
  readonly wire: number;
  readonly needs: number | null;
}

/** Where an opening is, as a sentence goes on. */
function openingIn({ of, way, from, side, sides = [], named }: OpeningPasses, r: Reader): string {
  const under = `under the mesh on side ${side ?? ''}`;
  const where = {
    gap: `the gap at the foot of a step, ${under}`,
    hollow: `a hollow ${under}`,
    gate: `the gap beside the ${nameOf(way ?? 'gate')}`,
    house: `the ${named ?? ''}`,
    standing:
      from > 0
        ? `the fence that stands on ${sidesSaid(sides)}, above ${r.length(from)}`
        : `the fence that stands on ${sidesSaid(sides)}`,
    band: from > 0 ? `the wall above ${r.length(from)}` : 'the foot of the wall',
  };
  return of in where ? where[of as keyof typeof where] : `the ${USES[of as Use].name}`;
}

/** What is found about threats. Lengths m. */
export const FINDINGS = {
  'opening.passes': (params: OpeningPasses, r: Reader) =>
    `${capital(who(params.threats))} ${verb(params.threats, 'gets', 'get')} through ${openingIn(params, r)}: ${r.opening(params.opening)} is not smaller than ${r.opening(params.limit)}.`,
  'opening.reached': (params: OpeningPasses, r: Reader) =>
    `${capital(who(params.threats))} ${verb(params.threats, 'takes', 'take')} birds through ${openingIn(params, r)} with a paw: ${r.opening(params.opening)} is not smaller than ${r.opening(params.limit)}.`,
  'mesh.torn': ({ of, sides = [], named, threats, wire, needs }: MeshTorn) => {
    const breaks = `${capital(who(threats))} ${verb(threats, 'breaks', 'break')}`;
    const torn =
      of === 'band'
        ? `${breaks} this mesh`
        : of === 'standing'
          ? `${breaks} the fence that stands on ${sidesSaid(sides)}`
          : of === 'house'
            ? `${breaks} the mesh over the ${named ?? ''}`
            : `${breaks} the ${USES[of].name}`;
    const mm = (metres: number) => `${(metres * 1000).toFixed(1)} mm`;
    if (needs === null)
      return threats.length === 1
        ? `${torn}: only welded mesh will stop it.`
        : `${torn}: only welded mesh will stop them.`;
    return `${torn}: wire of ${mm(needs)} is needed, this has ${mm(wire)}.`;
  },
} as const;
