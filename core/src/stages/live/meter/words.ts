import { counted } from '../../../saying/phrases';
import { printNumber } from '../../../units/printLength';
import { FOR_BEAR, GOOD, WORKS, type Pointed } from './diagnose';

const kv = (n: number) => `${printNumber(n, 1)} kV`;

/** What readings point to, in a sentence. */
export function sayPointed(p: Pointed): string {
  switch (p.code) {
    case 'none':
      return 'Nothing was read yet. A net that is not read is not known to be live.';
    case 'stale':
      return `The last reading is ${counted(Math.round(p.hours), 'hour')} old: read it by hand, and see to the meter.`;
    case 'off':
      return 'Nothing at the energiser’s own end: it is off, its lead is off, or the power is cut.';
    case 'flat':
      return `Nothing on the line and ${printNumber(p.volts, 1)} V in the battery: it is flat. Change it today.`;
    case 'cut':
      return `${kv(p.near)} at the near end, ${kv(p.far)} at the far end: a strand is broken or two nets are not joined.`;
    case 'short':
      return `Good at the near end, ${kv(p.far)} of ${kv(p.near)} at the far end: a short between. Walk it and listen.`;
    case 'low':
      return `${kv(p.least)} all along: under ${kv(WORKS)} it holds little. Growth, a poor earth, or too small an energiser.`;
    case 'falling':
      return p.days < 0.5
        ? 'Lower each morning: the battery is at its end.'
        : `Lower each morning: the battery has ${counted(Math.round(p.days), 'day')} left.`;
    case 'wet':
      return `${kv(p.morning)} in the morning and ${kv(p.noon)} at noon: wet growth or a cracked insulator leaks.`;
    case 'growing':
      return `${printNumber(p.each, 2)} kV less each day with a good battery: the strip grows up. Mow it.`;
    case 'good':
      return p.least >= FOR_BEAR
        ? `${kv(p.least)}: good, for a bear as well.`
        : p.least >= GOOD
          ? `${kv(p.least)}: good.`
          : `${kv(p.least)}: it works; ${kv(GOOD)} would be good.`;
  }
}
