import { spawn, spawnSync } from 'node:child_process';
import { ROOT } from './paths.mjs';
import { Trouble } from './say.mjs';

const running = new Set();

/** Runs a command to its end with its output shown. @throws Trouble when it fails */
export function run(command, args, { env = {}, cwd = ROOT, what = `${command} ${args.join(' ')}` } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd, stdio: 'inherit', env: { ...process.env, ...env } });
    running.add(child);
    child.on('error', (error) => reject(new Trouble(`${what} could not be started: ${error.message}`)));
    child.on('exit', (code, signal) => {
      running.delete(child);
      if (code === 0) resolve();
      else reject(new Trouble(`${what} failed (${signal ?? `exit ${code}`}).`));
    });
  });
}

/** Ends whatever `run` has under way. */
export function endRunning() {
  for (const child of running) child.kill('SIGTERM');
}

export const quiet = (command, args, options = {}) =>
  spawnSync(command, args, { encoding: 'utf8', ...options, env: { ...process.env, ...options.env } });
