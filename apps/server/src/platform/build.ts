import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** Changes with the code of the server: what was derived by other code is derived anew. The server is one file when it is built. */
export const BUILD: string = createHash('sha1')
  .update(readFileSync(fileURLToPath(import.meta.url)))
  .digest('hex');
