import path from 'node:path';

/** Kinds that are rows: the type of their ids, and where those may be told apart. */
export const KINDS = [
  { file: 'core/src/stages/skirt/kinds/index.ts', type: 'KindId', folder: 'core/src/stages/skirt/kinds/' },
  { file: 'core/src/stages/ways/kinds/index.ts', type: 'KindId', folder: 'core/src/stages/ways/kinds/' },
  { file: 'core/src/stages/birds/kinds.ts', type: 'BirdKind', folder: 'core/src/stages/birds/kinds' },
  { file: 'core/src/stages/threats/kinds.ts', type: 'ThreatId', folder: 'core/src/stages/threats/kinds' },
  { file: 'core/src/catalogue/postKinds.ts', type: 'PostKind', folder: 'core/src/catalogue/postKinds' },
  { file: 'core/src/catalogue/meshTypes.ts', type: 'MeshType', folder: 'core/src/catalogue/meshTypes' },
];

const idsBy = new WeakMap();

/** The ids of each table, by their type. @throws Error for a table that is not where it is said to be */
function tablesOf(program) {
  const known = idsBy.get(program);
  if (known) return known;
  const checker = program.getTypeChecker();
  const root = program.getCurrentDirectory();
  const files = program.getSourceFiles();
  const tables = KINDS.flatMap(({ file, type, folder }) => {
    const source = files.find((f) => f.fileName.endsWith(`/${file}`));
    // The server and the screens see what they import, core sees all of it.
    if (!source && !files.some((f) => f.fileName.endsWith('/core/src/reckon.ts'))) return [];
    const module = source && checker.getSymbolAtLocation(source);
    const symbol = module && checker.getExportsOfModule(module).find((s) => s.name === type);
    if (!symbol) throw new Error(`scripts/lib/kindIds.mjs: no type ${type} in ${file}`);
    const ids = checker.getDeclaredTypeOfSymbol(symbol);
    const values = (ids.isUnion() ? ids.types : [ids]).flatMap((t) => (t.isStringLiteral() ? [t.value] : []));
    return [{ folder: path.join(root, folder), values: new Set(values) }];
  });
  idsBy.set(program, tables);
  return tables;
}

/** Outside its folder nobody compares with a kind's id: what tells kinds apart is in their rows. */
export const noKindIds = {
  meta: {
    type: 'problem',
    schema: [],
    messages: { id: '“{{id}}” is one kind of several: ask its row for what tells it from the others.' },
  },
  create(context) {
    const { program, esTreeNodeToTSNodeMap: nodes } = context.sourceCode.parserServices;
    const checker = program.getTypeChecker();
    const tables = tablesOf(program);
    const literal = (node) =>
      node?.type === 'Literal' && typeof node.value === 'string' ? node.value : undefined;
    /** A union of several of one table's ids and of nothing else, beside null and undefined. */
    const check = (node, compared) => {
      const id = literal(node);
      if (id === undefined) return;
      const type = checker.getNonNullableType(checker.getTypeAtLocation(nodes.get(compared)));
      if (!type.isUnion() || !type.types.every((t) => t.isStringLiteral())) return;
      const values = type.types.map((t) => t.value);
      const table = tables.find(
        ({ folder, values: ids }) =>
          !context.filename.startsWith(folder) && ids.has(id) && values.every((v) => ids.has(v)),
      );
      if (table) context.report({ node, messageId: 'id', data: { id } });
    };
    return {
      BinaryExpression({ operator, left, right }) {
        if (operator !== '===' && operator !== '!==') return;
        check(right, left);
        check(left, right);
      },
      SwitchStatement({ discriminant, cases }) {
        for (const { test } of cases) check(test, discriminant);
      },
    };
  },
};
