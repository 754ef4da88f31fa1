/* What is worked out, by its names: each stands with the steps that make it, or with those that ask for it where several add to it. */
export * from './build/keys';
export * from './buying/keys';
export * from './buying/ways/keys';
export * from './catalogue/keys';
export * from './ground/keys';
export * from './plan/keys';
export * from './reckoning/keys';
export { HEADROOMS } from './stages/arch/keys';
export * from './stages/birds/keys';
export * from './stages/outline/keys';
export * from './stages/posts/keys';
export * from './stages/threats/keys';
export * from './stages/walls/keys';
export * from './stages/ways/keys';
export * from './verdicts/keys';
