import { linkSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { KEEP, ROOT } from './paths.mjs';
import { isStill, markOf } from './processes.mjs';
import { say } from './say.mjs';

const FILE = path.join(KEEP, 'preparing.pid');

/** Somebody who prepares this folder right now; undefined where nobody does, whatever a file says: it may be left over, or have come with a copy of the folder. */
function atIt() {
  const [mark = '', root] = read().split('\n');
  return root === ROOT && isStill(mark) ? mark.split(' ')[0] : undefined;
}

function read() {
  try {
    return readFileSync(FILE, 'utf8');
  } catch {
    return '';
  }
}

/** The file comes to be whole: one that is read while it is written would name nobody. */
function take() {
  const own = `${FILE}.${process.pid}`;
  writeFileSync(own, `${markOf(process.pid)}\n${ROOT}\n`);
  try {
    linkSync(own, FILE);
    return true;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
    return false;
  } finally {
    rmSync(own, { force: true });
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
