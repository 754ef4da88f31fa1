import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ASSUMED } from './assumed';
import { ASSUMPTIONS, type AssumptionId } from '../plan/assumptions';
import type { UnitSystem } from '../units/parseLength';
import { boundsAt } from '../plan/bounds';
import { readRough, sayRough } from './rough';
import { type Measure, measureIn, parseMeasure, printMeasure } from '../units';

const IDS = Object.keys(ASSUMED) as readonly AssumptionId[];
const SYSTEMS: readonly UnitSystem[] = ['metric', 'imperial'];

describe.each(SYSTEMS)('rough figures in %s units', (system) => {
  test.each(IDS)('%s is read back as it is shown, for ours and for any that is taken', (id) => {
    const { least, most } = boundsAt(`assumptions.${id}`);
    fc.assert(
      fc.property(
        fc.constantFrom(ASSUMPTIONS[id], least, most),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (one, share) => {
          for (const value of [one, least + share * (most - least)]) {
            const shown = sayRough(id, value, system);
            const back = readRough(id, shown, system);
            expect([shown, back === undefined]).toEqual([shown, false]);
            // Shown again it is the same: what was rounded for reading stays as it is read.
            expect(sayRough(id, back ?? NaN, system)).toBe(shown);
          }
        },
      ),
      { numRuns: 30, seed: 9 },
    );
  });
});

describe('each figure stands in its own unit', () => {
  test.each<[AssumptionId, string, string]>([
    ['gust', '25 m/s', '55.92 mph'],
    ['groundSnow', '0.6 kPa', '12.53 lb/ft²'],
    ['strapHolds', '1 kN', '224.8 lb'],
    ['concreteBagVolume', '0.0095 m³', '0.3355 ft³'],
    ['joulesMown', '0.15 J', '0.15 J'],
    ['drawPerJoule', '0.2 A', '0.2 A'],
    ['secondPerson', '60 %', '60 %'],
    ['hoursMeshMetre', '0.08 h', '0.02438 h'],
    ['hoursTrenchCubicMetre', '4.4 h', '0.1246 h'],
    ['endAllowance', '0.10 m', '3¹⁵⁄₁₆″'],
  ])('%s', (id, metric, feet) => {
    expect(SYSTEMS.map((system) => sayRough(id, ASSUMPTIONS[id], system))).toEqual([metric, feet]);
  });
  test('and is taken with the unit of either system, however it is typed', () => {
    for (const text of ['25 m/s', '25', '25,0 m/s', '55.923 mph'])
      expect(readRough('gust', text, 'metric')).toBeCloseTo(25, 3);
    for (const text of ['25 m/s', '55.923', '55.923 mph'])
      expect(readRough('gust', text, 'imperial')).toBeCloseTo(25, 3);
    expect(readRough('groundSnow', '12.53 lb/ft2', 'imperial')).toBeCloseTo(0.6, 3);
    expect(readRough('concreteBagVolume', '0.0095 m3', 'metric')).toBeCloseTo(0.0095, 9);
    for (const text of ['25 m³', 'a lot', '', '25 kN', '1.2.3'])
      expect(readRough('gust', text, 'metric')).toBeUndefined();
  });
});

test('every measure is a length, a weight and a time as they are defined', () => {
  const POUND = 0.45359237;
  const [foot, force] = [0.3048, POUND * 9.80665];
  const expected: Readonly<Partial<Record<Measure, number>>> = {
    'm³': 1 / foot ** 3,
    kPa: (1000 * foot ** 2) / force,
    kN: 1000 / force,
    'kN/m': (1000 * foot) / force,
    MPa: (1e6 * (foot / 12) ** 2) / force,
    'm/s': 3600 / 1609.344,
    kg: 1 / POUND,
  };
  for (const [measure, factor] of Object.entries(expected)) {
    expect(measureIn(measure as Measure, 'imperial')[1]).toBeCloseTo(factor, 9);
    expect(
      parseMeasure(printMeasure(3, measure as Measure, 'imperial'), measure as Measure, 'metric'),
    ).toBeCloseTo(3, 2);
  }
});
