import MagicString from 'magic-string';
import type { Plugin } from 'vite';

const STAND_IN = '\0no-schemas';
/** Whoever checks something without the schemas is told so, and so are the tests of the interface. */
const STAND_IN_CODE = `
  const CHECKS = ['parse', 'safeParse', '_zod'];
  export const any = new Proxy(function () {}, {
    apply: () => any,
    get(_, name) {
      if (CHECKS.includes(name)) throw new Error('the schemas are with what checks: ask there');
      return any;
    },
  });`;

/** A node of the syntax tree, as far as it is looked at. */
interface Node {
  readonly type: string;
  readonly start: number;
  readonly end: number;
  readonly name?: unknown;
  readonly callee?: unknown;
  readonly object?: unknown;
}

const isNode = (value: unknown): value is Node =>
  typeof value === 'object' && value !== null && 'type' in value;

/** Whether an expression begins with a schema of zod: `z.string().check(…)`. */
function isSchema({ type, callee, object }: Node): boolean {
  if (type === 'CallExpression') return isNode(callee) && isSchema(callee);
  if (type !== 'MemberExpression' || !isNode(object)) return false;
  return object.type === 'Identifier' ? object.name === 'z' : isSchema(object);
}

function schemasIn(node: Node, found: Node[] = []): readonly Node[] {
  if (isSchema(node)) found.push(node);
  else for (const value of Object.values(node).flat()) if (isNode(value)) schemasIn(value, found);
  return found;
}

/**
 * The page and the sums are handed plans that were checked, and have no use for schemas, which stand in the rows of the kinds beside what they work with:
 * wherever one is made, a stand-in is put in its place. What checks comes from outside is another worker, with all of them.
 */
export function noSchemas(): Plugin {
  let without = false;
  return {
    name: 'no-schemas',
    apply: 'build',
    enforce: 'pre',
    buildStart: ({ input }) => {
      without = !JSON.stringify(input).includes('checks.worker');
    },
    resolveId: (id) => (without && id === 'zod/mini' ? STAND_IN : null),
    load: (id) => (id === STAND_IN ? STAND_IN_CODE : null),
    transform(code, id) {
      if (!without || !id.endsWith('.ts') || !/^import \* as z from 'zod\/mini'/m.test(code)) return null;
      const changed = new MagicString(code);
      for (const { start, end } of schemasIn(this.parse(code, { lang: 'ts' })))
        changed.update(start, end, 'z.any');
      return { code: changed.toString(), map: changed.generateMap({ hires: true }) };
    },
  };
}

/** What a field means is written for the JSON Schema of plan files, which is made from the code elsewhere: nothing in the browser reads it. */
export const noMeanings = (): Plugin => ({
  name: 'no-meanings',
  apply: 'build',
  enforce: 'pre',
  transform: (code, id) =>
    id.includes('/core/src/') && code.includes('meaning(')
      ? code.replace(/\bmeaning\(\s*(?:'[^'\n]*'|`[^`$]*`),?\s*\)/g, "meaning('')")
      : null,
});
