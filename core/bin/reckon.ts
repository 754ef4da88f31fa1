/* Command line: reads a plan file, prints its reckoning or the plan as another kind of file. See docs/plan-format.md. */
import { EXPORT_KINDS, type ExportKind, exportAs, isExport } from '../src/formats/exchange';
import { highsSolver } from '../src/cutting/highs';
import { type Solver, reckon, reckonImproved, reckoningFile } from '../src/index';
import { command, planFrom, refuse } from './planFrom';

/** `--as KIND` wherever it stands, and the file. */
function asked(args: readonly string[]): { kind: ExportKind | undefined; file: string | undefined } {
  const at = args.indexOf('--as');
  const rest = at < 0 ? args : args.filter((_, i) => i !== at && i !== at + 1);
  const kind = at < 0 ? undefined : args[at + 1];
  if (at >= 0 && !isExport(kind))
    return refuse('usage', `--as takes one of ${EXPORT_KINDS.join(', ')}, not “${kind ?? ''}”`);
  const unknown = rest.find((a) => a.startsWith('--'));
  if (unknown !== undefined)
    return refuse('usage', `${unknown} is not known; --as ${EXPORT_KINDS.join('|')} is`);
  return { kind: isExport(kind) ? kind : undefined, file: rest[0] };
}

let loaded: Promise<Solver> | undefined;
const load = async () => highsSolver(await (await import('highs')).default());
/** Loaded only when a pool is left unproved. */
const solver: Solver = async (program) => (await (loaded ??= load()))(program);

await command(async () => {
  const { kind, file } = asked(process.argv.slice(2));
  const plan = planFrom(file);
  return kind === undefined
    ? `${JSON.stringify(reckoningFile(plan, (await reckonImproved(plan, { solver })).reckoning), null, 2)}\n`
    : exportAs(kind, plan, reckon(plan).parts);
});
