// Packs the built files beforehand, for the server to hand out as they lie: brotli and gzip, the way
// each browser asks for it. Only what has a hash in its name: what can change under its name would be
// handed out as it was.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const PACKS = /-[A-Z0-9]{8}\.(js|css|wasm)$/;
const LEAST_BYTES = 1024;
const [brotli, gzipped] = [promisify(brotliCompress), promisify(gzip)];

async function pack(path) {
  const plain = readFileSync(path);
  if (plain.length < LEAST_BYTES) return;
  const quality = { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } };
  const [br, gz] = await Promise.all([brotli(plain, quality), gzipped(plain, { level: 9 })]);
  writeFileSync(`${path}.br`, br);
  writeFileSync(`${path}.gz`, gz);
}

/** Every file of a folder that is worth it, side by side. */
export async function compress(folder) {
  const files = readdirSync(folder, { recursive: true }).filter((name) => PACKS.test(name));
  await Promise.all(files.map((name) => pack(join(folder, name))));
}
