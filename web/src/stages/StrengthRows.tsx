import {
  MEMBER_NAMES,
  type MemberKind,
  type Reader,
  type Strength,
  capital,
  formatPart,
  measureIn,
  printNumber,
  strengthWorking,
  used,
  worse,
} from '@aviarum/core';
import { useState } from 'react';
import { WorkingTable } from '../docket/WorkingTable';
import { useReader } from '../state/reckoningStore';
import { hoverPart } from '../state/selection';

/** Members of one kind, by the one that is used most. */
interface Alike {
  readonly member: MemberKind;
  readonly count: number;
  readonly worst: Strength;
  readonly verdict: Strength['verdict'];
}

const shareOf = (row: Strength): number => used(row.bridged ?? row, row);

function alike(strength: readonly Strength[]): readonly Alike[] {
  const members = [...new Set(strength.map((s) => s.member))];
  return members.flatMap((member): Alike[] => {
    const rowsOfMember = strength.filter((s) => s.member === member);
    const [first] = rowsOfMember;
    if (!first) return [];
    return [
      {
        member,
        count: rowsOfMember.length,
        worst: rowsOfMember.reduce((a, b) => (shareOf(b) > shareOf(a) ? b : a), first),
        verdict: rowsOfMember.reduce<Strength['verdict']>((v, s) => worse(v, s.verdict), 'holds'),
      },
    ];
  });
}

const SIGNS: Readonly<Record<Strength['verdict'], string>> = {
  holds: '✓',
  'holds dry snow': '◐',
  fails: '✕',
};

/** What it carries, and over what, as one line. */
function loadWords({ load, unit, bridged, span, member }: Strength, reader: Reader): string {
  const [name, factor] = measureIn(unit, reader.system);
  const figures = (n: number) => printNumber(n * factor, n * factor < 1 ? 2 : n * factor < 100 ? 1 : 0);
  const wet = bridged && bridged.load > load ? ` dry, ${figures(bridged.load)} bridged` : '';
  const over = span > 0 && member !== 'uplift' ? `, ${reader.about(span)}` : '';
  return `${figures(load)} ${name}${wet}${over}`;
}

function Row({ row }: { row: Alike }) {
  const reader = useReader();
  const [open, setOpen] = useState(false);
  const { member, count, worst, verdict } = row;
  return (
    <>
      <tr
        data-verdict={verdict}
        onPointerEnter={() => hoverPart(formatPart(worst.part))}
        onPointerLeave={() => hoverPart(null)}
      >
        <th scope="row">
          <button type="button" className="linebtn" aria-expanded={open} onClick={() => setOpen(!open)}>
            {capital(MEMBER_NAMES[member])}
            {count > 1 && <span className="soft"> × {count}</span>}
          </button>
        </th>
        <td className="small">{loadWords(worst, reader)}</td>
        <td className="verdict">
          <span aria-hidden>{SIGNS[verdict]}</span> {verdict}
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={3} className="workingcell">
            <WorkingTable term={strengthWorking(worst, worst.bridged ? 'bridged' : 'dry')} />
            <p className="small">
              {worst.bridged ? 'Bridged: all of the snow lies on it. ' : ''}
              1.00 or less of what it bears holds. Joints are not checked.
            </p>
          </td>
        </tr>
      )}
    </>
  );
}

/** How a cover, and what holds it up, bears snow and wind; each with its working. */
export function StrengthRows({ strength }: { strength: readonly Strength[] }) {
  if (strength.length === 0) return null;
  return (
    <table className="strength">
      <caption>In snow and wind</caption>
      <tbody>
        {alike(strength).map((row) => (
          <Row key={row.member} row={row} />
        ))}
      </tbody>
    </table>
  );
}
