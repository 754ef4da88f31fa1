import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const at = (file: string) => fileURLToPath(new URL(file, import.meta.url));
/** What is there before the screens: it begins what takes longest, and waits for nothing. */
const BEFORE = /\/web\/(index\.html|src\/first\.ts|src\/state\/ahead\.ts)|\/idb-keyval\/|preload-helper/;

export default defineConfig({
  plugins: [react(), tailwindcss()],
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    reportCompressedSize: false,
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
            {
              name: 'fields',
              test: /\/web\/src\/(fields\/|stages\/(Panel|Findings)|docket\/|stages\/docket\/)/,
            },
            {
              name: 'words',
              test: /\/core\/src\/(words|cutList|stages)\/(\w+\/)?(terms|changes|names|sentences|cutList|docket|leftOvers)\.ts$/,
            },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4730' } },
});
