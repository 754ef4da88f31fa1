import type { PartRef } from '../../plan/partRef';

/** Whether a member bears what it may carry: only what passes bridged holds (rules: Cover). */
export type StrengthVerdict = 'holds' | 'holds dry snow' | 'fails';

export type MemberKind =
  | 'rail'
  | 'edge-rail'
  | 'beam'
  | 'purlin'
  | 'rafter'
  | 'prop'
  | 'net'
  | 'wire'
  | 'post'
  | 'wrapped-post'
  | 'uplift'
  | 'ridge'
  | 'ridge-prop'
  | 'arch-lift'
  | 'arch-slide';

/** A member under one load: load kN/m along it, or kN where it is pressed, pulled or lifted. */
export interface Loaded {
  readonly load: number;
  /** In the unit of `allowed`. */
  readonly stress: number;
  /** m; null where nothing bends. */
  readonly deflection: number | null;
}

/** How one member of a cover or an arch, or what it pulls at, bears snow or wind. Lengths m. */
export interface Strength extends Loaded {
  /** The cover or arch, by its id. */
  readonly of: string;
  readonly part: PartRef;
  readonly member: MemberKind;
  /** What it is made of; null for a net or a cover that is lifted. */
  readonly product: string | null;
  readonly unit: 'kN/m' | 'kN';
  /** Of stress and what is allowed: MPa where something bends, kN or kN/m where it is held. */
  readonly measure: 'MPa' | 'kN' | 'kN/m';
  readonly allowed: number;
  readonly allowedDeflection: number | null;
  /** The same under a cover that is bridged by snow; null for wind. */
  readonly bridged: Loaded | null;
  readonly verdict: StrengthVerdict;
  readonly span: number;
  /** Width or area that it carries, m or m². */
  readonly carries: number;
  /** Of the ground, doubled under a drift, kPa; 0 for wind. */
  readonly snow: number;
  /** What dry snow leaves of it. */
  readonly share: number;
  /** Of the cover itself, kPa. */
  readonly own: number;
  /** Below a roof that can slide: it never holds. */
  readonly slides: boolean;
  /** Section modulus, m³; 0 where nothing bends. */
  readonly modulus: number;
  /** The span at which it would bear all, m; null where that is no way to mend it. */
  readonly fits: number | null;
}

const SLACK = 1e-9;
const within = (
  { stress, deflection }: Loaded,
  { allowed, allowedDeflection }: Pick<Strength, 'allowed' | 'allowedDeflection'>,
): boolean =>
  stress <= allowed * (1 + SLACK) &&
  (deflection === null || allowedDeflection === null || deflection <= allowedDeflection * (1 + SLACK));

/** The verdict of a member: *holds* only if it bears what lies on it bridged, and no roof can slide on it. */
export function verdictOf(
  row: Loaded & Pick<Strength, 'allowed' | 'allowedDeflection' | 'bridged' | 'slides'>,
): StrengthVerdict {
  if (!within(row, row)) return 'fails';
  return (row.bridged === null || within(row.bridged, row)) && !row.slides ? 'holds' : 'holds dry snow';
}

const RANK: readonly StrengthVerdict[] = ['holds', 'holds dry snow', 'fails'];
export const worse = (a: StrengthVerdict, b: StrengthVerdict): StrengthVerdict =>
  RANK.indexOf(a) >= RANK.indexOf(b) ? a : b;

/** How much of what is allowed is used, at most; over 1 it fails. */
export const used = (
  { stress, deflection }: Loaded,
  { allowed, allowedDeflection }: Pick<Strength, 'allowed' | 'allowedDeflection'>,
): number =>
  Math.max(
    allowed > 0 ? stress / allowed : Infinity,
    deflection !== null && allowedDeflection !== null && allowedDeflection > 0
      ? deflection / allowedDeflection
      : 0,
  );
