import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/** What is needed together is fetched together: each with all that it imports and an earlier one has not, as one file. */
const TOGETHER = [
  { name: 'first', from: /web\/src\/first\.ts$/ },
  { name: 'shell', from: /web\/src\/main\.tsx$/ },
  { name: 'plan', from: /web\/src\/pages\/PlanPage\.tsx$/ },
] as const;

interface Graph {
  readonly getModuleInfo: (id: string) => { readonly importedIds: readonly string[] } | null;
}

/** All that a module imports, not counting what it asks for later. */
function importedBy(from: string, graph: Graph): ReadonlySet<string> {
  const found = new Set([from]);
  for (const id of found) for (const next of graph.getModuleInfo(id)?.importedIds ?? []) found.add(next);
  return found;
}

/** Names the file that a module goes to, where it is one of those fetched together. */
function together() {
  const roots = new Map<string, string>();
  const reached = new Map<string, ReadonlySet<string>>();
  return {
    /** Notes where the roots are, as they are read. */
    note: (id: string) => {
      const root = TOGETHER.find((t) => t.from.test(id));
      if (root) roots.set(root.name, id);
    },
    nameOf: (id: string, graph: Graph): string | null => {
      for (const { name } of TOGETHER) {
        const root = roots.get(name);
        if (root === undefined) continue;
        const all = reached.get(name) ?? importedBy(root, graph);
        reached.set(name, all);
        if (all.has(id)) return name;
      }
      return null;
    },
  };
}

const files = together();

export default defineConfig({
  plugins: [react(), tailwindcss(), { name: 'note-roots', transform: (_code, id) => files.note(id) }],
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    reportCompressedSize: false,
    rolldownOptions: {
      output: {
        codeSplitting: { groups: [{ debugName: 'together', name: (id, graph) => files.nameOf(id, graph) }] },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4730' } },
});
