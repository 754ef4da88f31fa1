/* The commands as one file each. By their source each takes some seconds to be read in, and tests start them many times. */
import path from 'node:path';
import { build } from 'vite';
import { ROOT } from './paths.mjs';

const COMMANDS = ['reckon', 'walk'];

/** Writes `reckon.js` and `walk.js` into a folder from which our packages are found. */
export async function buildCommands(folder) {
  const input = Object.fromEntries(COMMANDS.map((name) => [name, path.join(ROOT, `core/bin/${name}.ts`)]));
  await build({
    configFile: false,
    logLevel: 'warn',
    publicDir: false,
    build: { ssr: true, outDir: folder, emptyOutDir: true, rollupOptions: { input } },
  });
}
