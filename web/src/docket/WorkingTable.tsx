import { ASSUMED, type Term, assumedAs, assumedIn, workingLines } from '@aviarum/core';
import { Link } from '../pages/Link';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';

/** A working in words and figures: parts, then what they make, and the way to the rough figures among them. */
export function WorkingTable({ term }: { term: Term }) {
  const reader = useReader();
  const holding = usePlan((s) => s.holding);
  const plan = usePlan((s) => s.plan?.id);
  const rough = assumedIn(term);
  return (
    <>
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
      {rough.length > 0 && plan !== undefined && (
        <p className="small roughlink">
          Rough:{' '}
          <Link to={`/h/${holding}/p/${plan}/assumptions`}>
            {rough.map((id) => assumedAs(ASSUMED[id], reader.system).name.toLowerCase()).join('; ')}
          </Link>
        </p>
      )}
    </>
  );
}
