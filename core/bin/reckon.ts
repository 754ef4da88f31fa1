/* Command line: reads a plan file, prints its reckoning or the plan as another kind of file. See docs/plan-format.md. */
import { readFileSync } from 'node:fs';
import { EXPORTS, type ExportKind, exportAs, isExport } from '../src/formats/exchange';
import { highsSolver } from '../src/cutting/highs';
import { type Problem, type Solver, readPlan, reckon, reckonImproved, reckoningFile } from '../src/index';

function refuse(problems: readonly Problem[]): never {
  process.stderr.write(
    `${JSON.stringify({ type: 'about:blank', title: 'The plan was refused', problems }, null, 2)}\n`,
  );
  process.exit(1);
}
function usage(message: string): never {
  refuse([{ code: 'usage', pointer: '', message }]);
}

function textOf(file: string | undefined): string {
  if (file === undefined) usage('name a plan file, or - for standard input');
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

/** `--as KIND` wherever it stands, and the file. */
function asked(args: readonly string[]): { kind: ExportKind | undefined; file: string | undefined } {
  const at = args.indexOf('--as');
  const rest = at < 0 ? args : args.filter((_, i) => i !== at && i !== at + 1);
  const kind = at < 0 ? undefined : args[at + 1];
  if (at >= 0 && !isExport(kind)) usage(`--as takes one of ${EXPORTS.join(', ')}, not “${kind ?? ''}”`);
  const unknown = rest.find((a) => a.startsWith('--'));
  if (unknown !== undefined) usage(`${unknown} is not known; --as ${EXPORTS.join('|')} is`);
  return { kind: isExport(kind) ? kind : undefined, file: rest[0] };
}

const { kind, file } = asked(process.argv.slice(2));
const read = readPlan(textOf(file));
if (!read.ok) refuse(read.problems);

let loaded: Promise<Solver> | undefined;
const load = async () => highsSolver(await (await import('highs')).default());
/** Loaded only when a pool is left unproved. */
const solver: Solver = async (program) => (await (loaded ??= load()))(program);

process.stdout.write(
  kind === undefined
    ? `${JSON.stringify(reckoningFile(await reckonImproved(read.plan, { solver })), null, 2)}\n`
    : exportAs(kind, read.plan, reckon(read.plan).parts),
);
