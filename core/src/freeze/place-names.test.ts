import { placeNames } from './place-names';

describe('places', () => {
  it('a drawer is called with what it is a drawer of', () => {
    expect([
      ...placeNames(
        new Map([
          ['c', { name: 'Chest', cold: 'freezer' }],
          ['t', { name: 'top', cold: 'freezer', within: 'c' }],
          ['x', { name: 'lost', cold: 'freezer', within: 'gone' }],
        ]),
      ),
    ]).toEqual([
      ['c', 'Chest'],
      ['t', 'Chest, top'],
      ['x', 'lost'],
    ]);
  });
});
