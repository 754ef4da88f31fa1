/* node scripts/witness.mjs CHECKOUT: reckons the same plans with this commit and with another checkout, and prints every figure, part, finding, docket line, letter and effect that differs. SEED makes other plans. */
import { spawn } from 'node:child_process';
import path from 'node:path';
import { quiet } from './lib/run.mjs';

const [other] = process.argv.slice(2);
if (!other) {
  console.error('name a checkout of an earlier commit, with its packages installed');
  process.exit(2);
}
const node = (file) => [process.execPath, ['--import', 'tsx', file]];

function plansToCompare() {
  const [command, args] = node('witness/plans.ts');
  const { stdout, stderr, status } = quiet(command, args, { maxBuffer: 1 << 30 });
  if (status !== 0) throw new Error(stderr);
  return stdout;
}

/** What one checkout tells of the plans. */
function tell(root, plans) {
  return new Promise((resolve, reject) => {
    const [command, args] = node('witness/tell.ts');
    const child = spawn(command, args, {
      env: { ...process.env, ROOT: path.resolve(root) },
      stdio: ['pipe', 'pipe', 'inherit'],
    });
    let text = '';
    child.stdout.on('data', (chunk) => (text += chunk));
    child.on('close', (code) =>
      code === 0 ? resolve(text) : reject(new Error(`${root} ended with ${code}`)),
    );
    child.stdin.end(plans);
  });
}

/** Where two values differ, as paths with both. */
function* differences(a, b, at = '') {
  if (a === b) return;
  const bothObjects = a && b && typeof a === 'object' && typeof b === 'object';
  if (!bothObjects || Array.isArray(a) !== Array.isArray(b)) {
    yield [at, a, b];
    return;
  }
  for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
    yield* differences(a[key], b[key], `${at}/${key}`);
}

const plans = plansToCompare();
const [before, now] = (await Promise.all([tell(other, plans), tell('.', plans)])).map((text) =>
  text
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line)),
);
const SHOWN = 40;
const short = (value) => JSON.stringify(value)?.slice(0, 160) ?? 'nothing';
let differing = 0;
let found = 0;
now.forEach((answer, i) => {
  let here = 0;
  for (const [at, a, b] of differences(before[i], answer)) {
    here += 1;
    if (found + here <= SHOWN) console.log(`plan ${i} ${at}: before ${short(a)}, now ${short(b)}`);
  }
  found += here;
  if (here > 0) differing += 1;
});
console.log(`${now.length} plans compared, ${differing} differ, in ${found} values`);
process.exitCode = found > 0 ? 1 : 0;
