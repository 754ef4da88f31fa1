import { buildHours, elapsedHours } from './build/hours';
import { type Market } from './catalogue';
import { weighWalls } from './cutting/weighWalls';
import { edgePegs } from './fasteners/pegs';
import { lapRings } from './fasteners/rings';
import { fenceWalks } from './ground/fenceLines';
import { groundWorking, outlineWorkings } from './ground/figures';
import { lineProfiles, sideProfiles } from './ground/profile';
import { type Ring } from './ground/survey';
import { terrainOf } from './ground/terrain';
import { assumptionsOf, fenceChoicesKey } from './plan/effective';
import type { Plan } from './plan/schema';
import { setOut } from './posts/setOut';
import { postStage } from './posts/stage';
import { stripWants, withRolls } from './skirt/rolls';
import { skirtLines, withParts } from './skirt/skirtLines';
import { skirtStage } from './skirt/stage';
import { type OpeningLimits } from './threats';
import { openingLeft } from './walls/openingLeft';
import { linesOnSlope } from './walls/slope';
import { type ChooseStacks } from './walls/chooseStacks';
import { wallStage } from './walls/stage';
import { NOTHING } from './walls/stacks';
import type { Remember } from './memory';

/** How widths of rolls are come by: the cheapest as cut, or given ones. */
export interface WidthsFor {
  readonly choose?: ChooseStacks | undefined;
  readonly asCut: boolean;
}

export const AS_CUT: WidthsFor = { asCut: true };

/** Everything of the fence round some rings: set out, hung, worn, and the hours that it takes. */
export function buildFence(
  remember: Remember,
  name: string,
  plan: Plan,
  market: Market,
  rings: readonly Ring[],
  limits: OpeningLimits,
  widths: WidthsFor,
) {
  const { openings, choices, enclosures, sides, postPins, threats, flock, assumptions, extras, owned } = plan;
  const figures = remember(`${name} assumptions`, [assumptions], () => assumptionsOf(plan));
  const fenceKey = fenceChoicesKey(plan);
  const walks = remember(`${name} walks`, [rings, openings, fenceKey, enclosures, sides], () =>
    fenceWalks(plan, rings),
  );
  const setting = remember(`${name} setting`, [walks, sides, postPins], () => setOut(plan, walks));
  const { spotHeights } = plan.ground;
  const skirted = remember(`${name} skirted`, [setting, fenceKey, enclosures], () =>
    skirtLines(plan, setting),
  );
  const lies = remember(`${name} lies`, [setting, market, spotHeights, skirted], () => {
    const whole = linesOnSlope(market, setting, lineProfiles(terrainOf(spotHeights), setting.lines));
    return withParts(whole, skirted);
  });
  const { buildings } = plan.ground;
  const laid = remember(`${name} laid`, [skirted, lies, market, rings, buildings, figures], () =>
    skirtStage(market, skirted, lies, { rings, buildings }, figures),
  );
  const { choose, asCut } = widths;
  const walls = remember(
    `${name} walls`,
    [setting, lies, market, limits, figures, threats, flock, laid, extras, owned, choose],
    () =>
      wallStage(plan, market, setting, lies, limits, figures, {
        strips: stripWants(market, laid),
        taken: { ...NOTHING, rings: lapRings(laid, lies), pegs: edgePegs(laid) },
        choose,
        weigh: asCut
          ? (hung, meshes) => weighWalls(market, hung, meshes, { skirts: laid, extras, owned }, lies, figures)
          : undefined,
      }),
  );
  const skirts = remember(`${name} skirts`, [laid, walls, market], () =>
    withRolls(market, laid, walls.strips),
  );
  const own = remember(`${name} openings`, [openings, rings], () =>
    openings.filter((o) => rings.some((r) => r.sides.some((s) => s.side.id === o.side))),
  );
  const posts = remember(`${name} posts`, [setting, market, walls, figures, plan.ground, choices], () =>
    postStage(plan, market, setting, walls, lies, figures),
  );
  const outline = remember(`${name} outline`, [rings], () => outlineWorkings(rings));
  const groundLength = remember(`${name} ground`, [rings, spotHeights], () =>
    groundWorking(rings, sideProfiles(terrainOf(spotHeights), rings)),
  );
  const hours = remember(`${name} hours`, [plan.ground, own, rings, posts, walls, skirts, figures], () =>
    buildHours(plan, own, rings.length, posts, walls, skirts, figures),
  );
  const elapsed = elapsedHours(hours, plan.crew, figures);
  const left = remember(`${name} left`, [market, walls, skirts, own, lies], () =>
    openingLeft(market, walls, skirts, own, lies),
  );
  return {
    rings,
    outline,
    groundLength,
    hours,
    elapsed,
    openingLeft: left,
    figures,
    setting,
    skirted,
    lies,
    walls,
    skirts,
    posts,
  };
}
