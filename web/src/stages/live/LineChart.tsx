import { type KeptReading, RED, WORKS } from '@aviarum/core';
import {
  CartesianGrid,
  Line,
  LineChart as Chart,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';

const AXIS = { fill: 'var(--soft)', fontSize: 12 } as const;
const DAY = 86_400_000;

/** `28 Nov` of an instant, by UTC as the meter says it. */
const dayOf = (time: number): string => {
  const at = new Date(time);
  const months = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');
  return `${at.getUTCDate()} ${months[at.getUTCMonth()] ?? ''}`;
};

/** Voltage at both ends over the last days, with the least that works. The last reading stands above it in figures. */
export default function LineChart({ readings }: { readings: readonly KeptReading[] }) {
  const data = readings.map((r) => ({ time: Date.parse(r.at), near: r.near, far: r.far }));
  const [first, last] = [data[0]?.time ?? 0, data[data.length - 1]?.time ?? 0];
  const days = Array.from({ length: 20 }, (_, i) => (Math.floor(first / DAY) + 1 + i) * DAY).filter(
    (t) => t <= last,
  );
  return (
    <figure className="archchart linechart" aria-hidden>
      <ResponsiveContainer width="100%" height={168}>
        <Chart data={data} margin={{ top: 8, right: 12, bottom: 4, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid vertical={false} stroke="var(--rule)" />
          <XAxis
            dataKey="time"
            type="number"
            domain={[first, Math.max(first + 1, last)]}
            ticks={days}
            tick={AXIS}
            tickFormatter={dayOf}
            stroke="var(--rule)"
            interval="preserveStartEnd"
          />
          <YAxis tick={AXIS} width={34} stroke="var(--rule)" domain={[0, 'auto']} tickCount={5} />
          <ReferenceLine y={WORKS} stroke="var(--ink)" strokeDasharray="3 3" />
          <ReferenceLine y={RED} stroke="var(--clay)" strokeDasharray="3 3" />
          <Line dataKey="near" stroke="var(--ink)" strokeWidth={2.2} dot={false} isAnimationActive={false} />
          <Line
            dataKey="far"
            stroke="var(--yolk)"
            strokeWidth={2.4}
            strokeDasharray="6 3"
            dot={false}
            isAnimationActive={false}
            connectNulls
          />
        </Chart>
      </ResponsiveContainer>
      <figcaption>
        <span className="key" data-of="top">
          near end
        </span>{' '}
        <span className="key" data-of="wide">
          far end
        </span>
        , kV; it works from 3.0, red under 2.0
      </figcaption>
    </figure>
  );
}
