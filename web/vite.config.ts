import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { type Plugin, defineConfig } from 'vite';
import * as schemas from 'zod/mini';

const at = (file: string) => fileURLToPath(new URL(file, import.meta.url));
/** What is there before the screens: it begins what takes longest, and waits for nothing. */
const BEFORE =
  /\/web\/(index\.html|src\/first\.ts|src\/state\/ahead\.ts)|\/idb-keyval\/|preload-helper|modulepreload-polyfill/;

/** The page asks for the screens and their look at once, though the file that comes first does not wait for them. */
const screensAskedFor: Plugin = {
  name: 'screens-asked-for',
  transformIndexHtml(_html, { bundle = {} }) {
    const screens = Object.values(bundle).find(
      (file) => file.type === 'chunk' && file.isEntry && file.name === 'main',
    );
    if (screens?.type !== 'chunk') return [];
    const link = (attrs: Record<string, string | boolean>) => ({
      tag: 'link',
      attrs: { ...attrs, crossorigin: true },
      injectTo: 'head' as const,
    });
    return [
      ...[screens.fileName, ...screens.imports].map((file) =>
        link({ rel: 'modulepreload', href: `/${file}` }),
      ),
      ...[...(screens.viteMetadata?.importedCss ?? [])].map((file) =>
        link({ rel: 'stylesheet', href: `/${file}` }),
      ),
    ];
  },
};

/**
 * The sums are handed plans that were checked: their worker has no use for schemas, which stand in the rows of the kinds beside what it works with.
 * Asked to check something all the same, it says so.
 */
function noSchemas(): Plugin {
  const STAND_IN = '\0no-schemas';
  let sums = false;
  return {
    name: 'no-schemas',
    enforce: 'pre',
    buildStart: ({ input }) => {
      sums = JSON.stringify(input).includes('reckon.worker');
    },
    resolveId: (id) => (sums && id === 'zod/mini' ? STAND_IN : null),
    load: (id) =>
      id === STAND_IN
        ? `const CHECKS = ['parse', 'safeParse'];
           const any = new Proxy(function () {}, {
             apply: () => any,
             get(_, name) {
               if (CHECKS.includes(name)) throw new Error('plans are checked before they are reckoned');
               return any;
             },
           });
           ${Object.keys(schemas)
             .filter((name) => name !== 'default')
             .map((name, i) => `const z${i} = any; export { z${i} as ${JSON.stringify(name)} };`)
             .join('\n')}`
        : null,
  };
}

/** What a field means is written for the JSON Schema of plan files, which is made from the code elsewhere: no page reads it. */
const noMeanings = (): Plugin => ({
  name: 'no-meanings',
  enforce: 'pre',
  transform: (code, id) =>
    id.includes('/core/src/') && code.includes('meaning(')
      ? code.replace(/\bmeaning\(\s*(?:'[^'\n]*'|`[^`$]*`),?\s*\)/g, "meaning('')")
      : null,
});

export default defineConfig({
  plugins: [noMeanings(), react(), tailwindcss(), screensAskedFor],
  resolve: {
    // The package names its development build for browsers, with warnings that nobody reads here.
    alias: [
      {
        find: /^react-router$/,
        replacement: at('../node_modules/react-router/dist/production/index.mjs'),
      },
    ],
  },
  worker: { format: 'es', plugins: () => [noMeanings(), noSchemas()] },
  build: {
    target: 'es2022',
    reportCompressedSize: false,
    // A small font or picture in a style sheet would be refused by the server's own policy: files are files.
    assetsInlineLimit: 0,
    // All screens that a plan begins with are one file on purpose; what it may weigh is a limit of the bench.
    chunkSizeWarningLimit: 800,
    rolldownOptions: {
      input: { index: at('index.html'), main: at('src/main.tsx') },
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          // A few files instead of a hundred small ones, which took longer to ask for than to read.
          groups: [
            { name: 'first', test: BEFORE },
            { name: 'screens', tags: ['$initial'], test: (id: string) => !BEFORE.test(id) },
            { name: 'shared', minShareCount: 4 },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4730' } },
});
