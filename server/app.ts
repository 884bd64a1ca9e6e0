import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { existsSync, readFileSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { basename, join, resolve } from 'node:path';
import { knownHost } from './known-host';
import { scaleStream } from './scale-stream';

const YEAR_S = 31_536_000;
/** Names with a content hash never change what they stand for, packed or not. */
const HASHED = /-[A-Z0-9]{8}\.(js|css|woff2|wasm)(\.br|\.gz)?$/;

/** How the application is served. */
export interface Serving {
  /** Where the built app is. */
  readonly folder: string;
  /** Whether it is served over TLS. */
  readonly secure: boolean;
  /** Whether the bare address leads to the first questions, and not to the demo household. */
  readonly empty: boolean;
  /** Names under which it may be asked for, beside localhost, numbers and the machine's own. */
  readonly hosts?: readonly string[];
}

/** The application's files, with strict headers. Holds no household data and takes none. */
export function createApp({ folder, secure, empty, hosts }: Serving): Express {
  const index = join(folder, 'index.html');
  if (!existsSync(index)) throw new Error(`There is no built app in ${folder}. Run: npm start`);
  const nonce = (): string => styleNonce(readFileSync(index, 'utf8'));
  // A build that has none is told at once.
  nonce();
  const app = express();
  app.disable('x-powered-by');
  app.use(headers(nonce, secure));
  app.use(knownHost(hosts));
  // Before compression, which would hold the stream back.
  app.use(scaleStream());
  app.use(compression());
  if (empty) app.get('/', (_request, response) => response.redirect('/home'));
  // The stand-in for the shops' own lists.
  app.get('/shops/lists.json', (_request, response) =>
    response.set('Cache-Control', 'no-store').sendFile(resolve(folder, 'demo', 'shop-lists.json')),
  );
  // Packed when the application was built; what was not is packed as it goes.
  app.use(
    expressStaticGzip(folder, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic: { setHeaders: cacheFor },
    }),
  );
  // Places of the app have addresses without a dot; a missing file is missing.
  app.get(/^\/[^.]*$/, (_request, response) => {
    response.set('Cache-Control', 'no-cache').sendFile(index);
  });
  app.use((_request, response) => void response.status(404).type('text').send('There is no such file.'));
  app.use(plainly);
  return app;
}

/** What goes wrong is said in a sentence, and never with the paths of this machine. */
const plainly: ErrorRequestHandler = (error: { readonly status?: number }, _request, response, next) => {
  if (response.headersSent) return next(error);
  const isTheirs = error.status !== undefined && error.status < 500;
  response
    .status(isTheirs ? (error.status ?? 400) : 500)
    .type('text')
    .send(isTheirs ? 'That request cannot be read.' : 'Something went wrong here.');
};

function styleNonce(html: string): string {
  const nonce = /ngCspNonce="([\w-]+)"/i.exec(html)?.[1];
  if (!nonce) throw new Error('The built app has no style nonce. Build it with: npm start');
  return nonce;
}

/**
 * @param nonce read anew each time: a new build may be put in place while the server runs, and a page
 *   whose nonce is not its header's would stay without its styles in every browser that keeps it
 */
function headers(nonce: () => string, secure: boolean): ReturnType<typeof helmet> {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        styleSrc: ["'self'", () => `'nonce-${nonce()}'`],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        connectSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'self'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
        ...(secure ? { upgradeInsecureRequests: [] } : {}),
      },
    },
    strictTransportSecurity: false,
    referrerPolicy: { policy: 'no-referrer' },
    crossOriginEmbedderPolicy: true,
  });
}

function cacheFor(response: ServerResponse, path: string): void {
  const forever = HASHED.test(basename(path));
  response.setHeader('Cache-Control', forever ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
}
