import { planBatch } from '@core/freeze/batch';
import type { Fact } from '@core/ledger/entry';
import { REFRIGERATOR } from '../story/household';
import { wall } from './agenda';
import type { Open } from './scribe';
import type { Telling } from './telling';

/** When what waited for its turn goes in. */
const MORNING = 7 * 60 + 20;

/** Puts packs into the freezers, no more in a day than freezes well; what finds no room goes to the neighbours. */
export function freeze(telling: Telling, chapter: Open, packs: readonly string[]): void {
  const { scribe, agenda } = telling;
  const lots = packs.map((id) => scribe.lot(id));
  const { goesIn, tooLate, noRoom, notRaw } = planBatch(
    lots,
    scribe.appliances,
    scribe.stock,
    scribe.clocks(),
    scribe.day,
  );
  const today = goesIn.filter(({ on }) => on === scribe.day);
  const place = (lot: string, to: string): Fact => ({ type: 'placed', lot, place: to });
  const waits = goesIn.filter(({ on }) => on !== scribe.day);
  scribe.write(chapter, [
    ...today.map(({ lot, shelf }) => place(lot.id, shelf.id)),
    ...waits.filter(({ lot }) => lot.place === null).map(({ lot }) => place(lot.id, REFRIGERATOR)),
  ]);
  for (const lot of [...tooLate.map((each) => each.lot), ...noRoom, ...notRaw])
    scribe.write(chapter, [
      { type: 'given', lot: lot.id, amount: 'all', on: scribe.day, to: 'the neighbours: no room' },
    ]);
  const [next] = waits.map(({ on }) => on).sort();
  if (next !== undefined)
    agenda.at(wall(next, MORNING), () =>
      freeze(
        telling,
        chapter,
        waits.map(({ lot }) => lot.id),
      ),
    );
}
