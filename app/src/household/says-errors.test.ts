import { ErrorHandler } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Notices } from './notices';
import { SaysErrors } from './says-errors';

describe('what nobody caught', () => {
  const logged = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  afterAll(() => logged.mockRestore());
  beforeEach(() => logged.mockClear());

  function said(error: unknown): string | undefined {
    TestBed.configureTestingModule({ providers: [{ provide: ErrorHandler, useClass: SaysErrors }] });
    TestBed.inject(ErrorHandler).handleError(error);
    return TestBed.inject(Notices).notice()?.text;
  }

  it('is said in a sentence, and kept for builders', () => {
    expect(said(new TypeError('x is undefined'))).toContain('Something here went wrong');
    expect(logged).toHaveBeenCalledTimes(1);
  });

  it('is called by its name where it is known', () => {
    expect(said(new DOMException('', 'QuotaExceededError'))).toContain('storage for this page is full');
  });

  it('that is harmless is not said', () => {
    expect(said(new Error('ResizeObserver loop completed with undelivered notifications.'))).toBeUndefined();
    expect(logged).not.toHaveBeenCalled();
  });
});
