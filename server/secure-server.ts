import { readFileSync } from 'node:fs';
import type { RequestListener, Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import { createSecureContext } from 'node:tls';

/** What a server over TLS shows, and what it keeps. */
interface Secrets {
  readonly cert: Buffer;
  readonly key: Buffer;
}

function readPem(variable: string, path: string): Buffer {
  try {
    return readFileSync(path);
  } catch {
    throw new Error(`${variable} is "${path}", which cannot be read. It must be the path of a PEM file.`);
  }
}

/** A server over TLS; a fault of its files names their variables. */
export function secureServer(secrets: Secrets, app: RequestListener): Server {
  try {
    createSecureContext({ key: secrets.key });
  } catch {
    throw new Error('TLS_KEY is no private key that can be read: a PEM file without a passphrase is needed.');
  }
  try {
    createSecureContext({ cert: secrets.cert });
  } catch {
    throw new Error('TLS_CERT is no certificate that can be read: a PEM file is needed.');
  }
  try {
    return createHttps(secrets, app);
  } catch {
    throw new Error('TLS_CERT and TLS_KEY do not belong together: the key is of another certificate.');
  }
}

/**
 * The certificate and its key, of `TLS_CERT` and `TLS_KEY`; null where it is served without.
 *
 * @throws Error that names the variable
 */
export function secretsOf({ TLS_CERT: cert, TLS_KEY: key }: NodeJS.ProcessEnv): Secrets | null {
  if (!cert && !key) return null;
  if (!cert || !key)
    throw new Error('TLS_CERT and TLS_KEY go together: set both to the paths of PEM files, or neither.');
  return { cert: readPem('TLS_CERT', cert), key: readPem('TLS_KEY', key) };
}
