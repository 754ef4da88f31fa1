import { printNumber } from './printLength';

/**
 * Money for reading.
 *
 * @param minor     integer minor units (hundredths)
 * @param currency  ISO 4217 code; `XXX` (no currency) prints the bare figure
 * @returns for example `684.20` or `684.20 EUR`
 */
export function printMoney(minor: number, currency: string): string {
  const figure = printNumber(minor / 100, 2);
  return currency === 'XXX' ? figure : `${figure} ${currency}`;
}
