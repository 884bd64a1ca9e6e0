import { askOfLying } from './ask-of-lying';
import { Format } from './format';

const format = new Format({
  settings: () => ({ system: 'metric', decimal: ',', currency: 'EUR' }),
  today: () => '2026-11-25',
  zone: () => 'Europe/Paris',
});
const loin = { usualG: [4000, 6500] as [number, number] };

describe('what is asked of a piece that lies there', () => {
  it.each<[string, { price: string; weight: string }, string, object[]]>([
    [
      'a price without its point',
      { price: '1545', weight: '5,1' },
      'The point may be missing.',
      [{ price: '15,45' }],
    ],
    [
      'a weight without its point',
      { price: '15,45', weight: '4850' },
      'The point may be missing.',
      [{ weight: '4,850 kg' }],
    ],
    [
      'each in the other field',
      { price: '5,1', weight: '15,45' },
      'in each other’s field',
      [{ price: '15,45', weight: '5,1' }],
    ],
  ])('%s', (_what, typed, says, mended) => {
    const asked = askOfLying(loin, { ...typed, pricedBy: 'kg' }, 1500, format)!;
    expect(asked.says).toContain(says);
    expect(asked.answers.filter(({ isSure }) => !isSure).map((each) => each.mended)).toEqual(mended);
  });

  it('nothing of what can be meant, and no answer that has no field there', () => {
    expect(askOfLying(loin, { price: '15,45', weight: '5,1', pricedBy: 'kg' }, 1500, format)).toBeNull();
    expect(askOfLying(loin, { price: '0', weight: '5,1', pricedBy: 'kg' }, 1500, format)?.answers).toEqual(
      [],
    );
  });
});
