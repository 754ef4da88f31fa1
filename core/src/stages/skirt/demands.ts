import type { Demand, Reason } from '../../buying/demand';
import type { Products } from '../../catalogue/products';
import { PITCH, onePast, packed } from '../../fasteners/along';
import { type Seam, ringed } from '../../fasteners/seams';
import type { FenceLine } from '../../ground/fenceLines';
import type { Profile } from '../../ground/profile';
import type { Assumptions } from '../../plan/assumptions';
import { type PostsOn, postsOn } from '../posts/shown/postsOn';
import type { PostStage } from '../posts/shown/stage';
import type { BoardCourse } from '../walls/shown/boards';
import { jointLapOf } from '../../catalogue/rigid';
import { clearSpans } from '../walls/shown/runs';
import { type Term, product, sum, value } from '../../working';
import { edgePegs } from './pegs';
import type { LaidCourse, SkirtLayout } from './stage';

/** What skirts are laid of. */
export interface SkirtDemandsBy {
  readonly products: Pick<Products, 'mesh'>;
  readonly laid: SkirtLayout;
  /** The ground under their lines. */
  readonly profiles: ReadonlyMap<FenceLine, Profile>;
  readonly assumed: Assumptions;
}

/** What they are fastened to. */
export interface SkirtsFastenedBy {
  readonly laid: SkirtLayout;
  readonly posts: PostStage;
  readonly boards: readonly BoardCourse[];
}

const reasonOf = ({ lines, building }: LaidCourse): Reason => ({
  stage: 'skirt',
  part: building
    ? { on: 'house-skirt', building: building.id, wall: 1 }
    : { on: 'skirt', side: lines[0]?.id ?? '' },
});

/** Where it laps up the wall, between gates. */
function laps({ lines, shape }: LaidCourse, profiles: SkirtDemandsBy['profiles']): readonly Seam[] {
  if (shape.up <= 0) return [];
  const along = (line: FenceLine, from: number, to: number) => {
    const profile = profiles.get(line);
    return profile ? profile.groundAt(to) - profile.groundAt(from) : to - from;
  };
  return lines
    .flatMap(clearSpans)
    .map(({ line, from, to }): Seam => ({ kind: 'skirt', length: along(line, from, to) }));
}

const timberOf = (on: PostsOn, lines: readonly FenceLine[]): number =>
  [...on(lines)].filter((p) => p.product.material === 'timber').length;

/** The half of a folded skirt that goes up the wall is stapled to posts; a skirt along a house, to its boards; any, to boards at the ground. */
function staples(course: LaidCourse, on: PostsOn, boards: readonly BoardCourse[]): Term[] {
  const { shape, lines, chains } = course;
  const terms: Term[] = [];
  if (shape.mesh !== null) {
    const skirted = new Set(lines.flatMap((line) => line.members.map((m) => m.ringSide.side.id)));
    for (const { at, runs } of boards)
      for (const { length, spans } of runs)
        if (at === 'ground' && spans.some((span) => skirted.has(span.side)))
          terms.push(onePast('fasten.board', length, PITCH.low, { at: 'skirt', length }));
  }
  if (shape.stapled) {
    const params = { height: shape.up, spacing: PITCH.low };
    terms.push(
      product('fasten.posts', 'piece', params, [
        value('fasten.post-count', timberOf(on, lines), 'piece', {}),
        onePast('fasten.each-post', shape.up, PITCH.low, params),
      ]),
    );
  }
  for (const { of, length } of chains.flatMap((c) => c.edges)) {
    if (of.on === 'house') terms.push(onePast('fasten.board', length, PITCH.low, { at: 'house', length }));
  }
  return terms;
}

/** What holds skirts to posts, boards and the house. */
export function skirtFasteners({ laid, posts, boards }: SkirtsFastenedBy): readonly Demand[] {
  const on = postsOn(posts.posts);
  return laid.courses.map((course) => packed(reasonOf(course), 'staple', staples(course, on, boards)));
}

/** Strips of mesh with what laps and pegs them, and stones and concrete: whichever posts they lie along. */
export function skirtDemands({ products, laid, profiles, assumed }: SkirtDemandsBy): readonly Demand[] {
  return laid.courses.flatMap((course): Demand[] => {
    const { shape, strips, stripWidth, runs, stretches, bags } = course;
    const { mesh, fill } = shape;
    const reason = reasonOf(course);
    const filled = bags && fill ? [packed(reason, fill.pack, [bags])] : [];
    if (mesh === null) return filled;
    const length = strips.reduce((total, s) => total + s.length, 0);
    return [
      {
        ...reason,
        buy: 'strip',
        mesh,
        width: stripWidth,
        lap: jointLapOf(products.mesh(mesh).type, assumed.jointLap),
        runs,
        takes: { least: length, most: length },
        need: () => [
          sum(
            'mesh.skirt',
            'm',
            {},
            strips.flatMap((s) => s.working.terms),
          ),
        ],
      },
      ringed(reason, laps(course, profiles)),
      edgePegs(reason, stretches),
      ...filled,
    ];
  });
}
