import { type Chosen } from '../../plan/effective';
import { type Facet } from '../../plan/effective';
import { type SkirtLines } from './skirtLines';
import { type FenceLine } from '../../ground/fenceLines';
import { type Profile } from '../../ground/profile';
import { type SkirtLayout } from './stage';
import { type SkirtStage } from './rolls';
import { key } from '../../engine/step';

export const SKIRT_CHOICE = key<Chosen<Facet<'skirt'>>>('choice.skirt');
export const SKIRTED = key<SkirtLines>('skirt.lines');
export const SKIRT_PROFILES = key<ReadonlyMap<FenceLine, Profile>>('skirt.profiles');
export const LAID = key<SkirtLayout>('skirt.laid');
export const SKIRTS = key<SkirtStage>('skirt');
