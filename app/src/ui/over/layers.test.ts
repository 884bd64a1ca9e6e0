import { TestBed } from '@angular/core/testing';
import { Layers } from './layers';

/** What the router would hear of. */
let heard: string[] = [];
const hear = (): void => void heard.push(location.pathname);
const back = (): Promise<void> =>
  new Promise((done) => {
    history.back();
    // However many places it is sent on.
    setTimeout(done, 300);
  });

describe('what lies over the page', () => {
  let layers: Layers;
  let closed: string[];
  beforeEach(() => {
    history.pushState({ navigationId: 1 }, '', '/before');
    history.pushState({ navigationId: 2 }, '', '/list');
    layers = TestBed.inject(Layers);
    addEventListener('popstate', hear);
    [heard, closed] = [[], []];
  });
  afterEach(() => removeEventListener('popstate', hear));

  it('is closed by Back, the last first, and the router hears of nothing', async () => {
    layers.add(() => closed.push('sheet'));
    layers.add(() => closed.push('list'));
    await back();
    await back();
    expect([closed, heard, location.pathname]).toEqual([['list', 'sheet'], [], '/list']);
    await back();
    expect([heard, location.pathname]).toEqual([['/before'], '/before']);
  });

  it('closed otherwise, Back leaves the page at once', async () => {
    layers.add(() => closed.push('sheet'))();
    await back();
    expect([closed, heard, location.pathname]).toEqual([[], ['/before'], '/before']);
  });

  it('and gone on from, Back comes to its page', async () => {
    layers.add(() => closed.push('sheet'))();
    history.pushState({ navigationId: 3 }, '', '/pack');
    history.pushState({ navigationId: 4 }, '', '/label');
    await back();
    expect([heard, location.pathname]).toEqual([['/pack'], '/pack']);
    await back();
    expect([closed, heard, location.pathname]).toEqual([[], ['/pack', '/list'], '/list']);
  });
});
