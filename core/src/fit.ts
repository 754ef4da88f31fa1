import type { CuttingStage } from './cutting/pools';
import type { Docket } from './docket/types';
import type { PostStage } from './posts/stage';
import type { SkirtStage } from './skirt/stage';
import { EPSILON } from './units/round';
import type { HungWalls } from './walls/stage';
import type { Way } from './ways/stage';

/** What was chosen for a plan from what some yards sell. */
export interface Chosen {
  readonly posts: PostStage;
  readonly walls: HungWalls;
  readonly skirts: SkirtStage;
  readonly ways: readonly Way[];
  readonly cutting: CuttingStage;
  readonly docket: Pick<Docket, 'lines'>;
}

/**
 * How many things cannot be built as meant from what is sold: posts too short, walls too low, strips too narrow, bays that no roll reaches, kits that
 * nobody has, more than the yards hold.
 *
 * @see domain.md 14: such a set is chosen only where nothing else is sold
 */
export function unfit({ posts, walls, skirts, ways, cutting, docket }: Chosen): number {
  const tooShort = posts.posts.filter((p) => p.missing > EPSILON);
  const tooLow = walls.groups.flatMap((g) => g.bands).filter((band) => band.tooTall);
  const tooNarrow = skirts.courses.filter((c) => c.shape.mesh !== null && c.rollWidth === undefined);
  const noKit = ways.filter((w) => w.kit === undefined);
  const unplaced = cutting.pools.flatMap((pool) => pool.unplaced);
  const short = docket.lines.flatMap((line) => line.notHeld);
  return [tooShort, tooLow, tooNarrow, noKit, unplaced, short].reduce((n, these) => n + these.length, 0);
}
