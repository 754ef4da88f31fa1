/* Command line: a practice walk round a plan's first run, as a tracker would save it. npm run -s walk -- FILE.json [SEED] */
import { readFileSync } from 'node:fs';
import { STROLL, practiceWalk } from '../src/formats/exchange';
import { readPlan } from '../src/index';

const [file, seed = '1'] = process.argv.slice(2);
if (file === undefined || !/^\d{1,9}$/.test(seed)) {
  process.stderr.write('name a plan file, and perhaps a seed: npm run -s walk -- FILE.json 7\n');
  process.exit(1);
}
const read = readPlan(readFileSync(file === '-' ? 0 : file, 'utf8'));
if (!read.ok) {
  process.stderr.write(`${JSON.stringify(read.problems, null, 2)}\n`);
  process.exit(1);
}
process.stdout.write(practiceWalk(read.plan, { ...STROLL, seed: Number(seed) }));
