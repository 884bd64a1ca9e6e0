import { bookOf, priceNote as note } from '../testing/price-notes';
import { goingPrice } from './going-price';
import { priceQuestions } from './price-questions';

describe('a price with a grade', () => {
  const book = bookOf(
    note('2026-03-01', 1400, 'A'),
    note('2026-03-02', 2600, 'A', { grade: 'Organic' }),
    note('2026-03-03', 2800, 'B', { grade: 'organic ' }),
    note('2026-03-04', 5200, 'B', { grade: 'Label of the hills' }),
  );
  const on = '2026-03-07';

  it.each([
    ['its own grade, however it is written', ' ORGANIC', 2700],
    ['none said: those of no grade', null, 1400],
    ['none of that grade: those of no grade', 'Prime', 1400],
  ])('%s', (_what, grade, perKgMinor) => {
    expect(goingPrice(book, 'strip-steak', on, grade)?.perKgMinor).toBe(perKgMinor);
  });

  it('where all have one, another’s is better than none', () => {
    const graded = bookOf(note('2026-03-02', 2600, 'A', { grade: 'Organic' }));
    expect(goingPrice(graded, 'strip-steak', on)?.perKgMinor).toBe(2600);
  });

  it('is asked about only beside its own: twice the plain price of the same day is no slip', () => {
    expect(priceQuestions(book, note('2026-03-01', 6000, 'A', { grade: 'Organic' }))).toEqual([]);
    expect(priceQuestions(book, note('2026-03-01', 6000, 'A'))).toMatchObject([
      { code: 'same-day' },
      { code: 'far-off' },
    ]);
  });
});
