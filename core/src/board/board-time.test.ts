import { JournalBuilder } from '../testing/journal-builder';
import { boardTime } from './board-time';

// Acts at 10:00, 10:05 and 10:50, as the builder's clock is set.
const at = (time: string): string => `2026-01-01T${time}:00.000Z`;
const piece = {
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  count: 1,
  massDg: 50_000,
  paidMinor: 6000,
  on: '2026-01-01',
} as const;
const cut = (lot: string) =>
  ({
    type: 'cut',
    from: 'p',
    lot,
    part: 'steaks',
    destination: 'main',
    massDg: 4000,
    count: 1,
    on: '2026-01-01',
  }) as const;
const journal = new JournalBuilder()
  .at(at('09:00'), piece)
  .at(at('10:00'), { type: 'drained', lot: 'p', massDg: 49_000 })
  .at(at('10:05'), cut('a'))
  .at(at('10:50'), cut('b'))
  .household().journal;
const lots = new Set(['p', 'a', 'b']);

describe('the time of a piece at the board', () => {
  // Worked by hand: from 10:00, without what was spent in the refrigerator.
  it.each([
    ['before 90 minutes nothing is wrong', '11:29', [], false, 89, 'fine'],
    ['warned at 90 minutes', '11:30', [], false, 90, 'soon'],
    ['at two hours it is still within', '12:00', [], false, 120, 'soon'],
    ['said after two hours', '12:01', [], false, 121, 'over'],
    ['in heat warned at 45 minutes', '10:45', [], true, 45, 'soon'],
    ['in heat said after one hour', '11:01', [], true, 61, 'over'],
    ['the refrigerator does not count', '12:01', [{ from: at('10:05'), to: at('10:50') }], false, 76, 'fine'],
    ['a pause that goes on does not count', '13:00', [{ from: at('10:50') }], false, 50, 'fine'],
  ] as const)('%s', (_what, now, pauses, isHot, minutes, state) => {
    expect(boardTime(journal, lots, pauses, at(now), isHot)).toMatchObject({ minutes, state });
  });

  it('asks about the longest gap, until it is told where the piece was', () => {
    expect(boardTime(journal, lots, [], at('11:00'), false)?.gap).toEqual({
      from: at('10:05'),
      to: at('10:50'),
    });
    const told = [{ from: at('10:05'), to: at('10:50') }];
    expect(boardTime(journal, lots, told, at('11:00'), false)?.gap).toBeNull();
    expect(boardTime(journal, lots, told, at('12:00'), false)?.gap).toEqual({
      from: at('10:50'),
      to: at('12:00'),
    });
  });

  it('begins with the first act, not with the purchase', () => {
    const bought = new JournalBuilder().at(at('09:00'), piece).household().journal;
    expect(boardTime(bought, new Set(['p']), [], at('12:00'), false)).toBeNull();
  });
});
