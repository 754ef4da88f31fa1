import { stopId } from '../../sheet/stopId';
import { type Change, type Plan, USUAL_TUNNEL, freeGround, newId, sheetScene } from '@aviarum/core';

const tidy = (n: number) => Math.round(n * 100) / 100;

const namesTaken = (plan: Plan) => {
  const { buildings, trees, services, boundaries, obstacles, spotHeights } = plan.ground;
  return [...buildings, ...trees, ...services, ...boundaries, ...obstacles, ...spotHeights];
};

/** New things of the ground, each with the stop under which it opens. */
export const NEW_THINGS: readonly {
  readonly label: string;
  readonly make: (plan: Plan) => { readonly change: Change; readonly stop: string };
}[] = [
  {
    label: 'Add a house or shed',
    make: (plan) => {
      const id = newId('b', namesTaken(plan), Math.random);
      const { x, y } = freeGround(plan, { x: 1.5, y: 1 });
      const outline = [
        { x: x - 1.5, y: y - 1 },
        { x: x + 1.5, y: y - 1 },
        { x: x + 1.5, y: y + 1 },
        { x: x - 1.5, y: y + 1 },
      ];
      const thing = { id, name: 'Shed', outline, eaves: 2, height: 2.6, stands: 'walls' as const };
      return {
        change: { verb: 'add-to-ground', list: 'buildings', thing },
        stop: stopId({ on: 'building', building: id }),
      };
    },
  },
  {
    label: 'Add a tree',
    make: (plan) => {
      const id = newId('t', namesTaken(plan), Math.random);
      const thing = {
        id,
        name: 'tree',
        at: freeGround(plan, { x: 2.5, y: 2.5 }),
        trunk: 0.3,
        roots: 2.5,
        crown: 2,
      };
      return {
        change: { verb: 'add-to-ground', list: 'trees', thing },
        stop: stopId({ on: 'tree', tree: id }),
      };
    },
  },
  {
    label: 'Add a pole or stack',
    make: (plan) => {
      const id = newId('o', namesTaken(plan), Math.random);
      const thing = {
        id,
        name: 'pole',
        kind: 'pole' as const,
        at: freeGround(plan, { x: 0.1, y: 0.1 }),
        across: 0.2,
        height: 3,
      };
      return {
        change: { verb: 'add-to-ground', list: 'obstacles', thing },
        stop: stopId({ on: 'obstacle', obstacle: id }),
      };
    },
  },
  {
    label: 'Add a lamp, camera or scarecrow',
    make: (plan) => {
      const id = newId('o', namesTaken(plan), Math.random);
      const thing = {
        id,
        name: 'lamp',
        kind: 'lamp' as const,
        at: freeGround(plan, { x: 0.1, y: 0.1 }),
        across: 0.2,
        height: 1,
      };
      return {
        change: { verb: 'add-to-ground', list: 'obstacles', thing },
        stop: stopId({ on: 'obstacle', obstacle: id }),
      };
    },
  },
  {
    label: 'Add a tunnel for the birds',
    make: (plan) => {
      const id = newId('l', namesTaken(plan), Math.random);
      const { x, y } = freeGround(plan, { x: 1.5, y: 0.5 });
      const line = [
        { x: tidy(x - 1.5), y: tidy(y) },
        { x: tidy(x + 1.5), y: tidy(y) },
      ];
      const thing = { id, name: 'tunnel', kind: 'tunnel' as const, line, tunnel: USUAL_TUNNEL };
      return {
        change: { verb: 'add-to-ground', list: 'boundaries', thing },
        stop: stopId({ on: 'boundary-point', boundary: id, point: 0 }),
      };
    },
  },
  {
    label: 'Add a buried service',
    make: (plan) => {
      const id = newId('v', namesTaken(plan), Math.random);
      const { extent } = sheetScene(plan, []);
      const y = tidy(extent.low - 1);
      const line = [
        { x: tidy(extent.left - 1), y },
        { x: tidy(extent.right + 1), y },
      ];
      const thing = { id, name: 'water pipe', kind: 'water' as const, depth: 0.7, line };
      return {
        change: { verb: 'add-to-ground', list: 'services', thing },
        stop: stopId({ on: 'service-point', service: id, point: 0 }),
      };
    },
  },
  {
    label: 'Add a boundary, path or bank',
    make: (plan) => {
      const id = newId('y', namesTaken(plan), Math.random);
      const { extent } = sheetScene(plan, []);
      const x = tidy(extent.right + 1);
      const line = [
        { x, y: tidy(extent.low - 1) },
        { x, y: tidy(extent.high + 1) },
      ];
      const thing = { id, name: 'boundary', kind: 'boundary' as const, line };
      return {
        change: { verb: 'add-to-ground', list: 'boundaries', thing },
        stop: stopId({ on: 'boundary-point', boundary: id, point: 0 }),
      };
    },
  },
];
