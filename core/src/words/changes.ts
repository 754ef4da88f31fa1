import type { Market } from '../catalogue/market';
import { type Change, type ChangeOf, type Verb } from '../plan/changes';
import { BIRD_NAMES, SOIL_NAMES, SPACE_NAMES, STAGE_NAMES, THREAT_NAMES, meshName } from './names';
import { type Reader, capital } from './reader';

type Sentences = { readonly [V in Verb]: (change: ChangeOf<V>, reader: Reader, market: Market) => string };

/** What each change does, as its button or its undo step says it. */
const SENTENCES: Sentences = {
  rename: ({ name }) => `Name it ${name}`,
  'set-units': ({ units }) => (units === 'metric' ? 'Show metres' : 'Show feet and inches'),
  'add-birds': ({ flock }) => `Add ${BIRD_NAMES[flock.kind][1]}`,
  'set-birds': () => 'Change the birds',
  'remove-birds': () => 'Take these birds out',
  'set-space': ({ space }) => `Space: ${SPACE_NAMES[space]}`,
  'set-threat': ({ threat, presence }) => `${capital(THREAT_NAMES[threat])}: ${presence}`,
  'set-soil': ({ soil }) => `Soil: ${SOIL_NAMES[soil]}`,
  'lay-out': ({ run }, r) =>
    `Make the run ${r.length(run.right - run.left)} by ${r.length(run.high - run.low)}`,
  'move-side': ({ by }, r) => `Move the side ${r.length(Math.abs(by))} ${by > 0 ? 'out' : 'in'}`,
  'set-side-length': ({ length }, r) => `Make the side ${r.length(length)}`,
  'set-side-kind': ({ kind }) =>
    ({ fence: 'Fence this side', wall: 'An existing wall stands here', open: 'Leave this side open' })[kind],
  'set-posts': () => 'Change the posts',
  'set-setting': () => 'Change how posts are set',
  'set-spacing': ({ spacing }, r) => `Posts at most ${r.length(spacing)} apart`,
  'set-band': ({ to }, r, market) => {
    if (to.mesh !== undefined) return `Hang ${meshName(market.mesh(to.mesh), r)} instead`;
    if (to.top !== undefined) return `Take the band to ${r.length(to.top)}`;
    return to.widths === 'cheapest' ? 'Choose the cheapest widths that reach' : 'Choose the roll widths';
  },
  'add-band': () => 'Add a band',
  'remove-band': () => 'Take the band off',
  'set-hanging': ({ hanging }) =>
    hanging === 'continuous' ? 'Run the mesh round corners' : 'Cut the mesh at each corner',
  'set-skirt': ({ skirt }, r, market) => {
    if (skirt.kind === 'none') return 'No skirt';
    const mesh = meshName(market.mesh(skirt.mesh), r);
    return skirt.kind === 'apron'
      ? `Lay an apron ${r.length(skirt.width)} wide of ${mesh}`
      : `Bury ${mesh} ${r.length(skirt.depth)} deep`;
  },
  'add-opening': ({ opening }, r) => `Add a gate ${r.length(opening.width)} clear`,
  'set-opening': ({ to }, r) => {
    if (to.width !== undefined) return `Make the gate ${r.length(to.width)} clear`;
    return to.gap === undefined ? 'Move the gate' : `Leave a gap of ${r.opening(to.gap)} at most`;
  },
  'remove-opening': () => 'Take the gate out',
  'set-yard': () => 'Buy at the other yard',
  'set-assumption': () => 'Change an assumption',
  settle: ({ stage, settled }) =>
    `${STAGE_NAMES[stage]} ${settled === 'yes' ? 'settled' : 'not settled yet'}`,
  replace: () => 'Take another version',
};

export function sayChange(change: Change, reader: Reader, market: Market): string {
  const sentence = SENTENCES[change.verb] as (change: Change, reader: Reader, market: Market) => string;
  return sentence(change, reader, market);
}
