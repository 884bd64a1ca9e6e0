import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { firstLoadBytes, fontBytes } from './first-load-of';
import { DESK, freePort, freshWindow, Person, said } from './harness';
import { ADDRESS, choosePiece, movesIn } from './journeys';

/** Hardly more than it is: the benchmark holds it against a bare page of the same libraries. */
const MOST_BYTES = 345_000;

describe('the served page', () => {
  it('loads less than 345 kB, packed, with its fonts, with the frame around every place and before any place’s own code', () => {
    expect(firstLoadBytes('dist/app') + fontBytes('dist/app')).toBeLessThan(MOST_BYTES);
  });

  it('comes packed as the browser asks for it', async () => {
    const script = /src="(main-[^"]+\.js)"/.exec(readFileSync('dist/app/index.html', 'utf8'))?.[1] ?? '';
    for (const encoding of ['br', 'gzip', 'identity']) {
      const answer = await fetch(`${ADDRESS}/${script}`, { headers: { 'Accept-Encoding': encoding } });
      expect([encoding, answer.headers.get('content-encoding') ?? 'identity']).toEqual([encoding, encoding]);
      expect(answer.headers.get('cache-control')).toContain('immutable');
      expect(await answer.text()).toBe(readFileSync(join('dist/app', script), 'utf8'));
    }
  });

  it('comes with strict headers, and caches only what has a hash', async () => {
    const page = await fetch(`${ADDRESS}/demo/books/some-piece`);
    expect(page.status).toBe(200);
    expect(page.headers.get('cache-control')).toBe('no-cache');
    const policy = page.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toMatch(/script-src 'self';/);
    expect(policy).not.toContain('unsafe');
    expect(page.headers.get('x-powered-by')).toBeNull();
    const script = /src="(main-[^"]+\.js)"/.exec(await page.text())?.[1] ?? '';
    expect((await fetch(`${ADDRESS}/${script}`)).headers.get('cache-control')).toContain('immutable');
    expect((await fetch(`${ADDRESS}/no-such.js`)).status).toBe(404);
  });

  it('works again with the server gone', async () => {
    const port = String(await freePort());
    const server = spawn(process.execPath, ['dist/server.mjs', 'dist/app'], {
      env: { ...process.env, PORT: port },
    });
    const browser = await freshWindow();
    try {
      await said(server, /Vendicus is at/);
      const person = await Person.at(browser, `http://127.0.0.1:${port}`, DESK, true);
      await person.goTo('/demo/counter');
      await person.page.waitForFunction(
        async () => (await navigator.serviceWorker.ready).active?.state === 'activated',
        { polling: 50 },
      );
      // The worker fills its cache after it has taken over.
      await person.page.waitForFunction(
        async () => {
          const { assetGroups } = (await (await fetch('/ngsw.json')).json()) as {
            assetGroups: { name: string; urls: string[] }[];
          };
          const wanted = assetGroups.find(({ name }) => name === 'app')?.urls ?? [];
          const held = await Promise.all(wanted.map((url) => caches.match(url)));
          return wanted.length > 0 && held.every((response) => response !== undefined);
        },
        { timeout: 60_000, polling: 500 },
      );
      server.kill();
      await new Promise((done) => server.once('exit', done));
      await person.goTo('/demo/freezer');
      await person.sees('packs');
      await person.click('Craft', 'link');
      await person.sees('How each piece is cut');
    } finally {
      await browser.close();
      server.kill();
    }
  });

  it('a page that was lost on its way is asked for again, and what was typed is there', async () => {
    const browser = await freshWindow();
    try {
      const person = await Person.at(browser, ADDRESS);
      // Not the demo, whose story a worker may be telling just then: what is lost shall be a page.
      await movesIn(person);
      await person.goTo('/home/counter');
      await choosePiece(person, 'Strip loin');
      await person.fill('Weight on the label', '4.321 kg');
      await person.page.setRequestInterception(true);
      let isLost = false;
      person.page.on('request', (request) => {
        const loses = !isLost && request.url().endsWith('.js');
        isLost ||= loses;
        void (loses ? request.abort('connectionreset') : request.continue());
      });
      await person.click('Price book', 'link');
      await person.sees('prices written down');
      expect(isLost).toBe(true);
      await person.click('Worth it?', 'link');
      await person.shows('Weight on the label', '4.321 kg');
    } finally {
      await browser.close();
    }
  });

  it('takes the next free port when one is taken, and says so', async () => {
    const taken = new URL(ADDRESS).port;
    const server = spawn(process.execPath, ['dist/server.mjs', 'dist/app', '--empty'], {
      env: { ...process.env, PORT: taken },
    });
    const text = await said(server, /Vendicus is at/);
    server.kill();
    expect(text).toContain(`Port ${taken} is taken`);
  });

  it('--empty leads to the first questions, and without it to the demo household', async () => {
    const port = String(await freePort());
    const server = spawn(process.execPath, ['dist/server.mjs', 'dist/app', '--empty'], {
      env: { ...process.env, PORT: port },
    });
    const browser = await freshWindow();
    try {
      await said(server, /Vendicus is at/);
      const empty = await Person.at(browser, `http://127.0.0.1:${port}`);
      await empty.goTo('/');
      await empty.sees('Your household');
      const demo = await Person.at(browser, ADDRESS);
      await demo.goTo('/');
      await demo.sees('This is the demo household');
      await demo.click('Start your own household', 'link');
      await demo.sees('Is it on another device already?');
    } finally {
      await browser.close();
      server.kill();
    }
  });
});
