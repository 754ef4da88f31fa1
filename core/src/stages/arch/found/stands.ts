import { type Finding, finding } from '../../../findings/types';
import type { Building, Plan, Tree } from '../../../plan/schema';
import { EPSILON, tidy } from '../../../units/round';
import type { Unshaped } from '../arched';
import { LIMITS } from '../plan/limits';
import { meet, shrunk } from '../overlap';
import { movedClear } from '../proposed';
import { type ArchShape, isUnder, outlineOf } from '../shape';
import { lay, partOf } from './of';

/** Less is a tape's slip, m. */
const TOLERANCE = 0.01;
/** A foot that stands so much higher than the other tilts the curve, m. */
const TILTED = 0.03;

/** A run that is no rectangle between two feet. */
export const unshapedFindings = (unshaped: readonly Unshaped[]): readonly Finding[] =>
  unshaped.map(({ arch, name, why, sides }) =>
    finding(
      'arch.not-square',
      { severity: 'mend', stage: 'arch', part: { on: 'arch', arch: arch.id } },
      { name, why },
      [
        // Of four sides a rectangle is made; over others no arch stands.
        { verb: sides === 4 ? 'square-arch' : 'remove-arch', id: arch.id },
      ],
    ),
  );

/** Whether it stands, and how: too short, too flat, too steep, leaning out, tilted. */
export function stands(shape: ArchShape): Finding[] {
  const { arch, name, base, bent, curve, tilt } = shape;
  const part = partOf(shape);
  const kind = arch.kind;
  if (!curve) {
    const params = { name, kind, bent, base };
    return [
      finding('arch.too-short', { severity: 'mend', stage: 'arch', part }, params, [
        lay(arch.id, { base: Math.ceil(bent * LIMITS.upright * 100) / 100 }),
      ]),
    ];
  }
  const found: Finding[] = [];
  const at = { name, kind, ratio: curve.ratio, rise: curve.rise };
  if (curve.ratio > LIMITS.most + EPSILON)
    found.push(
      finding('arch.flat', { severity: 'mend', stage: 'arch', part }, { ...at, base: bent * LIMITS.most }, [
        lay(arch.id, { base: Math.floor(bent * LIMITS.most * 100) / 100 }),
      ]),
    );
  if (curve.ratio < LIMITS.least - EPSILON)
    found.push(
      finding('arch.steep', { severity: 'mend', stage: 'arch', part }, { ...at, base: bent * LIMITS.least }, [
        lay(arch.id, { base: Math.ceil(bent * LIMITS.least * 100) / 100 }),
      ]),
    );
  else if (curve.endAngle > Math.PI / 2 + 1e-6)
    found.push(
      finding(
        'arch.leans',
        { severity: 'know', stage: 'arch', part },
        { ...at, angle: (curve.endAngle * 180) / Math.PI - 90 },
        [lay(arch.id, { base: Math.ceil(bent * LIMITS.upright * 100) / 100 })],
      ),
    );
  if (Math.abs(tilt) > TILTED)
    found.push(
      finding('arch.tilted', { severity: 'know', stage: 'arch', part }, { name, by: Math.abs(tilt), base }),
    );
  return found;
}

/** The panels make it longer than it is laid out. */
export function longer({ arch, name, ribs, wanted }: ArchShape): Finding[] {
  if (Math.abs(ribs.built - wanted) < TOLERANCE) return [];
  const params = { name, kind: arch.kind, count: ribs.count, built: ribs.built, wanted };
  return [
    finding('arch.longer', { severity: 'mend', stage: 'arch', part: partOf({ arch }) }, params, [
      lay(arch.id, { length: tidy(ribs.built) }),
    ]),
  ];
}

/** What stands where it is to stand, and what hangs over it. */
export function stoodIn(shape: ArchShape, trees: readonly Tree[], buildings: readonly Building[]): Finding[] {
  const { name } = shape;
  const part = partOf(shape);
  const own = shrunk(outlineOf(shape));
  const reach = (t: Tree): boolean => isUnder(shape, t.at, t.crown);
  const clear = (plan: Plan) => movedClear(plan, shape.arch.id);
  return [
    ...buildings
      .filter((b) => b.stands === 'walls' && meet(own, b.outline, 0))
      .map((b) =>
        finding(
          'arch.through-house',
          { severity: 'mend', stage: 'arch', part },
          { name, building: b.name },
          clear,
        ),
      ),
    ...trees.flatMap((t): Finding[] => {
      if (isUnder(shape, t.at, t.trunk / 2))
        return [
          finding(
            'arch.through-tree',
            { severity: 'mend', stage: 'arch', part },
            { name, tree: t.name },
            clear,
          ),
        ];
      return reach(t)
        ? [finding('arch.limbs', { severity: 'know', stage: 'arch', part }, { name, tree: t.name })]
        : [];
    }),
  ];
}
