import { yearlyTrend } from './trend';

describe('the trend', () => {
  const at = (on: string, value: number) => ({ on, value });
  it('is the slope of the line a year', () => {
    expect(yearlyTrend([at('2024-01-01', 0.7), at('2026-01-01', 0.72), at('2025-01-01', 0.71)])).toBeCloseTo(
      0.01,
      4,
    );
  });

  it('claims nothing from two points, or from a season', () => {
    expect(yearlyTrend([at('2024-01-01', 0.7), at('2026-01-01', 0.72)])).toBeNull();
    expect(yearlyTrend([at('2024-01-01', 0.7), at('2024-02-01', 0.72), at('2024-03-01', 0.73)])).toBeNull();
    expect(yearlyTrend([])).toBeNull();
  });
});
