import { readFileSync } from 'node:fs';
import * as z from 'zod';
import { workedPiece } from '../testing/journal-builder';
import { FILE_VERSION, householdFileSchema, MOST_BYTES } from './household-file';
import { readFile, sizeProblem } from './read-file';
import { shiftDays } from './shift-days';
import { writeFile } from './write-file';

const good = writeFile(workedPiece().household());

describe('the export file', () => {
  it('is the same bytes for the same household, whatever the order of arrival', () => {
    const shuffled = workedPiece();
    shuffled.entries.reverse();
    shuffled.records.reverse();
    expect(writeFile(shuffled.household())).toBe(good);
  });

  it('is read with a byte-order mark, and written back the same', () => {
    const { value: household } = readFile(`\ufeff${good}`);
    expect(household && writeFile(household)).toBe(good);
  });

  it.each([
    ['nothing', '', 'empty'],
    ['half of it', good.slice(0, 400), 'breaks off'],
    ['text', 'hello', 'not JSON'],
    ['a list', '[]', 'not a Vendicus household'],
    [
      'a newer version',
      good.replace(`"version":${FILE_VERSION}`, `"version":${FILE_VERSION + 1}`),
      'newer Vendicus',
    ],
    ['no entries', '{"format":"vendicus-household","version":1,"records":[]}', 'damaged at entries'],
    [
      'a date that is none',
      good.replace('"on":"2026-01-01"', '"on":"2026-13-01"'),
      'entries[0].on (received entry "tablet-0")',
    ],
    ['a type that is none', good.replace('"type":"drained"', '"type":"dropped"'), 'entries[1]'],
    [
      'the same id twice',
      good.replace('"id":"tablet-3"', '"id":"tablet-2"'),
      'says one thing here and another there',
    ],
  ])('refuses %s whole, in plain words', (_what, text, words) => {
    const { value: household, problem } = readFile(text);
    expect(household).toBeUndefined();
    expect(problem).toContain(words);
    expect(problem).toContain('Nothing was read');
  });

  it('is not larger than a household can be', () => {
    expect(sizeProblem(MOST_BYTES)).toBeNull();
    expect(sizeProblem(50 * 1024 * 1024)).toContain('50 MB');
  });

  it('is described by docs/household.schema.json (npm run schema makes it)', () => {
    const described = JSON.parse(readFileSync('docs/household.schema.json', 'utf8')) as unknown;
    expect(described).toEqual(z.toJSONSchema(householdFileSchema));
  });

  it.each([1, 2, 3, 4])('reads a file of version %d, and writes it as the version of today', (version) => {
    const old = good.replace(`"version":${FILE_VERSION}`, `"version":${version}`);
    expect(old).not.toBe(good);
    const { value: household, problem } = readFile(old);
    expect(problem).toBeUndefined();
    expect(household && writeFile(household)).toBe(good);
  });

  it('moves with its days', () => {
    const file = householdFileSchema.parse(JSON.parse(good));
    const moved = shiftDays(file, 31);
    expect(moved.entries[0]).toMatchObject({
      at: '2026-02-01T00:00:00.000Z',
      on: '2026-02-01',
      shop: 'Breakwater Wholesale',
    });
    expect(shiftDays(moved, -31)).toEqual(file);
  });
});
