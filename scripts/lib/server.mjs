import { spawn } from 'node:child_process';
import { ROOT } from './paths.mjs';
import { Trouble } from './say.mjs';
import { WEB_ROOT } from './prepare.mjs';

/** Starts the server as a child that stops when its starter is gone. @returns the port it listens on, and a way to stop */
export function startServer({ databaseUrl, port, logLevel, copies }) {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
      cwd: ROOT,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      // Its own group: Ctrl-C reaches the starter only, which stops things in order.
      detached: true,
      env: {
        ...process.env,
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        WEB_ROOT,
        LOG_LEVEL: logLevel,
        ...(copies === undefined ? {} : { COPIES: copies }),
      },
    });
    const ended = new Promise((done) => child.on('exit', done));
    child.on('error', reject);
    void ended.then((code) => reject(new Trouble(`the server ended (${code}).`)));
    child.on('message', (message) => {
      if (typeof message?.trouble === 'string') return reject(new Trouble(message.trouble));
      if (typeof message?.listening !== 'number') return;
      resolve({
        port: message.listening,
        pid: child.pid,
        ended,
        stop: async () => {
          child.kill('SIGTERM');
          await ended;
        },
      });
    });
  });
}
