import Papa from 'papaparse';
import { plainText } from '../units/bidi';

/** A cell of a table: text, a number, or nothing. */
export type Cell = string | number | null;

/**
 * Where a spreadsheet begins to read a formula: at the start of a cell, and after a sign at which that
 * of another country parts cells, whatever quotes are around it.
 */
const BEFORE_FORMULA = /(?<=^|[;,\t\r\n])(?=[=+\-−@\t\r])/g;
const GUARDED = /(?<=^|[;,\t\r\n])'(?=[=+\-−@\t\r])/g;

/** A figure is a figure, also one below nothing; at the start of a line it could be read with all that follows. */
const FIGURE = /^-?\d+([.,]\d+)?$/;

/**
 * A table as CSV (RFC 4180), with a byte-order mark so that spreadsheets read it as UTF-8. Text
 * that a spreadsheet would take for a formula gets an apostrophe in front; a figure does not.
 *
 * @example writeCsv(['a'], [['=1+1']]) // '\ufeffa\r\n\'=1+1\r\n'
 */
export function writeCsv(
  columns: readonly string[],
  rows: readonly (readonly Cell[])[],
  delimiter: ',' | ';' = ',',
): string {
  const data = rows.map((row) =>
    row.map((cell, at) =>
      typeof cell === 'string' && !(at > 0 && FIGURE.test(cell))
        ? plainText(cell).replace(BEFORE_FORMULA, "'")
        : (cell ?? ''),
    ),
  );
  return `\ufeff${Papa.unparse({ fields: [...columns], data }, { delimiter })}\r\n`;
}

/** One line of a CSV file, by column; with its number in the file, the header being 1. */
export interface CsvLine {
  readonly line: number;
  readonly cells: Readonly<Record<string, string>>;
}

/**
 * Reads CSV with a header: comma, semicolon or tab between cells, with or without a byte-order
 * mark. Column names are read without regard to case and spaces; the apostrophe that
 * {@link writeCsv} puts before a formula is taken off again.
 */
export function readCsv(text: string): { columns: string[]; lines: CsvLine[]; delimiter: string } {
  const { data, meta } = Papa.parse<string[]>(text, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
  });
  const [header = [], ...rest] = data;
  const columns = header.map((name) => name.trim().toLowerCase().replace(/\s+/g, '_'));
  const lines = rest.map((cells, index) => ({
    line: index + 2,
    cells: Object.fromEntries(columns.map((column, at) => [column, withoutGuard(cells[at] ?? '')])),
  }));
  return { columns, lines, delimiter: meta.delimiter };
}

function withoutGuard(cell: string): string {
  return cell.replace(GUARDED, '');
}
