import type { RollMarket } from '../../catalogue/market';
import { type Finding, finding } from '../../findings/types';
import type { Change, Scope } from '../../plan/changes/types';
import { type Facet, scopeOf } from '../../plan/effective';
import type { FenceLine } from '../../ground/fenceLines';
import { type PartRef, formatPart } from '../../plan/partRef';
import type { Band, Plan } from '../../plan/schema';
import type { Foot } from '../../ground/foot';
import { type OpeningLimits, nearOf, passing, shorterSide } from '../threats/shown/openings';
import { breaking, finerMesh, tornBy, wireAgainst } from '../threats/shown/strongMesh';
import { EPSILON, tidy } from '../../units/round';
import { isRigid } from '../../catalogue/rigid';
import { bandChange } from './bandChange';
import type { HungBand } from './rows';
import { type WallGroup, bandPart } from './shown/groups';

/** So much more lap than is needed is a mistake and not a tape, m. */
const WASTED_LAP = 0.05;

/** What bands are looked at by. */
export interface BandsSeenBy {
  readonly market: RollMarket;
  readonly limits: OpeningLimits;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
  readonly spacings: ReadonlyMap<FenceLine, Facet<'spacing'>>;
  readonly boards: ReadonlyMap<FenceLine, Facet<'boards'>>;
  readonly feet: ReadonlyMap<string, Foot>;
}

interface Seen extends BandsSeenBy {
  readonly group: WallGroup;
  readonly band: HungBand;
  readonly part: PartRef;
  readonly change: (to: Partial<Omit<Band, 'id'>>) => Change;
}

/** How high mesh comes up from the foot on every side of a group, m. */
const lappedTo = ({ lines }: WallGroup, feet: ReadonlyMap<string, Foot>): number =>
  Math.min(...lines.flatMap((l) => l.members.map((m) => feet.get(m.ringSide.side.id)?.up ?? 0)));

function passes({ market, limits, group, band, part, change, ...about }: Seen): Finding[] {
  const found: Finding[] = [];
  const mesh = market.mesh(band.band.mesh);
  const opening = shorterSide(mesh);
  const lapped = lappedTo(group, about.feet);
  // Behind mesh that comes up from the foot no hole of this band is free: that mesh is looked at by its own stage.
  if (band.top <= lapped + EPSILON) return [];
  const from = Math.max(group.bands[band.index - 1]?.top ?? 0, lapped);
  const hang = (finer: () => string | undefined) => () => {
    const id = finer();
    return id === undefined ? [] : [change({ mesh: id, widths: 'cheapest' })];
  };
  for (const { code, severity, threats, limit, mendTo } of passing(limits, opening, nearOf(from))) {
    const params = { of: 'band' as const, opening, threats, limit, from };
    const finer = hang(() => finerMesh(market, mendTo, wireAgainst(about, breaking(about))));
    found.push(finding(code, { severity, stage: 'walls', part }, params, finer));
  }
  if (limits.bird && opening > limits.bird.opening + EPSILON) {
    const params = { kind: limits.bird.kind, opening, holds: limits.bird.opening };
    found.push(finding('birds.through', { severity: 'mend', stage: 'walls', part }, params));
  }
  const torn = tornBy(about, mesh.type, mesh.wire);
  if (torn) {
    const params = { of: 'band' as const, ...torn, wire: mesh.wire };
    const mends = hang(() => finerMesh(market, limits.largestOpening ?? 1, wireAgainst(about, torn.threats)));
    found.push(finding('mesh.torn', { severity: 'mend', stage: 'walls', part }, params, mends));
  }
  return found;
}

function reaches({ band, part, change }: Seen): Finding[] {
  const lower = change({ top: tidy(band.top) });
  if (band.tooTall) {
    const params = { height: band.band.top + band.overhang - band.bottom };
    return [finding('band.no-roll', { severity: 'mend', stage: 'walls', part }, params, [lower])];
  }
  if (band.shortBy <= EPSILON) return [];
  const params = { reach: band.top, top: band.band.top, by: band.shortBy };
  return [
    finding('band.short', { severity: 'mend', stage: 'walls', part }, params, [
      lower,
      change({ widths: 'cheapest' }),
    ]),
  ];
}

/** Where the keeper said that a band starts: a hole under it, a thin lap, or more lap than is of use. */
function meets({ market, boards, group, band, part, change }: Seen): Finding[] {
  // What is added to a fence that stands begins on its old mesh.
  if (group.stands || band.band.bottom === undefined || band.band.bottom === null) return [];
  const mends = [change({ bottom: null })];
  const below = group.bands[band.index - 1];
  if (!below) {
    const [line] = group.lines;
    const board = (line && boards.get(line)?.boards.ground) ?? null;
    const closed = board === null ? 0 : market.timber(board).width;
    const hole = band.bottom - closed;
    if (hole <= EPSILON) return [];
    return [
      finding(
        'band.hole',
        { severity: 'mend', stage: 'walls', part },
        { from: closed, to: band.bottom, hole },
        mends,
      ),
    ];
  }
  if (band.lap < -EPSILON) {
    const params = { from: below.top, to: band.bottom, hole: -band.lap };
    return [finding('band.hole', { severity: 'mend', stage: 'walls', part }, params, mends)];
  }
  const params = { at: below.top, lap: band.lap, wanted: band.lapWanted };
  if (band.lap < band.lapWanted - EPSILON)
    return [finding('band.thin-lap', { severity: 'mend', stage: 'walls', part }, params, mends)];
  if (band.lap > band.lapWanted + WASTED_LAP + EPSILON)
    return [finding('band.overlaps', { severity: 'mend', stage: 'walls', part }, params, mends)];
  return [];
}

/** Where a choice is changed for a group: where it was made apart, otherwise where its bands were. */
function where(plan: Plan, { lines, scope }: WallGroup, choice: 'spacing' | 'bays' | 'overhang'): Scope {
  const [line] = lines;
  const own = line ? scopeOf(plan, line.id, choice) : scope;
  return own.scope === 'plan' ? scope : own;
}

/** Posts at a panel's own module, the rest last, so that no panel is cut but the last of a side (rules: Posts). */
function module({ market, spacings, group, band, part }: Seen): Finding[] {
  const mesh = market.mesh(band.band.mesh);
  const [line] = group.lines;
  const chosen = line && spacings.get(line);
  if (!isRigid(mesh.type) || !chosen) return [];
  const { spacing, bays } = chosen;
  const panel = Math.max(...market.rollLengths(mesh.id, band.rows[0]?.width ?? 0));
  const share = panel / Math.max(1, Math.round(panel / spacing));
  const fits = Math.abs(share - spacing) < 0.005;
  if (fits && bays === 'module') return [];
  const mends = (plan: Plan): Change[] => [
    ...(fits
      ? []
      : [{ verb: 'set-spacing', scope: where(plan, group, 'spacing'), spacing: tidy(share) } as const]),
    ...(bays === 'module'
      ? []
      : [{ verb: 'set-bays', scope: where(plan, group, 'bays'), bays: 'module' } as const]),
  ];
  return [
    finding(
      'panel.module',
      { severity: 'know', stage: 'walls', part },
      { panel, spacing, module: share },
      mends,
    ),
  ];
}

/** A panel does not fold, and bears no overhang. */
function folds({ market, group, band, part }: Seen): Finding[] {
  if (band.overhang === 0 || !isRigid(market.mesh(band.band.mesh).type)) return [];
  return [
    finding(
      'overhang.rigid',
      { severity: 'mend', stage: 'walls', part },
      { overhang: band.overhang },
      (plan) => [{ verb: 'set-overhang', scope: where(plan, group, 'overhang'), overhang: 0 }],
    ),
  ];
}

/** What is weak about a group's bands, with the mends. */
function bandFindings(by: BandsSeenBy, group: WallGroup): readonly Finding[] {
  return group.bands.flatMap((band) => {
    const seen: Seen = {
      ...by,
      group,
      band,
      part: bandPart(group.scope, band.band.id),
      change: bandChange(group, band),
    };
    return [...passes(seen), ...reaches(seen), ...meets(seen), ...module(seen), ...folds(seen)];
  });
}

/** Sides that step are cut apart from those that do not: what is wrong with a band of both is said once. */
export function wallFindings(by: BandsSeenBy, groups: readonly WallGroup[]): readonly Finding[] {
  const seen = new Set<string>();
  return groups
    .flatMap((group) => bandFindings(by, group))
    .filter(({ code, part, severity }) => {
      const key = `${code} ${formatPart(part)} ${severity}`;
      return !seen.has(key) && seen.add(key);
    });
}
