/* Command line: a practice walk round a plan's first run, as a tracker would save it. npm run -s walk -- FILE.json [SEED] */
import { STROLL, practiceWalk } from '../src/formats/exchange';
import { command, planFrom, refuse } from './planFrom';

await command(() => {
  const [file, seed = '1'] = process.argv.slice(2);
  if (!/^\d{1,9}$/.test(seed)) refuse('usage', 'the seed is a number: npm run -s walk -- FILE.json 7');
  return practiceWalk(planFrom(file), { ...STROLL, seed: Number(seed) });
});
