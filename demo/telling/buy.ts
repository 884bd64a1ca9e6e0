import { kindById } from '@core/catalogue/kinds';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { oneByOne } from '@core/ledger/one-by-one';
import type { FactOf } from '@core/ledger/entry';
import { labelTotal } from '@core/price/label-total';
import { addDays } from '@core/units/date';
import { roundHalfUp } from '@core/units/money';
import type { Bought } from '../story/happening';
import { REFRIGERATOR } from '../story/household';
import { wall } from './agenda';
import { cutUp, type OnTable } from './cut-up';
import { serve } from './dinners';
import { freeze } from './freeze';
import { packUp } from './pack-up';
import { listPrice } from './prices';
import type { Open } from './scribe';
import type { Telling } from './telling';

/** What the farm asks for what no list has, smallest coins a kilogram. */
const UNLISTED = 890;
/** Days before a feast on which one thinks of it, and days after which all of a piece is in the freezer. */
const [LAID_OUT, SETTLED] = [3, 4];
/** Minutes after midnight: when a piece that waited is opened, and when one looks at the bills. */
const [OPENED, EVENING] = [10 * 60, 20 * 60 + 40];

/** Buys a piece and makes packs of it: a chapter from the shop to the freezer. */
export function buy(telling: Telling, line: Bought): void {
  const { scribe, agenda } = telling;
  const chapter = scribe.chapter();
  const pieces = receive(telling, chapter, line);
  const work = (): void => workOn(telling, chapter, pieces, line);
  scribe.pass(25);
  if (line.openedOn === undefined) return work();
  scribe.write(
    chapter,
    pieces.map((lot) => ({ type: 'placed', lot, place: REFRIGERATOR })),
  );
  agenda.at(wall(line.openedOn, OPENED), work);
}

/** Brings a piece home, or several that are cut each by itself. */
export function receive(telling: Telling, chapter: Open, line: Bought): string[] {
  const { scribe, random, agenda } = telling;
  const { kind, way, count = 1, eachG, at: shop, abroad } = line;
  const massDg = Math.round((eachG * count * random.around(1, 0.006)) / 5) * 50;
  const perKg = listPrice(telling.lists, shop, wholePieceItem(kind), line.on) ?? UNLISTED;
  const foreign = abroad && {
    currency: abroad.currency,
    minor: labelTotal(massDg, abroad.perKgMinor),
    rate: abroad.rate,
  };
  const paidMinor = foreign ? roundHalfUp(foreign.minor * foreign.rate) : labelTotal(massDg, perKg);
  const piece: FactOf<'received'> = {
    type: 'received',
    lot: scribe.name('piece'),
    kind,
    count,
    massDg,
    paidMinor: line.mistyped ? paidMinor * 10 : paidMinor,
    ...(foreign ? { foreign } : {}),
    shop,
    ...(line.grade ? { grade: line.grade } : {}),
    way,
    on: line.on,
    ...(kindById(kind)?.bone === 'bone-in' || kind.startsWith('own-') ? { kept: 'open' as const } : {}),
  };
  const pieces = line.apart ? oneByOne(piece, () => scribe.name('piece')) : [piece];
  scribe.write(chapter, pieces, telling.pocket);
  if (line.mistyped) {
    const entry = scribe.all.at(-1)?.id ?? '';
    const reason = 'a nought too many';
    agenda.at(wall(line.on, EVENING), () =>
      scribe.write(chapter, [{ type: 'corrected', entry, set: { paidMinor }, reason }]),
    );
  }
  if (line.says || line.marks)
    scribe.note(chapter, {
      type: 'piece',
      key: piece.lot,
      value: { ...(line.says ? { text: line.says } : {}), ...(line.marks ? { marks: [...line.marks] } : {}) },
    });
  return pieces.map(({ lot }) => lot);
}

function workOn(telling: Telling, chapter: Open, pieces: readonly string[], line: Bought): void {
  const { scribe, agenda } = telling;
  const onTable = pieces.flatMap((piece) => cutUp(telling, chapter, piece, line));
  if (line.reopened) onTable.push(...foundLater(telling, chapter, pieces[0] ?? '', onTable));
  for (const { lot, part } of onTable)
    if (part.id === 'flap') scribe.write(chapter, [{ type: 'changed', lot, destination: 'stew' }]);
  scribe.pass(5);
  const packs = packUp(telling, chapter, onTable);
  if (line.keptFor) keep(telling, chapter, packs, line.keptFor);
  freeze(telling, chapter, packs);
  if (line.forgotten) agenda.at(wall(addDays(scribe.day, SETTLED), OPENED), () => forget(telling, packs));
}

/** One bag of what is diced lies at the bottom. */
function forget({ scribe, spokenFor }: Telling, packs: readonly string[]): void {
  const bottom = packs.find((id) => {
    const { destination, place, leftDg } = scribe.lot(id);
    return leftDg > 0 && destination === 'stew' && place !== null && place !== REFRIGERATOR;
  });
  if (bottom === undefined) throw new Error('No bag of it is in a freezer');
  spokenFor.add(bottom);
}

/** Closed too early: something lay in the cavity. */
function foundLater(
  { scribe }: Telling,
  chapter: Open,
  piece: string,
  [first]: readonly OnTable[],
): OnTable[] {
  const part = first?.kind.parts.find(({ id }) => id === 'giblets');
  if (!first || !part) return [];
  scribe.write(chapter, [{ type: 'reopened', lot: piece }]);
  const lot = scribe.name('part');
  const massDg = Math.max(10, Math.floor((scribe.lot(piece).leftDg * 0.6) / 10) * 10);
  scribe.write(chapter, [
    {
      type: 'cut',
      from: piece,
      lot,
      part: part.id,
      destination: part.destination,
      massDg,
      count: 1,
      on: scribe.day,
    },
  ]);
  scribe.write(chapter, [{ type: 'closed', lot: piece, reason: 'the bag with the giblets was still in it' }]);
  return [{ lot, part, kind: first.kind, count: 1 }];
}

/** The largest packs are kept. */
function keep(
  telling: Telling,
  chapter: Open,
  packs: readonly string[],
  { feast, on, guests, packs: many }: NonNullable<Bought['keptFor']>,
): void {
  const { scribe, agenda, spokenFor, feasts } = telling;
  const largest = packs
    .map((id) => scribe.lot(id))
    .filter(({ destination }) => destination === 'main')
    .sort((a, b) => b.leftDg - a.leftDg)
    .slice(0, many);
  for (const { id } of largest) {
    spokenFor.add(id);
    scribe.note(chapter, { type: 'reserved', key: id, value: { for: feast } });
  }
  feasts.add(on);
  agenda.at(wall(addDays(on, -LAID_OUT), OPENED), () =>
    serve(
      telling,
      on,
      largest.map(({ id }) => scribe.lot(id)),
      guests,
    ),
  );
}
