import { readFileSync } from 'node:fs';
import * as z from 'zod';
import { workedPiece } from '../testing/journal-builder';
import { FILE_VERSION, householdFileSchema, MOST_BYTES } from './household-file';
import { settingsOf } from '../records/household';
import { OLD_VERSIONS, oldFile } from '../testing/old-file';
import { aheadOf } from './ahead';
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
    ['a packed file', 'PK\u0003\u0004\u0014', 'packed (zip) file'],
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
    ['no type', good.replace('"type":"drained"', '"typ":"drained"'), 'entries[1].type (entry "tablet-1")'],
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

  // The beginnings of what each version wrote for the demo household.
  it.each(OLD_VERSIONS)('reads a file of version %d, and writes it as the version of today', (version) => {
    const { value: household, problem } = readFile(oldFile(version));
    expect(problem).toBeUndefined();
    expect(household?.journal.entries).toHaveLength(40);
    expect(household?.journal.state.setAside).toEqual([]);
    expect(settingsOf(household!)).toMatchObject({ currency: 'EUR', system: 'metric' });
    expect(settingsOf(household!).eaters).toHaveLength(5);
    expect(household?.identity?.id).toBe(household?.journal.entries[0]?.id);
    const today = writeFile(household!);
    expect(today).toContain(`"version":${FILE_VERSION}`);
    expect(writeFile(readFile(today).value!)).toBe(today);
  });

  it('a clock that was wrong by decades is no file; in a copy of one’s own it is', () => {
    const late = good.replaceAll('"at":"2026-01-01T00:0', '"at":"2101-01-01T00:0');
    expect(readFile(late).problem).toContain(
      'in the year 2101: the clock of the device that wrote it was wrong',
    );
    expect(readFile(late, { ownCopy: true }).ok).toBe(true);
  });

  it('that is more than a day ahead is found, to be asked about', () => {
    const { value } = readFile(good);
    expect(aheadOf(value!, '2026-01-01T00:00:00.000Z')).toBeNull();
    expect(aheadOf(value!, '2025-12-30T00:00:00.000Z')).toMatchObject({
      latest: expect.stringMatching(/^2026-01-01T00:0/) as string,
    });
  });

  it('says how far it is while it is read', () => {
    const told: number[] = [];
    readFile(good, { told: (share) => told.push(share) });
    expect(told[0]).toBe(0);
    expect(told.every((share) => share >= 0 && share <= 1)).toBe(true);
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
