import { readdirSync } from 'node:fs';
import path from 'node:path';

/** TypeScript files under a folder. */
export const sourceFiles = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name))
    .map((entry) => path.join(entry.parentPath ?? entry.path, entry.name))
    .sort();
