import type { Tape } from '@aviarum/core';
import { surveyByTape } from '@aviarum/core/survey';
import { memo, useMemo } from 'react';

/** Ellipses of a few centimetres are drawn so many times as large. */
const LARGER = 10;

/** Marks, the stakes that were found from them, and how well each is known. */
const TapeLayer = memo(function TapeLayer({ tape, scale }: { tape: Tape; scale: number }) {
  const found = useMemo(() => surveyByTape(tape), [tape]);
  const at = (p: { readonly x: number; readonly y: number }) => `translate(${p.x * scale} ${-p.y * scale})`;
  return (
    <g pointerEvents="none">
      {tape.marks.map((m) => (
        <g key={m.id} transform={at(m.at)}>
          <path className="d-mark" d="M0 -8L7 5H-7Z" />
          <text className="d-onground" x="10" y="-4">
            {m.name.split(',')[0]}
          </text>
        </g>
      ))}
      {found.stakes.map((s) => (
        <g key={s.id} transform={at(s.at)}>
          <ellipse
            className="d-ellipse"
            rx={Math.max(2, s.ellipse.a * scale * LARGER)}
            ry={Math.max(2, s.ellipse.b * scale * LARGER)}
            transform={`rotate(${(-s.ellipse.angle * 180) / Math.PI})`}
          >
            <title>Where 95 of 100 such measurements would put it, ten times as large</title>
          </ellipse>
          <path className="d-stake" d="M-5 -5L5 5M-5 5L5 -5" />
          <text className="d-onground" x="9" y="14">
            {tape.stakes.find((k) => k.id === s.id)?.name}
          </text>
        </g>
      ))}
    </g>
  );
});
export default TapeLayer;
