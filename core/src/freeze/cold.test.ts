import { animalOfKind } from '../catalogue/kinds';
import * as fc from 'fast-check';
import { clocks } from '../testing/clocks';
import { JournalBuilder } from '../testing/journal-builder';
import type { Fact } from '../ledger/entry';
import { append, journalOf } from '../ledger/journal';
import type { Lot } from '../ledger/lot';
import type { Place } from '../cold/place';
import { stockOf } from '../pack/stock';
import { addDays } from '../units/date';
import { freezeBy, planBatch } from './batch';
import { applianceAt, coldPlaces, freezerLitres, volumeQuestion } from '../cold/cold-places';
import { drawerPicture } from './drawer-picture';
import { packFreezing } from '../cold/pack-freezing';
import { litresOf, roomOfAll } from './room';

const places = new Map<string, Place>([
  ['chest', { name: 'Chest', cold: 'freezer', litres: 100, order: 0 }],
  ['top', { name: 'Top', cold: 'freezer', within: 'chest', litres: 30, order: 0 }],
  ['low', { name: 'Low', cold: 'freezer', within: 'chest' }],
  ['small', { name: 'Ice box', cold: 'freezer', litres: 5, frostFree: true, airC: -12 }],
  ['fridge', { name: 'Refrigerator', cold: 'refrigerator', litres: 200 }],
  ['lost', { name: 'Drawer of nothing', cold: 'freezer', within: 'gone' }],
]);
const appliances = coldPlaces(places);
const TODAY = '2026-03-01';

/** Every lot that a test has made. */
const KNOWN = new Map<string, Lot>();
const now = () => clocks({ lots: KNOWN }, TODAY);

/** Packs in the cold, by what they are. */
function packs(
  list: readonly {
    id: string;
    massDg?: number;
    animal?: 'beef' | 'chicken';
    destination?: 'main' | 'grind';
    on?: string;
    place?: string;
    thicknessMm?: number;
  }[],
): Lot[] {
  const facts = list.flatMap(
    ({
      id,
      massDg = 10_000,
      animal = 'beef',
      destination = 'main',
      on = TODAY,
      place,
      thicknessMm,
    }): Fact[] => [
      {
        type: 'acquired',
        lot: `${id}-in`,
        name: id,
        animal,
        destination,
        massDg,
        count: 1,
        paidMinor: null,
        origin: 'bought-cut',
        on,
      },
      { type: 'unpacked', from: `${id}-in`, lot: `${id}-loose`, amount: 'all', on },
      { type: 'packed', lot: id, name: id, from: [{ lot: `${id}-loose`, amount: 'all' }], thicknessMm, on },
      ...(place ? [{ type: 'placed' as const, lot: id, place, on }] : []),
    ],
  );
  const { lots } = new JournalBuilder().add(...facts).household().journal.state;
  for (const [id, lot] of lots) KNOWN.set(id, lot);
  return list.map(({ id }) => lots.get(id) as Lot);
}

describe('cold places', () => {
  it('a drawer of unknown size has what the others leave; a drawer of nothing stands alone', () => {
    const [chest, lost, small] = appliances;
    expect(chest?.shelves.map(({ id, litres }) => [id, litres])).toEqual([
      ['top', 30],
      ['low', 70],
    ]);
    expect(small).toMatchObject({ airC: -12, h: 20, shelves: [{ id: 'small', litres: 5 }] });
    expect(lost).toMatchObject({ id: 'lost', litres: null, airC: -18 });
    expect(freezerLitres(appliances)).toEqual({ litres: 105, atLeast: true });
    expect(applianceAt(appliances, 'low')?.id).toBe('chest');
    expect(
      coldPlaces(
        new Map([
          ['f', { name: 'F', cold: 'freezer' }],
          ['d', { name: 'D', cold: 'freezer', within: 'f' }],
        ]),
      )[0],
    ).toMatchObject({ litres: null, shelves: [{ litres: null }] });
  });

  it('asks about volumes that no household has', () => {
    expect(volumeQuestion(5)).toContain('holds a pack or two');
    expect(volumeQuestion(2000)).toContain('cold room');
    expect(volumeQuestion(10)).toBeNull();
    expect(volumeQuestion(320)).toBeNull();
  });

  it('a drawer of unknown size is more room, and what lies in it takes none of the rest', () => {
    const half = coldPlaces(
      new Map([
        ['f', { name: 'F', cold: 'freezer' as const }],
        ['known', { name: 'K', cold: 'freezer' as const, within: 'f', litres: 20 }],
        ['unknown', { name: 'U', cold: 'freezer' as const, within: 'f' }],
      ]),
    );
    const stock = packs([
      { id: 'k', place: 'known' },
      { id: 'u', place: 'unknown' },
    ]);
    expect(roomOfAll(half, stock)).toMatchObject({ freeDg: 20 * 6000 - 10_000, atLeast: true });
  });

  it('room is that of the freezers; what lies in the refrigerator takes none of it', () => {
    const stock = packs([
      { id: 'a', place: 'low' },
      { id: 'b', place: 'fridge' },
    ]);
    expect(roomOfAll(appliances, stock)?.freeDg).toBe(105 * 6000 - 10_000);
    expect(roomOfAll([], stock)).toBeNull();
    expect(roomOfAll([], stock, 100)?.freeDg).toBe(600_000 - 20_000);
  });
});

describe('the picture of a drawer', () => {
  const pack = fc.record({ leftDg: fc.integer({ min: 1, max: 50_000 }) });
  it('is to scale, in order, within the drawer, and nothing lies on anything else', () => {
    fc.assert(
      fc.property(
        fc.array(pack, { minLength: 1, maxLength: 60 }),
        fc.integer({ min: 5, max: 2000 }),
        fc.double({ min: 0.5, max: 8, noNaN: true }),
        (list, litres, shape) => {
          const blocks = drawerPicture(list, litres, shape);
          const total = litresOf(list.reduce((sum, { leftDg }) => sum + leftDg, 0));
          const scale = Math.max(litres, total);
          expect(blocks.map(({ pack: each }) => each)).toEqual(list);
          for (const [i, block] of blocks.entries()) {
            expect(block.width * block.height).toBeCloseTo(litresOf(block.pack.leftDg) / scale, 9);
            expect(block.x + block.width).toBeLessThanOrEqual(1 + 1e-9);
            expect(block.y + block.height).toBeLessThanOrEqual(1 + 1e-9);
            const next = blocks[i + 1];
            if (next)
              expect(next.y > block.y + block.height - 1e-9 || next.x > block.x + block.width - 1e-9).toBe(
                true,
              );
          }
        },
      ),
    );
  });
  it('an empty drawer has none', () => {
    expect(drawerPicture([], 50, 2)).toEqual([]);
  });
});

describe('once thawed', () => {
  it('freezing again is written down; what is not thawing cannot be', () => {
    const builder = new JournalBuilder().add({
      type: 'acquired',
      lot: 'p',
      name: 'Legs',
      destination: 'main',
      massDg: 8000,
      count: 2,
      paidMinor: null,
      origin: 'gift',
      on: null,
    });
    const journal = journalOf(builder.entries, animalOfKind);
    expect(append(journal, builder.entry({ type: 'refrozen', lot: 'p', on: TODAY })).problem).toEqual({
      code: 'not-thawing',
      lot: 'p',
    });
    const after = journalOf(
      builder.add(
        { type: 'thawing', lot: 'p', amount: 'all', on: TODAY },
        { type: 'refrozen', lot: 'p', on: addDays(TODAY, 1) },
      ).entries,
      animalOfKind,
    );
    expect(after.state.lots.get('p')).toMatchObject({
      thawingDg: 0,
      thawingOn: null,
      refrozenOn: addDays(TODAY, 1),
      leftDg: 8000,
    });
  });
});

describe('freezing a pack', () => {
  it('takes hours, fewer where a fan moves the air or the pack is thinner; in warm air a sentence says why not', () => {
    const hours = (mm: number, airC: number, h: number): number =>
      packFreezing(mm, 'beef', { airC, h }).value ?? NaN;
    expect(hours(30, -18, 8)).toBeGreaterThan(5);
    expect(hours(30, -18, 8)).toBeLessThan(12);
    expect(hours(30, -18, 20)).toBeLessThan(hours(30, -18, 8));
    expect(hours(15, -18, 8)).toBeLessThan(hours(30, -18, 8));
    expect(packFreezing(30, 'beef', { airC: -1, h: 8 }).problem).toContain('does not freeze it');
    expect(packFreezing(30, 'beef', { airC: -9, h: 8 }).problem).toContain('never gets as cold');
  });
});

describe('a batch', () => {
  it('a chest of 100 L takes 4 kg a day: what keeps shortest first, the rest waits', () => {
    const fresh = packs([
      { id: 'steak' },
      { id: 'thick', thicknessMm: 60 },
      { id: 'mince', destination: 'grind' },
      { id: 'bird', animal: 'chicken' },
      { id: 'late', massDg: 12_000 },
    ]);
    const { goesIn, tooLate, noRoom } = planBatch(fresh, appliances.slice(0, 1), [], now(), TODAY);
    expect(goesIn.map(({ lot, on }) => [lot.id, on])).toEqual([
      ['bird', TODAY],
      ['mince', TODAY],
      ['thick', TODAY],
      ['steak', TODAY],
      ['late', addDays(TODAY, 1)],
    ]);
    expect([tooLate, noRoom]).toEqual([[], []]);
  });
  it('what was put in today counts, and what keeps two days is not made to wait three', () => {
    const stock = packs([{ id: 'in', massDg: 40_000, place: 'low' }]);
    const fresh = packs(
      Array.from({ length: 5 }, (_, i) => ({ id: `m${i}`, massDg: 20_000, destination: 'grind' as const })),
    );
    const { goesIn, tooLate } = planBatch(fresh, appliances.slice(0, 1), stock, now(), TODAY);
    expect(goesIn.map(({ on }) => on)).toEqual([1, 1, 2, 2].map((days) => addDays(TODAY, days)));
    expect(tooLate.map(({ by }) => by)).toEqual([addDays(TODAY, 2)]);
  });
  it('what came frozen goes in at once, and takes nothing of the day’s load', () => {
    const [goose] = stockOf(
      journalOf(
        new JournalBuilder().add({
          type: 'acquired',
          lot: 'g',
          name: 'Goose',
          destination: 'main',
          massDg: 32_000,
          count: 1,
          paidMinor: null,
          origin: 'bought-cut',
          on: '2026-01-01',
          kept: 'bought-frozen',
        }).entries,
        animalOfKind,
      ).state,
    );
    const { goesIn } = planBatch(
      [goose as Lot, ...packs([{ id: 'mince', massDg: 30_000, destination: 'grind' }])],
      appliances.slice(0, 1),
      [],
      clocks({ lots: new Map([...KNOWN, ['g', goose as Lot]]) }, TODAY),
      TODAY,
    );
    expect(goesIn.map(({ lot, on }) => [lot.id, on])).toEqual([
      ['g', TODAY],
      ['mince', TODAY],
    ]);
  });
  it('a freezer of 5 L: one pack a day, alone; a piece larger than it finds no room', () => {
    const ice = appliances.filter(({ id }) => id === 'small');
    const { goesIn, noRoom } = planBatch(
      packs([
        { id: 'a', massDg: 5000 },
        { id: 'b', massDg: 5000 },
        { id: 'whole', massDg: 60_000 },
      ]),
      ice,
      [],
      now(),
      TODAY,
    );
    expect(goesIn.map(({ on }) => on)).toEqual([TODAY, addDays(TODAY, 1)]);
    expect(noRoom.map(({ id }) => id)).toEqual(['whole']);
  });
  it('what is past its day is not told to be frozen; a freezer of unknown size is not full', () => {
    const [late] = packs([{ id: 'late', animal: 'chicken', on: addDays(TODAY, -4) }]);
    const [good] = packs([{ id: 'good', animal: 'chicken' }]);
    const unknown = appliances.filter(({ id }) => id === 'lost');
    const { goesIn, noRoom, notRaw } = planBatch([late as Lot, good as Lot], unknown, [], now(), TODAY);
    expect(notRaw.map(({ id }) => id)).toEqual(['late']);
    expect([goesIn.map(({ lot }) => lot.id), noRoom]).toEqual([['good'], []]);
  });
  it('whatever the batch: nothing is lost, no drawer is overfilled, no day’s load exceeded, nothing waits too long', () => {
    const one = fc.record({
      massDg: fc.integer({ min: 500, max: 60_000 }),
      animal: fc.constantFrom('beef' as const, 'chicken' as const),
      destination: fc.constantFrom('main' as const, 'grind' as const),
    });
    const sized = appliances.filter(({ litres }) => litres !== null);
    fc.assert(
      fc.property(fc.array(one, { maxLength: 25 }), (list) => {
        const fresh = packs(list.map((each, i) => ({ id: `p${i}`, ...each })));
        const { goesIn, tooLate, noRoom } = planBatch(fresh, sized, [], now(), TODAY);
        expect(
          [
            ...goesIn.map(({ lot }) => lot.id),
            ...tooLate.map(({ lot }) => lot.id),
            ...noRoom.map(({ id }) => id),
          ].sort(),
        ).toEqual(fresh.map(({ id }) => id).sort());
        const sum = (key: (each: (typeof goesIn)[number]) => string): Map<string, Lot[]> => {
          const groups = new Map<string, Lot[]>();
          for (const each of goesIn) groups.set(key(each), [...(groups.get(key(each)) ?? []), each.lot]);
          return groups;
        };
        for (const { lot, on, shelf } of goesIn) {
          expect(on <= freezeBy(lot, now(), TODAY)).toBe(true);
          expect(
            litresOf(
              (sum((each) => each.shelf.id).get(shelf.id) ?? []).reduce(
                (total, { leftDg }) => total + leftDg,
                0,
              ),
            ),
          ).toBeLessThanOrEqual((shelf.litres ?? 0) + 1e-9);
        }
        for (const [key, lots] of sum((each) => `${each.appliance.id}|${each.on}`)) {
          const litres = appliances.find(({ id }) => key.startsWith(`${id}|`))?.litres ?? 0;
          if (lots.length > 1)
            expect(lots.reduce((total, { leftDg }) => total + leftDg, 0)).toBeLessThanOrEqual(litres * 400);
        }
      }),
    );
  });
});
