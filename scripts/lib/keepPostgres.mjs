/* Holds a PostgreSQL for its starter: when the pipe from the starter closes, the server is shut down in order. */
import { spawn } from 'node:child_process';
import { openSync } from 'node:fs';

const [folder, logFile, command, ...args] = process.argv.slice(2);
const log = openSync(logFile, 'a');
const server = spawn(command, args, { cwd: '/', stdio: ['ignore', log, log] });
server.on('error', () => process.exit(1));
server.on('exit', (code) => process.exit(code ?? 1));

/** The postmaster's own process: runuser does not pass every signal on. */
async function postmaster() {
  const { readFileSync } = await import('node:fs');
  try {
    return Number(readFileSync(`${folder}/postmaster.pid`, 'utf8').split('\n')[0]);
  } catch {
    return server.pid;
  }
}

let stopping = false;
async function stop() {
  if (stopping) return;
  stopping = true;
  const pid = await postmaster();
  try {
    process.kill(pid, 'SIGINT'); // fast shutdown: sessions end, data is written
  } catch {
    process.exit(0);
  }
  setTimeout(() => {
    try {
      process.kill(pid, 'SIGQUIT');
    } catch {
      process.exit(0);
    }
  }, 15_000).unref();
}

process.stdin.resume();
process.stdin.on('end', stop);
process.stdin.on('close', stop);
process.on('SIGTERM', stop);
process.on('SIGINT', () => {}); // Ctrl-C is the starter's: it stops things in order
