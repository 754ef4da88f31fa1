import { describe, expect, test } from '@jest/globals';
import { ASSUMED, assumedAs } from './assumed';
import type { AssumptionId } from '../plan/assumptions';
import { DEMO_PLANS } from '../plan/samples';
import { EDITIONS, LATEST_EDITION } from '../catalogue/editions';
import { PACK_IDS } from '../catalogue/packs';
import type { Plan } from '../plan/schema';
import { QUESTIONS, asking } from '../options';
import { STAGE_IDS } from '../stages/facts';
import type { Term } from '../working/term';
import { WHOLE_PLAN } from '../plan/scope';
import { cautionsFor } from './cautions';
import { inUnits } from '../saying/inUnits';
import { makeReader } from '../saying/makeReader';
import { marketOf } from '../catalogue/market';
import { meshName, packName, timberName, wireName } from '../catalogue/names';
import { reckon } from '../reckon';
import { sayChange } from './changes';
import { sayFinding } from './findings';
import { sayLine, sayReason, sayWeightAndTax } from './docket';
import { sayRough } from './rough';
import { workingLines } from './terms';
import { cutListCsv, docketCsv } from '../formats/csv';
import { SCHOOLS } from '../stages/words';
import { EVERY_VERB } from '../testing/everyVerb';
import { ofEveryKind } from '../testing/everyOption';

/** A word that nobody measures by who measures in feet: a figure with a metric unit, or the unit written out. */
const METRIC =
  /\d\s?(mm|cm|m|kg|kN|kPa|MPa|N|m²|m³|m\/s)(?![\w′″])|\b(millimet|centimet|kilogram|met(re|er)s?\b)/i;
const reader = makeReader('imperial', 'XXX');
const inFeet = (plan: Plan): Plan => ({ ...plan, units: 'imperial' });

/** Every text of a plan in feet that core says. */
function textsOf(given: Plan): readonly string[] {
  const plan = inFeet(given);
  const edition = EDITIONS[plan.buying.edition] ?? EDITIONS[LATEST_EDITION];
  if (!edition) throw new Error('the edition is gone');
  const market = marketOf(edition, plan.buying);
  const now = reckon(plan);
  const asked = asking(plan, market, reader, WHOLE_PLAN);
  return [
    ...now.findings.map((f) => sayFinding(f, reader)),
    ...STAGE_IDS.flatMap((stage) => cautionsFor(stage, plan)),
    ...STAGE_IDS.flatMap((stage) =>
      (QUESTIONS[stage]?.(asked) ?? []).flatMap((group) => [
        group.name,
        ...group.options.flatMap((o) => [o.title, o.note, sayChange(o.change, reader, market)]),
      ]),
    ),
    ...now.docket.lines.flatMap((line) => {
      const { name, note } = sayLine(line, reader, market);
      const workings = [line.working.need, line.working.price].flatMap((term) =>
        term ? workingLines(term, reader).flatMap((l) => [l.words, l.how, l.amount]) : [],
      );
      return [name, note, sayReason(line, reader), sayWeightAndTax(line, reader, market), ...workings];
    }),
    ...(Object.values(now.workings) as Term[]).flatMap((term) =>
      workingLines(term, reader).flatMap((l) => [l.words, l.how, l.amount]),
    ),
    docketCsv(plan, now),
    cutListCsv(plan, now),
  ];
}
const metricIn = (texts: readonly string[]) => [
  ...new Set(texts.flatMap((text) => text.split('\n')).filter((line) => METRIC.test(line))),
];

describe('a plan in feet has no metric word', () => {
  test.each(DEMO_PLANS.map((p) => [p.name, p] as const))(
    '%s, with all that can be chosen there',
    (_, plan) => {
      const named = inFeet(plan);
      // What the keeper wrote stays as it was written.
      const ground = {
        ...named.ground,
        services: named.ground.services.map((s) => ({ ...s, name: 'water pipe' })),
      };
      for (const [kind, one] of [
        ['as it is', named] as const,
        ...ofEveryKind({ ...named, ground }).slice(0, 12),
      ])
        expect([kind, metricIn(textsOf({ ...one, ground }))]).toEqual([kind, []]);
    },
  );
  test('in what is made, sold and assumed, and where keepers disagree', () => {
    const edition = EDITIONS[LATEST_EDITION];
    if (!edition) throw new Error('the edition is gone');
    const texts = [
      ...PACK_IDS.map((id) => packName(id, reader)),
      ...edition.meshes.flatMap((m) => [meshName(m, reader), wireName(m, reader)]),
      ...edition.timbers.map((t) => timberName(t, reader)),
      ...Object.values(SCHOOLS).flatMap((s) =>
        [s.question, ...s.schools, s.ours].map((t) => inUnits(t, 'imperial')),
      ),
      ...(Object.entries(ASSUMED) as [AssumptionId, (typeof ASSUMED)[AssumptionId]][]).flatMap(
        ([id, row]) => [assumedAs(row, 'imperial').name, sayRough(id, 1, 'imperial')],
      ),
    ];
    expect(metricIn(texts)).toEqual([]);
  });
  test('in what any change says', () => {
    const edition = EDITIONS[LATEST_EDITION];
    if (!edition) throw new Error('the edition is gone');
    const market = marketOf(edition, (DEMO_PLANS[0] as Plan).buying);
    expect(metricIn(Object.values(EVERY_VERB).map((change) => sayChange(change, reader, market)))).toEqual(
      [],
    );
  });
});

describe('meshes in feet go by their trade inches', () => {
  test.each([
    ['welded-100x50', '4″ × 2″'],
    ['welded-25', '1″ × 1″'],
    ['fine-13', '½″ × ½″'],
    ['fine-6', '¼″ × ¼″'],
    ['welded-75x50', '3″ × 2″'],
    ['stock-woven', '8″ × 6″'],
  ])('%s is %s', (id, said) => {
    const mesh = EDITIONS[LATEST_EDITION]?.meshes.find((m) => m.id === id);
    expect(mesh && meshName(mesh, reader)).toContain(said);
  });
});

test('a rule of thumb is told as one', () => {
  const feet = (text: string) => inUnits(text, 'imperial');
  expect(feet('one each 1.2 m and one more')).toBe('one each 4′ and one more');
  expect(feet('Straps each 2.4 m')).toBe('Straps each 8′');
  expect(feet('stays 2.5 m off')).toBe('stays 8′ 2½″ off');
  expect(feet('rods keep 10 m from mains')).toBe('rods keep 33′ from mains');
  expect(feet('Dry concrete mix, 20 kg bags')).toBe('Dry concrete mix, 44 lb bags');
  expect(feet('raise it by 50 mm at most')).toBe('raise it by 2″ at most');
  expect(feet('Run 5')).toBe('Run 5');
  expect(inUnits('one each 1.2 m', 'metric')).toBe('one each 1.2 m');
});
