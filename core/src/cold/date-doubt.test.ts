import { dateDoubt } from './date-doubt';

const on = '2026-11-20';
describe('a date off a label is asked about where it cannot be, or seldom is', () => {
  it.each([
    ['none', '', '', true, /^$/],
    ['a use-by of next week', 'use-by', '2026-11-27', false, /^$/],
    ['a use-by of 2062', 'use-by', '2062-11-27', true, /^That is years ahead.* does not count/],
    [
      'a chicken’s use-by in two months',
      'use-by',
      '2027-01-20',
      false,
      /^That is later than fresh meat keeps/,
    ],
    ['a sealed loin’s in two months', 'use-by', '2027-01-20', true, /^$/],
    ['a sell-by in 45 days', 'sell-by', '2027-01-04', true, /^$/],
    ['a sell-by in 46 days', 'sell-by', '2027-01-05', true, /^A sell-by so far ahead is rare/],
    ['a use-by of yesterday', 'use-by', '2026-11-19', true, /^That day was past/],
    ['packed tomorrow', 'packed-on', '2026-11-21', true, /^Packed after it was bought/],
    ['packed last week', 'packed-on', '2026-11-13', true, /^$/],
  ] as const)('%s', (_what, dated, until, isWholeRed, says) => {
    expect(dateDoubt({ dated, until, on, isWholeRed })).toMatch(says);
  });
});
