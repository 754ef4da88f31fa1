/* What a thousand edits leave behind in the editor's memory; run with --expose-gc; prints one JSON object. */
import { apply, makePreviewer, makeReckoner } from '../core/src/index';
import { EVERY_VERB } from '../core/src/testing/everyVerb';
import { demo, moved } from './moved';

const { gc } = globalThis as { readonly gc?: () => void };
if (!gc) throw new Error('run with --expose-gc');
const used = () => {
  gc();
  return process.memoryUsage().heapUsed / 1e6;
};

const reckoner = makeReckoner();
const preview = makePreviewer();
reckoner(demo);
preview(demo, EVERY_VERB['set-crew']);
const before = used();
const edits = [EVERY_VERB['set-spacing'], EVERY_VERB['set-crew'], EVERY_VERB['set-units']];
for (let i = 0; i < 1000; i++) {
  const change = edits[i % edits.length];
  const plan = moved(i + 1);
  reckoner(change ? apply(plan, change) : plan);
  preview(plan, EVERY_VERB['set-crew']);
}
process.stdout.write(JSON.stringify({ 'memory after 1,000 edits, MB more': used() - before }));
