import { foundFacts, stockTakeFacts } from '@core/freeze/stock-take';
import { splitFacts } from '@core/dinner/use-facts';
import { isUsable } from '@core/ledger/destination';
import type { Lot } from '@core/ledger/lot';
import { addDays } from '@core/units/date';
import type { HappeningOf } from '../story/happening';
import { wall } from './agenda';
import { takeOut } from './take-out';
import type { Telling } from './telling';

type Mishap = HappeningOf<'power-cut' | 'stock-take' | 'freezer-burn' | 'given' | 'frozen-again' | 'split'>;

/** Minutes after midnight. */
const [EARLY, LATE] = [7 * 60, 20 * 60];
/** After so many days one of the lost ones turns up. */
const TURNS_UP = 9;

/** What happens to packs, each by its name in the story. */
const MISHAPS: Readonly<Record<Mishap['what'], (telling: Telling, line: Mishap) => void>> = {
  'power-cut': thrownAway,
  'stock-take': stockTake,
  'freezer-burn': burn,
  given: give,
  'frozen-again': frozenAgain,
  split,
};

export function befall(telling: Telling, line: Mishap): void {
  MISHAPS[line.what](telling, line);
}

/** Packs in the freezer that nobody has plans for. */
function packs({ scribe, spokenFor }: Telling, suits: (lot: Lot) => boolean = () => true): Lot[] {
  const clockOf = scribe.clocks();
  return scribe.stock.filter(
    (lot) =>
      lot.platesLeft > 0 &&
      isUsable(lot.destination) &&
      !spokenFor.has(lot.id) &&
      clockOf(lot).state === 'frozen' &&
      suits(lot),
  );
}

/** What was thawing in the refrigerator when the power failed. */
function thrownAway(telling: Telling, { packs: many, why }: Mishap): void {
  const { scribe, agenda, pocket } = telling;
  const chapter = scribe.chapter();
  const out = packs(telling, ({ platesLeft }) => platesLeft >= 4).slice(0, many);
  for (const pack of out) {
    telling.spokenFor.add(pack.id);
    takeOut(scribe, chapter, pack.id);
  }
  agenda.at(wall(addDays(scribe.day, 1), EARLY), () => {
    for (const { id } of out)
      scribe.write(
        chapter,
        [{ type: 'discarded', lot: id, amount: 'all', on: scribe.day, reason: why }],
        pocket,
      );
  });
}

/** Some are not found; one of them turns up behind the others. */
function stockTake(telling: Telling, { packs: many }: Mishap): void {
  const { scribe, agenda, random } = telling;
  const lost = random.some(packs(telling), many);
  const chapter = scribe.chapter();
  scribe.write(chapter, stockTakeFacts(lost, new Map(lost.map(({ id }) => [id, 'lost'])), scribe.day));
  const [found] = lost;
  const place = found?.place;
  if (found && place && many > 1)
    agenda.at(wall(addDays(scribe.day, TURNS_UP), LATE), () =>
      scribe.write(chapter, foundFacts(scribe.lot(found.id), place, found.leftDg)),
    );
}

function burn(telling: Telling, { packs: many, why }: Mishap): void {
  const chapter = telling.scribe.chapter();
  for (const { id } of packs(telling).slice(0, many))
    telling.scribe.write(chapter, [
      { type: 'discarded', lot: id, amount: 'all', on: telling.scribe.day, reason: why },
    ]);
}

function give(telling: Telling, { packs: many, why }: Mishap): void {
  const { scribe, random } = telling;
  const chapter = scribe.chapter();
  for (let nth = 0; nth < many; nth++) {
    const { id } = random.pick(packs(telling));
    scribe.write(chapter, [{ type: 'given', lot: id, amount: 'all', on: scribe.day, to: why }]);
  }
}

/** Taken out for the evening, and put back the next morning: the dinner was elsewhere. */
function frozenAgain(telling: Telling): void {
  const { scribe, agenda } = telling;
  const [pack] = packs(telling, ({ animal, platesLeft }) => animal === 'beef' && platesLeft >= 4);
  if (!pack) throw new Error('There is no beef to freeze again');
  const chapter = scribe.chapter();
  const { place } = pack;
  telling.spokenFor.add(pack.id);
  takeOut(scribe, chapter, pack.id);
  agenda.at(wall(addDays(scribe.day, 1), EARLY), () => {
    scribe.write(chapter, [
      { type: 'refrozen', lot: pack.id, on: scribe.day },
      { type: 'placed', lot: pack.id, place: place ?? 'kitchen-one' },
    ]);
    telling.spokenFor.delete(pack.id);
  });
}

/** Too many in one bag: two packs from then on. */
function split(telling: Telling): void {
  const { scribe } = telling;
  const [pack] = packs(telling, ({ countLeft, singly }) => singly && countLeft >= 4);
  if (!pack) throw new Error('There is no pack to split');
  scribe.write(
    scribe.chapter(),
    splitFacts(pack, 2, { loose: scribe.name('part'), newId: scribe.name('pack'), on: scribe.day }),
  );
}
