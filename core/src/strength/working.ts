import { type Term, largest, product, ratio, sum, value } from '../working';
import type { Strength } from './words/row';

/** What lies on a square metre, with dry snow or bridged. */
const onSquare = ({ snow, share, own }: Strength, of: 'dry' | 'bridged'): Term =>
  sum('strength.on', 'kPa', {}, [
    of === 'bridged'
      ? value('strength.snow', snow, 'kPa', {})
      : product('strength.snow', 'kPa', {}, [
          value('strength.snow', snow, 'kPa', {}),
          value('strength.share', share, 'ratio', {}),
        ]),
    ...(own > 0 ? [value('strength.own', own, 'kPa', {})] : []),
  ]);

/** How the bending stress of a bar comes about: q·b·L²/8 over its section. */
function stressTerm(row: Strength, of: 'dry' | 'bridged'): Term {
  const line = product('strength.line', 'N/m', {}, [
    onSquare(row, of),
    value('strength.carries', row.carries, 'm', {}),
    value('strength.newtons', 1000, 'N/kN', {}),
  ]);
  const moment = product('strength.moment', 'Nm', {}, [
    line,
    value('strength.span', row.span, 'm', {}),
    value('strength.span', row.span, 'm', {}),
    value('strength.eighth', 1 / 8, 'ratio', {}),
  ]);
  return ratio('strength.stress', 'MPa', {}, [
    moment,
    value('strength.section', row.modulus * 1e6, 'cm³', {}),
  ]);
}

/**
 * How much of what a member bears is used, as it comes about: its stress and its bending, whichever is more.
 *
 * @param of  under dry snow, or bridged
 */
export function strengthWorking(row: Strength, of: 'dry' | 'bridged'): Term {
  const { stress, deflection, load } = of === 'bridged' ? (row.bridged ?? row) : row;
  const { allowed, allowedDeflection, measure, unit } = row;
  const bends = deflection !== null && allowedDeflection !== null;
  const from = bends
    ? stressTerm(row, of)
    : measure === 'MPa'
      ? value('strength.stress', stress, 'MPa', {})
      : value('strength.load', load, unit, {});
  const shares = [
    ratio('strength.used', 'ratio', {}, [from, value('strength.allowed', allowed, measure, {})]),
    ...(bends
      ? [
          ratio('strength.used', 'ratio', {}, [
            value('strength.deflection', deflection, 'm', {}),
            value('strength.allowed', allowedDeflection, 'm', {}),
          ]),
        ]
      : []),
  ];
  return largest('strength.used', 'ratio', {}, shares);
}
