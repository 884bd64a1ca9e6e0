import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';

describe('the machine’s clock', () => {
  it.each([
    ['new Date()', () => new Date()],
    ['Date.now()', () => Date.now()],
    ['Temporal.Now', () => Temporal.Now.instant()],
  ])('is refused to a file of ours that asks by %s', (_how, ask) => {
    expect(ask).toThrow('In a unit test time is given');
  });

  it('is told to libraries; a moment that is given is one', () => {
    expect(fc.sample(fc.date(), 1)).toHaveLength(1);
    expect(new Date('2026-11-24T10:00:00.000Z').getTime()).toBe(Date.UTC(2026, 10, 24, 10));
  });
});
