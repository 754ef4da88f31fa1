import { printNumber } from './printLength';

/** Digits of a currency's minor unit: two for most, none for some, three for some. @param currency ISO 4217 code */
export const minorDigits = (currency: string): number => (currency === 'XXX' ? 2 : digitsOf(currency));

const digitsOf = (currency: string): number =>
  new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;

/** What turns minor units into major ones: `684.2` of 68420 hundredths. @param currency ISO 4217 code */
export function majorUnits(currency: string): (minor: number) => number {
  const unit = 10 ** minorDigits(currency);
  return (minor) => minor / unit;
}

/**
 * What prints money for reading, of integer minor units.
 *
 * @param currency  ISO 4217 code; `XXX` (no currency) prints the bare figure, in hundredths
 * @returns prints for example `684.20`, `684.20 EUR`, `68 420 JPY` or `68.420 KWD`
 */
export function moneyPrinter(currency: string): (minor: number) => string {
  const digits = minorDigits(currency);
  const major = majorUnits(currency);
  return (minor) => {
    const figure = printNumber(major(minor), digits);
    return currency === 'XXX' ? figure : `${figure} ${currency}`;
  };
}
