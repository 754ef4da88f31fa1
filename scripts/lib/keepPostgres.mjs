/* Holds a PostgreSQL for its starter: when the pipe from the starter closes, the server is shut down in order. */
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { openLog, rotate } from './logs.mjs';
import { isPostgresOf, pidIn } from './processes.mjs';

const [folder, socket, logFile, command, ...args] = process.argv.slice(2);
const log = openLog(logFile);
setInterval(() => rotate(logFile), 10 * 60_000).unref();
const server = spawn(command, args, { cwd: '/', stdio: ['ignore', log, log] });

let stopping = false;

function end(code) {
  // Of a starter that is gone nobody else clears up.
  if (stopping) rmSync(socket, { recursive: true, force: true });
  process.exit(code);
}
server.on('error', () => end(1));
server.on('exit', (code) => end(code ?? 1));

/** The postmaster's own process: runuser does not pass every signal on. Never another's that has its number. */
function postmaster() {
  const pid = pidIn(path.join(folder, 'postmaster.pid'));
  return isPostgresOf(pid, folder) ? pid : undefined;
}

function signal(name) {
  const pid = postmaster();
  // Not up yet, or down already: what we started ourselves is ended.
  if (pid === undefined) server.kill('SIGTERM');
  else process.kill(pid, name);
}

function stop() {
  if (stopping) return;
  stopping = true;
  signal('SIGINT'); // fast shutdown: sessions end, data is written
  setTimeout(() => signal('SIGQUIT'), 15_000).unref();
}

process.stdin.resume();
process.stdin.on('end', stop);
process.stdin.on('close', stop);
process.on('SIGTERM', stop);
process.on('SIGINT', () => {}); // Ctrl-C is the starter's: it stops things in order
