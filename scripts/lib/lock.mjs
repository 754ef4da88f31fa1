import { rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { KEEP, ROOT } from './paths.mjs';
import { alive, commandOf, pidIn } from './processes.mjs';
import { say } from './say.mjs';

const FILE = path.join(KEEP, 'preparing.pid');

/** Somebody who prepares this folder right now; undefined where nobody does, whatever a file says. */
function atIt() {
  const pid = pidIn(FILE);
  const ours = commandOf(pid).some((word) => /scripts\/(start|test|bench|torture)\.mjs$/.test(word));
  return alive(pid) && pid !== process.pid && ours ? pid : undefined;
}

function take() {
  try {
    writeFileSync(FILE, `${process.pid}\n`, { flag: 'wx' });
    return true;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
    return false;
  }
}

/** Prepares the folder while nobody else does: of two first starts at once one makes everything, the other waits and says for whom. */
export async function preparing(work) {
  let said = false;
  while (!take()) {
    const pid = atIt();
    if (pid === undefined) {
      rmSync(FILE, { force: true });
      continue;
    }
    if (!said) say(`process ${pid} is preparing ${ROOT}; waiting for it …`);
    said = true;
    await wait(300);
  }
  try {
    return await work();
  } finally {
    rmSync(FILE, { force: true });
  }
}
