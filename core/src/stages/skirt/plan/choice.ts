import { type ChoiceReferences } from '../../../plan/known';
import * as z from 'zod/mini';
import { KINDS, KIND_IDS, type KindId, type Skirt, meshOf } from './kinds';

type OfKind = (typeof KINDS)[KindId]['schema'];

/** What is chosen for the foot of the fence: one of the kinds. */
export const schema = z.discriminatedUnion(
  'kind',
  KIND_IDS.map((id) => KINDS[id].schema) as unknown as readonly [OfKind, ...OfKind[]],
);

/** The choice of skirts, as the stages' choices are joined. */
export const CHOICES = { skirt: schema };

/** Taken unless something else is chosen: an apron so wide, m. */
export const usual = (width: number): { readonly skirt: Skirt } => ({
  skirt: { kind: 'apron', mesh: 'fine-13', width, lapUp: 0.1 },
});

/** The mesh that a plan names is sold in its edition or its own. */
export const references: ChoiceReferences<{ readonly skirt: Skirt }> = ({ skirt }, path, known, issue) => {
  const mesh = skirt ? meshOf(skirt) : null;
  if (mesh !== null && !known.meshes.has(mesh))
    issue([...path, 'skirt', 'mesh'], `no mesh “${mesh}” in this edition or among own products`);
};
