import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import { EDITIONS } from '../catalogue/editions';
import { STAGE_IDS } from '../stages/facts';
import { cautionsFor } from './cautions';
import { makeReader } from '../saying/makeReader';
import { marketOf } from '../catalogue/market';
import { meshName, wireName } from '../catalogue/names';
import { reckon } from '../reckon';
import { sayChange } from './changes';
import { sayFinding } from './findings';
import { sayLine, sayProof, sayReason } from './docket';
import { sayWorking, workingLines } from './terms';
import { aRun } from '../testing/aRun';

const metres = makeReader('metric', 'XXX');
const feet = makeReader('imperial', 'XXX');
const plan = aRun();
const edition = EDITIONS[plan.buying.edition];
if (!edition) throw new Error('the edition is gone');
const market = marketOf(edition, plan.buying);

describe('what is said', () => {
  test('a mesh by opening, wire in millimetres and gauge together', () => {
    const mesh = market.mesh('welded-50x25');
    expect(meshName(mesh, metres)).toBe('Welded 50 × 25');
    expect(wireName(mesh, metres)).toBe('wire 2.0 mm (14 gauge)');
    expect(wireName(market.mesh('fine-13'), metres)).toBe('wire 1.0 mm (19 gauge)');
    expect(meshName(market.mesh('fine-13'), feet)).toBe('Fine welded ½″ × ½″');
  });
  test('a fence as a sum of its sides, alike ones once', () => {
    expect(sayWorking(reckon(plan).workings.fenceLength, metres)).toBe(
      'side 1 6.00 m + side 2 3.60 m + side 3 6.00 m = 15.60 m',
    );
  });
  test('a roll of mesh in lines that end in the need', () => {
    const line = reckon(plan).docket.lines.find((l) => l.id === 'roll:welded-50@1.8');
    if (!line) throw new Error('no roll');
    const lines = workingLines(line.working.need, metres);
    expect(lines.map((l) => `${l.words} ${l.how} ${l.amount}`.replace(/ +/g, ' '))).toEqual([
      'side 1 6.00 m',
      'side 2 3.60 m',
      'side 3 6.00 m',
      'less the gate, clear width −0.95 m',
      'free ends, turned back round the post 4 × 0.10 m 0.40 m',
      'wall up to 1.80 m 15.05 m',
      'leaf, from the same rolls 1.00 m',
      'need 16.05 m',
    ]);
    expect(sayLine(line, metres, market)).toEqual({
      name: 'Welded 50 × 50, 1.80 m wide',
      note: 'wire 2.5 mm (12½ gauge)',
    });
    expect(sayReason(line, metres)).toBe(
      'Bought as 1 roll of 25.00 m. 2 rolls of 15.00 m would cost 42.00 more.',
    );
  });
  test('everything the demo plans come to has words in both kinds of units', () => {
    for (const demo of DEMO_PLANS) {
      const reckoning = reckon(demo);
      const its = marketOf(edition, demo.buying);
      for (const reader of [metres, feet]) {
        for (const finding of reckoning.findings) {
          expect(sayFinding(finding, reader)).toMatch(/^[A-Z0-9].*\.$/);
          for (const mend of finding.mends(demo))
            expect(sayChange(mend, reader, its).length).toBeGreaterThan(3);
        }
        for (const line of reckoning.docket.lines) {
          expect(sayLine(line, reader, its).name).not.toMatch(/undefined|NaN/);
          expect(
            workingLines(line.working.need, reader)
              .map((l) => l.words + l.amount)
              .join(),
          ).not.toMatch(/undefined|NaN/);
        }
        for (const pool of reckoning.cutting) expect(sayProof(pool, reader)).toMatch(/\.$/);
      }
    }
  });
  test('each stage has a caution where the work can hurt', () => {
    for (const stage of STAGE_IDS) expect(cautionsFor(stage, plan).length).toBeGreaterThan(0);
    expect(cautionsFor('posts', plan).join(' ')).toMatch(/buried services/);
  });
});
