import { describe, expect, test } from '@jest/globals';
import { editionOf } from '../catalogue/editionOf';
import { LIVE_NET_IDS } from '../catalogue/liveNets';
import { marketOf } from '../catalogue/market';
import { sectionScene } from '../drawing/section';
import { sheetScene } from '../drawing/sheet';
import { stripScene } from '../drawing/strip';
import { writeSvg } from '../formats/exchange/writeSvg';
import { checkPlan, readPlan, writePlan } from '../formats/planFile';
import { apply } from '../plan/changes/apply';
import type { Change } from '../plan/changes/types';
import { emptyPlan } from '../starts/newPlan';
import { formatPart, type PartRef } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import { reckon } from '../reckon';
import { readerFor } from '../saying/makeReader';
import { KINDS as ARCHES, KIND_IDS as ARCH_IDS } from '../stages/arch/plan/kinds';

import { KINDS as COVERS, KIND_IDS as COVER_IDS, makeupOf } from '../stages/cover/plan/kinds';
import type { StageId } from '../stages/facts';
import { strengthWorking } from '../strength/working';
import { aNet, squareOf } from '../testing/aNet';
import { aRun } from '../testing/aRun';
import { underArch } from '../testing/anArch';
import { sayChange } from '../words/changes';
import { sayLine } from '../words/docket';
import { sayFinding } from '../words/findings';
import { workingLines } from '../words/terms';

/** One kind of a stage in use, beside the same plan without it. */
interface Case {
  readonly name: string;
  readonly stage: StageId;
  readonly plan: Plan;
  readonly bare: Plan;
  /** What makes the one of the other. */
  readonly added: Change | null;
  readonly removed: Change;
  /** Whether a part belongs to it. */
  readonly owns: (part: PartRef) => boolean;
  /** What is bought of it, by products or lines. */
  readonly bought: RegExp;
  /** What snow or wind is asked of: null where nothing is. */
  readonly judged: string | null;
}

const covers = COVER_IDS.map((kind): Case => {
  const bare = aRun();
  const cover = COVERS[kind].usual({ id: 'c', name: 'lid', enclosure: 'run', outline: null, height: 1.8 });
  const added: Change = { verb: 'add-cover', cover };
  return {
    name: `cover: ${COVERS[kind].title}`,
    stage: 'cover',
    plan: apply(bare, added),
    bare,
    added,
    removed: { verb: 'remove-cover', id: 'c' },
    owns: (part) => 'cover' in part && part.cover === 'c',
    bought: new RegExp(`^(roll|piece):${'mesh' in cover ? cover.mesh : ''}@`),
    judged: COVERS[kind].load === null || makeupOf(cover).dropped ? null : 'c',
  };
});

const arches = ARCH_IDS.map((kind): Case => {
  // Bare mesh sheds nothing: under film its frame is judged.
  const arch = { ...ARCHES[kind].usual({ id: 'a', enclosure: 'run' }), film: 'film', ridge: 'joist-75x47' };
  const plan = underArch(arch, { base: 2.4, length: 3.81 });
  const removed: Change = { verb: 'remove-arch', id: 'a' };
  return {
    name: `arch: ${ARCHES[kind].title}`,
    stage: 'arch',
    plan,
    bare: apply(plan, removed),
    added: null,
    removed,
    owns: (part) => 'arch' in part && part.arch === 'a',
    bought: /^(roll|timber|piece):/,
    judged: 'a',
  };
});

const nets = LIVE_NET_IDS.map((kind): Case => {
  const bare = emptyPlan('n', 'Nets', 'metric');
  const added: Change = { verb: 'add-net', net: aNet({ kind, points: squareOf(12) }) };
  return {
    name: `live net: ${kind}`,
    stage: 'live',
    plan: apply(bare, added),
    bare,
    added,
    removed: { verb: 'remove-net', id: 'n' },
    owns: (part) => 'net' in part && part.net === 'n',
    bought: new RegExp(`net-${kind}|${kind}`),
    judged: null,
  };
});

const CASES = [...covers, ...arches, ...nets].map((c) => [c.name, c] as const);
const text = (value: unknown): string => JSON.stringify(value);
/** Nothing is left out of a sentence, and no figure is broken. */
const WHOLE = /^(?!.*(?:undefined|NaN|\[object)).+$/s;

describe.each(CASES)('%s', (_, { plan, bare, stage, owns, added, removed, bought, judged }) => {
  const [now, before] = [reckon(plan), reckon(bare)];
  const reader = readerFor(plan);
  const feet = apply(plan, { verb: 'set-units', units: 'imperial' });

  test('is a valid plan, and the same once it was written and read', () => {
    const checked = checkPlan(plan);
    expect(checked.ok ? [] : checked.problems).toEqual([]);
    const read = readPlan(writePlan(plan));
    expect(read.ok && read.plan).toEqual(plan);
  });
  test('is bought, under its own stage and at a price, and what is not there is not', () => {
    const lines = now.docket.lines.filter((l) => bought.test(l.id));
    expect(lines.length).toBeGreaterThan(0);
    for (const line of lines) expect([line.id, line.price === null]).toEqual([line.id, false]);
    expect(now.docket.lines.some((l) => l.stage === stage)).toBe(true);
    expect(before.docket.lines.some((l) => l.stage === stage)).toBe(false);
    expect(now.docket.total).not.toBe(before.docket.total);
  });
  test('is fastened or staked, and takes its hours', () => {
    const packs = now.docket.lines.filter((l) => l.id.startsWith('pack:'));
    const needed = (id: string) => before.docket.lines.find((l) => l.id === id)?.need ?? 0;
    expect(packs.some((l) => l.need > needed(l.id))).toBe(true);
    expect(now.figures.hours ?? 0).not.toBe(before.figures.hours ?? 0);
  });
  test('has its parts, and each of them is drawn or lettered', () => {
    const parts = now.parts.filter((p) => owns(p.part));
    expect(parts.length).toBeGreaterThan(0);
    expect(before.parts.some((p) => owns(p.part))).toBe(false);
    const names = new Set(parts.map((p) => formatPart(p.part)));
    const sheet = sheetScene(plan, now.parts);
    const drawn = Object.values(sheet.layers).flatMap((layer) => layer.map((p) => p.part));
    const strips = plan.enclosures.map((_ring, i) => stripScene(plan, now.parts, now.cutting, i));
    const onStrips = text(strips);
    // Strips of a skin are pieces of the cut list, where their letters stand.
    const lettered = new Set(
      now.cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces.map((x) => formatPart(x.part)))),
    );
    const unseen = [...names].filter(
      (name) => !drawn.includes(name) && !onStrips.includes(`"${name}"`) && !lettered.has(name),
    );
    expect(unseen).toEqual([]);
    expect(text([sheet.layers, strips])).not.toContain('null,null');
    expect(writeSvg(plan, now.parts)).not.toMatch(/NaN|Infinity|undefined/);
    const [left, right] = [
      { x: -20, y: 1 },
      { x: 20, y: 1 },
    ];
    expect(text(sectionScene(plan, now.parts, { from: left, to: right }))).not.toContain('NaN');
  });
  test('is judged by snow and wind as far as it can bear any, each in a working that comes to its stress', () => {
    const rows = now.strength.filter((row) => row.of === judged);
    if (judged !== null) expect(rows.length).toBeGreaterThan(0);
    for (const row of rows) {
      expect(row.load).toBeGreaterThanOrEqual(0);
      expect(Number.isFinite(row.stress) && Number.isFinite(row.allowed)).toBe(true);
      const term = strengthWorking(row, 'dry');
      expect(Number.isFinite(term.value)).toBe(true);
      for (const { words, amount } of workingLines(term, reader)) expect(`${words} ${amount}`).toMatch(WHOLE);
    }
  });
  test('is said in whole sentences, in metres and in feet', () => {
    const market = marketOf(editionOf(plan), plan.buying);
    for (const one of [plan, feet]) {
      const to = readerFor(one);
      const reckoned = reckon(one);
      if (added) expect(sayChange(added, to, market)).toMatch(WHOLE);
      expect(sayChange(removed, to, market)).toMatch(WHOLE);
      for (const line of reckoned.docket.lines) expect(text(sayLine(line, to, market))).toMatch(WHOLE);
      for (const finding of reckoned.findings) expect(sayFinding(finding, to)).toMatch(WHOLE);
    }
  });
  test('taken away, leaves nothing behind', () => {
    const gone = reckon(apply(plan, removed));
    expect(gone.docket.total).toBe(before.docket.total);
    expect(gone.docket.lines.map((l) => [l.id, l.need])).toEqual(
      before.docket.lines.map((l) => [l.id, l.need]),
    );
    expect(gone.figures).toEqual(before.figures);
    expect(gone.findings.map((f) => f.code)).toEqual(before.findings.map((f) => f.code));
  });
});
