import type { WallMarket } from '../catalogue/market';
import type { Memo } from '../cutting/memo';
import type { Run } from '../cutting/types';
import type { Plan } from '../plan/schema';
import { type MeshCourse, courseOf } from './courses';
import { type WallGroup, type WallsBy, gatherLines } from './groups';
import { askWidths, hangWith } from './hang';
import { isRigid } from './rigid';
import { type Weighed, settleWidths } from './settle';
import type { StackChoice } from './stackProof';
import { type ChooseStacks, chooseStacks } from './chooseStacks';
import type { Anyway, Stack, StackWant } from './stacks';

/** Walls with their widths of roll. */
export interface HungWalls {
  readonly groups: readonly WallGroup[];
  readonly courses: readonly MeshCourse[];
  /** The roll of each strip of skirt that asked for one. */
  readonly strips: readonly Stack[];
}

export interface WallStage extends HungWalls {
  /** What the choice of roll widths rests on. */
  readonly choice: StackChoice;
}

/** How the widths of rolls are come by. */
export interface WidthsBy {
  /** Strips of skirts, whose rolls are chosen with these. */
  readonly strips: readonly StackWant[];
  /** What is taken anyway. */
  readonly taken: Anyway;
  /** The first choice; the cheapest by length unless given. */
  readonly choose?: ChooseStacks | undefined;
  /** What the rolls of some meshes cost as cut; without it the first choice is kept. */
  readonly weigh?: ((walls: HungWalls, meshes: ReadonlySet<string>) => Weighed) | undefined;
}

/** How many pieces of mesh there are to lay out, each bay for itself. */
const piecesOf = ({ courses }: HungWalls, extras: Plan['extras']): number => {
  const bays = (run: Run) => (run.joints === 'anywhere' ? 1 : run.joints.length + 1);
  const hung = courses.flatMap((c) => [...c.runs, ...c.leaves, ...c.above]);
  return hung.reduce((total, run) => total + bays(run), 0) + extras.reduce((total, e) => total + e.count, 0);
};

/** Bands hung on the posts as set out: courses of mesh with their runs, from the rolls that cost least. */
export function wallStage(
  by: WallsBy & { readonly market: WallMarket; readonly memo: Memo } & Pick<Plan, 'owned' | 'extras'>,
  { strips, taken, choose = chooseStacks, weigh }: WidthsBy,
): WallStage {
  const { market, lies, assumed, memo } = by;
  const gathered = gatherLines(by);
  const asked = askWidths(gathered, strips, taken);
  const hung = (stacks: readonly Stack[]): HungWalls => {
    const groups = hangWith(gathered, stacks);
    const courses = groups.flatMap((group) =>
      group.bands.flatMap((band) => {
        const rigid = isRigid(market.mesh(band.band.mesh).type);
        return band.rows.map((row, index) => courseOf(group, lies, band, row, index, rigid, assumed));
      }),
    );
    return { groups, courses, strips: stacks.slice(stacks.length - strips.length) };
  };
  const first = choose(market, asked.wants.bought, asked.anyway.bought, memo);
  const meshes = new Set(asked.wants.bought.map((w) => w.mesh));
  const begun = hung(first);
  const hungWith = (stacks: readonly Stack[]) => (stacks === first ? begun : hung(stacks));
  const settle = () =>
    weigh
      ? settleWidths(market, asked, first, by.owned, piecesOf(begun, by.extras), memo, (tried) =>
          weigh(hungWith(tried), meshes),
        )
      : { stacks: first, others: 0 };
  const { stacks, others } = settle();
  const { wants, anyway, places } = asked;
  return {
    ...hungWith(stacks),
    choice: { wants: wants.least, stacks, places, anyway: anyway.least, others },
  };
}
