import { collectionsOf, isCollected } from '@core/dinner/collections';
import { makeDinner } from '@core/deeds/make-dinner';
import { isUsable } from '@core/ledger/destination';
import type { Fact } from '@core/ledger/entry';
import type { Lot } from '@core/ledger/lot';
import { addDays, daysBetween, type IsoDate } from '@core/units/date';
import { weekdayOf } from '@core/units/zone';
import { DINNERS, EATERS } from '../story/household';
import { wall } from './agenda';
import type { Open } from './scribe';
import { daysToThaw, minutesInWater, takeOut } from './take-out';
import { BEGINS, ENDS, type Telling } from './telling';

/** Minutes after midnight. */
const [PLANNED, TAKEN_OUT, INTO_THE_PAN, SERVED, SUNDAY] = [
  7 * 60,
  7 * 60 + 40,
  17 * 60 + 45,
  18 * 60 + 40,
  15 * 60,
];
/** So many dinners are written down before they are eaten. */
const PLANNED_AHEAD = 0.3;
/** Nothing takes longer to thaw than it is planned ahead. */
const AHEAD = 4;
/** Of the packs that want to be eaten first, one of so many is taken. */
const FIRST = 5;
/** A dinner more a week where there are more packs than this, and one less where there are fewer. */
const [MANY, FEW] = [49, 39];
/** What is collected is used up so many days before it would be past its best. */
const USED_UP = 28;
/** So many bags of bones are left when a pot is made, and of fat. */
const [BONES, FAT] = [4, 2];

/** Every Sunday the week is looked at: its dinners, a pot of stock, bags that make a dinner by now. */
export function eat(telling: Telling): void {
  const { agenda, guests } = telling;
  for (let day = addDays(BEGINS, 8 - weekdayOf(BEGINS)); day < ENDS; day = addDays(day, 7))
    agenda.at(wall(day, SUNDAY), () => {
      collect(telling);
      useUp(telling, day);
      boil(telling);
      for (const on of dinnerDays(telling, day))
        agenda.at(wall(addDays(on, -AHEAD), PLANNED), () => plan(telling, on));
    });
  for (const [on] of guests) agenda.at(wall(addDays(on, -AHEAD), PLANNED), () => plan(telling, on));
}

/** The dinners of the week that begins ten days later: about three, never on a day without meat. */
function dinnerDays({ random, scribe, feasts, guests, isAwayOn }: Telling, sunday: IsoDate): IsoDate[] {
  const packs = scribe.stock.filter(({ destination }) => isUsable(destination)).length;
  const many = packs > MANY ? 4 : packs < FEW ? (packs < FEW / 2 ? 1 : 2) : 3;
  const meatless: readonly number[] = DINNERS.meatless;
  const days = Array.from({ length: 7 }, (_, nth) => addDays(sunday, 5 + nth)).filter(
    (day) => !meatless.includes(weekdayOf(day)) && !isAwayOn(day) && !feasts.has(day) && !guests.has(day),
  );
  const chosen: IsoDate[] = [];
  while (chosen.length < Math.min(many, days.length)) {
    const day = random.pick(days);
    if (!chosen.includes(day)) chosen.push(day);
  }
  return chosen.sort();
}

/** Chooses what is eaten on a day: what wants to be eaten first, and not what there was yesterday. */
function plan(telling: Telling, on: IsoDate): void {
  const { scribe, random, guests: coming, spokenFor } = telling;
  const clockOf = scribe.clocks();
  const guests = coming.get(on) ?? 0;
  const wanted = EATERS.length + guests;
  const frozen = scribe.stock
    .filter(
      ({ id, platesLeft, destination }) => platesLeft >= 1 && isUsable(destination) && !spokenFor.has(id),
    )
    .map((lot) => ({ lot, cold: clockOf(lot) }))
    .filter(({ lot, cold }) => cold.state === 'frozen' && daysBetween(lot.on ?? BEGINS, scribe.day) > 2)
    .sort((a, b) => (a.cold.bestBefore ?? '0').localeCompare(b.cold.bestBefore ?? '0'));
  const fresh = frozen.slice(0, FIRST).filter(({ lot }) => lot.animal !== telling.lastEaten);
  const first = (fresh.length > 0 ? random.pick(fresh) : frozen[0])?.lot;
  if (!first) return;
  telling.lastEaten = first.animal;
  const like = frozen
    .map(({ lot }) => lot)
    .filter(
      (lot) => lot !== first && lot.kind === first.kind && lot.part === first.part && lot.platesLeft < wanted,
    );
  const packs = [first];
  const plates = (): number => packs.reduce((sum, { platesLeft }) => sum + platesLeft, 0);
  while (plates() < wanted - 1 && like.length > 0) packs.push(like.shift() as Lot);
  serve(telling, on, packs, guests);
}

/** Takes packs out in time, and eats them on a day. */
export function serve(telling: Telling, on: IsoDate, packs: readonly Lot[], guests: number): void {
  const { scribe, agenda, random, spokenFor } = telling;
  const chapter = scribe.chapter();
  const absent = guests === 0 && random.next() < 0.12 ? [random.pick(EATERS).name] : [];
  const wanted = EATERS.length + guests - absent.length;
  for (const { id } of packs) spokenFor.add(id);
  // Many a dinner is never planned, only eaten.
  if (guests > 0 || absent.length > 0 || random.next() < PLANNED_AHEAD)
    scribe.note(chapter, {
      type: 'meal',
      key: on,
      value: { servings: packs.map(({ id }) => ({ lot: id, amount: 'all' })), guests, absent },
    });
  const isWet =
    packs.every(({ thicknessMm, leftDg }) => thicknessMm !== null && leftDg < 14_000) && random.next() < 0.3;
  for (const pack of packs) {
    const amount = isLessEnough(pack, packs, wanted) ? ({ count: wanted } as const) : 'all';
    const way = isWet ? 'cold-water' : 'refrigerator';
    const soon = wall(on, INTO_THE_PAN - minutesInWater(pack));
    agenda.at(isWet ? soon : wall(addDays(on, -daysToThaw(pack)), TAKEN_OUT), () => {
      const lot = takeOut(scribe, chapter, pack.id, { amount, way });
      if (lot !== pack.id) spokenFor.delete(pack.id);
      agenda.at(wall(on, SERVED + random.whole(0, 20)), () =>
        eaten(telling, chapter, lot, wanted, packs.length),
      );
    });
  }
}

/** Single portions come out of a pack that holds more than are eaten. */
function isLessEnough(pack: Lot, packs: readonly Lot[], wanted: number): boolean {
  return packs.length === 1 && pack.singly && pack.countLeft > wanted && pack.platesLeft >= pack.countLeft;
}

/** All of it; or, of one large pack, so many plates, and the rest on the day after. */
function eaten(
  { scribe, agenda, pocket }: Telling,
  chapter: Open,
  lot: string,
  wanted: number,
  packs: number,
): void {
  const { platesLeft, thawingWay } = scribe.lot(lot);
  const isMore = packs === 1 && platesLeft >= wanted + 3 && thawingWay === 'refrigerator';
  const fact: Fact = { type: 'eaten', lot, amount: isMore ? { plates: wanted } : 'all', on: scribe.day };
  scribe.write(chapter, [fact], pocket);
  if (isMore)
    agenda.at(wall(addDays(scribe.day, 1), SERVED), () =>
      scribe.write(chapter, [{ type: 'eaten', lot, amount: 'all', on: scribe.day }], pocket),
    );
}

/** Bags that make a dinner by now are one. */
function collect({ scribe, spokenFor }: Telling): void {
  const bags = scribe.stock.filter(({ id }) => !spokenFor.has(id));
  for (const collection of collectionsOf(bags, scribe.clocks(), { eaters: EATERS }))
    if (collection.isDinner)
      scribe.perform(
        scribe.chapter(),
        makeDinner(collection, EATERS.length, { on: scribe.day, newId: () => scribe.name('pack') }).deed,
      );
}

/** Odd ends that make no dinner before they are past their best go into a sauce. */
function useUp(telling: Telling, day: IsoDate): void {
  const { scribe, agenda, spokenFor } = telling;
  const clockOf = scribe.clocks();
  for (const bag of scribe.stock) {
    const { bestBefore } = clockOf(bag);
    if (!isCollected(bag) || spokenFor.has(bag.id) || bestBefore === null) continue;
    if (daysBetween(day, bestBefore) > USED_UP) continue;
    spokenFor.add(bag.id);
    const chapter = scribe.chapter();
    agenda.at(wall(addDays(day, 1), TAKEN_OUT), () => {
      takeOut(scribe, chapter, bag.id);
      agenda.at(wall(addDays(day, 1 + daysToThaw(bag)), SERVED), () =>
        scribe.write(
          chapter,
          [{ type: 'eaten', lot: bag.id, amount: 'all', on: scribe.day }],
          telling.pocket,
        ),
      );
    });
  }
}

/** Bones go into the pot as they come out of the freezer, fat into the pan. */
function boil({ scribe }: Telling): void {
  for (const [destination, least] of [
    ['stock', BONES],
    ['render', FAT],
  ] as const) {
    const bags = scribe.stock.filter((lot) => lot.destination === destination);
    if (bags.length <= least) continue;
    const chapter = scribe.chapter();
    for (const { id } of bags.slice(0, 3))
      scribe.write(chapter, [{ type: 'eaten', lot: id, amount: 'all', on: scribe.day }]);
  }
}
