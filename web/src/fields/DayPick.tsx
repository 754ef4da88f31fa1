import { Pick } from './Choice';

const MONTHS = 'January February March April May June July August September October November December'.split(
  ' ',
);
/** The first and the fifteenth of each month, and the day that was chosen. */
export function DayPick({
  name,
  value,
  onChoose,
}: {
  name: string;
  value: string;
  onChoose: (day: string) => void;
}) {
  const days = MONTHS.flatMap((_, m) => ['01', '15'].map((d) => `${String(m + 1).padStart(2, '0')}-${d}`));
  const all = [...new Set([...days, value])].sort();
  const said = (day: string) => `${Number(day.slice(3))} ${MONTHS[Number(day.slice(0, 2)) - 1] ?? ''}`;
  return (
    <Pick
      name={name}
      value={value}
      options={all.map((day) => ({ value: day, label: said(day) }))}
      onChoose={onChoose}
    />
  );
}
