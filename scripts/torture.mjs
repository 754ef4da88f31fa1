/* npm run torture: hard ends, hostile input, two tabs, trouble of clock and network. Seeded (SEED=…), ends by itself, exits 1 on a loss. */
import path from 'node:path';
import { ensureDebian } from './lib/debian.mjs';
import { preparing } from './lib/lock.mjs';
import { KEEP, ROOT, ensureKeep } from './lib/paths.mjs';
import { checkNode, ensurePackages } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';
import { main, say } from './lib/say.mjs';

const short = process.argv.includes('--short');
const seed = process.env.SEED ?? String(Math.floor(Math.random() * 1e6));

await main(async () => {
  checkNode();
  ensureKeep();
  await preparing(async () => {
    await ensureDebian(['postgresql']);
    await ensurePackages();
  });
  say(`torture ${short ? '(short) ' : ''}from seed ${seed}`);
  const env = { SEED: seed, ROUND: short ? 'short' : 'long', KEEP };
  for (const part of ['hardEnds', 'fuzz', 'starts'])
    await run(process.execPath, ['--import', 'tsx', path.join(ROOT, 'torture', `${part}.mjs`)], {
      env,
      what: part,
    });
  say('two tabs, clock and network:');
  const jest = path.join(ROOT, 'node_modules/jest/bin/jest.js');
  const tabs = [
    '--experimental-vm-modules',
    '--disable-warning=ExperimentalWarning',
    jest,
    '--selectProjects',
    'web',
  ];
  await run(process.execPath, [...tabs, '--testPathPatterns', 'state/torture'], { env, what: 'two tabs' });
});
