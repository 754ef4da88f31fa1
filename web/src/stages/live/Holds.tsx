import { type Entry, type Plan, type Rating, THREATS, capital, sayBecause } from '@aviarum/core';
import { useReader } from '../../state/reckoningStore';
import { Decision } from '../Decision';

const SIGNS: Readonly<Record<Rating, string>> = { holds: '✓', delays: '◐', open: '✕' };

/** What the nets do about each threat that is about. */
export function Holds({ plan, entries }: { plan: Plan; entries: readonly Entry[] }) {
  const reader = useReader();
  const mine = entries.filter((e) => e.stage === 'live');
  const open = mine.filter((e) => e.rating === 'open').length;
  const of = (id: string) =>
    mine.filter(
      ({ part }) => (part.on === 'net' && part.net === id) || (part.on === 'hot-wire' && part.wire === id),
    );
  const fences = [...plan.nets, ...plan.hotWires].filter(({ id }) => of(id).length > 0);
  return (
    <Decision
      name="What it holds"
      answer={mine.length === 0 ? 'no threats named' : open === 0 ? 'nothing open' : `${open} open`}
    >
      <p className="small">
        One line of defence: mesh inside it and a house shut at night are the second. Birds of prey and people
        it does not meet at all.
      </p>
      {fences.map(({ id, name }) => (
        <table key={id} className="strength">
          <caption>{name}</caption>
          <tbody>
            {of(id).map((e) => (
              <tr key={e.threat} data-verdict={e.rating === 'open' ? 'fails' : e.rating}>
                <th scope="row">{capital(THREATS[e.threat].name)}</th>
                <td className="small">{sayBecause(e.why, reader)}</td>
                <td className="verdict">
                  <span aria-hidden>{SIGNS[e.rating]}</span> {e.rating}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </Decision>
  );
}
