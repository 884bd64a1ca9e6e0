import type { ShopLists } from '@core/price/shop-list';
import { settingsGroups } from '@core/records/settings';
import type { Story } from '@core/story/story-file';
import type { Happening, HappeningOf } from '../story/happening';
import { FIRST_PLACES, SETTINGS } from '../story/household';
import { DINNER, NOW } from '../story/now';
import { PORK_BELLY } from '../story/pork-belly';
import { STORY } from '../story/story';
import { wall } from './agenda';
import { buy } from './buy';
import { eat } from './dinners';
import { befall } from './mishaps';
import { noteSomePrices } from './price-notes';
import { Scene } from './scene';
import { ENDS, Telling } from './telling';

/** Minutes after midnight: when one is back from the shop, and when the rest of a day is lived. */
const [SHOP, DAY] = [10 * 60, 13 * 60];

/** The story of the household, and the lists of its shops. */
export function tell(): { readonly story: Story; readonly lists: ShopLists } {
  const telling = new Telling();
  begin(telling);
  noteSomePrices(telling);
  eat(telling);
  for (const line of STORY)
    telling.agenda.at(wall(line.on, line.what === 'bought' ? SHOP + telling.random.whole(0, 90) : DAY), () =>
      happen(telling, line),
    );
  const scene = new Scene(telling);
  const { scribe } = telling;
  telling.agenda.run((at) => scribe.goTo(at));
  return {
    story: {
      format: 'vendicus-story',
      version: 1,
      now: NOW,
      dinner: DINNER,
      until: ENDS,
      table: scene.trays,
      chapters: scribe.chapters.filter(({ entries, records }) => entries.length + records.length > 0),
    },
    lists: telling.lists,
  };
}

/** Who they are, and where they keep it. */
function begin({ scribe }: Telling): void {
  const chapter = scribe.chapter();
  for (const { key, value } of settingsGroups(SETTINGS))
    scribe.note(chapter, { type: 'settings', key, value });
  for (const [key, value] of FIRST_PLACES) scribe.note(chapter, { type: 'place', key, value });
  scribe.note(chapter, { type: 'item', key: 'chicken-bones', value: { unwanted: true } });
  scribe.note(chapter, { type: 'kind', key: PORK_BELLY.id, value: PORK_BELLY });
  const path = '/demo/shop-lists.json';
  scribe.note(chapter, {
    type: 'list',
    key: 'tarn-quay',
    value: { name: 'The three shops of Tarn Quay', path },
  });
}

function happen(telling: Telling, line: Happening): void {
  switch (line.what) {
    case 'bought':
      return buy(telling, line);
    case 'came':
      return come(telling, line);
    case 'places':
      return furnish(telling, line);
    case 'away':
    case 'guests':
      // Whoever plans the dinners looks these up.
      return;
    default:
      befall(telling, line);
  }
}

function come({ scribe, pocket }: Telling, line: HappeningOf<'came'>): void {
  const { name, animal, origin, destination, count, plates, paidMinor, frozenOn: on, kept } = line;
  const lot = scribe.name('pack');
  scribe.write(
    scribe.chapter(),
    [
      {
        type: 'acquired',
        lot,
        name,
        animal,
        destination,
        massDg: line.massG * 10,
        count,
        plates,
        paidMinor,
        origin,
        on,
        ...(kept ? { kept } : {}),
      },
      { type: 'placed', lot, place: 'kitchen-two' },
    ],
    pocket,
  );
}

function furnish({ scribe }: Telling, { places, moved }: HappeningOf<'places'>): void {
  const chapter = scribe.chapter();
  for (const [key, value] of places) scribe.note(chapter, { type: 'place', key, value });
  if (!moved) return;
  const { shelves = [] } = scribe.appliances.find(({ id }) => id === moved.from) ?? {};
  const inside = scribe.stock.filter(({ place }) => shelves.some(({ id }) => id === place));
  scribe.write(
    chapter,
    inside.slice(0, moved.packs).map(({ id }) => ({ type: 'placed', lot: id, place: moved.to })),
  );
}
