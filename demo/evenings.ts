import { animalOfKind } from '@core/catalogue/kinds';
import { coldPlaces, type Appliance } from '@core/cold/cold-places';
import { roomIn, type Room } from '@core/freeze/room';
import { apply } from '@core/ledger/apply';
import { Draft } from '@core/ledger/draft';
import type { Entry, EntryOf } from '@core/ledger/entry';
import type { Lot } from '@core/ledger/lot';
import { householdOf, valuesOf } from '@core/records/household';
import type { HouseholdRecord } from '@core/records/record';
import type { Story } from '@core/story/story-file';

/** A freezer on an evening: what it holds, and what went into it that day that was not frozen before. */
export interface Evening {
  readonly id: string;
  readonly day: string;
  readonly heldDg: number;
  readonly fresh: readonly number[];
  readonly room: Room;
}

/** Every freezer on every evening of a story on which something happened. */
export function evenings({ chapters }: Story): Evening[] {
  const stamped = <T extends { readonly at: string }>(all: readonly T[]) =>
    all.map((each) => ({ ...each, at: `${each.at}.000Z`, seq: 0 }));
  const entries = stamped(chapters.flatMap((chapter) => chapter.entries)) as Entry[];
  const records = stamped(chapters.flatMap((chapter) => chapter.records)).map(
    ({ at, device, seq, ...record }) => ({
      ...record,
      stamp: { at, device, seq },
    }),
  ) as HouseholdRecord[];
  const household = householdOf(entries, records);
  const { voided } = household.journal.state;
  const freezers = coldPlaces(valuesOf(household, 'place')).filter(({ cold }) => cold === 'freezer');
  const told = household.journal.entries.filter(({ id }) => !voided.has(id));
  const draft = Draft.empty(animalOfKind);
  let went: EntryOf<'placed'>[] = [];
  return told.flatMap((entry, nth) => {
    if (entry.type === 'placed' && isFirst(draft.lots.get(entry.lot))) went.push(entry);
    apply(draft, entry);
    const day = entry.at.slice(0, 10);
    if (told[nth + 1]?.at.slice(0, 10) === day) return [];
    const today = freezers.map((freezer) => evening(freezer, day, [...draft.lots.values()], went));
    went = [];
    return today;
  });
}

/** A pack that was wrapped here, and has not been in a freezer yet. */
function isFirst(lot: Lot | undefined): boolean {
  const isFresh =
    lot?.cold.every(({ what, place }) => what === 'placed' && place?.startsWith('fridge')) ?? false;
  return isFresh && lot?.form === 'pack' && lot.origin === null && !lot.name?.endsWith('for all');
}

function evening(
  { id, litres, shelves }: Appliance,
  day: string,
  lots: readonly Lot[],
  went: readonly EntryOf<'placed'>[],
): Evening {
  const isHere = (place: string | null): boolean =>
    place === id || shelves.some((shelf) => shelf.id === place);
  const masses = new Map(lots.map((lot) => [lot.id, lot.inDg]));
  return {
    id,
    day,
    heldDg: lots.reduce((sum, { place, leftDg }) => sum + (isHere(place) ? leftDg : 0), 0),
    fresh: went.filter(({ place }) => isHere(place)).map(({ lot }) => masses.get(lot) ?? 0),
    room: roomIn(litres ?? 0, 0),
  };
}
