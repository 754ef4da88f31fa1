import { type Ring } from '../../ground/survey';
import { type SideFrame } from './frames';
import type { PostRole, Service, Side } from '../../plan/schema';
import type { InkKind } from './inks';
import type { Vector } from '../../ground/vector';

/**
 * A drawing in metres, as layers of primitives: web paints it, files and print embed it. Line weights and patterns carry
 * meaning and belong to the painter; here is only what each thing is and where.
 */
export type FenceLayer = 'run' | 'foot' | 'side' | 'gate' | 'over' | 'post' | 'marks';

/** What a thing is: mostly what it is inked by; posts by their role, buried lines by what runs in them. */
export type SceneKind = InkKind | PostRole | Service['kind'];

export type Primitive<K extends SceneKind = SceneKind> =
  | {
      readonly shape: 'polygon';
      readonly kind: K;
      readonly part: string;
      readonly points: readonly Vector[];
      readonly label?: string;
    }
  | {
      readonly shape: 'line';
      readonly kind: K;
      readonly part: string;
      readonly points: readonly Vector[];
      readonly label?: string;
    }
  | {
      readonly shape: 'circle';
      readonly kind: K;
      readonly part: string;
      readonly at: Vector;
      readonly radius: number;
      readonly label?: string;
    }
  | {
      readonly shape: 'square';
      readonly kind: K;
      readonly part: string;
      readonly at: Vector;
      readonly size: number;
      readonly along: Vector;
    }
  | {
      /** A gate leaf standing open: hinge, latch, and the tip of the open leaf. */
      readonly shape: 'swing';
      readonly kind: K;
      readonly part: string;
      readonly hinge: Vector;
      readonly latch: Vector;
      readonly tip: Vector;
    };

/** Where a primitive lies: its corners, or its middle; of a leaf that stands open, nothing. */
export function placesOf(drawn: Primitive): readonly Vector[] {
  if (drawn.shape === 'polygon' || drawn.shape === 'line') return drawn.points;
  return drawn.shape === 'swing' ? [] : [drawn.at];
}

export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** What was there before the fence: it changes only when the ground does. */
export interface GroundScene {
  readonly building: readonly Primitive<InkKind>[];
  readonly tree: readonly Primitive<InkKind>[];
  /** Poles and stacks. */
  readonly obstacle: readonly Primitive<InkKind>[];
  readonly service: readonly Primitive<Service['kind']>[];
  readonly boundary: readonly Primitive<InkKind>[];
}

/** Posts by their role; those that stand already as such. */
export type PostKind = PostRole | 'post-standing';

export interface SheetScene {
  readonly layers: Readonly<Record<Exclude<FenceLayer, 'post'>, readonly Primitive<InkKind>[]>> & {
    readonly post: readonly Primitive<PostKind>[];
  };
  /** Sides with their numbers, lengths and outward normals, for dimensions and handles. */
  readonly sides: readonly SheetSide[];
  readonly corners: readonly SheetCorner[];
  readonly extent: Extent;
}

export interface SheetSide {
  readonly id: string;
  readonly number: number;
  readonly kind: Side['kind'];
  readonly start: Vector;
  readonly end: Vector;
  readonly outward: Vector;
  readonly length: number;
  readonly movable: boolean;
  /** How far what lies at its foot reaches out, m: nothing may be written over it. */
  readonly reach: number;
}

/** A corner as the first ring that passes it turns there. */
export interface SheetCorner {
  readonly id: string;
  readonly number: number;
  readonly at: Vector;
  /** Inside the run, radians: π where the fence goes straight on. */
  readonly angle: number;
  /** Unit vector into the run, half way between its two sides. */
  readonly inward: Vector;
  /** The shorter of the two sides that meet there, m. */
  readonly reach: number;
}

export function extentOf(points: readonly Vector[]): Extent {
  if (points.length === 0) return { left: 0, right: 1, low: 0, high: 1 };
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) };
}

/** A line that a stage draws on the strip, from the outside. */
export interface StripLine {
  readonly part: string;
  readonly kind: InkKind;
  readonly points: readonly Vector[];
  /** Drawn once for each, so many px lower. */
  readonly lower: readonly number[];
}

/** The ground along a side as it is unrolled; nothing for a side of another run. */
export type GroundOf = (side: string, from: number, to: number) => readonly Vector[];

/** Where the sides of the plan lie on the sheet. */
export interface SheetFrame {
  readonly rings: readonly Ring[];
  readonly frames: ReadonlyMap<string, SideFrame>;
}

/** A length of mesh as an outline over the unrolled ground. */
export interface StripPanel {
  readonly part: string;
  readonly origin: 'new' | 'standing';
  readonly from: number;
  readonly to: number;
  readonly bottom: number;
  readonly mesh: string;
  readonly points: readonly Vector[];
}
