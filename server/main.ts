import { existsSync } from 'node:fs';

import { createServer as createHttp, type Server } from 'node:http';
import { networkInterfaces } from 'node:os';
import { resolve } from 'node:path';
import { createApp } from './app';
import { scaleAddress } from './scale-line';
import { secretsOf, secureServer } from './secure-server';
import { limitConnections } from './connections';

const FIRST_PORT = 4280;
const MOST_TRIES = 20;

function listen(server: Server, port: number, host: string): Promise<number> {
  return new Promise((done, failed) => {
    server.once('error', failed);
    server.listen(port, host, () => {
      server.off('error', failed);
      const address = server.address();
      done(typeof address === 'object' && address ? address.port : port);
    });
  });
}

/** Listens on the wanted port, or on the next free one, and says so. */
async function listenNear(server: Server, wanted: number, host: string): Promise<number> {
  for (let port = wanted; port < wanted + MOST_TRIES; port++) {
    try {
      const taken = await listen(server, port, host);
      if (port !== wanted) console.log(`Port ${wanted} is taken; using ${taken}.`);
      return taken;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE' || wanted === 0) throw error;
    }
  }
  throw new Error(`Ports ${wanted} to ${wanted + MOST_TRIES - 1} are all taken. Set PORT to a free one.`);
}

function wantedPort(): number {
  const text = process.env['PORT'];
  if (text === undefined || text === '') return FIRST_PORT;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`PORT is "${text}"; it must be a whole number from 0 to 65535.`);
  return port;
}

function addressesOf(host: string): string[] {
  if (host !== '0.0.0.0' && host !== '::') return [host];
  const others = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  return [
    '127.0.0.1',
    ...others.filter(({ family, internal }) => family === 'IPv4' && !internal).map(({ address }) => address),
  ];
}

function stop(server: Server): void {
  server.close(() => process.exit(0));
  server.closeAllConnections();
}

function listsFile(): string | undefined {
  const path = process.env['LISTS'];
  if (!path) return undefined;
  if (!existsSync(path))
    throw new Error(
      `LISTS is "${path}", which is not there. It must be the path of a list of prices (docs/price-file.md).`,
    );
  return resolve(path);
}

async function main(): Promise<void> {
  const host = process.env['HOST'] || '127.0.0.1';
  const secrets = secretsOf(process.env);
  const app = createApp({
    folder: resolve(process.argv[2] ?? 'dist/app'),
    secure: secrets !== null,
    empty: process.argv.includes('--empty'),
    scale: scaleAddress(process.env['SCALE']),
    lists: listsFile(),
    hosts: [host, ...(process.env['HOSTS'] ?? '').split(',')].filter((name) => name !== ''),
  });
  const server = secrets ? secureServer(secrets, app) : createHttp(app);
  limitConnections(server);
  const port = await listenNear(server, wantedPort(), host);
  for (const address of addressesOf(host))
    console.log(`Vendicus is at ${secrets ? 'https' : 'http'}://${address}:${port}/`);
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => stop(server));
}

main().catch((error: Error) => {
  console.error(error.message);
  process.exitCode = 1;
});
