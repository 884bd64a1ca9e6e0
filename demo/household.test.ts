import { BOUGHT_SO } from '@core/catalogue/sold-as';
import type { Way } from '@core/catalogue/kind-schema';
import { readFileSync } from 'node:fs';
import { registerOwnKinds } from '@core/catalogue/own-kinds';
import { basisOf } from '@core/books/basis-of';
import { lossesBy } from '@core/books/losses';
import { boardTime } from '@core/board/board-time';
import { costOfLots } from '@core/cost/cost-of-lots';
import { COST_METHODS } from '@core/cost/method';
import { COST_METHOD_IDS } from '@core/cost/method-ids';
import { collectionsOf } from '@core/dinner/collections';
import { dueSoon } from '@core/dinner/due-soon';
import { plannedDays, type PlanSources } from '@core/dinner/week';
import { writeFile } from '@core/exchange/write-file';
import { readFile } from '@core/exchange/read-file';
import { applianceAt, coldPlaces } from '@core/cold/cold-places';
import { clocksOf } from '@core/cold/household-clocks';
import { roomIn } from '@core/freeze/room';
import { entrySchema, type Entry } from '@core/ledger/entry';
import { isUsable } from '@core/ledger/destination';
import { totalDg, type Lot } from '@core/ledger/lot';
import { kindById, KINDS, partOf } from '@core/catalogue/kinds';
import { tokensOf } from '@core/pack/table';
import { perishableOf, stockOf, toWrap } from '@core/pack/stock';
import { shopItem } from '@core/catalogue/shop-items';
import { shopListsSchema } from '@core/price/shop-list';
import { householdOf, ownKinds, settingsOf, valuesOf, type Household } from '@core/records/household';
import type { HouseholdRecord } from '@core/records/record';
import { bringToNow, type Now } from '@core/story/bring-to-now';
import { listsOfToday } from '@core/story/lists-of-today';
import { likeToday } from '@core/story/like-today';
import { storyFileSchema, type Story } from '@core/story/story-file';
import { commit } from '@core/testing/commit';
import { addDays, daysBetween, minutesBetween } from '@core/units/date';
import { wallAt, weekdayOf } from '@core/units/zone';
import { yieldTest } from '@core/yield/yield-test';
import { pastCompositions } from '@core/yield/piece-composition';
import { usualRanges } from '@core/yield/usual-range';
import { STORY } from './story/story';
import { PORK_BELLY } from './story/pork-belly';
import { evenings } from './evenings';
import { moments } from './moments';
import { listsText, storyText } from './telling/story-text';
import { tell } from './telling/tell';

const TEXT = readFileSync('demo/story.json', 'utf8');
const story = storyFileSchema.parse(JSON.parse(TEXT)) as Story;

/** So many moments are drawn by the commit; as many as DEMO_MOMENTS says where somebody has the time. */
const MANY = Number(process.env['DEMO_MOMENTS'] ?? 20);
const SEED = Number.parseInt(commit().slice(0, 7) || '1', 16);
const drawn = moments(MANY, SEED).map((now) => [`${now.instant} ${now.zone}`, now] as const);

registerOwnKinds([PORK_BELLY]);

/** The household as somebody finds it who opens it at a moment. */
function opened(now: Now): Household {
  const { entries, records } = bringToNow(story, now);
  return householdOf(entries as Entry[], records as HouseholdRecord[]);
}

function looked(now: Now) {
  const household = opened(now);
  const { state } = household.journal;
  const places = valuesOf(household, 'place');
  const settings = settingsOf(household);
  const dayOf = dayIn(now.zone);
  const today = dayOf(now.instant);
  const clocks = clocksOf({ state, places, settings, dayOf });
  const clockOf = (lot: Lot) => clocks.at(lot, { instant: now.instant, today });
  const meals = valuesOf(household, 'meal');
  const sources: PlanSources = { meals, lots: state.lots, clockOf, settings };
  const pieces = [...state.lots.values()].filter(({ form }) => form === 'piece');
  return { household, state, places, settings, dayOf, today, clockOf, clocks, meals, sources, pieces };
}

describe('the story', () => {
  it('comes out of its script the same, byte for byte, and so do the lists of the shops', () => {
    const { story: told, lists } = tell();
    expect(storyText(told) === TEXT).toBe(true);
    expect(listsText(lists) === readFileSync('demo/shop-lists.json', 'utf8')).toBe(true);
  });

  it('buys from lists that name things which shops sell', () => {
    const lists = shopListsSchema.parse(JSON.parse(readFileSync('demo/shop-lists.json', 'utf8')));
    expect(lists.shops).toHaveLength(3);
    const items = lists.shops.flatMap(({ weeks }) =>
      weeks.flatMap(({ lines }) => lines.map(([item]) => item)),
    );
    expect([...new Set(items)].filter((item) => !shopItem(item))).toEqual([]);
  });

  it('has lists of the shops up to this week, whatever week it is', () => {
    const lists = shopListsSchema.parse(JSON.parse(readFileSync('demo/shop-lists.json', 'utf8')));
    for (const today of ['2026-12-01', '2027-02-28', '2028-02-29', '2031-05-28', '2031-06-02']) {
      const [first] = listsOfToday(lists, today).shops;
      const days = first!.weeks.map(({ on }) => daysBetween(on, today));
      expect(days.at(-1)).toBeGreaterThanOrEqual(0);
      expect(days.at(-1)).toBeLessThan(7);
      expect(days[0]).toBeGreaterThan(2.4 * 365);
    }
  });

  it('puts no more into a freezer than it holds on any evening, nor in a day than it freezes well', () => {
    const full = evenings(story);
    expect(full.filter(({ heldDg, room }) => heldDg > room.freeDg)).toEqual([]);
    // A pack larger than a day's load goes in alone.
    const hasty = full.filter(({ fresh, room }) => fresh.length > 1 && sumOf(fresh) > room.perDayDg);
    expect(hasty).toEqual([]);
    const first = full.filter(({ id, day }) => id === 'kitchen' && day < '2024-02-22');
    expect(Math.max(...first.map(({ heldDg, room }) => heldDg / room.freeDg))).toBeGreaterThan(0.8);
  });

  it('is told on a day that is like today: the same weekday, and the season within half a week', () => {
    const unlike = Array.from({ length: 400 }, (_, nth) => addDays('2026-12-01', 4 * nth - (nth % 3))).filter(
      (today) => {
        const like = likeToday(today, story.until);
        const off = Math.abs(daysBetween(`2000${like.slice(4)}`, `2000${today.slice(4)}`));
        const ago = daysBetween(like, story.until);
        return weekdayOf(like) !== weekdayOf(today) || Math.min(off, 366 - off) > 4 || ago < 0 || ago > 371;
      },
    );
    expect(unlike).toEqual([]);
  });
});

describe.each(drawn)('the household at %s', (_name, now) => {
  const known = looked(now);
  const { household, state, places, settings, dayOf, today, clockOf, clocks, meals, sources, pieces } = known;
  const { entries } = household.journal;
  const stock = stockOf(state);

  it('keeps every law of the journal', () => {
    expect(state.setAside).toEqual([]);
    const off = [...state.lots.values()].filter(
      (lot) => sumOf(lot.flows.map(({ massDg }) => massDg)) + lot.leftDg !== totalDg(lot),
    );
    expect(off).toEqual([]);
    const school = COST_METHOD_IDS[SEED % COST_METHOD_IDS.length]!;
    const costs = costOfLots(state, COST_METHODS[school], basisOf(household));
    let [paid, ended] = [0, 0];
    for (const lot of state.lots.values()) {
      paid += lot.paidMinor ?? 0;
      const { flows = [], leftMinor = 0 } = costs.get(lot.id) ?? {};
      ended +=
        leftMinor + lot.flows.reduce((sum, flow, nth) => (flow.lot ? sum : sum + (flows[nth] ?? 0)), 0);
    }
    expect(ended).toBe(paid);
    for (const device of ['tablet', 'phone'])
      expect(entries.filter((entry) => entry.device === device).map(({ seq }) => seq)).toEqual([
        ...entries.filter((entry) => entry.device === device).keys(),
      ]);
  });

  it('has nothing in the future, and days that agree with the clock', () => {
    expect(entries.at(-1)!.at < now.instant).toBe(true);
    expect([...household.records.values()].filter(({ stamp }) => stamp.at > now.instant)).toEqual([]);
    // What came was wrapped on its own day, and a dinner of what was collected is as old as its oldest bag.
    const isOwnDay = ({ type }: Entry): boolean => type === 'acquired' || type === 'packed';
    const off = entries.filter(
      (entry) => 'on' in entry && entry.on && !isOwnDay(entry) && entry.on !== dayOf(entry.at),
    );
    expect(off).toEqual([]);
    expect([...valuesOf(household, 'price').values()].filter(({ on }) => on > today)).toEqual([]);
  });

  it('is three years old, more or less, with 100 to 130 pieces and every way', () => {
    const years = daysBetween(dayOf(entries[0]!.at), today) / 365;
    expect(years).toBeGreaterThan(2.4);
    expect(years).toBeLessThan(3.6);
    expect(pieces.length).toBeGreaterThanOrEqual(100);
    expect(pieces.length).toBeLessThanOrEqual(130);
    const kinds = [...KINDS, ...ownKinds(household)];
    // In which state it was bought is no way to cut it: a household sees a few of them.
    const cutAs = (kind: string, { name, family, schools = {} }: Way): string =>
      `${kind}: ${family ?? name} ${Object.entries(schools)
        .filter(([question]) => !BOUGHT_SO.has(question))
        .flat()
        .join()}`;
    const cut = new Set(
      pieces.flatMap((piece) => {
        const way = kinds.find(({ id }) => id === piece.kind)?.ways.find(({ id }) => id === piece.way);
        return way ? [cutAs(piece.kind ?? '', way)] : [];
      }),
    );
    const all = kinds.flatMap(({ id, ways }) => ways.map((way) => cutAs(id, way)));
    expect(all.filter((way) => !cut.has(way))).toEqual([]);
    expect(new Set(entries.map(({ type }) => type)).size).toBe(21);
  });

  it('eats about three times a week, nothing before it was thawed', () => {
    const dinners = new Set<string>();
    const early: unknown[] = [];
    for (const entry of entries) {
      if (entry.type !== 'eaten') continue;
      const lot = state.lots.get(entry.lot)!;
      if (!isUsable(lot.destination)) continue;
      dinners.add(entry.on);
      const then = clocks.at(withoutLater(lot, entry.at), { instant: entry.at, today: entry.on });
      if (then.state !== 'thawed' || then.overdue) early.push([lot.name, entry.on, then]);
    }
    expect(early).toEqual([]);
    const weeks = daysBetween(dayOf(entries[0]!.at), today) / 7;
    expect(dinners.size / weeks).toBeGreaterThan(2.3);
    expect(dinners.size / weeks).toBeLessThan(3.4);
  });

  it('warns of nothing that is not meant: one pack is due today, one is past its best', () => {
    const cold = perishableOf(state).map((lot) => ({ lot, cold: clockOf(lot) }));
    expect(cold.filter((each) => each.cold.overdue).map(({ lot }) => lot.name)).toEqual([]);
    const fresh = cold.filter(
      ({ lot, cold: { state: is, dueOn } }) => lot.form === 'pack' && is === 'fresh' && dueOn === today,
    );
    expect(fresh.map(({ lot }) => lot.part)).toEqual(['breast']);
    const past = cold.filter(({ cold: { bestBefore } }) => bestBefore !== null && bestBefore < today);
    expect(past.map(({ lot }) => lot.part)).toEqual(['cubes']);
    const days = plannedDays(today, 10, sources);
    expect(days.flatMap(({ servings }) => servings.flatMap(({ trouble }) => trouble ?? []))).toEqual([]);
    const pieces = [...state.lots.values()].filter(
      (lot) => lot.form === 'piece' && lot.flows.length === 0 && lot.leftDg > 0,
    );
    expect(dueSoon({ ...sources, pieces, cuttings: new Map() }, today, now).length).toBeLessThanOrEqual(1);
  });

  it('has frozen what it has within what its freezers hold, and what they freeze in a day', () => {
    const appliances = coldPlaces(places);
    expect(appliances.filter(({ cold }) => cold === 'freezer')).toHaveLength(2);
    for (const { id, litres, cold, shelves } of appliances) {
      if (cold !== 'freezer') continue;
      const inside = stock.filter(({ place }) => place === id || shelves.some((shelf) => shelf.id === place));
      const heldDg = inside.reduce((sum, { leftDg }) => sum + leftDg, 0);
      expect(heldDg).toBeLessThan(roomIn(litres!, 0).freeDg);
    }
    expect(stock.filter(({ form }) => form === 'pack').length).toBeGreaterThanOrEqual(40);
    expect(stock.length).toBeLessThanOrEqual(70);
    expect(stock.filter(({ place }) => !applianceAt(appliances, place))).toEqual([]);
  });

  it('gets out of a piece what the catalogue says, but on its bad day; more as time goes on', () => {
    const bad = new Set(
      STORY.flatMap((line) => (line.what === 'bought' && line.botched ? [`${line.kind}:${line.way}`] : [])),
    );
    const where: { at: string; tilt: number }[] = [];
    let badly = 0;
    const outside: unknown[] = [];
    for (const kind of [...KINDS, ...ownKinds(household)])
      for (const way of kind.ways) {
        const ranges = usualRanges(kind, way);
        for (const { piece, composition } of pastCompositions(state, kind.id, way.id)) {
          const isMain = (key: string): boolean => partOf(kindById(kind.id), key)?.destination === 'main';
          const most = Object.keys(way.shares).sort((a, b) => way.shares[b]! - way.shares[a]!)[0]!;
          const main = composition.keys.some(isMain) ? composition.keys.filter(isMain) : [most];
          const share = sumOf(main.map((key) => composition.shares[composition.keys.indexOf(key)] ?? 0));
          const [low, high] = [0, 1].map((end) => sumOf(main.map((key) => ranges.get(key)![end]!))) as [
            number,
            number,
          ];
          if (share < low && bad.has(`${kind.id}:${way.id}`)) badly += 1;
          else if (share < low - 1e-9 || share > high + 1e-9)
            outside.push([kind.id, way.id, share, low, high]);
          where.push({ at: piece.madeAt, tilt: (share - low) / (high - low) });
        }
      }
    expect(badly).toBe(1);
    expect(outside).toEqual([]);
    const inTime = where.sort((a, b) => (a.at < b.at ? -1 : 1)).map(({ tilt }) => tilt);
    const third = Math.floor(inTime.length / 3);
    expect(sumOf(inTime.slice(-third)) / third).toBeGreaterThan(sumOf(inTime.slice(0, third)) / third + 0.1);
    const lost = pieces.filter(
      ({ closed, id, inDg }) => closed && yieldTest(state, id).unaccountedDg > 0.03 * inDg,
    );
    expect(lost).toEqual([]);
  });

  it('is in the middle of something: a piece on the board, trays on the table, a dinner that thaws, half of a week', () => {
    const open = pieces.filter(({ closed, leftDg }) => !closed && leftDg > 0);
    expect(open.map(({ kind }) => kind)).toEqual(['strip-loin']);
    const [piece] = open;
    const off = new Set([
      piece!.id,
      ...[...state.lots.values()]
        .filter(({ sources: from }) => from.some(({ lot }) => lot === piece!.id))
        .map(({ id }) => id),
    ]);
    const out = boardTime({ entries, state }, off, [], now.instant, false)!;
    expect(Math.round(out.minutes)).toBe(20);
    expect(out.gap).toBeNull();
    expect(piece!.leftDg / piece!.inDg).toBeGreaterThan(0.3);
    expect(piece!.leftDg / piece!.inDg).toBeLessThan(0.7);
    const tokens = new Set(tokensOf(toWrap(state), 'raw', new Map()).map(({ id }) => id));
    for (const tray of story.table) for (const token of tray.tokens) expect(tokens.has(token)).toBe(true);
    expect(story.table).toHaveLength(2);

    const { time } = wallAt(now.instant, now.zone);
    const next = addDays(today, time >= story.dinner.over ? 1 : 0);
    const week = plannedDays(next, 7, sources);
    expect(week.map(({ servings }) => servings.length)).toEqual([1, 0, 1, 0, 0, 2, 0]);
    const tonight = clockOf(week[0]!.servings[0]!.lot!);
    expect(['thawing', 'thawed']).toContain(tonight.state);
    expect(tonight.readyOn! <= next).toBe(true);
    expect(meals.get(addDays(next, -1))!.servings).toHaveLength(1);
    expect(valuesOf(household, 'reserved').size).toBeGreaterThan(1);
    expect(settings.eaters.filter(({ likes, never }) => likes && never)).toHaveLength(2);
    expect(minutesBetween(entries.at(-1)!.at, now.instant)).toBeLessThan(20);
  });

  it('has something to show on every page', () => {
    const prices = [...valuesOf(household, 'price').values()];
    const appliances = coldPlaces(places);
    const inFreezer = (lot: Lot): boolean => applianceAt(appliances, lot.place)?.cold === 'freezer';
    const costs = costOfLots(state, COST_METHODS['store-value'], basisOf(household));
    const losses = lossesBy(state, entries, costs, (day) => day.slice(0, 4));
    const shown = {
      'prices written down': prices.length,
      'kinds with a price': new Set(prices.flatMap(({ item }) => shopItem(item)?.piece ?? [])).size,
      'offers seen': prices.filter(({ offer }) => offer).length,
      'lists of shops': valuesOf(household, 'list').size,
      'things on the table': toWrap(state).length,
      'packs in no freezer': stock.filter((lot) => lot.form === 'pack' && !inFreezer(lot)).length,
      'drawers with packs': new Set(stock.filter(inFreezer).map(({ place }) => place)).size,
      collections: collectionsOf(stock, clockOf, settings).length,
      'packs that are kept': stock.filter(({ id }) => valuesOf(household, 'reserved').has(id)).length,
      'ways of loss': losses.length,
      years: new Set(pieces.map(({ on }) => on?.slice(0, 4))).size,
      'notes on pieces': valuesOf(household, 'piece').size,
    };
    const least = { prices: 300, kinds: 10, offers: 50, drawers: 5, years: 3, 'ways of loss': 4 } as const;
    const missing = Object.entries(shown).filter(([what, many]) => {
      const known = Object.entries(least).find(([word]) => what.startsWith(word));
      return many < (known?.[1] ?? 1);
    });
    expect(missing).toEqual([]);
  });
});

describe('the file of it', () => {
  it('is one that every device reads, to the byte', () => {
    const [, now] = drawn[0]!;
    const told = bringToNow(story, now);
    expect(told.entries.filter((entry) => !entrySchema.safeParse(entry).success)).toEqual([]);
    const { value, problem } = readFile(JSON.stringify(told));
    expect(problem).toBeUndefined();
    expect(writeFile(value!)).toBe(writeFile(opened(now)));
  });
});

/** The day of a moment in a zone; zones differ by quarters of an hour. */
function dayIn(zone: string): (at: string) => string {
  const known = new Map<string, string>();
  return (at) => {
    const quarter = `${at.slice(0, 14)}${Math.floor(Number(at.slice(14, 16)) / 15)}`;
    const day = known.get(quarter) ?? wallAt(at, zone).date;
    known.set(quarter, day);
    return day;
  };
}

const sumOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);

/** A lot as it was known at a moment: what happened to it later is not told yet. */
function withoutLater(lot: Lot, at: string): Lot {
  return { ...lot, cold: lot.cold.filter((event) => event.at <= at) };
}
