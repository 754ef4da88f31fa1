import { cpSync, existsSync, mkdirSync, symlinkSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { KEEP, ROOT } from './paths.mjs';
import { quiet } from './run.mjs';
import { Trouble } from './say.mjs';

/** What is measured in both, each time in a process of its own; PARTS='reckon edits' measures these alone. */
const PARTS = (process.env.PARTS ?? 'reckon edits effects').split(' ').map((part) => `bench/${part}.ts`);
const TURNS = 3;

function done({ status, stdout, stderr }, what) {
  if (status !== 0) throw new Trouble(`${what} failed:\n${stderr}`);
  return stdout;
}

/** Another commit laid out beside this one, with our bench in it and the packages of this clone. */
function laidOut(commit) {
  const there = path.join(KEEP, 'beside', commit);
  if (!existsSync(there)) {
    mkdirSync(path.dirname(there), { recursive: true });
    done(quiet('git', ['worktree', 'add', '--detach', there, commit], { cwd: ROOT }), `laying out ${commit}`);
    symlinkSync(path.join(ROOT, 'node_modules'), path.join(there, 'node_modules'));
  }
  cpSync(path.join(ROOT, 'bench'), path.join(there, 'bench'), { recursive: true });
  return there;
}

const measured = (cwd, part, PLANS) =>
  JSON.parse(done(quiet(process.execPath, ['--import', 'tsx', part], { cwd, env: { PLANS } }), part));
const medianOf = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];

/**
 * Medians of both, and how many times as long this one takes, part by part in turns: what the machine does meanwhile, it does to both. Measured on
 * the demo plans of the other commit.
 */
export function besideOf(commit) {
  const there = laidOut(commit);
  const plans = path.join(KEEP, 'beside', `${commit}.json`);
  writeFileSync(
    plans,
    done(
      quiet(process.execPath, ['--import', 'tsx', 'bench/plans.ts', '--print'], { cwd: there }),
      'its plans',
    ),
  );
  const times = { now: new Map(), then: new Map() };
  for (let turn = 0; turn < TURNS; turn++)
    for (const part of PARTS)
      for (const which of turn % 2 === 0 ? ['then', 'now'] : ['now', 'then'])
        for (const [name, value] of Object.entries(measured(which === 'now' ? ROOT : there, part, plans)))
          times[which].set(name, [...(times[which].get(name) ?? []), value]);
  return [...times.now].flatMap(([name, all]) => {
    const before = times.then.get(name);
    if (!before) return [];
    const [then, now] = [medianOf(before), medianOf(all)];
    return [{ name, then, now, ratio: now / then }];
  });
}
