import { merged } from '../testing/merged';
import { readFile } from '../exchange/read-file';
import { writeFile } from '../exchange/write-file';
import { householdOf, ownKinds } from '../records/household';
import { lotName } from './lot-name';
import type { HouseholdRecord } from '../records/record';
import { JournalBuilder } from '../testing/journal-builder';
import { kindProblems } from './kind-problems';
import { kindSchema, type Kind } from './kind-schema';
import { KINDS, kindById } from './kinds';
import { blankKind, copyOfKind } from './own-kind';
import { registerOwnKinds } from './own-kinds';
import { shopItem } from './shop-items';

const on = '2026-01-01';
const haunch: Kind = {
  ...blankKind('own-haunch'),
  name: 'Venison haunch',
  plural: 'venison haunches',
  animal: 'lamb',
};

function recordOf(kind: unknown, key = 'own-haunch', at = '2026-01-01T00:00:00.000Z'): HouseholdRecord {
  return { type: 'kind', key, stamp: { at, device: 'tablet', seq: 0 }, value: kind } as HouseholdRecord;
}

describe('a kind of the household’s own', () => {
  it('begins complete: blank with a name, or a copy of any that ships', () => {
    expect(kindProblems(haunch)).toEqual([]);
    expect(() => kindSchema.parse(haunch)).not.toThrow();
    for (const kind of KINDS) {
      const copy = copyOfKind(kind, 'own-copy');
      expect(kindProblems(copy)).toEqual([]);
      expect(kindSchema.parse(copy)).toMatchObject({ id: 'own-copy', drawnAs: kind.drawnAs ?? kind.id });
      expect(copy.ways.every(({ estimated }) => estimated)).toBe(true);
    }
  });

  it('is known once its household is open: its animal, its name, its place in the shop', () => {
    const builder = new JournalBuilder().add(
      {
        type: 'received',
        lot: 'p',
        kind: 'own-haunch',
        way: 'usual',
        count: 1,
        massDg: 30_000,
        paidMinor: 4000,
        on,
      },
      { type: 'cut', from: 'p', lot: 'c', part: 'main', destination: 'main', massDg: 4000, count: 1, on },
    );
    const household = householdOf(builder.entries, [recordOf(haunch)]);
    const [piece, cut] = ['p', 'c'].map((lot) => household.journal.state.lots.get(lot)!);
    expect(piece?.animal).toBe('lamb');
    // A file that is only looked at makes nothing known.
    expect(kindById('own-haunch')).toBeUndefined();
    registerOwnKinds(ownKinds(household));
    expect([lotName(piece!), lotName(cut!)]).toEqual(['Venison haunch', 'Portion']);
    expect(shopItem('piece-own-haunch')).toMatchObject({
      name: 'Venison haunch, the piece',
      piece: 'own-haunch',
    });
  });

  it('never takes the place of one that ships', () => {
    registerOwnKinds([{ ...haunch, id: 'strip-loin' }]);
    expect(kindById('strip-loin')?.name).toBe('Strip loin');
  });

  it('goes out and in with the household’s file, and the later change wins', () => {
    const household = householdOf([], [recordOf(haunch)]);
    const read = readFile(writeFile(household));
    expect(read.problem).toBeUndefined();
    const later = householdOf(
      [],
      [recordOf({ ...haunch, name: 'Red deer haunch' }, 'own-haunch', '2026-02-01T00:00:00.000Z')],
    );
    expect(ownKinds(merged(household, later)).map(({ name }) => name)).toEqual(['Red deer haunch']);
    expect(ownKinds(merged(later, household)).map(({ name }) => name)).toEqual(['Red deer haunch']);
    expect(ownKinds(householdOf([], [recordOf(null)]))).toEqual([]);
  });

  it.each<[string, unknown, RegExp]>([
    [
      'shares over 1',
      { ...haunch, ways: [{ ...haunch.ways[0], shares: { main: 1.2 } }] },
      /records\[0\].*|damaged/,
    ],
    [
      'two parts of one name',
      { ...haunch, parts: [...haunch.parts, { ...haunch.parts[0], id: 'other' }] },
      /damaged/,
    ],
    ['no name', { ...haunch, name: '' }, /damaged/],
    ['the id of one that ships', { ...haunch, id: 'strip-loin' }, /damaged/],
  ])('in a file with %s it is refused whole', (_what, kind, answer) => {
    const good = JSON.parse(writeFile(householdOf([], [recordOf(haunch)]))) as {
      records: { value: unknown }[];
    };
    good.records[0]!.value = kind;
    const read = readFile(JSON.stringify(good));
    expect(read.problem).toMatch(answer);
  });
});
