import { type School } from '../../saying/school';
import { type Cautions } from '../../plan/cautions';
import type { VERBS } from './verbs';
import { type MeshType } from '../../catalogue/types';
import { type SideParam } from '../../saying/sentences';
import { type Reader } from '../../saying/reader';
import { MESH_NAMES, meshName } from '../../catalogue/names';
import { type Market } from '../../catalogue/market';
type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];
/** How steep a side is for the mesh that minds most; grades rise over run. */
export interface SlopeParams {
  readonly side: number;
  readonly grade: number;
  readonly limit: number;
  readonly mesh: MeshType;
}

/** What walls take to build, and where their hours are told. */
export const HOURS = {
  'hours.mesh': () => 'hang mesh',
  'hours.boards': () => 'put up boards and rails',
} as const;
export const HOURS_FIGURES = { 'hours.boards': 'boards', 'hours.mesh': 'mesh' } as const;

/** What a working of walls is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
  'mesh.side': ({ side }: SideParam) => `side ${side}`,
  'mesh.gate': () => 'less the gate, clear width',
  'mesh.ends': () => 'free ends, turned back round the post',
  'mesh.end-count': () => 'ends',
  'mesh.end-each': () => 'each',
  'mesh.above': () => 'above gates lower than the wall, with ends',
  'mesh.patch': () => 'patches of the overhang at corners',
  'timber.piece': () => 'pieces of one length',
  'mesh.lean': () => 'hung parallel to the slope, ends cut plumb',
  'mesh.lean-again': () => 'a slope with a joint, cut plumb again',
  'mesh.lean-pieces': () => 'further pieces',
  'mesh.lean-each': () => 'each',
  'mesh.lean-height': () => 'high',
  'mesh.lean-grade': () => 'grade',
  'mesh.need': () => 'need',
  'mesh.wall': ({ top }: { readonly top: number }, r: Reader) => `wall up to ${r.length(top)}`,
} as const;

export interface SlopeLeans {
  readonly side: number;
  readonly grade: number;
  readonly extra: number;
}
export interface PanelModule {
  readonly panel: number;
  readonly spacing: number;
  readonly module: number;
}

/** What is found about walls. Lengths m. */
export const FINDINGS = {
  'slope.leans': ({ side, grade, extra }: SlopeLeans, r: Reader) =>
    `Side ${side} climbs ${r.grade(grade)}: mesh follows it, and each piece takes up to ${r.about(extra)} more at its end, since it leans and is cut plumb.`,
  'slope.follows': ({ side, grade, limit, mesh }: SlopeParams, r: Reader) =>
    `Side ${side} climbs ${r.grade(grade)}; ${MESH_NAMES[mesh].toLowerCase()} mesh follows ${r.grade(limit)} at most and would buckle. Step it.`,
  'slope.steps': ({ side, grade, limit, mesh, drop }: SlopeParams & { readonly drop: number }, r: Reader) =>
    `Side ${side} climbs ${r.grade(grade)} and ${MESH_NAMES[mesh].toLowerCase()} mesh follows ${r.grade(limit)}: it steps bay by bay, up to ${r.about(drop)} a bay, and the lowest band is so much higher.`,
  'band.short': (
    { reach, top, by }: { readonly reach: number; readonly top: number; readonly by: number },
    r: Reader,
  ) => `The widths chosen reach ${r.length(reach)}: ${r.length(by)} short of ${r.length(top)}.`,
  'band.no-roll': ({ height }: { readonly height: number }, r: Reader) =>
    `No three widths sold together make ${r.length(height)}. Lower the wall or add a band.`,
  'band.hole': (
    { from, to, hole }: { readonly from: number; readonly to: number; readonly hole: number },
    r: Reader,
  ) => `Nothing closes the wall from ${r.length(from)} to ${r.length(to)}: a hole of ${r.opening(hole)}.`,
  'band.thin-lap': (
    { at, lap, wanted }: { readonly at: number; readonly lap: number; readonly wanted: number },
    r: Reader,
  ) => `The bands at ${r.length(at)} lap by ${r.opening(lap)}; they want ${r.opening(wanted)}.`,
  'band.overlaps': (
    { at, lap, wanted }: { readonly at: number; readonly lap: number; readonly wanted: number },
    r: Reader,
  ) =>
    `The bands at ${r.length(at)} lie over each other by ${r.length(lap)} where ${r.opening(wanted)} will do: mesh is wasted.`,
  'panel.module': ({ panel, spacing, module }: PanelModule, r: Reader) =>
    `A panel of ${r.length(panel)} is cut at posts ${r.length(spacing)} apart at most: set in full bays of ${r.length(module)}, it need not be.`,
  'overhang.rigid': ({ overhang }: { readonly overhang: number }, r: Reader) =>
    `A rigid panel does not fold outward by ${r.length(overhang)}. Put mesh on top, or leave the overhang off.`,
} as const;

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-slope': ({ slope }: Of<'set-slope'>) => {
    if (slope.foot === 'mesh') return 'Carry the mesh down to the ground';
    if (slope.foot === 'gap') return 'Leave the gap under each step';
    return slope.hang === 'follow'
      ? 'Hang the mesh along the slope'
      : slope.hang === 'step'
        ? 'Step the mesh bay by bay'
        : 'Step where the mesh cannot follow';
  },
  'set-band': ({ to }: Of<'set-band'>, r: Reader, market: Market) => {
    if (to.mesh !== undefined) return `Hang ${meshName(market.mesh(to.mesh), r)} instead`;
    if (to.bottom !== undefined)
      return to.bottom === null ? 'Let it lap the band below' : `Start the band at ${r.length(to.bottom)}`;
    if (to.top !== undefined) return `Take the band to ${r.length(to.top)}`;
    return to.widths === 'cheapest' ? 'Choose the cheapest widths that reach' : 'Choose the roll widths';
  },
  'add-band': () => 'Add a band',
  'remove-band': () => 'Take the band off',
  'set-hanging': ({ hanging }: Of<'set-hanging'>) =>
    hanging === 'continuous' ? 'Run the mesh round corners' : 'Cut the mesh at each corner',
  'set-boards': ({ boards }: Of<'set-boards'>) => {
    const [at = 'ground', timber = null] = Object.entries(boards)[0] ?? [];
    const where = at === 'ground' ? 'at the ground' : 'at the top';
    return timber === null ? `No board ${where}` : `Put a board ${where}`;
  },
  'set-overhang': ({ overhang }: Of<'set-overhang'>, r: Reader) =>
    overhang === 0 ? 'No overhang' : `Fold ${r.length(overhang)} outward at the top`,
} as const;

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Gloves with mesh, eye protection when cutting it. Cut ends face outside, turned back or hammered flat.',
  'Leave no wire or staple crumbs where birds peck.',
];

/** Where keepers disagree about walls. */
export const SCHOOLS = {
  hex: {
    question: 'Is hexagonal netting any good?',
    schools: ['Fine over a rigid panel', 'Never'],
    ours: 'Only to hold birds, or over panels: alone, a fox tears it.',
  },
  hanging: {
    question: 'Round the corners, or cut there?',
    schools: [
      'Round corners: fewer cuts, harder to pull',
      'Cut at each corner: easy to pull, one joint a corner',
    ],
    ours: 'Round corners, which leaves fewer ends; cut where one person pulls alone.',
  },
  pull: {
    question: 'How hard is mesh pulled?',
    schools: ['Hand-tight, a little slack: gives in wind and knocks', 'Winched taut'],
    ours: 'Hand-tight for welded mesh: hauled like field fence, its welds pop.',
  },
} as const satisfies Readonly<Record<string, School>>;
