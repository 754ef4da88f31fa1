import path from 'node:path';
import ts from 'typescript';
import { ROOT } from './paths.mjs';

/** Kinds that are rows: the type of their ids, and where those may be told apart. */
export const KINDS = [
  {
    file: 'core/src/stages/skirt/plan/kinds/index.ts',
    type: 'KindId',
    folder: 'core/src/stages/skirt/plan/kinds/',
  },
  {
    file: 'core/src/stages/ways/plan/kinds/index.ts',
    type: 'KindId',
    folder: 'core/src/stages/ways/plan/kinds/',
  },
  {
    file: 'core/src/stages/cover/plan/kinds/index.ts',
    type: 'KindId',
    folder: 'core/src/stages/cover/plan/kinds/',
  },
  {
    file: 'core/src/stages/arch/plan/kinds/index.ts',
    type: 'KindId',
    folder: 'core/src/stages/arch/plan/kinds/',
  },
  {
    file: 'core/src/stages/birds/plan/kinds.ts',
    type: 'BirdKind',
    folder: 'core/src/stages/birds/plan/kinds',
  },
  {
    file: 'core/src/stages/threats/plan/kinds.ts',
    type: 'ThreatId',
    folder: 'core/src/stages/threats/plan/kinds',
  },
  { file: 'core/src/catalogue/postKinds.ts', type: 'PostKind', folder: 'core/src/catalogue/postKinds' },
  { file: 'core/src/catalogue/meshTypes.ts', type: 'MeshType', folder: 'core/src/catalogue/meshTypes' },
];

const CHECKED = /\/(core|server|web)\/src\/(?!.*(\.test\.tsx?$|\/testing\/))/;

/** All that the three packages are made of, as one program. */
function programOf() {
  const files = ['core', 'server', 'web'].flatMap((name) =>
    ts.sys.readDirectory(path.join(ROOT, name, 'src'), ['.ts', '.tsx']),
  );
  const { compilerOptions } = ts.readConfigFile(
    path.join(ROOT, 'tsconfig.base.json'),
    ts.sys.readFile,
  ).config;
  const { options } = ts.convertCompilerOptionsFromJson(
    { ...compilerOptions, composite: false, emitDeclarationOnly: false, noEmit: true, jsx: 'react-jsx' },
    ROOT,
  );
  const lib = ['lib.es2023.d.ts', 'lib.dom.d.ts', 'lib.dom.iterable.d.ts'];
  return ts.createProgram(files, { ...options, lib, types: ['node', 'vite/client'] });
}

/** The ids of each table, by their type. @throws Error for a table that is not where it is said to be */
function tablesOf(program, checker) {
  return KINDS.map(({ file, type, folder }) => {
    const source = program.getSourceFile(path.join(ROOT, file));
    const module = source && checker.getSymbolAtLocation(source);
    const symbol = module && checker.getExportsOfModule(module).find((s) => s.name === type);
    if (!symbol) throw new Error(`scripts/lib/kindIds.mjs: no type ${type} in ${file}`);
    const ids = checker.getDeclaredTypeOfSymbol(symbol);
    const values = (ids.isUnion() ? ids.types : [ids]).flatMap((t) => (t.isStringLiteral() ? [t.value] : []));
    return { folder: path.join(ROOT, folder), values: new Set(values) };
  });
}

const SAME = new Set([ts.SyntaxKind.EqualsEqualsEqualsToken, ts.SyntaxKind.ExclamationEqualsEqualsToken]);

/** What is compared with what: a literal, and what it is held against. */
function* comparisonsIn(node) {
  if (ts.isBinaryExpression(node) && SAME.has(node.operatorToken.kind)) {
    if (ts.isStringLiteral(node.right)) yield [node.right, node.left];
    if (ts.isStringLiteral(node.left)) yield [node.left, node.right];
  }
  if (ts.isSwitchStatement(node))
    for (const clause of node.caseBlock.clauses)
      if (ts.isCaseClause(clause) && ts.isStringLiteral(clause.expression))
        yield [clause.expression, node.expression];
  const within = [];
  ts.forEachChild(node, (child) => void within.push(child));
  for (const child of within) yield* comparisonsIn(child);
}

/** Outside its folder nobody compares with a kind's id: what tells kinds apart is in their rows. @returns a sentence for each place where one does */
export function kindIdsCompared() {
  const program = programOf();
  const checker = program.getTypeChecker();
  const tables = tablesOf(program, checker);
  /** A union of several of one table's ids and of nothing else, beside null and undefined. */
  const tableOf = (file, id, compared) => {
    const near = tables.filter(({ folder, values }) => values.has(id) && !file.startsWith(folder));
    if (near.length === 0) return undefined;
    const type = checker.getNonNullableType(checker.getTypeAtLocation(compared));
    if (!type.isUnion() || !type.types.every((t) => t.isStringLiteral())) return undefined;
    return near.find(({ values }) => type.types.every((t) => values.has(t.value)));
  };
  return program
    .getSourceFiles()
    .filter(({ fileName }) => CHECKED.test(fileName) && !fileName.includes('/node_modules/'))
    .flatMap((source) =>
      [...comparisonsIn(source)].flatMap(([literal, compared]) => {
        if (!tableOf(source.fileName, literal.text, compared)) return [];
        const { line } = source.getLineAndCharacterOfPosition(literal.getStart());
        const at = `${path.relative(ROOT, source.fileName)}:${line + 1}`;
        return [
          `${at}: “${literal.text}” is one kind of several: ask its row for what tells it from the others.`,
        ];
      }),
    );
}
