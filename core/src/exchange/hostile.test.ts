import { basisOf } from '../books/basis-of';
import { summarisePiece } from '../books/piece-summary';
import { append, stampOfNext } from '../ledger/journal';
import type { Fact } from '../ledger/entry';
import { lotName } from '../catalogue/lot-name';
import { identitySchema, joinedIdentity } from '../records/identity';
import { settingsOf, type Household } from '../records/household';
import { mergeHouseholds } from '../records/join';
import type { HouseholdRecord } from '../records/record';
import { received, steak } from '../testing/facts';
import { JournalBuilder } from '../testing/journal-builder';
import { FILE_VERSION } from './household-file';
import { readFile } from './read-file';
import { report } from './report';
import { writeFile } from './write-file';

interface Open {
  entries: Record<string, unknown>[];
  records: Record<string, unknown>[];
  household?: Record<string, unknown>;
  [more: string]: unknown;
}
const stamp = { at: '2026-01-02T00:00:00.000Z', device: 'tablet', seq: 9 };
const euros: HouseholdRecord = { type: 'settings', key: 'currency', stamp, value: { currency: 'EUR' } };

/** A good file, after a hand with an editor. */
function edited(change: (file: Open) => void): string {
  const builder = new JournalBuilder().add(received(), steak('s'));
  const file = JSON.parse(writeFile({ ...builder.household() })) as Open;
  file.records.push(euros as never);
  change(file);
  return JSON.stringify(file);
}

/** Refused in one sentence that can be read. */
function isRefused(text: string): string {
  const { problem = '' } = readFile(text);
  expect(problem).toMatch(/Nothing was read\.$/);
  expect(problem.length).toBeLessThanOrEqual(200);
  return problem;
}

describe('files that a hand has changed are refused in one sentence of at most 200 letters', () => {
  it.each<[string, (file: Open) => void, string]>([
    ['a number too large to count on', (file) => (file.entries[1]!['seq'] = 2 ** 60), 'entries[1].seq'],
    ['half a letter', (file) => (file.entries[1]!['part'] = 'steak\ud83d'), 'half a letter'],
    ['the other half', (file) => (file.entries[1]!['part'] = '\udc2esteak'), 'half a letter'],
    [
      'more than 1,000 joined households',
      (file) =>
        (file.household = {
          id: 'a',
          began: stamp.at,
          joined: Array.from({ length: 1001 }, (_, n) => `h${n}`),
        }),
      'household.joined: at most 1000',
    ],
    ['a key without end', (file) => (file.entries[1]!['k'.repeat(1e6)] = 1), 'entries[1]'],
    [
      'a million keys',
      (file) =>
        Object.assign(
          file.entries[1]!,
          Object.fromEntries(Array.from({ length: 1e6 }, (_, n) => [`k${n}`, n])),
        ),
      'is not known here',
    ],
    ['a million faults', (file) => (file.entries = Array.from({ length: 1e6 }, () => ({}))), 'many more'],
    [
      'an id without end',
      (file) => Object.assign(file.entries[1]!, { id: 'i'.repeat(1e6) }),
      'entries[1].id',
    ],
    [
      'a type without end',
      (file) => Object.assign(file.entries[1]!, { type: 't'.repeat(1e6) }),
      'entries[1]',
    ],
    ['a version without end', (file) => (file['version'] = 1e300), 'newer Vendicus'],
    ['a version a little on', (file) => (file['version'] = FILE_VERSION + 1), 'newer Vendicus'],
  ])('%s', (_what, change, says) => {
    expect(isRefused(edited(change))).toContain(says);
  });

  it('what looks like half a letter, and is written out, is none', () => {
    const { value, problem } = readFile(edited((file) => (file.entries[1]!['part'] = String.raw`\ud83d`)));
    expect(problem).toBeUndefined();
    expect(value?.journal.state.lots.get('s')?.part).toBe(String.raw`\ud83d`);
    expect(readFile(edited((file) => (file.entries[1]!['part'] = 'steak 🐮'))).problem).toBeUndefined();
  });
});

describe('files that a hand has changed are contained', () => {
  const read = (change: (file: Open) => void): Household => {
    const { value, problem } = readFile(edited(change));
    expect(problem).toBeUndefined();
    expect(report(value!, 'store-value').purchases).toHaveLength(1);
    return value!;
  };
  const goesOn = (household: Household): void => {
    const { journal } = household;
    const next = { ...stampOfNext(journal, '2026-03-01T10:00:00.000Z', 'tablet'), id: 'next' };
    const written = append(journal, { ...(steak('t', 100) as Fact), ...next } as never);
    expect(written.problem).toBeUndefined();
    expect(readFile(writeFile({ ...household, journal: written.value! })).problem).toBeUndefined();
  };

  it.each([Number.MAX_SAFE_INTEGER, Number.MAX_SAFE_INTEGER - 1])(
    'a device goes on writing after %d',
    (seq) => {
      goesOn(read((file) => (file.entries[1]!['seq'] = seq)));
    },
  );

  it.each(['colours', 'constructor', '__proto__', 'toString'])(
    'settings under the key %s say nothing',
    (key) => {
      const household = read((file) =>
        file.records.push({ type: 'settings', key, stamp, value: { skin: 'left' } }),
      );
      expect(settingsOf(household)).toMatchObject({ currency: 'EUR', eaters: [] });
      expect(settingsOf(household).skin).toBeUndefined();
      goesOn(household);
    },
  );

  it('a name that turns its direction turns for itself alone', () => {
    const household = read((file) => (file.entries[1]!['part'] = '\u202estekA'));
    expect(lotName(household.journal.state.lots.get('s')!)).toBe('\u2068\u202estekA\u202c\u2069\u2069');
  });

  it('two households that both joined hundreds stay one that can be read', () => {
    const joined = (from: number): string[] => Array.from({ length: 900 }, (_, n) => `h${from + n}`);
    const [older, younger] = [0, 900].map((from) => ({
      id: `own${from}`,
      began: stamp.at,
      joined: joined(from),
    }));
    expect(identitySchema.safeParse(joinedIdentity(older!, younger!, false)).success).toBe(true);
  });

  it('the same household in another currency, with money on both sides, is not added up', () => {
    const ours = read(() => undefined);
    const theirs = read((file) => {
      file.records = [{ ...euros, stamp: { ...stamp, seq: 10 }, value: { currency: 'USD' } }];
    });
    expect(mergeHouseholds(ours, theirs).problem).toMatchObject({ reason: 'currency' });
  });

  it('a piece counted up has no yield below nothing', () => {
    const builder = new JournalBuilder().add(received(), { type: 'counted', lot: 'p', massDg: 90_000 });
    const household = builder.household();
    const { yield: part, usableDg } = summarisePiece(
      household.journal.state,
      household.journal.state.lots.get('p')!,
      basisOf(household),
    );
    expect([part, usableDg]).toEqual([0, 0]);
  });
});
