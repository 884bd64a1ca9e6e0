import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { existsSync, readFileSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { basename, join, resolve } from 'node:path';
import { knownHost } from './known-host';
import type { ScaleAddress } from './scale-line';
import { scaleStream } from './scale-stream';

const YEAR_S = 31_536_000;
/** Names with a content hash never change what they stand for, packed or not. */
const HASHED = /-[A-Z0-9]{8}\.(js|css|woff2|wasm)(\.br|\.gz)?$/;

/** Who may make what runs as a script, or is read as markup: Angular, and the app's own gate (`app/src/shell/trusted.ts`). */
const TRUSTED_TYPES = ['angular', 'angular#bundler', 'default'];

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
  /** Where a scale on the home network sends its lines; without one there is one for practice. */
  readonly scale?: ScaleAddress | null;
  /** The shops' own lists; without them there are some for practice. */
  readonly lists?: string;
}

/** The application's files, with strict headers. Holds no household data and takes none. */
export function createApp({ folder, secure, empty, hosts, scale = null, lists }: Serving): Express {
  const index = join(folder, 'index.html');
  if (!existsSync(index)) throw new Error(`There is no built app in ${folder}. Run: npm start`);
  const page = pageOf(index);
  const app = express();
  app.disable('x-powered-by');
  app.use(headers(() => page().nonce, secure));
  app.use(knownHost(hosts));
  // Before compression, which would hold the stream back.
  app.use(scaleStream(scale));
  app.use(compression());
  if (empty) app.get('/', (_request, response) => response.redirect('/home'));
  app.get('/shops/lists.json', (_request, response) => {
    response.set('Cache-Control', 'no-store');
    if (lists === undefined) response.set('Vendicus-Practice', 'lists');
    response.sendFile(resolve(lists ?? join(folder, 'demo', 'shop-lists.json')));
  });
  // Packed when the application was built; what was not is packed as it goes.
  app.use(
    expressStaticGzip(folder, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic: { setHeaders: cacheFor },
    }),
  );
  // While a build is put in place, what a page of the one before asks for by its hash still comes.
  app.get(HASHED, express.static(`${folder}-before`, { index: false, setHeaders: cacheFor }));
  // Places of the app have addresses without a dot; a missing file is missing.
  app.get(/^\/[^.]*$/, (_request, response) => {
    response.set('Cache-Control', 'no-cache').type('html').send(page().html);
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

/**
 * The page as it is now, with its nonce: read anew each time, for a new build may be put in place while the
 * server runs, and a page whose nonce is not its header's would stay without its styles in every browser that
 * keeps it. While there is none, the last.
 */
function pageOf(index: string): () => { readonly html: string; readonly nonce: string } {
  const read = (): { html: string; nonce: string } => {
    const html = readFileSync(index, 'utf8');
    return { html, nonce: styleNonce(html) };
  };
  // A build that has no nonce is told at once.
  let last = read();
  return () => {
    try {
      last = read();
    } catch {
      // A build is being put in place.
    }
    return last;
  };
}

function styleNonce(html: string): string {
  const nonce = /ngCspNonce="([\w-]+)"/i.exec(html)?.[1];
  if (!nonce) throw new Error('The built app has no style nonce. Build it with: npm start');
  return nonce;
}

/** What of a browser its pages may use: the camera for labels, the serial line for a scale. */
const PERMISSIONS = [
  ['camera', '(self)'],
  ['serial', '(self)'],
  ['screen-wake-lock', '(self)'],
  ...['microphone', 'geolocation', 'payment', 'usb', 'bluetooth', 'display-capture', 'midi'].map(
    (name) => [name, '()'] as const,
  ),
]
  .map(([name, to]) => `${name}=${to}`)
  .join(', ');

function headers(nonce: () => string, secure: boolean): RequestHandler[] {
  const strict = helmet({
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
        requireTrustedTypesFor: ["'script'"],
        trustedTypes: TRUSTED_TYPES,
        ...(secure ? { upgradeInsecureRequests: [] } : {}),
      },
    },
    // `frame-ancestors` says it.
    xFrameOptions: false,
    strictTransportSecurity: secure ? { maxAge: YEAR_S, includeSubDomains: false } : false,
    referrerPolicy: { policy: 'no-referrer' },
    crossOriginEmbedderPolicy: true,
  });
  return [
    (_request, response, next) => {
      response.set('Permissions-Policy', PERMISSIONS);
      next();
    },
    strict,
  ];
}

function cacheFor(response: ServerResponse, path: string): void {
  const forever = HASHED.test(basename(path));
  response.setHeader('Cache-Control', forever ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
}
