import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, get, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect, type AddressInfo, type Socket } from 'node:net';
import { FrameReader } from '@core/scale/frame-reader';
import { createApp } from './app';
import { limitConnections } from './connections';

describe('the server', () => {
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-served-'));
  const servers: Server[] = [];
  const serve = async (empty = false): Promise<string> => {
    const server = createServer(createApp({ folder, secure: false, empty, hosts: ['kitchen.example'] }));
    servers.push(server);
    await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
    return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  };

  beforeAll(() => {
    writeFileSync(join(folder, 'index.html'), '<html><body><app ngCspNonce="abc-123"></app></body></html>');
    writeFileSync(join(folder, 'main-ABCD1234.js'), 'export {};');
    mkdirSync(join(folder, 'demo'));
    writeFileSync(join(folder, 'demo', 'shop-lists.json'), '{"format":"vendicus-shop-lists"}');
  });
  afterAll(() => {
    for (const server of servers) {
      server.close();
      server.closeAllConnections();
    }
    rmSync(folder, { recursive: true });
  });

  it('answers places with the page, under a strict policy with the build’s nonce, not cached', async () => {
    const answer = await fetch(`${await serve()}/home/books/piece-1`);
    expect(await answer.text()).toContain('abc-123');
    expect(answer.headers.get('content-security-policy')).toContain("style-src 'self' 'nonce-abc-123'");
    expect(answer.headers.get('cache-control')).toBe('no-cache');
  });

  it('goes by the nonce of a build that was put in place while it runs', async () => {
    const address = await serve();
    const page = join(folder, 'index.html');
    const before = readFileSync(page, 'utf8');
    writeFileSync(page, before.replace('abc-123', 'def-456'));
    const answer = await fetch(address);
    writeFileSync(page, before);
    expect(await answer.text()).toContain('def-456');
    expect(answer.headers.get('content-security-policy')).toContain("'nonce-def-456'");
  });

  it('caches what has a hash for ever', async () => {
    const answer = await fetch(`${await serve()}/main-ABCD1234.js`);
    expect(answer.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
  });

  it('publishes the shops’ lists, fresh each time', async () => {
    const answer = await fetch(`${await serve()}/shops/lists.json`);
    expect(await answer.json()).toEqual({ format: 'vendicus-shop-lists' });
    expect(answer.headers.get('cache-control')).toBe('no-store');
  });

  it('has no file that is not there, and takes nothing', async () => {
    const address = await serve();
    expect((await fetch(`${address}/no-such.js`)).status).toBe(404);
    expect((await fetch(`${address}/shops/lists.json`, { method: 'POST', body: '{}' })).status).toBe(404);
  });

  it('streams the scale on the network, line by line, and shows what is laid on its tray', async () => {
    const address = await serve();
    const tray = (body: string): Promise<Response> =>
      fetch(`${address}/scale/tray`, {
        method: 'POST',
        body,
        headers: { 'Content-Type': 'application/json' },
      });
    expect((await tray('{"massG":372}')).status).toBe(204);
    const stopped = new AbortController();
    const answer = await fetch(`${address}/scale/stream`, { signal: stopped.signal });
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    const reader = answer.body!.getReader();
    const [lines, text] = [new FrameReader(), new TextDecoder()];
    const masses: number[] = [];
    while (masses.length < 14) {
      const { value } = await reader.read();
      for (const line of lines.push(text.decode(value).replaceAll('data: ', '')))
        if ('frame' in line) masses.push(line.frame.massDg);
    }
    stopped.abort();
    expect(Math.abs(masses.at(-1)! - 3720)).toBeLessThanOrEqual(20);
    for (const bad of ['{"massG":-1}', '{"massG":"heavy"}', '{"massG":1e9}', '[]'])
      expect((await tray(bad)).status).toBe(400);
    const cutOff = await tray('{"massG":');
    expect(cutOff.status).toBe(400);
    expect(await cutOff.text()).toBe('That request cannot be read.');
    expect((await tray(`{"massG":1,"note":"${'x'.repeat(2000)}"}`)).status).toBe(413);
  });

  it('lets one device listen to the scale eight times, and again when a page is closed', async () => {
    const address = await serve();
    const stopped = Array.from({ length: 8 }, () => new AbortController());
    const streams = await Promise.all(
      stopped.map(({ signal }) => fetch(`${address}/scale/stream`, { signal })),
    );
    expect(streams.map(({ status }) => status)).toEqual(Array(8).fill(200));
    const more = await fetch(`${address}/scale/stream`);
    expect(more.status).toBe(429);
    expect(await more.text()).toContain('Close a page');
    stopped.forEach((each) => each.abort());
    let status = 0;
    while (status !== 200) {
      const last = new AbortController();
      ({ status } = await fetch(`${address}/scale/stream`, { signal: last.signal }));
      last.abort();
    }
  });

  it.each([
    ['a number', '127.0.0.1:4280', 200],
    ['localhost', 'localhost:4280', 200],
    ['a name it is known under', 'Kitchen.example', 200],
    ['another name', 'somewhere.example', 421],
  ])('asked for by %s', async (_what, host, status) => {
    const address = new URL(await serve());
    const answer = await new Promise<number>((done, failed) =>
      get({ host: address.hostname, port: address.port, path: '/home', headers: { host } }, (response) => {
        response.resume();
        done(response.statusCode ?? 0);
      }).on('error', failed),
    );
    expect(answer).toBe(status);
  });

  it('drops more connections than one device can need', async () => {
    const server = createServer((_request, response) => void response.end());
    servers.push(server);
    limitConnections(server, 3);
    await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
    const { port } = server.address() as AddressInfo;
    const sockets = await Promise.all(
      Array.from(
        { length: 3 },
        () =>
          new Promise<Socket>((done) =>
            connect(port, '127.0.0.1').once('connect', function (this: Socket) {
              done(this);
            }),
          ),
      ),
    );
    const dropped = connect(port, '127.0.0.1');
    await new Promise((closed) => dropped.once('close', closed).on('error', () => undefined));
    sockets.forEach((socket) => socket.destroy());
  });

  it('leads to the first questions when it was asked to', async () => {
    const answer = await fetch(`${await serve(true)}/`, { redirect: 'manual' });
    expect(answer.headers.get('location')).toBe('/home');
  });

  it('says what to do where nothing has been built', () => {
    expect(() => createApp({ folder: '/nowhere', secure: false, empty: false })).toThrow('npm start');
  });
});
