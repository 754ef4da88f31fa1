import type { Cutting } from '../cutting/cutting';
import { jointTerms } from '../fasteners/joints';
import { EPSILON } from '../units/round';
import type { AskOf } from './demand';
import type { AtJoint } from './run';

/** What the joints of cuttings take in packs: joints alike as one ask. */
export function jointAsks(cuttings: readonly Cutting[]): readonly AskOf<'pack'>[] {
  const alike = new Map<string, { readonly at: AtJoint; joints: number }>();
  const joined = cuttings.flatMap(({ bins }) =>
    bins.flatMap(({ cuts }) => cuts.filter(({ from }) => from > EPSILON).map(({ run }) => run)),
  );
  for (const { atJoint } of joined)
    for (const at of atJoint) {
      const key = `${at.stage} ${at.pack} ${at.along} ${at.length}`;
      const known = alike.get(key) ?? { at, joints: 0 };
      alike.set(key, known);
      known.joints += 1;
    }
  return [...alike.values()].map(({ at, joints }) => ({
    stage: at.stage,
    part: { on: 'plan' },
    buy: 'pack',
    pack: at.pack,
    count: joints * at.count,
    need: () => jointTerms(at, joints),
  }));
}
