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
            ['b', '"2"'],
          ],
          registers: ['s'],
        },
        'one',
      ),
    ).toEqual([]);
    expect(
      model.after(
        {
          entries: [
            ['a', '1'],
            ['b', '"2"'],
          ],
          registers: ['s'],
        },
        'nothing',
      ),
    ).toEqual([]);
  });

  it('finds what is lost, changed, or written unasked', () => {
    expect(handModel(begin).after({ entries: [], registers: ['r'] }, 'one')).toEqual(['lost or changed: a']);
    expect(handModel(begin).after({ entries: [['a', '9']], registers: ['r'] }, 'one')).toEqual([
      'lost or changed: a',
    ]);
    expect(
      handModel(begin).after(
        {
          entries: [
            ['a', '1'],
            ['b', '"2"'],
          ],
          registers: ['s'],
        },
        'nothing',
      ),
    ).toEqual(['written unasked: "2"', 'set unasked: s']);
  });

  it('finds what one press has done twice', () => {
    const now = {
      entries: [
        ['a', '1'],
        ['b', '{}'],
        ['c', '{}'],
      ],
      registers: ['r'],
    } as const;
    expect(handModel(begin).after(now, 'one')).toEqual(['done twice by one act: {} {}']);
    expect(handModel(begin).after(now, 'more')).toEqual([]);
    const asOne = {
      ...now,
      entries: [
        ['a', '1'],
        ['b', '{}'],
        ['c', '{"deed":"b"}'],
      ],
    } as const;
    expect(handModel(begin).after(asOne, 'one')).toEqual([]);
  });
});
