import { formatPart } from '../plan/partRef';
import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { apply } from '../plan/changes/apply';
import { checkPlan } from '../formats/planFile';
import { editionOf } from '../catalogue/editionOf';
import { marketOf } from '../catalogue/market';
import { readerFor } from '../saying/makeReader';
import { makePreviewer, reckon } from '../reckon';
import { recompute } from '../working/term';
import { sayFinding } from '../words/findings';
import { sayLine, sayReason } from '../words/docket';
import { sheetScene } from '../drawing/sheet';
import { stripScene } from '../drawing/strip';
import { workingLines } from '../words/terms';
import { cutListCsv, docketCsv } from '../formats/csv';
import { toPay } from '../testing/toPay';
import { aChosenRun } from '../testing/randomRun';
import { sampled } from '../testing/sampled';

const preview = makePreviewer();
/** Forty runs as they may be chosen. */
const ofEach = sampled(aChosenRun, 40);

describe('whatever is chosen for a run', () => {
  test('is a valid plan, and every line of its docket adds up, words and all', () => {
    ofEach((reckoning, plan) => {
      const checked = checkPlan(plan);
      expect(checked.ok ? [] : checked.problems).toEqual([]);
      const { docket, workings, figures, cutting } = reckoning;
      const unplaced = new Set(
        cutting.filter((p) => p.unplaced.length > 0).flatMap((p) => [p.id, `roll:${p.id}`]),
      );
      const [reader, market] = [readerFor(plan), marketOf(editionOf(plan), plan.buying)];
      for (const line of docket.lines) {
        expect(recompute(line.working.need)).toBeCloseTo(line.need, 6);
        if (line.working.price) expect(recompute(line.working.price)).toBeCloseTo(line.price ?? NaN, 6);
        // What fits no roll, as over a cliff, is a finding and has no price; all else is bought.
        if (!unplaced.has(line.id)) expect(line.buy).toBeGreaterThanOrEqual(line.need - 1e-6);
        else expect(line.price).toBeNull();
        expect(workingLines(line.working.need, reader).every((l) => l.words !== '' && l.amount !== '')).toBe(
          true,
        );
        expect(sayLine(line, reader, market).name).not.toBe('');
        expect(sayReason(line, reader)).not.toContain('undefined');
      }
      expect(docket.total).toBe(toPay(docket));
      expect(recompute(workings.hours)).toBeCloseTo(figures.hours ?? NaN, 9);
      expect(recompute(workings.elapsed)).toBeCloseTo(figures.elapsed ?? NaN, 9);
      for (const value of Object.values(figures)) expect(Number.isFinite(value)).toBe(true);
    });
  });
  test('is cut without losing a piece: every run is covered once from end to end, nothing longer than its roll', () => {
    ofEach(({ cutting }) => {
      for (const pool of cutting) {
        const byPart = new Map<string, { from: number; to: number }[]>();
        for (const roll of pool.rolls) {
          const strips = roll.pieces.filter((p) => p.lies === null);
          const cut = strips.reduce((total, p) => total + p.length, 0);
          // Small pieces lie together at the end, and reach as far as the furthest of them.
          const reached = Math.max(cut, ...roll.pieces.map((p) => (p.lies ? p.lies.x + p.lies.along : 0)));
          expect(reached + roll.left).toBeCloseTo(roll.length, 6);
          for (const p of roll.pieces) {
            const name = formatPart(p.part);
            byPart.set(name, [...(byPart.get(name) ?? []), p]);
          }
        }
        for (const pieces of byPart.values()) {
          const inOrder = pieces.sort((a, b) => a.from - b.from);
          expect(inOrder[0]?.from).toBe(0);
          inOrder.slice(1).forEach((p, i) => expect(p.from).toBeCloseTo(inOrder[i]?.to ?? NaN, 9));
        }
      }
    });
  });
  test('previews to the same price, hours and opening as it reckons to', () => {
    ofEach((reckoning, plan) => {
      const change = { verb: 'set-crew', crew: 'two' } as const;
      const [before, then] = [reckoning, reckon(apply(plan, change))];
      expect(preview(plan, change)).toEqual({
        price: before.docket.complete ? then.docket.total - before.docket.total : null,
        hours: (then.figures.elapsed ?? NaN) - (before.figures.elapsed ?? NaN),
        opening: 0,
      });
    });
  });
  test('is drawn, said and written: scenes without a broken figure, findings in words, sheets with every piece', () => {
    ofEach((reckoning, plan) => {
      const broken: unknown[] = [];
      JSON.stringify(
        [sheetScene(plan, reckoning.parts).layers, stripScene(plan, reckoning.parts, reckoning.cutting)],
        (key, value: unknown) => {
          if (typeof value === 'number' && !Number.isFinite(value)) broken.push(key);
          return value;
        },
      );
      expect(broken).toEqual([]);
      for (const f of reckoning.findings) expect(sayFinding(f, readerFor(plan))).not.toMatch(/undefined|NaN/);
      const rows = (csv: string) => Papa.parse(csv, { header: true, skipEmptyLines: true }).data.length;
      const { lines, yards, taxes } = reckoning.docket;
      expect(rows(docketCsv(plan, reckoning))).toBe(lines.length + yards.length + taxes.length + 1);
      const pieces = reckoning.cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces));
      expect(rows(cutListCsv(plan, reckoning))).toBe(pieces.length);
      expect(new Set(pieces.map((p) => p.letter)).size).toBe(pieces.length);
    });
  });
});
