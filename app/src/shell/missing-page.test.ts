import { DOCUMENT, ErrorHandler, runInInjectionContext, Injector } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { NavigationError } from '@angular/router';
import { Clock } from '../household/clock';
import { Notices } from '../household/notices';
import { GivenClock, setClock } from '../testing/given-clock';
import { missingPage } from './missing-page';

const gone = new TypeError('Failed to fetch dynamically imported module: http://x/chunk.js');

/** Goes to a page that fails so, while the server answers or not. */
async function goTo(error: unknown, answers: boolean | 'no' = true) {
  const [assign, handleError] = [jest.fn(), jest.fn()];
  globalThis.fetch = jest.fn(() =>
    answers === 'no' ? Promise.reject(new Error('refused')) : Promise.resolve({ ok: answers } as Response),
  );
  const page = { baseURI: 'http://x/', location: { assign } };
  TestBed.configureTestingModule({
    providers: [
      { provide: Clock, useClass: GivenClock },
      { provide: DOCUMENT, useValue: page },
      { provide: ErrorHandler, useValue: { handleError } },
    ],
  });
  const failed = new NavigationError(1, '/home/counter/prices', error);
  await runInInjectionContext(TestBed.inject(Injector), () => missingPage(failed));
  return { assign, handleError, said: TestBed.inject(Notices).notice()?.text };
}

beforeEach(() => sessionStorage.clear());

describe('a page that does not come', () => {
  it('is loaded whole, where somebody answers', async () => {
    const { assign, said } = await goTo(gone);
    expect(assign).toHaveBeenCalledWith('/home/counter/prices');
    expect(said).toBeUndefined();
  });

  it.each([false, 'no'] as const)('is said, and what is on the screen stays (%s)', async (answers) => {
    const { assign, said } = await goTo(gone, answers);
    expect(assign).not.toHaveBeenCalled();
    expect(said).toContain('could not be fetched');
  });

  it('is loaded whole once, and not for ever', async () => {
    await goTo(gone);
    TestBed.resetTestingModule();
    const { assign, said } = await goTo(gone);
    expect(assign).not.toHaveBeenCalled();
    expect(said).toContain('could not be fetched');
  });

  it('is loaded whole again, where it is lost much later', async () => {
    await goTo(gone);
    TestBed.resetTestingModule();
    setClock('2026-11-24T10:02:00.000Z');
    const { assign } = await goTo(gone);
    expect(assign).toHaveBeenCalledTimes(1);
  });

  it('any other error is reported as it is', async () => {
    const error = new Error('boom');
    const { assign, handleError } = await goTo(error);
    expect(handleError).toHaveBeenCalledWith(error);
    expect(assign).not.toHaveBeenCalled();
  });
});
