/** Something the person at the keyboard can mend; printed without a stack. */
export class Trouble extends Error {}

export const say = (text) => console.log(`aviarum: ${text}`);

/** Runs a starter's main and turns trouble into one plain line. */
export async function main(run) {
  try {
    await run();
  } catch (error) {
    const full = error?.code === 'ENOSPC' || /no space left/i.test(String(error?.message));
    if (full) console.error('aviarum: the disk is full. Make room and start again; nothing was lost.');
    else if (error instanceof Trouble) console.error(`aviarum: ${error.message}`);
    else console.error(error);
    process.exitCode = 1;
  }
}
