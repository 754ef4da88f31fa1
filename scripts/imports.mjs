/* npm run lint: who may import whom. Layers inside core, borders between stages, no circles; type-only imports count like all others. */
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { LAYERS, OPEN, SHOWN } from './lib/layers.mjs';
import { sourceFiles } from './lib/sources.mjs';

/** Every file with what it imports by a relative path. */
function importsOf(root) {
  const files = sourceFiles(root).filter((f) => !/\.test\.tsx?$|\/testing\//.test(f));
  return new Map(
    files.map((file) => {
      const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest);
      // What is imported when it is asked for, by `import()`, is in no circle.
      const found = source.statements
        .filter((s) => ts.isImportDeclaration(s) || ts.isExportDeclaration(s))
        .map((s) => s.moduleSpecifier?.text ?? '')
        .filter((from) => from.startsWith('.'))
        .map((from) => path.join(path.dirname(file), from))
        .map((p) =>
          [p, `${p}.ts`, `${p}.tsx`, `${p}/index.ts`].find((f) => /\.tsx?$/.test(f) && existsSync(f)),
        )
        .filter((f) => f !== undefined);
      return [file, [...new Set(found)]];
    }),
  );
}

const CORE = 'core/src/';
const inCore = (file) => file.slice(CORE.length);
const layerOf = (file) =>
  LAYERS.findIndex(({ files }) => files.some((pattern) => pattern.test(inCore(file))));
const stageOf = (file) => /^core\/src\/stages\/(\w+)\//.exec(file)?.[1];

function turnedBack(imports) {
  const faults = [];
  for (const [file, targets] of imports) {
    if (OPEN.includes(inCore(file))) continue;
    const from = layerOf(file);
    if (from < 0) faults.push(`${file} is in no layer: name it in scripts/lib/layers.mjs`);
    for (const target of targets) {
      const to = layerOf(target);
      if (to > from)
        faults.push(
          `${file} (${LAYERS[from]?.name}) imports ${target} (${LAYERS[to]?.name}), which is above it`,
        );
      const [stage, other] = [stageOf(file), stageOf(target)];
      if (!stage || !other || stage === other) continue;
      const within = inCore(target).split('/').slice(2).join('/');
      if (!SHOWN.some((folder) => within.startsWith(folder)))
        faults.push(`${file} looks into ${target}: ${other} does not show it to other stages`);
    }
  }
  return faults;
}

/** Files that import each other round, by Tarjan's strongly connected components. */
function circles(imports) {
  const index = new Map();
  const low = new Map();
  const stack = [];
  const found = [];
  const visit = (file) => {
    index.set(file, index.size);
    low.set(file, index.get(file));
    stack.push(file);
    for (const next of imports.get(file) ?? []) {
      if (!imports.has(next)) continue;
      if (!index.has(next)) {
        visit(next);
        low.set(file, Math.min(low.get(file), low.get(next)));
      } else if (stack.includes(next)) low.set(file, Math.min(low.get(file), index.get(next)));
    }
    if (low.get(file) !== index.get(file)) return;
    const circle = stack.splice(stack.indexOf(file));
    if (circle.length > 1) found.push(`circle: ${circle.join(' → ')}`);
  };
  for (const file of imports.keys()) if (!index.has(file)) visit(file);
  return found;
}

const core = importsOf('core/src');
const faults = [
  ...turnedBack(core),
  ...[core, importsOf('server/src'), importsOf('web/src')].flatMap(circles),
];
for (const fault of faults) console.error(fault);
if (faults.length > 0) console.error(`${faults.length} imports turn back`);
process.exitCode = faults.length > 0 ? 1 : 0;
