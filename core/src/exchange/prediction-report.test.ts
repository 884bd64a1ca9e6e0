import { workedPiece } from '../testing/journal-builder';
import { predictionReport } from './prediction-report';

const on = '2026-01-01';

describe('a prediction as a report', () => {
  const household = workedPiece().household();
  const request = { kind: 'beef-tenderloin', perKg: 12, kg: 5, marks: [], on, seed: 1 };

  it('rests on own pieces of the way, and on the prices of the day', () => {
    const report = predictionReport(household, { ...request, way: 'muscles-apart' }).value!;
    expect(report).toMatchObject({
      way: 'muscles-apart',
      ownPieces: 1,
      currency: 'EUR',
      complete: false,
      missing: ['tail'],
    });
    expect(report.lowMinor).toBeLessThan(report.savingMinor);
    expect(report.highMinor).toBeGreaterThan(report.savingMinor);
    expect(report.perPlateMinor.low).toBeLessThan(report.perPlateMinor.high);
  });

  it.each([
    [{ kind: 'whale' }, 'There is no kind "whale"'],
    [{ way: 'by-tooth' }, 'There is no way "by-tooth"'],
    [{ marks: ['dents'] }, 'There is no mark "dents"'],
  ])('%j: says what is wrong and what is known', (over, words) => {
    const answer = predictionReport(household, { ...request, ...over }).problem;
    expect(answer).toContain(words);
    expect(answer).toContain('Known: ');
  });
});
