import type { OnBase } from '@aviarum/core';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { useReader } from '../../state/reckoningStore';

const AXIS = { fill: 'var(--soft)', fontSize: 12 } as const;

/** Height and standing width against the base, with the base as it is. What it shows stands in the table below it as well. */
export default function ArchChart({ rows, base }: { rows: readonly OnBase[]; base: number }) {
  const reader = useReader();
  const roughly = (metres: number) => reader.about(metres);
  return (
    <figure className="archchart" aria-hidden>
      <ResponsiveContainer width="100%" height={168}>
        <LineChart
          data={[...rows]}
          margin={{ top: 8, right: 12, bottom: 4, left: 4 }}
          accessibilityLayer={false}
        >
          <CartesianGrid vertical={false} stroke="var(--rule)" />
          <XAxis
            dataKey="base"
            type="number"
            domain={['dataMin', 'dataMax']}
            tick={AXIS}
            tickFormatter={roughly}
            tickCount={5}
            stroke="var(--rule)"
          />
          <YAxis
            tick={AXIS}
            tickFormatter={roughly}
            width={52}
            stroke="var(--rule)"
            domain={[0, 'auto']}
            tickCount={4}
          />
          <ReferenceLine x={base} stroke="var(--ink)" strokeDasharray="3 3" />
          <Line dataKey="top" stroke="var(--ink)" strokeWidth={2.4} dot={false} isAnimationActive={false} />
          <Line
            dataKey="wide"
            stroke="var(--yolk)"
            strokeWidth={2.8}
            strokeDasharray="7 3"
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
      <figcaption>
        <span className="key" data-of="top">
          height
        </span>{' '}
        <span className="key" data-of="wide">
          wide at your height
        </span>
        , by base
      </figcaption>
    </figure>
  );
}
