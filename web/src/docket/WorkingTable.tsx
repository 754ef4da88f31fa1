import { type Term, workingLines } from '@aviarum/core';
import { useReader } from '../state/reckoningStore';

/** A working in words and figures: parts, then what they make. */
export function WorkingTable({ term }: { term: Term }) {
  const reader = useReader();
  return (
    <table className="working">
      <tbody>
        {workingLines(term, reader).map((line, i) => (
          <tr key={i} data-total={line.total}>
            <td style={{ paddingLeft: Math.max(0, line.depth - 1) * 10 }}>{line.words}</td>
            <td className="how">{line.how}</td>
            <td className="amount">{line.amount}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
