import { rulesOn } from '../feast/feast-rule';
import { feastRuleWords } from './feast-words';

describe('the words of a feast', () => {
  it('say how it comes back', () => {
    expect(rulesOn('2026-11-26').map(feastRuleWords)).toEqual([
      'every 26 Nov',
      'the last Thursday of November',
    ]);
    expect(rulesOn('2026-04-03').map(feastRuleWords)).toEqual([
      'every 3 Apr',
      'the first Friday of April',
      '2 days before Easter',
    ]);
  });
});
