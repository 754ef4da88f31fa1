import { type Section, timberSection } from '../../../catalogue/sections';
import type { Products } from '../../../catalogue/products';
import { type Finding, finding } from '../../../findings/types';
import type { Assumptions } from '../../../plan/assumptions';
import type { Change } from '../../../plan/changes/types';
import { bears, bent, padBears } from '../../../strength/beams';
import { type Strength, type StrengthVerdict, used, worse } from '../../../strength/words/row';
import { EPSILON, roundUp } from '../../../units/round';
import { propsOf, stakesAFoot, strapsOf } from '../frame/frame';
import type { ArchShape } from '../shape';

/** So many more are still offered. */
const MOST_MORE = 40;

export interface ArchWeakBy {
  readonly shapes: readonly ArchShape[];
  readonly strength: readonly Strength[];
  readonly products: Products;
  readonly assumed: Assumptions;
}

/** The weakest sawn timber that bears what a row carries, bridged. */
function strongerFor(row: Strength, products: Products): string | null {
  const bearsIt = (section: Section): boolean =>
    row.member === 'ridge-prop'
      ? padBears(section, row.span) >= (row.bridged ?? row).load - EPSILON
      : bears(bent(section, row.span, row.snow * row.carries * 1000));
  const sizes = products
    .timbersOf('joist')
    .map((timber) => ({ id: timber.id, section: timberSection(timber) }))
    .sort((a, b) => a.section.area - b.section.area);
  return sizes.find(({ section }) => bearsIt(section))?.id ?? null;
}

function weak(shape: ArchShape, rows: readonly Strength[], products: Products): Finding[] {
  const { arch, name, ribs } = shape;
  const weakRows = rows.filter((r) => r.verdict !== 'holds');
  const [first] = weakRows;
  if (!first) return [];
  const share = (r: Strength) => used(r.bridged ?? r, r);
  const worst = weakRows.reduce((a, b) => (share(b) > share(a) ? b : a), first);
  const verdict = weakRows.reduce<StrengthVerdict>((v, r) => worse(v, r.verdict), 'holds');
  const mends = (): readonly Change[] => {
    const stronger = strongerFor(worst, products);
    const field = worst.member === 'ridge' ? 'ridge' : 'prop';
    const props = worst.fits === null || worst.fits < 0.3 ? 0 : roundUp(ribs.built / worst.fits) - 1;
    return [
      ...(stronger === null ? [] : [{ verb: 'set-arch', id: arch.id, to: { [field]: stronger } } as const]),
      ...(props > propsOf(shape) ? [{ verb: 'set-arch', id: arch.id, to: { props } } as const] : []),
    ];
  };
  const params = { name, member: worst.member, verdict, span: worst.span };
  return [
    finding(
      'arch.weak',
      { severity: verdict === 'holds dry snow' ? 'know' : 'mend', stage: 'arch', part: worst.part },
      params,
      mends,
    ),
  ];
}

/** Lifted or pushed by the wind: how much is missing, and how many straps or stakes that is. */
function blown(shape: ArchShape, rows: readonly Strength[], assumed: Assumptions): Finding[] {
  const { arch, name } = shape;
  return rows.flatMap((row): Finding[] => {
    if (row.verdict === 'holds') return [];
    const missing = row.load - row.allowed;
    const params = { name, wind: row.load, held: row.allowed, missing };
    const straps = assumed.strapHolds > 0 ? roundUp(missing / assumed.strapHolds) : MOST_MORE + 1;
    const stakes = assumed.stakeHolds > 0 ? roundUp(missing / assumed.stakeHolds / 2) : MOST_MORE + 1;
    const more: Change[] = [
      ...(row.member === 'arch-lift' && straps <= MOST_MORE
        ? [{ verb: 'set-arch', id: arch.id, to: { straps: strapsOf(shape) + straps } } as const]
        : []),
      ...(arch.foot === 'stakes' && stakes <= MOST_MORE
        ? [{ verb: 'set-arch', id: arch.id, to: { stakes: stakesAFoot(shape) + stakes } } as const]
        : []),
      { verb: 'set-arch', id: arch.id, to: { film: null } },
    ];
    const code = row.member === 'arch-lift' ? 'arch.lifts' : 'arch.pushed';
    return [finding(code, { severity: 'mend', stage: 'arch', part: row.part }, params, more)];
  });
}

/** What of arches is too weak for snow or wind, with what would mend it. */
export function weakFindings({ shapes, strength, products, assumed }: ArchWeakBy): readonly Finding[] {
  return shapes.flatMap((shape) => {
    const own = strength.filter((s) => s.of === shape.arch.id);
    const of = (...members: readonly string[]) => own.filter((s) => members.includes(s.member));
    const { arch, name } = shape;
    const snowed = arch.ridge === null && shape.curve !== null && (arch.skin !== null || arch.film !== null);
    return [
      ...weak(shape, of('ridge'), products),
      ...weak(shape, of('ridge-prop'), products),
      ...blown(shape, of('arch-lift', 'arch-slide'), assumed),
      // A spring is no roof: it is told where nothing else carries snow.
      ...(snowed
        ? [
            finding(
              'arch.no-roof',
              { severity: 'know', stage: 'arch', part: { on: 'arch', arch: arch.id } as const },
              { name, kind: arch.kind },
              [{ verb: 'set-arch', id: arch.id, to: { ridge: RIDGE } }],
            ),
          ]
        : []),
    ];
  });
}

/** What a ridge is of, until its load is known. */
const RIDGE = 'joist-100x47';
