import { computed, DestroyRef, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withHooks, withMethods, withState } from '@ngrx/signals';
import type { Kind } from '@core/catalogue/kind-schema';
import { KINDS } from '@core/catalogue/kinds';
import { pieceItem, SHOP_ITEMS, type ShopItem } from '@core/catalogue/shop-items';
import { basisOf } from '@core/cost/basis-of';
import { costOfLots } from '@core/cost/cost-of-lots';
import { DEFAULT_SCHOOL } from '@core/cost/school';
import { coldPlaces } from '@core/freeze/cold-places';
import { placeNames } from '@core/freeze/place-names';
import { shiftDays } from '@core/files/shift-days';
import { householdFileSchema } from '@core/files/household-file';
import { readFile } from '@core/files/read-file';
import { writeFile } from '@core/files/write-file';
import type { Fact } from '@core/journal/entry';
import { EMPTY_HOUSEHOLD, ownKinds, settingsOf, valuesOf, type Household } from '@core/journal/household';
import { withWhatRestsOn } from '@core/journal/journal';
import { shopNames } from '@core/journal/shop-names';
import type { EntryId, Lot } from '@core/journal/lot';
import type { ItemChoice, PieceNote } from '@core/journal/record';
import type { Refusal } from '@core/journal/refusal';
import { DEFAULT_SETTINGS, type Settings } from '@core/journal/settings';
import { perishableOf, stockOf, toWrap } from '@core/pack/stock';
import { daysBetween } from '@core/units/date';
import { workingMinutes } from '@core/yield/minutes';
import { Clock } from './clock';
import { HOUSEHOLD_NAME } from './household-name';
import { RefusedError, Repository, type NewRecord, type RecordChange } from './repository';
import { storageProblem } from './storage-problem';

/** What came of an attempt to write something down. */
export type Written =
  | { readonly ok: true; readonly entries: readonly EntryId[] }
  | { readonly ok: false; readonly refusal: Refusal; readonly problem?: undefined }
  | { readonly ok: false; readonly problem: string; readonly refusal?: undefined };

interface StoreState {
  readonly household: Household;
  readonly loaded: boolean;
  readonly exportedAt: string | null;
  readonly storageProblem: string | null;
}

const initial: StoreState = {
  household: EMPTY_HOUSEHOLD,
  loaded: false,
  exportedAt: null,
  storageProblem: null,
};

/** The household that this tab looks at. Holds no logic of its own: the core says what follows. */
export const HouseholdStore = signalStore(
  withState(initial),
  withComputed(({ household }) => {
    const state = computed(() => household().journal.state);
    // Weighing a steak changes no price and no place: what rests on these stays as it is.
    const records = computed(() => household().records);
    return {
      state,
      settings: computed(() => settingsOf({ records: records() })),
      isSetUp: computed(() => valuesOf({ records: records() }, 'settings').has('household')),
      basis: computed(() => basisOf({ records: records() })),
      pieceNotes: computed(() => valuesOf({ records: records() }, 'piece')),
      cooked: computed(
        () =>
          new Map([...valuesOf({ records: records() }, 'cooked')].map(([key, { share }]) => [key, share])),
      ),
      shopNames: computed(() => shopNames({ records: records() })),
      /** Every kind that can be bought: those that ship, and the household's own. */
      kinds: computed((): readonly Kind[] => [...KINDS, ...ownKinds({ records: records() })]),
      /** What shops sell, the household's own kinds among it. */
      shopItems: computed((): readonly ShopItem[] => [
        ...SHOP_ITEMS,
        ...ownKinds({ records: records() }).map(pieceItem),
      ]),
      places: computed(() => valuesOf({ records: records() }, 'place')),
      appliances: computed(() => coldPlaces(valuesOf({ records: records() }, 'place'))),
      placeNames: computed(() => placeNames(valuesOf({ records: records() }, 'place'))),
      meals: computed(() => valuesOf({ records: records() }, 'meal')),
      printing: computed(() => valuesOf({ records: records() }, 'printing').get('labels') ?? null),
      /** How shops make the numbers on their stickers. */
      shopCodes: computed(() => [...valuesOf({ records: records() }, 'shop-code')]),
      pieces: computed(() => [...state().lots.values()].filter((lot) => lot.form === 'piece').reverse()),
      stock: computed(() => stockOf(state())),
      /** Everything that can go off: packs, what waits on the board, pieces that were not cut yet. */
      perishable: computed(() => perishableOf(state())),
      toWrap: computed(() => toWrap(state())),
      setAside: computed(() => state().setAside),
    };
  }),
  withComputed(({ appliances, placeNames: names }) => ({
    /** Where a pack can be put: drawers, and what has none. */
    shelves: computed(() =>
      appliances().flatMap(({ cold, shelves }) =>
        shelves.map(({ id }) => ({ id, cold, name: names().get(id) ?? id })),
      ),
    ),
    /** Places that are no freezers: what lies there is fresh or thawing. */
    refrigerated: computed(
      () =>
        new Set(
          appliances().flatMap(({ id, cold, shelves }) =>
            cold === 'refrigerator' ? [id, ...shelves.map((shelf) => shelf.id)] : [],
          ),
        ),
    ),
    /** What thaws goes here: the first refrigerator's lowest shelf. */
    refrigerator: computed(
      () =>
        appliances()
          .find(({ cold }) => cold === 'refrigerator')
          ?.shelves.at(-1)?.id ?? null,
    ),
  })),
  withComputed(({ settings }) => ({ school: computed(() => settings().school ?? DEFAULT_SCHOOL) })),
  withComputed(({ pieces, household, state, basis, school, shopNames, pieceNotes }) => ({
    costs: computed(() => costOfLots(state(), school(), basis())),
    /** What a shop is called now. */
    shopName: computed(
      () =>
        (name: string | null): string =>
          name === null ? '' : (shopNames().get(name) ?? name),
    ),
    minutes: computed(() =>
      workingMinutes(
        household().journal,
        new Map([...pieceNotes()].map(([piece, note]) => [piece, note.pauses ?? []])),
      ),
    ),
    openPieces: computed(() => pieces().filter((lot) => !lot.closed && lot.leftDg > 0)),
    shops: computed(() => shopsOf(household(), shopNames())),
  })),
  withMethods((store) => {
    const repository = inject(Repository);
    const clock = inject(Clock);
    const name = inject(HOUSEHOLD_NAME);
    let loading: Promise<void> | null = null;

    async function attempt(
      write: () => Promise<Household | { household: Household; entries: readonly EntryId[] }>,
    ): Promise<Written> {
      try {
        const written = await write();
        const { household, entries } = 'household' in written ? written : { household: written, entries: [] };
        patchState(store, { household });
        return { ok: true, entries };
      } catch (error) {
        if (error instanceof RefusedError) return { ok: false, refusal: error.refusal };
        return { ok: false, problem: storageProblem(error) };
      }
    }

    async function load(): Promise<void> {
      try {
        let household = await repository.load();
        if (name === 'demo') household = await ensureDemo(repository, clock, household);
        patchState(store, {
          household,
          loaded: true,
          exportedAt: (await repository.meta('exported-at')) ?? null,
        });
      } catch (error) {
        patchState(store, { loaded: true, storageProblem: storageProblem(error) });
      }
    }

    return {
      whenLoaded: (): Promise<void> => (loading ??= load()),
      /** Writes facts down, all or none; on the disk before this returns. */
      append: (...facts: Fact[]): Promise<Written> => attempt(() => repository.append(facts)),
      /** Writes registers down; what is only changed in part is given as a change, never as a whole read before. */
      record: (...values: (NewRecord | RecordChange)[]): Promise<Written> =>
        attempt(() => repository.record(values)),
      /** Changes a part of the settings, and leaves the rest as it is by then. */
      changeSettings: (change: (now: Settings) => Partial<Settings>): Promise<Written> =>
        attempt(() =>
          repository.record([
            {
              type: 'settings',
              key: 'household',
              change: (known = DEFAULT_SETTINGS) => ({ ...known, ...change(known) }),
            },
          ]),
        ),
      /** Changes a part of what is noted about a piece. */
      changeNote: (piece: string, change: (now: PieceNote) => Partial<PieceNote>): Promise<Written> =>
        attempt(() =>
          repository.record([
            { type: 'piece', key: piece, change: (known = {}) => ({ ...known, ...change(known) }) },
          ]),
        ),
      /** Changes what the household thinks of a shop item, and leaves the rest of it. */
      chooseItem: (item: string, change: ItemChoice): Promise<Written> =>
        attempt(() =>
          repository.record([{ type: 'item', key: item, change: (known) => ({ ...known, ...change }) }]),
        ),
      merge: (other: Household): Promise<Written> => attempt(() => repository.merge(other)),
      replace: (other: Household): Promise<Written> => attempt(() => repository.replace(other)),
      /** Undoes an entry with everything that rests on it. */
      undoTogether: (entry: string): Promise<Written> =>
        attempt(() =>
          repository.append([{ type: 'undone', entries: withWhatRestsOn(store.household().journal, entry) }]),
        ),
      exportText: (): string => writeFile(store.household()),
      async noteExport(): Promise<void> {
        const at = clock.instant();
        await repository.setMeta('exported-at', at);
        patchState(store, { exportedAt: at });
      },
      watch: () =>
        repository.watch(
          (household) => patchState(store, { household }),
          (error) => patchState(store, { storageProblem: storageProblem(error) }),
        ),
      close: () => repository.close(),
    };
  }),
  withHooks((store) => {
    const destroyed = inject(DestroyRef);
    return {
      onInit(): void {
        void store.whenLoaded().then(() => {
          const subscription = store.watch();
          destroyed.onDestroy(() => {
            subscription.unsubscribe();
            store.close();
          });
        });
      },
    };
  }),
);

export type HouseholdStore = InstanceType<typeof HouseholdStore>;

function shopsOf(household: Household, names: ReadonlyMap<string, string>): string[] {
  const bought = [...household.journal.state.lots.values()].flatMap((lot: Lot) => lot.shop ?? []);
  const priced = [...valuesOf(household, 'price').values()].map(({ shop }) => shop);
  return [...new Set([...bought, ...priced].map((name) => names.get(name) ?? name))].sort((a, b) =>
    a.localeCompare(b),
  );
}

/** The demo household is read from its file once, with its dates moved so that it ends today. */
async function ensureDemo(repository: Repository, clock: Clock, household: Household): Promise<Household> {
  if (household.journal.entries.length > 0) return household;
  const response = await fetch('demo/household.json');
  const file = householdFileSchema.parse(await response.json());
  const lastDay = file.entries.at(-1)?.at.slice(0, 10) ?? clock.today();
  const read = readFile(JSON.stringify(shiftDays(file, daysBetween(lastDay, clock.today()))));
  if (read.problem !== undefined) throw new Error(read.problem);
  return repository.replace(read.household);
}
