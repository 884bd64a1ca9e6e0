import { blankKind } from '../catalogue/own-kind';
import { KINDS } from '../catalogue/kinds';
import { Format } from '../format/format';
import { usualWrapping } from '../pack/wrapping';
import { EMPTY_HOUSEHOLD, settingsOf } from '../records/household';
import { DEFAULT_SETTINGS, type Settings } from '../records/settings';
import { JournalBuilder, workedPiece } from '../testing/journal-builder';
import {
  begin,
  changeWrapping,
  chooseMethod,
  saveCosts,
  saveDinners,
  saveKeeping,
  saveSettings,
  setPlate,
  switchUnits,
} from './change-settings';
import type { Deed } from './deed';
import { noteCooked, noteShopItem } from './note-shop-item';
import { removeKind, saveKind } from './own-kind';
import { setPrinting } from './set-printing';

/** What the one register that a deed writes says after it. */
function after({ records = [] }: Deed, before?: unknown): unknown {
  const [record] = records;
  if (!record) return undefined;
  return 'change' in record ? (record as { change: (now: unknown) => unknown }).change(before) : record.value;
}

const ada = { name: 'Ada', plateDg: 1800, byAnimal: { pork: 2000 } };
const before: Settings = { ...DEFAULT_SETTINGS, eaters: [ada, { ...ada, name: 'Bo' }] };

describe('how a household counts', () => {
  it('begins with two places, unless it has some', () => {
    let made = 0;
    const newId = (): string => `id-${(made += 1)}`;
    const named = ({ records = [] }: Deed): string[] => records.map(({ type, key }) => `${type}/${key}`);
    const groups = ['settings/units', 'settings/currency', 'settings/eaters'];
    expect(named(begin(before, EMPTY_HOUSEHOLD, newId))).toEqual([...groups, 'place/id-1', 'place/id-2']);
    const household = new JournalBuilder().household();
    const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'd', seq: 1 };
    const value = { name: 'Chest', cold: 'freezer' } as const;
    const records = new Map([['place/chest', { type: 'place', key: 'chest', stamp, value } as const]]);
    expect(named(begin(before, { ...household, records }, newId))).toEqual(groups);
  });

  it('keeps its currency once there are amounts of money, and changes all else', () => {
    const dollars = { ...before, currency: 'USD' };
    expect(saveSettings(dollars, EMPTY_HOUSEHOLD).ok).toBe(true);
    const { problem = '' } = saveSettings(dollars, workedPiece().household());
    expect(problem).toContain('It stays EUR');
    const known = workedPiece().household();
    const saved = saveSettings({ ...settingsOf(known), decimal: ',' }, known);
    // Only what is another than before: what another device says of the rest meanwhile stays.
    expect(saved.value?.records?.map(({ key }) => key)).toEqual(['units']);
    const priced = new JournalBuilder().price('strip-steak', 2000).household();
    expect(saveSettings(dollars, priced).problem).toContain('Nothing was changed');
  });

  it.each<[string, Deed, Partial<Settings>]>([
    ['the units', switchUnits(), { system: 'imperial' }],
    ['the method of cost', chooseMethod('by-weight'), { school: 'by-weight' }],
    ['what work costs', saveCosts({ bagMinor: 20, labelMinor: 3, hourMinor: 0, tools: [] }), {}],
    ['the rules of keeping', saveKeeping({ sealedDays: { beef: 21, lamb: 21, pork: 14 } }), {}],
    ['dinners', saveDinners({ at: '19:00', awake: ['07:00', '22:00'], meatless: [] }), {}],
  ])('changes %s and leaves the rest', (_what, deed, changed) => {
    expect(after(deed, before)).toMatchObject({ ...before, ...changed });
  });

  it('shows weights as before after switching twice', () => {
    expect(after(switchUnits(), after(switchUnits(), before))).toEqual(before);
  });

  it('knows what somebody eats of one animal apart from the others', () => {
    const format = new Format({ settings: () => before, today: () => '2026-01-05', zone: () => 'Etc/UTC' });
    const deed = setPlate('Ada', 'beef', 2500, format);
    expect(deed.say).toBe('Ada: 250 g of beef');
    expect(after(deed, before)).toMatchObject({
      eaters: [{ byAnimal: { pork: 2000, beef: 2500 } }, { name: 'Bo', byAnimal: { pork: 2000 } }],
    });
  });

  it('changes what is wanted from what counts by then, or from what is usual', () => {
    const usual = usualWrapping(before);
    const deed = changeWrapping(({ bagDg: [, most] }) => ({ bagDg: [5000, most] }), usual);
    expect(after(deed, before)).toMatchObject({ wrapping: { ...usual, bagDg: [5000, usual.bagDg[1]] } });
    const wrapping = { ...usual, bagDg: [1000, 9000] as [number, number] };
    expect(after(deed, { ...before, wrapping })).toMatchObject({ wrapping: { bagDg: [5000, 9000] } });
  });

  it('changes how labels are printed likewise', () => {
    const usual = { sheet: { id: 'none' }, copies: 1, note: '' } as unknown as Parameters<
      typeof setPrinting
    >[1];
    expect(after(setPrinting(() => ({ copies: 2 }), usual))).toEqual({ ...usual, copies: 2 });
    expect(
      after(
        setPrinting(() => ({ copies: 2 }), usual),
        { ...usual, note: 'raw' },
      ),
    ).toMatchObject({
      copies: 2,
      note: 'raw',
    });
  });
});

describe('what shops sell', () => {
  it('is not wanted, and whatever else was said of it stays', () => {
    expect(after(noteShopItem('liver', { unwanted: true }), { sameAs: 'x' })).toEqual({
      sameAs: 'x',
      unwanted: true,
    });
  });

  it('shrinks in the pan as the household has seen it', () => {
    expect(noteCooked('whole-chicken', 'thighs', 0.6).records).toEqual([
      { type: 'cooked', key: 'whole-chicken_thighs', value: { share: 0.6 } },
    ]);
  });
});

describe('kinds of one’s own', () => {
  const kind = { ...blankKind('own-1'), name: 'Goose' };
  function pieces(count: number) {
    const builder = new JournalBuilder();
    for (let n = 0; n < count; n += 1)
      builder.add({
        type: 'received',
        lot: `g${n}`,
        kind: 'own-1',
        count: 1,
        massDg: 40_000,
        paidMinor: 3000,
        on: '2026-01-01',
      });
    return [...builder.household().journal.state.lots.values()];
  }

  it('are saved under a name that no other has', () => {
    expect(saveKind(kind, KINDS).value).toMatchObject({ say: 'Goose is saved.' });
    expect(saveKind(kind, [{ ...kind, name: 'GOOSE' }]).ok).toBe(true);
    const twin = KINDS[0]!;
    expect(saveKind({ ...kind, name: twin.name.toUpperCase() }, KINDS).problem).toContain(`“${twin.name}”`);
  });

  it.each([
    [0, undefined],
    [1, '1 piece was bought as Goose'],
    [2, '2 pieces were bought as Goose'],
  ])('with %i bought pieces', (count, problem) => {
    const removed = removeKind(kind, pieces(count));
    if (problem === undefined)
      expect(removed.value?.records?.[0]).toMatchObject({ key: 'own-1', value: null });
    else expect(removed.problem).toContain(problem);
  });
});
