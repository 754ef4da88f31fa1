import { layOver, mapOver } from '../../engine/layOver';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import type { Stage } from '../stage';
import { archBarriers } from './barriers';
import { archDemands } from './demands';
import { archedBy, headrooms } from './arched';
import { archFigures } from './figures';
import { archFindings } from './findings';
import { unshapedFindings } from './found/stands';
import { movedOf } from './frame/moved';
import { archHours } from './hours';
import * as A from './keys';
import { archParts } from './part';
import type { ArchShape } from './shape';
import { alikeOf } from './skin/asked';
import type { Skin } from './skin/skin';
import { archStrength } from './strength/check';
import { weakFindings } from './strength/findings';
import { shorterSide } from '../threats/shown/openings';

/** Their curves and where they stand, whatever they are bought as. */
const shaping: readonly AnyStep[] = [
  step(A.ARCHES, { plan: K.PLAN }, ({ plan }) => plan.arches, layOver),
  step(
    A.ARCHED,
    { arches: A.ARCHES, rings: K.RINGS, buildings: K.BUILDINGS, ground: K.GROUND_AT, products: K.PRODUCTS },
    ({ arches, rings, buildings, ground, products }) =>
      archedBy(arches, { rings, buildings, ground, made: products }),
  ),
  step(
    K.HEADROOMS,
    { arched: A.ARCHED, openings: K.OPENINGS },
    ({ arched, openings }) => headrooms(arched, openings),
    mapOver,
  ),
  adds(K.OVERHEAD, { arched: A.ARCHED }, ({ arched: { shapes } }) =>
    shapes.map(({ base, wanted }) => base * wanted),
  ),
  step(
    A.SKINS,
    { arched: A.ARCHED, chosen: K.CHOSEN },
    ({ arched: { shapes }, chosen }) =>
      new Map(
        shapes.map((shape) => {
          const skin = chosen.get(alikeOf(shape.arch.id))?.made ?? null;
          return [shape.arch.id, skin as Skin | null] as const;
        }),
      ),
  ),
];

/** Of its length, rise over run. */
const gradeOf = ({ feet: [foot] }: ArchShape, ground: (p: { x: number; y: number }) => number): number =>
  foot.length > 0 ? (ground(foot.end) - ground(foot.start)) / foot.length : 0;

/** What is asked for, found and told of them. */
const telling: readonly AnyStep[] = [
  adds(
    K.DEMANDS,
    { arched: A.ARCHED, openings: K.OPENINGS, products: K.PRODUCTS },
    ({ arched: { shapes }, openings, products }) => archDemands(shapes, openings, products),
  ),
  adds(
    K.STRENGTH,
    { arched: A.ARCHED, products: K.PRODUCTS, assumed: K.ASSUMED },
    ({ arched: { shapes }, ...by }) => shapes.flatMap((shape) => archStrength(shape, by)),
  ),
  step(
    A.MOVED,
    { arched: A.ARCHED, products: K.PRODUCTS, ground: K.GROUND_AT },
    ({ arched: { shapes }, products, ground }) =>
      new Map(
        shapes.map((shape) => [shape.arch.id, movedOf(shape, products, gradeOf(shape, ground))] as const),
      ),
  ),
  adds(K.FOUND, { arched: A.ARCHED }, ({ arched: { unshaped } }) => unshapedFindings(unshaped)),
  adds(
    K.FOUND,
    {
      arched: A.ARCHED,
      openings: K.OPENINGS,
      trees: K.TREES,
      buildings: K.BUILDINGS,
      limits: K.LIMITS,
      goods: K.ROLL_MARKET,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
      stature: K.STATURE,
      unmet: K.UNMET,
      moved: A.MOVED,
    },
    ({ arched: { shapes }, ...by }) => archFindings({ ...by, shapes }),
  ),
  adds(
    K.FOUND,
    { arched: A.ARCHED, strength: K.STRENGTH, products: K.PRODUCTS, assumed: K.ASSUMED },
    ({ arched: { shapes }, ...by }) => weakFindings({ ...by, shapes }),
  ),
  adds(K.BARRIERS, { arched: A.ARCHED, rings: K.RINGS, market: K.ROLL_MARKET }, ({ arched, rings, market }) =>
    archBarriers(arched, rings, market),
  ),
  adds(K.OPENINGS_LEFT, { arched: A.ARCHED, products: K.PRODUCTS }, ({ arched: { shapes }, products }) =>
    shapes.flatMap(({ arch, made }) => {
      const mesh = arch.skin ?? made.panels?.mesh ?? null;
      return mesh === null ? [] : [shorterSide(products.mesh(mesh))];
    }),
  ),
  adds(K.STAGE_HOURS, { arched: A.ARCHED, assumed: K.ASSUMED }, ({ arched: { shapes }, assumed }) =>
    shapes.flatMap((shape) => archHours(shape, assumed)),
  ),
  adds(
    K.FENCE_FIGURES,
    { arched: A.ARCHED, skins: A.SKINS, stature: K.STATURE, moved: A.MOVED },
    ({ arched: { shapes }, skins, stature, moved }) =>
      shapes.map((shape) =>
        archFigures(shape, skins.get(shape.arch.id) ?? null, stature, moved.get(shape.arch.id) ?? null),
      ),
  ),
];

const parts: readonly AnyStep[] = [
  adds(
    K.PARTS,
    { arched: A.ARCHED, products: K.PRODUCTS, stature: K.STATURE, skins: A.SKINS },
    ({ arched: { shapes }, products, stature, skins }) =>
      shapes.flatMap((shape) => archParts(shape, products, stature, skins.get(shape.arch.id) ?? null)),
  ),
];

/** Runs under a bent panel or hoops: their true curve, what they are built of, and what snow, wind and a keeper’s head make of them. */
export const arch: Stage = { steps: [...shaping, ...telling], parts };
