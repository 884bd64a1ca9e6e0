import { mkdirSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, get, type Server } from 'node:http';
import { generateKeyPairSync } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect, createServer as createTcp, type AddressInfo, type Socket } from 'node:net';
import { FrameReader } from '@core/scale/frame-reader';
import { createApp, type Serving } from './app';
import { scaleAddress } from './scale-line';
import { secretsOf, secureServer } from './secure-server';
import { limitConnections } from './connections';

describe('the server', () => {
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-served-'));
  const servers: Server[] = [];
  const serve = async (empty = false, secure = false, more: Partial<Serving> = {}): Promise<string> => {
    const server = createServer(createApp({ folder, secure, empty, hosts: ['kitchen.example'], ...more }));
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

  it('gives what has a hash while the next build is put in its place, and the last page', async () => {
    const address = await serve();
    const before = `${folder}-before`;
    mkdirSync(before);
    renameSync(join(folder, 'main-ABCD1234.js'), join(before, 'main-ABCD1234.js'));
    renameSync(join(folder, 'index.html'), join(before, 'index.html'));
    const answers = await Promise.all([fetch(`${address}/main-ABCD1234.js`), fetch(`${address}/home`)]);
    renameSync(join(before, 'main-ABCD1234.js'), join(folder, 'main-ABCD1234.js'));
    renameSync(join(before, 'index.html'), join(folder, 'index.html'));
    rmSync(before, { recursive: true });
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    expect(answers[0].headers.get('cache-control')).toContain('immutable');
  });

  it('says over TLS that it is always so, what of the browser it uses, and who may frame it, also of an error', async () => {
    const address = await serve();
    for (const path of ['/home', '/no-such.js', '/%E0%A4%A', '/scale/stream/../../%00']) {
      const { headers } = await fetch(address + path);
      const policy = headers.get('content-security-policy') ?? '';
      expect([path, policy]).toEqual([path, expect.stringContaining("frame-ancestors 'none'")]);
      expect(policy).toContain("require-trusted-types-for 'script'");
      expect(headers.get('x-frame-options')).toBeNull();
      expect(headers.get('permissions-policy')).toContain('camera=(self)');
      expect(headers.get('permissions-policy')).toContain('geolocation=()');
      expect(headers.get('strict-transport-security')).toBeNull();
    }
    const secured = await fetch(`${await serve(false, true)}/home`);
    expect(secured.headers.get('strict-transport-security')).toBe('max-age=31536000');
  });

  it('publishes the shops’ lists, fresh each time; those that ship say that they are for practice', async () => {
    const answer = await fetch(`${await serve()}/shops/lists.json`);
    expect(await answer.json()).toEqual({ format: 'vendicus-shop-lists' });
    expect(answer.headers.get('cache-control')).toBe('no-store');
    expect(answer.headers.get('vendicus-practice')).toBe('lists');
    const own = join(folder, 'own.json');
    writeFileSync(own, '{"format":"own"}');
    const ours = await fetch(`${await serve(false, false, { lists: own })}/shops/lists.json`);
    expect(await ours.json()).toEqual({ format: 'own' });
    expect(ours.headers.get('vendicus-practice')).toBeNull();
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

  it('hears a real scale line by line where one is named, has no tray then, and ends when it goes', async () => {
    const scale = createTcp((socket) => {
      socket.write('ST,GS,+   37');
      setTimeout(() => socket.end('2.0 g\r\nST,GS,+   373.0 g\r\n'), 20);
    });
    await new Promise<void>((listening) => scale.listen(0, '127.0.0.1', listening));
    const { port } = scale.address() as AddressInfo;
    const address = await serve(false, false, { scale: scaleAddress(`127.0.0.1:${port}`) });
    expect(await (await fetch(`${address}/scale/stream`)).text()).toBe(
      'data: ST,GS,+   372.0 g\n\ndata: ST,GS,+   373.0 g\n\n',
    );
    expect((await fetch(`${address}/scale/tray`, { method: 'POST' })).status).toBe(404);
    scale.close();
    await new Promise((closed) => scale.once('close', closed));
    expect(await (await fetch(`${address}/scale/stream`)).text()).toBe('');
  });

  it('says of the practice scale first that it is one', async () => {
    const stopped = new AbortController();
    const answer = await fetch(`${await serve()}/scale/stream`, { signal: stopped.signal });
    const { value } = await answer.body!.getReader().read();
    stopped.abort();
    expect(new TextDecoder().decode(value)).toMatch(/^event: practice\n/);
  });

  it.each(['scale', ':4001', 'scale:', 'scale:99999', 'a b:1'])('SCALE=%s is refused by its name', (text) => {
    expect(() => scaleAddress(text)).toThrow(/^SCALE is /);
  });

  it('faults of a certificate name their variable', () => {
    const pem = join(folder, 'own.pem');
    writeFileSync(pem, 'no certificate');
    expect(() => secretsOf({ TLS_CERT: pem })).toThrow('TLS_CERT and TLS_KEY go together');
    expect(() => secretsOf({ TLS_CERT: pem, TLS_KEY: '/nowhere.pem' })).toThrow('TLS_KEY is "/nowhere.pem"');
    const key = generateKeyPairSync('ec', { namedCurve: 'P-256' }).privateKey.export({
      type: 'pkcs8',
      format: 'pem',
    });
    const no = Buffer.from('no pem');
    expect(() => secureServer({ cert: no, key: no }, () => undefined)).toThrow(/^TLS_KEY is no private key/);
    expect(() => secureServer({ cert: no, key: Buffer.from(key) }, () => undefined)).toThrow(
      /^TLS_CERT is no certificate/,
    );
    expect(secretsOf({})).toBeNull();
  });

  it('a hundred that ask for nothing shut nobody out', async () => {
    const server = createServer((_request, response) => void response.end('here'));
    servers.push(server);
    limitConnections(server);
    await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
    const { port } = server.address() as AddressInfo;
    const idle = Array.from({ length: 100 }, () => connect(port, '127.0.0.1'));
    await Promise.all(idle.map((socket) => new Promise((done) => socket.once('connect', done))));
    expect(await (await fetch(`http://127.0.0.1:${port}/`)).text()).toBe('here');
    idle.forEach((socket) => socket.destroy());
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

  it('drops more connections than one device can need: the idle first, else who comes last', async () => {
    const server = createServer((request, response) => {
      response.write('so far');
      if (request.url === '/done') response.end();
    });
    servers.push(server);
    limitConnections(server, 3);
    await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
    const { port } = server.address() as AddressInfo;
    const connected = (): Promise<Socket> =>
      new Promise((done) => {
        const socket = connect(port, '127.0.0.1', () => done(socket));
        socket.on('error', () => undefined);
      });
    const isAnswered = (socket: Socket): Promise<unknown> => {
      const data = new Promise((heard) => socket.once('data', heard));
      socket.write('GET / HTTP/1.1\r\nHost: localhost\r\n\r\n');
      return data;
    };
    const isClosed = (socket: Socket): Promise<unknown> =>
      new Promise((closed) => socket.once('close', closed));
    const idle = await connected();
    const [one, two] = [await connected(), await connected()];
    const isDropped = isClosed(idle);
    const three = await connected();
    await isDropped;
    await Promise.all([one, two, three].map(isAnswered));
    await isClosed(await connected());
    [one, two, three].forEach((socket) => socket.destroy());
  });

  it('leads to the first questions when it was asked to', async () => {
    const answer = await fetch(`${await serve(true)}/`, { redirect: 'manual' });
    expect(answer.headers.get('location')).toBe('/home');
  });

  it('says what to do where nothing has been built', () => {
    expect(() => createApp({ folder: '/nowhere', secure: false, empty: false })).toThrow('npm start');
  });
});
