import { OPENING_KINDS, type Plan, ROLE_NAMES, type StakeOut, type StringLine, capital } from '@aviarum/core';
import { useReader } from '../state/reckoningStore';
import { Tick } from './Tick';

/** Diagonals of four-sided runs, and marks that make right angles. */
export function Checks({ plan, out }: { plan: Plan; out: StakeOut }) {
  const reader = useReader();
  if (out.diagonals.length === 0 && out.squares.length === 0) return null;
  return (
    <section aria-label="Checks">
      <h2>Checks</h2>
      <div className="ticks">
        {out.diagonals.map((d) => (
          <Tick key={d.part} plan={plan} part={d.part} name={`Diagonal ${d.from} to ${d.to}`}>
            Diagonal, corner {d.from} to {d.to}: <b className="figure">{reader.tape(d.tape)}</b>
          </Tick>
        ))}
        {out.squares.map((s) => (
          <Tick key={s.part} plan={plan} part={s.part} name={`Right angle at corner ${s.corner}`}>
            Corner {s.corner} is square: <b className="figure">{reader.tape(s.before)}</b> back along the
            string and <b className="figure">{reader.tape(s.after)}</b> on are{' '}
            <b className="figure">{reader.tape(s.across)}</b> apart
          </Tick>
        ))}
      </div>
    </section>
  );
}

/** Each string with the running marks of its posts. */
export function StringRows({ plan, out }: { plan: Plan; out: StakeOut }) {
  return (
    <section aria-label="Strings">
      <h2>Strings and posts</h2>
      <p className="small soft" style={{ margin: 0 }}>
        Marks run from the first corner of each string, tape held level, to the middle of each post.
      </p>
      {out.strings.map((line) => (
        <OneString key={line.part} plan={plan} line={line} />
      ))}
    </section>
  );
}

function OneString({ plan, line }: { plan: Plan; line: StringLine }) {
  const reader = useReader();
  const sloping = line.ground - line.level > 0.002;
  return (
    <table className="string">
      <caption>
        Side {line.side}: corner {line.from} to {line.to}, <b className="figure">{reader.tape(line.level)}</b>
        {sloping && <span className="soft small"> level; {reader.tape(line.ground)} along the ground</span>}
      </caption>
      <thead>
        <tr>
          <th scope="col">mark</th>
          <th scope="col">post</th>
          <th scope="col">in ground</th>
          <th scope="col">cut at</th>
        </tr>
      </thead>
      <tbody>
        {line.posts.map((p) => {
          const name = `${capital(ROLE_NAMES[p.role][0])} ${p.number}`;
          return (
            <tr key={p.part}>
              <td className="figure">{reader.tape(p.mark)}</td>
              <td>
                <Tick plan={plan} part={`${line.part}/${p.part}`} name={name}>
                  {name}
                </Tick>
              </td>
              <td className="figure">{p.origin === 'standing' ? 'stands' : reader.tape(p.depth)}</td>
              <td className="figure">{reader.tape(p.above)}</td>
            </tr>
          );
        })}
        {line.gates.map((g) => (
          <tr key={g.part}>
            <td colSpan={4}>
              {capital(OPENING_KINDS[g.way].name)}: inner faces of its posts at{' '}
              <b className="figure">{reader.tape(g.from)}</b> and{' '}
              <b className="figure">{reader.tape(g.to)}</b>, <b className="figure">{reader.tape(g.clear)}</b>{' '}
              clear
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
