import { timberSection } from '../../../catalogue/sections';
import type { Products } from '../../../catalogue/products';
import type { Assumptions } from '../../../plan/assumptions';
import { padBears } from '../../../strength/beams';
import { type Bearing, bentRow, heldRow } from '../../../strength/held';
import type { Strength } from '../../../strength/words/row';
import { dryShare } from '../../../strength/snow';
import { upliftOf, windOn } from '../../../strength/wind';
import { propsOf, ridgeSpan, stakesOf, strapsOf } from '../frame/frame';
import { weightOf } from '../frame/moved';
import type { ArchShape } from '../shape';

const KN = 1000;
/** Of what presses it down, an arch holds so much against being pushed along (rules: Cover). */
const FRICTION = 0.4;

/** What arches are checked by. */
export interface ArchStrengthBy {
  readonly products: Products;
  readonly assumed: Assumptions;
}

/** What lies on it in winter: film, or the skin alone; what is bare bears no snow. */
function shareOf({ arch, made }: ArchShape, products: Products): number {
  if (arch.film !== null) return 1;
  const mesh = arch.skin ?? made.panels?.mesh ?? null;
  return mesh === null ? 0 : dryShare(products.mesh(mesh));
}

/** The ridge as a beam from prop to prop: it carries half the base. */
function ridgeRow(shape: ArchShape, loads: Bearing, { products, assumed }: ArchStrengthBy): Strength[] {
  const { arch, base } = shape;
  if (arch.ridge === null) return [];
  return [
    bentRow(loads, {
      member: 'ridge',
      part: { on: 'arch-piece', arch: arch.id, of: 'ridge', nth: 1 },
      product: arch.ridge,
      section: timberSection(products.timber(arch.ridge)),
      span: ridgeSpan(shape),
      carries: base / 2,
      snow: assumed.groundSnow,
      slides: false,
    }),
  ];
}

/** Props under it, each with half the way to the next on both sides. */
function propRows(shape: ArchShape, loads: Bearing, { products, assumed }: ArchStrengthBy): Strength[] {
  const { arch, base, top } = shape;
  const section = timberSection(products.timber(arch.prop));
  const area = (ridgeSpan(shape) * base) / 2;
  const load = (share: number) => assumed.groundSnow * share * area;
  return Array.from({ length: propsOf(shape) }, (_, i) =>
    heldRow(loads, {
      member: 'ridge-prop',
      part: { on: 'arch-piece', arch: arch.id, of: 'prop', nth: i + 1 },
      unit: 'kN',
      measure: 'kN',
      product: arch.prop,
      span: top,
      carries: area,
      allowed: padBears(section, top),
      snow: assumed.groundSnow,
      slides: false,
      under: (share) => ({ load: load(share), stress: load(share) }),
    }),
  );
}

/** What lifts and what pushes an arch under film in the strongest gust, and what holds it, kN. */
export interface ArchWind {
  readonly lift: number;
  readonly holdsDown: number;
  readonly push: number;
  readonly holdsBack: number;
}

/** @see rules: Cover. Uplift counts plan area, sliding the side view; friction 0.4 × (weight − uplift), none if negative */
export function windOnArch(shape: ArchShape, { products, assumed }: ArchStrengthBy): ArchWind | null {
  const { arch, base, ribs, top } = shape;
  if (arch.film === null) return null;
  const weight = (weightOf(shape, products) * 9.81) / KN;
  const stakes = stakesOf(shape) * assumed.stakeHolds;
  const lift = upliftOf(assumed.gust, base * ribs.built, 'closed');
  return {
    lift,
    holdsDown: weight + stakes + strapsOf(shape) * assumed.strapHolds,
    push: windOn(assumed.gust) * ribs.built * top,
    holdsBack: stakes + FRICTION * Math.max(0, weight - lift),
  };
}

function windRows(shape: ArchShape, loads: Bearing, by: ArchStrengthBy): Strength[] {
  const wind = windOnArch(shape, by);
  if (!wind) return [];
  const { arch, base, ribs, top } = shape;
  const row = (member: 'arch-lift' | 'arch-slide', load: number, allowed: number, carries: number) =>
    heldRow(loads, {
      member,
      part: { on: 'arch', arch: arch.id },
      unit: 'kN',
      measure: 'kN',
      span: 0,
      carries,
      allowed,
      snow: 0,
      slides: false,
      wind: true,
      under: () => ({ load, stress: load }),
    });
  return [
    row('arch-lift', wind.lift, wind.holdsDown, base * ribs.built),
    row('arch-slide', wind.push, wind.holdsBack, ribs.built * top),
  ];
}

/** How an arch bears snow on its ridge and props, and the wind on its film. */
export function archStrength(shape: ArchShape, by: ArchStrengthBy): readonly Strength[] {
  if (!shape.curve) return [];
  const loads: Bearing = { of: shape.arch.id, share: shareOf(shape, by.products), own: 0 };
  return [...ridgeRow(shape, loads, by), ...propRows(shape, loads, by), ...windRows(shape, loads, by)];
}
