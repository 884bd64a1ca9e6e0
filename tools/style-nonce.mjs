// Styles that the app makes at run time need a nonce under the strict content security policy.
// One is drawn for each build and written into index.html; the service worker's table of file
// hashes is mended to match. See docs/decisions/0003-style-nonce.md.
import { createHash, randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const PLACEHOLDER = 'STYLE_NONCE';

export function stampNonce(folder) {
  const index = join(folder, 'index.html');
  const html = readFileSync(index, 'utf8');
  const nonce = randomBytes(18).toString('base64url');
  const stamped = html.replaceAll(PLACEHOLDER, nonce);
  if (stamped === html) return;
  writeFileSync(index, stamped);
  const manifest = join(folder, 'ngsw.json');
  if (!existsSync(manifest)) return;
  const table = JSON.parse(readFileSync(manifest, 'utf8'));
  table.hashTable['/index.html'] = createHash('sha1').update(stamped).digest('hex');
  writeFileSync(manifest, JSON.stringify(table, null, 2));
}
