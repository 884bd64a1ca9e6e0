import { handModel, type Stored } from './hand-model';

const begin: Stored = { entries: [['a', '1']], registers: ['r'] };

describe('the model beside the hand', () => {
  it('lets what was pressed be written', () => {
    const model = handModel(begin);
    expect(
      model.after(
        {
          entries: [
            ['a', '1'],
            ['b', '2'],
          ],
          registers: ['s'],
        },
        false,
      ),
    ).toEqual([]);
    expect(
      model.after(
        {
          entries: [
            ['a', '1'],
            ['b', '2'],
          ],
          registers: ['s'],
        },
        true,
      ),
    ).toEqual([]);
  });

  it('finds what is lost, changed, or written unasked', () => {
    expect(handModel(begin).after({ entries: [], registers: ['r'] }, false)).toEqual(['lost or changed: a']);
    expect(handModel(begin).after({ entries: [['a', '9']], registers: ['r'] }, false)).toEqual([
      'lost or changed: a',
    ]);
    expect(
      handModel(begin).after(
        {
          entries: [
            ['a', '1'],
            ['b', '2'],
          ],
          registers: ['s'],
        },
        true,
      ),
    ).toEqual(['written unasked: 2', 'set unasked: s']);
  });
});
