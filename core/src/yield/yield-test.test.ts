import { received, cut, stateOf } from '../testing/strip-of-a-kilo';
import { yieldTest } from './yield-test';

describe('the yield test', () => {
  it('accounts for every gram', () => {
    const state = stateOf(
      received,
      { type: 'drained', lot: 'p', massDg: 9700 },
      cut('a', 6000),
      cut('x', 3000, 'bin'),
      { type: 'closed', lot: 'p' },
    );
    const test = yieldTest(state, 'p');
    expect(test).toMatchObject({
      drainedDg: 9700,
      usableDg: 6000,
      unaccountedDg: 700,
      leftDg: 0,
      yield: 0.6,
      weighings: 2,
    });
    expect(Object.values(test.destinations).reduce((a, b) => a + b, 0) + test.unaccountedDg).toBe(10_000);
  });

  it('divides by nothing where nothing is usable', () => {
    expect(yieldTest(stateOf(received), 'p')).toMatchObject({
      perUsableKgMinor: null,
      costFactor: null,
      leftDg: 10_000,
    });
  });
});
