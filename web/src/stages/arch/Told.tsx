import { type Arch, printNumber, inUnits, massOf } from '@aviarum/core';
import { useReader } from '../../state/reckoningStore';
import { useFigures } from './archFigures';

/** What the curve comes to, in a sentence or two. */
export function Stands({ arch }: { arch: Arch }) {
  const of = useFigures(arch);
  const reader = useReader();
  const [rise, ratio, angle, wide, volume] = [
    of('rise'),
    of('ratio'),
    of('endAngle'),
    of('standingWidth'),
    of('volume'),
  ];
  if (rise === null || ratio === null || angle === null) return null;
  const leans = angle > 90;
  return (
    <p className="archtold">
      The curve rises {reader.about(rise)} between its feet: the base is {printNumber(ratio, 2)} of what is
      bent.{' '}
      {leans
        ? `Its feet lean out by ${printNumber(angle - 90, 1)}°: hold them on both sides of the board.`
        : `Its feet lean in by ${printNumber(90 - angle, 1)}° and press against the boards from inside.`}{' '}
      {wide !== null && wide > 0
        ? `At your height it is ${reader.about(wide)} wide.`
        : 'Nobody of your height stands in it.'}
      {volume !== null && ` It holds ${reader.amount(volume, 'm³')} of air.`}
    </p>
  );
}

/** What it takes, as it is measured and bought. */
export function Takes({ arch }: { arch: Arch }) {
  const of = useFigures(arch);
  const reader = useReader();
  const [strips, length, ends, endLength] = [
    of('skinStrips'),
    of('skinLength'),
    of('endStrips'),
    of('endStripLength'),
  ];
  const [stakes, straps, weight, pull] = [of('stakes'), of('straps'), of('weight'), of('pull')];
  const facts = [
    ...(strips !== null && length !== null
      ? [`${strips} strips over it, ${reader.about(length)} in all`]
      : []),
    ...(ends !== null && ends > 0 && endLength !== null
      ? [`${ends} on its ends, ${reader.about(endLength)}`]
      : []),
    ...(stakes !== null && stakes > 0 ? [`${stakes} stakes`] : []),
    ...(straps !== null && straps > 0 ? [`${straps} straps`] : []),
    ...(weight !== null && pull !== null
      ? [
          `weighs ${massOf(weight, reader)}, draws with ${inUnits(`${printNumber(pull, 0)} N`, reader.system)}`,
        ]
      : []),
  ];
  return facts.length === 0 ? null : <p className="small">{facts.join('; ')}.</p>;
}
