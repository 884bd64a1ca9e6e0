import fc from 'fast-check';
import { daysBetween } from '../units/date';
import { feastDates, rulesOn } from './feast-rule';
import { feastRuleSchema } from './feast-schemas';
import { feastDays, feastsOf, USUAL_FEASTS } from './feasts';
import { FEASTS_OF_COUNTRY, KNOWN_FEASTS } from './known-feasts';

const dates = (id: string, ...years: number[]): string[] =>
  years.flatMap((year) => feastDates(KNOWN_FEASTS.find((feast) => feast.id === id)!.rule, year));

describe('feasts', () => {
  // From printed calendars of these years, from memory.
  it.each([
    ['easter', [2024, 2025, 2026], ['2024-03-31', '2025-04-20', '2026-04-05']],
    ['orthodox-easter', [2024, 2025, 2026], ['2024-05-05', '2025-04-20', '2026-04-12']],
    ['whitsun', [2026], ['2026-05-24']],
    ['memorial-day', [2024, 2025, 2026], ['2024-05-27', '2025-05-26', '2026-05-25']],
    ['thanksgiving', [2024, 2025, 2026], ['2024-11-28', '2025-11-27', '2026-11-26']],
    ['thanksgiving-canada', [2025, 2026], ['2025-10-13', '2026-10-12']],
    ['labour-day', [2025, 2026], ['2025-09-01', '2026-09-07']],
    ['lunar-new-year', [2024, 2025, 2026], ['2024-02-10', '2025-01-29', '2026-02-17']],
    ['mid-autumn', [2024, 2025], ['2024-09-17', '2025-10-06']],
    ['passover', [2024, 2025, 2026], ['2024-04-23', '2025-04-13', '2026-04-02']],
    ['jewish-new-year', [2024, 2025, 2026], ['2024-10-03', '2025-09-23', '2026-09-12']],
    ['eid-al-fitr', [2024, 2025, 2026], ['2024-04-10', '2025-03-30', '2026-03-20']],
    ['eid-al-adha', [2024, 2025, 2026], ['2024-06-16', '2025-06-06', '2026-05-27']],
  ])('%s', (id, years, on) => {
    expect(dates(id, ...years)).toEqual(on);
  });

  it('of a shorter year may fall twice in one of ours', () => {
    expect(dates('eid-al-fitr', 2033)).toHaveLength(2);
  });

  it('all that a country or a new household has are known', () => {
    const ids = new Set(KNOWN_FEASTS.map(({ id }) => id));
    expect(ids.size).toBe(KNOWN_FEASTS.length);
    for (const list of [...Object.values(FEASTS_OF_COUNTRY), USUAL_FEASTS.known])
      expect(list.filter((id) => !ids.has(id))).toEqual([]);
  });

  it('every known one falls once a year or about so', () => {
    const years = Array.from({ length: 40 }, (_, index) => 2020 + index);
    for (const { id } of KNOWN_FEASTS) {
      const all = dates(id, ...years);
      const gaps = all.slice(1).map((on, index) => daysBetween(all[index]!, on));
      expect(Math.min(...gaps)).toBeGreaterThanOrEqual(321);
      expect(Math.max(...gaps)).toBeLessThanOrEqual(400);
    }
  });

  it('the 29th of February is the 28th where there is none', () => {
    const rule = { by: 'day', month: 2, day: 29 } as const;
    expect([2027, 2028].flatMap((year) => feastDates(rule, year))).toEqual(['2027-02-28', '2028-02-29']);
  });

  it('a household’s own comes back as it was said, and falls on the day it was noted for', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), (days) => {
        const on = new Date(Date.UTC(2000, 0, 1) + days * 86_400_000).toISOString().slice(0, 10);
        for (const rule of rulesOn(on)) {
          expect(feastRuleSchema.safeParse(rule).success).toBe(true);
          expect(feastDates(rule, Number(on.slice(0, 4)))).toEqual([on]);
        }
      }),
    );
  });

  it('a household’s are the known ones it chose, and its own', () => {
    const fair = { id: 'own-1', name: 'Harbour fair', rule: { by: 'day', month: 8, day: 3 } } as const;
    const feasts = { known: ['christmas', 'gone'], own: [fair] };
    expect(feastsOf(feasts).map(({ name }) => name)).toEqual(['Christmas', 'Harbour fair']);
    expect(feastDays(feasts, 2026).map(({ on }) => on)).toEqual(['2026-08-03', '2026-12-25']);
  });
});
