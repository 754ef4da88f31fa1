import * as z from 'zod/mini';
import { NO_PROOFS, PROOF_METHOD, type ProofBook } from '../buying/proofBook';

const count = z.int().check(z.minimum(0));
const metres = z.number().check(z.minimum(0), z.maximum(1e6));
const schema = z.strictObject({
  method: z.literal(PROOF_METHOD),
  cuts: z.record(
    z.string(),
    z.strictObject({
      rolls: z.array(
        z.strictObject({
          unit: z.nullable(count),
          owned: z.nullable(z.string()),
          cuts: z.array(z.tuple([count, metres, metres])),
          block: z.strictObject({
            length: metres,
            spots: z.array(z.tuple([count, metres, metres, metres, metres])),
          }),
        }),
      ),
      unplaced: z.array(count),
      bound: z.number(),
    }),
  ),
  ways: z.record(z.string(), z.strictObject({ taken: z.record(z.string(), z.string()), others: z.number() })),
});

/** A book that was kept: an empty one where it is none, or was made by another method. */
export function readProofs(kept: unknown): ProofBook {
  const read = schema.safeParse(kept);
  return read.success ? read.data : NO_PROOFS;
}
