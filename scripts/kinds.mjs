/* Refuses comparisons with the id of a kind outside its folder. */
import { kindIdsCompared } from './lib/kindIds.mjs';

const compared = kindIdsCompared();
for (const told of compared) console.error(told);
if (compared.length > 0) process.exitCode = 1;
