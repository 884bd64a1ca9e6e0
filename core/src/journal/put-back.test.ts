import { putBack } from './put-back';

describe('records that a deed wrote', () => {
  const deed = [
    { key: '2026-11-26', was: 'nothing', wrote: 'steak' },
    { key: '2026-11-27', was: 'soup', wrote: 'chicken' },
    { key: '2026-11-28', was: 'fish', wrote: 'nothing' },
  ];

  it('go back while they hold what it wrote; what was changed since stays and is named', () => {
    const now = new Map([
      ['2026-11-26', 'steak'],
      ['2026-11-27', 'lamb'],
    ]);
    const { back, changed } = putBack(deed, now, 'nothing');
    expect(back.map(({ key, was }) => [key, was])).toEqual([
      ['2026-11-26', 'nothing'],
      ['2026-11-28', 'fish'],
    ]);
    expect(changed.map(({ key }) => key)).toEqual(['2026-11-27']);
  });

  it('hold the same whatever the order of their keys', () => {
    const { back } = putBack(
      [{ key: 'a', was: {}, wrote: { at: '19:00', guests: 2 } }],
      new Map<string, object>([['a', { guests: 2, at: '19:00' }]]),
      {},
    );
    expect(back).toHaveLength(1);
  });
});
