import Papa from 'papaparse';
import { basisOf } from '../books/basis-of';
import { summarisePiece } from '../books/piece-summary';
import { workedPiece, JournalBuilder } from '../testing/journal-builder';
import { PIECE_COLUMNS } from './books-csv';
import { figuresCsv, type FiguresStyle } from './figures-csv';

const style = (over: Partial<FiguresStyle> = {}): FiguresStyle => ({
  units: 'household',
  system: 'metric',
  decimal: '.',
  currency: 'EUR',
  ...over,
});

function rows(builder: JournalBuilder) {
  const { state } = builder.household().journal;
  return [...state.lots.values()]
    .filter(({ form }) => form === 'piece')
    .map((lot) => ({
      ...summarisePiece(state, lot, basisOf(builder.household())),
      kind: 'Beef tenderloin',
      shop: '=shop',
      minutes: null,
    }));
}

/** The one line of a table, by its heads. */
function read(text: string): Record<string, string> {
  return Papa.parse<Record<string, string>>(text.replace('\ufeff', ''), { header: true }).data[0] ?? {};
}

describe('figures for a spreadsheet', () => {
  it('in kilograms, each head with its unit, figures rounded and without an apostrophe', () => {
    expect(read(figuresCsv(PIECE_COLUMNS, rows(workedPiece()), style()))).toMatchObject({
      kind: 'Beef tenderloin',
      shop: "'=shop",
      'weight (kg)': '5.000',
      'paid (EUR)': '60.00',
      'price (EUR/kg)': '12.00',
      'yield (%)': '78.4',
      'usable meat costs (EUR/kg)': '15.31',
      'saved (EUR)': '27.22',
      'worth it up to (EUR/kg)': '17.44',
      minutes: '',
    });
  });

  it('in pounds, and in base units the same piece in grams and kilograms', () => {
    const pounds = style({ system: 'imperial', currency: 'USD' });
    expect(read(figuresCsv(PIECE_COLUMNS, rows(workedPiece()), pounds))).toMatchObject({
      'weight (lb)': '11.02',
      'price (USD/lb)': '5.44',
    });
    expect(read(figuresCsv(PIECE_COLUMNS, rows(workedPiece()), { ...pounds, units: 'base' }))).toMatchObject({
      'weight (g)': '5000.0',
      'price (USD/kg)': '12.00',
    });
  });

  it('a comma for who writes commas, with semicolons between cells; base units have a point', () => {
    const comma = style({ decimal: ',' });
    const text = figuresCsv(PIECE_COLUMNS, rows(workedPiece()), comma);
    expect(text.split('\r\n')[1]).toContain(';5,000;60,00;12,00;78,4;');
    expect(figuresCsv(PIECE_COLUMNS, rows(workedPiece()), { ...comma, units: 'base' })).toContain(',60.00,');
  });

  it('what nobody knows is empty, and never a loss; what was lost is a figure', () => {
    const unknown = workedPiece();
    unknown.records.length = 0;
    expect(read(figuresCsv(PIECE_COLUMNS, rows(unknown), style()))).toMatchObject({
      'bought cut (EUR)': '',
      'saved (EUR)': '',
      'all prices known': 'no',
    });
    const part = workedPiece();
    part.records.splice(0, 1);
    expect(read(figuresCsv(PIECE_COLUMNS, rows(part), style()))).toMatchObject({ 'saved (EUR)': '' });
    const cheap = new JournalBuilder();
    cheap.add(
      ...workedPiece().entries.map(({ id: _i, at: _a, device: _d, seq: _s, ...fact }) => fact as never),
    );
    cheap.price('fillet-steak', 1000, '2026-01-01').price('beef-grind', 500, '2026-01-01');
    // 3.43 × 10.00 + 0.49 × 5.00 = 36.75 of 60.00.
    expect(figuresCsv(PIECE_COLUMNS, rows(cheap), style())).toContain(',-23.25,');
  });
});
