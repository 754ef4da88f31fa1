import type { Cut } from '../drawing/cut';
import type { InkKind } from '../drawing/inks';
import type { Primitive } from '../drawing/scene';
import { section as arch } from './arch/section';
import { section as cover } from './cover/section';
import { section as posts } from './posts/section';
import { section as skirt } from './skirt/section';
import type { Part } from './told';
import { section as walls } from './walls/section';

type OnSection = (part: Part, cut: Cut) => readonly Primitive<InkKind>[];

/** Parts where a line across the sheet cuts them or passes them, one over the other. */
const SECTIONS: readonly OnSection[] = [skirt, walls, posts, arch, cover];

/** A part as a section shows it. */
export const sectionShapes: OnSection = (...given) => SECTIONS.flatMap((draw) => draw(...given));
