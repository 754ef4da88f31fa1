import { type GroundList } from '../verbs/things';
import { type Soil } from '../../../plan/assumptions';
import { type Service } from '../../../plan/schema';
export const SOIL_NAMES: Readonly<Record<Soil, string>> = {
  sand: 'sand',
  loam: 'loam',
  clay: 'clay',
  stony: 'stony ground',
};

export const SERVICE_NAMES: Readonly<Record<Service['kind'], string>> = {
  water: 'water pipe',
  power: 'power cable',
  gas: 'gas pipe',
  drain: 'drain',
  phone: 'phone line',
};

export const THINGS: Readonly<Record<GroundList, string>> = {
  buildings: 'building',
  trees: 'tree',
  services: 'buried service',
  boundaries: 'line on the ground',
  obstacles: 'pole or stack',
  spotHeights: 'height',
};
