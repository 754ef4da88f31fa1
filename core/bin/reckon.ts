/* Command line: reads a plan file, prints its reckoning. See docs/plan-format.md. */
import { readFileSync } from 'node:fs';
import { reckon, readPlan, reckoningFile, type Problem } from '../src/index';

function refuse(problems: readonly Problem[]): never {
  process.stderr.write(
    `${JSON.stringify({ type: 'about:blank', title: 'The plan was refused', problems }, null, 2)}\n`,
  );
  process.exit(1);
}

function textOf(file: string | undefined): string {
  if (file === undefined)
    refuse([{ code: 'usage', pointer: '', message: 'name a plan file, or - for standard input' }]);
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    refuse([
      {
        code: 'unreadable',
        pointer: '',
        message: error instanceof Error ? error.message : `cannot read ${file}`,
      },
    ]);
  }
}

const read = readPlan(textOf(process.argv[2]));
if (!read.ok) refuse(read.problems);
process.stdout.write(`${JSON.stringify(reckoningFile(reckon(read.plan)), null, 2)}\n`);
