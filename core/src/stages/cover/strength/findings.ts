import { partFields } from '../../../plan/partRef';
import { type Finding, finding } from '../../../findings/types';
import { type Section, timberSection } from '../../../catalogue/sections';
import type { Products } from '../../../catalogue/products';
import type { Plan } from '../../../plan/schema';
import type { Change } from '../../../plan/changes/types';
import { lerp } from '../../../ground/vector';
import { EPSILON, roundUp, tidy } from '../../../units/round';
import type { Threatened } from '../../threats/plan/kinds';
import { type Bar, spanOf } from '../held/lines';
import type { Supports } from '../held/supports';
import { type Cover, KINDS, type MemberField, makeupOf } from '../plan/kinds';
import { isHoused } from '../wanted';
import { bears, bent, padBears } from '../../../strength/beams';
import {
  type MemberKind,
  type Strength,
  type StrengthVerdict,
  used,
  worse,
} from '../../../strength/words/row';

/** What mends are made from. */
export interface StrengthSeenBy {
  readonly covers: readonly Cover[];
  readonly strength: readonly Strength[];
  readonly held: ReadonlyMap<string, Supports>;
  readonly products: Products;
  readonly strapHolds: number;
}

/** In which field of the choice the timber of a member is. */
const FIELD: Readonly<Partial<Record<MemberKind, MemberField>>> = {
  rail: 'rail',
  'edge-rail': 'rail',
  beam: 'beam',
  purlin: 'purlin',
  rafter: 'rafter',
  prop: 'prop',
};

/** What bears all that a member carries, bridged. */
function fits(row: Strength, section: Section): boolean {
  const { snow, own, carries, span } = row;
  if (row.member === 'prop') return padBears(section, span) >= (row.bridged ?? row).load - EPSILON;
  return bears(bent(section, span, (snow + own) * carries * 1000));
}

const areaOf = ({ area }: Section): number => area;

/** The next stronger timber that bears it; null where none does. */
export function strongerFor(row: Strength, products: Pick<Products, 'timbersOf'>): string | null {
  const sizes = products
    .timbersOf('joist')
    .map((timber) => ({ id: timber.id, section: timberSection(timber) }))
    .sort((a, b) => areaOf(a.section) - areaOf(b.section));
  return sizes.find(({ section }) => fits(row, section))?.id ?? null;
}

const set = (id: string, to: object): Change => ({ verb: 'set-cover', id, to });

/** A post under the middle of the longest span of the bar that is worst. */
function centrePost(row: Strength, { posts, beams, edgeRails }: Supports): Change | null {
  const { on, nth } = partFields(row.part);
  if (nth === undefined) return null;
  const bar: Bar | undefined =
    on === 'cover-beam' ? beams[nth - 1] : on === 'cover-edge' ? edgeRails[nth - 1] : undefined;
  if (!bar) return null;
  const span = spanOf(bar);
  const i = bar.held.findIndex((h, k) => k > 0 && Math.abs(h - (bar.held[k - 1] ?? 0) - span) < EPSILON);
  const middle = ((bar.held[i] ?? 0) + (bar.held[i - 1] ?? 0)) / 2;
  const at = lerp(bar.from, bar.to, middle / bar.length);
  const ids = new Set(posts.map((p) => p.id));
  const id =
    Array.from({ length: posts.length + 1 }, (_, n) => `p${n + 1}`).find((one) => !ids.has(one)) ?? 'p';
  return set(row.of, { posts: [...posts, { id, at: { x: tidy(at.x), y: tidy(at.y) } }] });
}

/** More beams, so that rails span less. */
function moreBeams(row: Strength, cover: Cover, { beams }: Supports): Change | null {
  if (makeupOf(cover).laid !== 'strips' || row.fits === null || row.member !== 'rail' || row.fits < 0.6)
    return null;
  const spans = Math.max(1, beams.length + 1);
  const wanted = roundUp((row.span * spans) / row.fits);
  const whole = row.span * spans;
  if (wanted <= spans || wanted > 40) return null;
  return set(row.of, {
    beams: Array.from({ length: wanted - 1 }, (_, i) => tidy((whole * (i + 1)) / wanted)),
  });
}

/** Where no timber sold bears a roof of sheets: strips of mesh, which can be propped, in its place. */
const meshInstead = ({ id, name, enclosure, ...cover }: Cover): Change => {
  const over = { id, name, enclosure, outline: null, height: 2, ...('height' in cover ? cover : {}) };
  const { outline, height } = over;
  return { verb: 'make-cover', cover: KINDS.strips.usual({ id, name, enclosure, outline, height }) };
};

/** Ways to mend a member that is too weak, the simplest first. */
function mendsOf(row: Strength, cover: Cover, by: StrengthSeenBy, plan: Threatened): readonly Change[] {
  const { member, of: id } = row;
  const made = makeupOf(cover);
  const drop = made.drop !== null && !isHoused(plan) ? [set(id, made.drop)] : [];
  if (member === 'post' || member === 'wrapped-post') return [set(id, { stays: 'stayed' }), ...drop];
  if (member === 'net' || member === 'wire') return drop;
  const held = by.held.get(id);
  const field = FIELD[member];
  const stronger = strongerFor(row, by.products);
  const posts = held && made.stands?.field === 'posts' ? [centrePost(row, held)] : [];
  const more = held ? [...posts, moreBeams(row, cover, held)] : [];
  return [
    ...(stronger !== null && field ? [set(id, { [field]: stronger })] : []),
    ...more.filter((change): change is Change => change !== null),
    ...(stronger === null && made.laid === 'sheets' && !isHoused(plan) ? [meshInstead(cover)] : []),
    ...drop,
  ];
}

/** As many as a choice may name. */
const MOST_STRAPS = 200;

/** What a strap has to be added to hold a cover down. */
function liftFinding(row: Strength, cover: Cover, strapHolds: number): Finding {
  const field = makeupOf(cover).tiedBy;
  const straps = field ? roundUp((row.load - row.allowed) / Math.max(strapHolds, 0.01)) : 0;
  const there = field && strapHolds > 0 ? Math.round(row.allowed / strapHolds) : 0;
  const more = field && there + straps <= MOST_STRAPS ? [set(cover.id, { [field]: there + straps })] : [];
  const params = { name: cover.name, lift: row.load, held: row.allowed, straps: there };
  return finding('cover.lifts', { severity: 'mend', stage: 'cover', part: row.part }, params, more);
}

/** What is too weak, once for each cover and member, by the worst of them. */
export function strengthFindings(by: StrengthSeenBy): readonly Finding[] {
  return by.covers.flatMap((cover): Finding[] => {
    const rows = by.strength.filter((s) => s.of === cover.id && s.verdict !== 'holds');
    const members = [...new Set(rows.map((r) => r.member))];
    return members.flatMap((member): Finding[] => {
      const rowsOfMember = rows.filter((r) => r.member === member);
      const [first] = rowsOfMember;
      if (!first) return [];
      const share = (r: Strength) => used(r.bridged ?? r, r);
      const worst = rowsOfMember.reduce((a, b) => (share(b) > share(a) ? b : a), first);
      if (member === 'uplift') return [liftFinding(worst, cover, by.strapHolds)];
      const verdict = rowsOfMember.reduce<StrengthVerdict>((v, r) => worse(v, r.verdict), 'holds');
      const only = verdict === 'holds dry snow';
      const count = rowsOfMember.filter((r) => r.verdict === verdict).length;
      const params = { name: cover.name, member, verdict, count, span: worst.span, fits: worst.fits };
      return [
        finding(
          'cover.weak',
          { severity: only ? 'know' : 'mend', stage: 'cover', part: worst.part },
          params,
          (plan: Plan) => mendsOf(worst, cover, by, plan),
        ),
      ];
    });
  });
}
