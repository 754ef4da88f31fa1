import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { type Plugin, defineConfig } from 'vite';
import { lightRouter } from './build/lightRouter';
import { knownBounds } from './build/knownBounds';
import { noMeanings, noSchemas } from './build/noSchemas';

const at = (file: string) => fileURLToPath(new URL(file, import.meta.url));
/** What is there before the screens: it begins what takes longest, and waits for nothing. */
const BEFORE =
  /\/web\/(index\.html|src\/first\.ts|src\/state\/ahead\.ts|src\/workers\/start\.ts)|\/idb-keyval\/|preload-helper|modulepreload-polyfill/;

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

export default defineConfig({
  plugins: [noSchemas(), knownBounds(), lightRouter(), react(), tailwindcss(), screensAskedFor],
  resolve: {
    // The package names its development build for browsers, with warnings that nobody reads here.
    alias: [
      {
        find: /^react-router$/,
        replacement: at('../node_modules/react-router/dist/production/index.mjs'),
      },
    ],
  },
  worker: {
    format: 'es',
    plugins: () => [noMeanings(), noSchemas()],
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'sums', tags: ['$initial'] }] } } },
  },
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
