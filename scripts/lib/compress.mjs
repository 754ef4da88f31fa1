import { readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import zlib from 'node:zlib';

const brotli = promisify(zlib.brotliCompress);
const gzip = promisify(zlib.gzip);

/** Writes .br and .gz beside every text asset, so that the server only has to send them. */
export async function compressFolder(folder) {
  for (const name of readdirSync(folder)) {
    const file = path.join(folder, name);
    if (statSync(file).isDirectory()) await compressFolder(file);
    else if (/\.(js|css|html|svg|json)$/.test(name)) {
      const bytes = readFileSync(file);
      writeFileSync(
        `${file}.br`,
        await brotli(bytes, { params: { [zlib.constants.BROTLI_PARAM_QUALITY]: 11 } }),
      );
      writeFileSync(`${file}.gz`, await gzip(bytes, { level: 9 }));
    }
  }
}
