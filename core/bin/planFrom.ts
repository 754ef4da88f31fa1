/* What the command lines share: a plan from a file or standard input, and refusals that reach a pipe whole. */
import { readFileSync, statSync } from 'node:fs';
import { PLAN_FILE_LIMIT, type Plan, type Problem, readPlanBytes } from '../src/index';

/** What was asked cannot be done; told as a problem document on standard error. */
export class Refusal extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super(problems[0]?.message ?? 'refused');
  }
}

export const refuse = (code: string, message: string): never => {
  throw new Refusal([{ code, pointer: '', message }]);
};

function bytesOf(file: string): Uint8Array {
  try {
    // Not read to be refused.
    if (file !== '-' && statSync(file).size > PLAN_FILE_LIMIT) return new Uint8Array(PLAN_FILE_LIMIT + 1);
    return readFileSync(file === '-' ? 0 : file);
  } catch (error) {
    return refuse('unreadable', error instanceof Error ? error.message : `cannot read ${file}`);
  }
}

/** @param file  a path, or `-` for standard input. @throws Refusal naming each field */
export function planFrom(file: string | undefined): Plan {
  if (file === undefined) return refuse('usage', 'name a plan file, or - for standard input');
  const read = readPlanBytes(bytesOf(file));
  if (!read.ok) throw new Refusal(read.problems);
  return read.plan;
}

/** Runs a command. A refusal ends it with 1, after all of it was written: to end the process at once would cut a pipe off. */
export async function command(run: () => string | Promise<string>): Promise<void> {
  // Whoever reads it may close the pipe when it has read enough, as `head` does: there is nothing left to say.
  process.stdout.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error;
  });
  try {
    process.stdout.write(await run());
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const told = { type: 'about:blank', title: 'The plan was refused', problems: error.problems };
    process.stderr.write(`${JSON.stringify(told, null, 2)}\n`);
    process.exitCode = 1;
  }
}
