import { computed, DestroyRef, DOCUMENT, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import type { Kind } from '@core/catalogue/kind-schema';
import { KINDS } from '@core/catalogue/kinds';
import { pieceItem, SHOP_ITEMS, type ShopItem } from '@core/catalogue/shop-items';
import { basisWithout } from '@core/books/basis-of';
import { DEFAULT_COST_METHOD } from '@core/cost/method-ids';
import { coldPlaces } from '@core/cold/cold-places';
import { placeNames } from '@core/freeze/place-names';
import { writeFile } from '@core/exchange/write-file';
import type { Reservations } from '@core/dinner/reservation';
import { EMPTY_HOUSEHOLD, ownKinds, settingsOf, valuesOf, type Household } from '@core/records/household';
import { shopNames } from '@core/records/shop-names';
import { isolated } from '@core/units/bidi';
import type { EntryId, Lot, LotId } from '@core/ledger/lot';
import { takenBackPieces } from '@core/ledger/taken-back';
import { explainRefusal, type Refusal } from '@core/ledger/refusal';
import { perishableOf, stockOf, toWrap } from '@core/pack/stock';
import { lotName } from '@core/catalogue/lot-name';
import type { Deed } from '@core/deeds/deed';
import { touchedBy } from '@core/deeds/touched';
import { takeBack, type Done } from '@core/deeds/take-back';
import { countedWords, mostOf, tallyOf, tallySince, type Tally } from '@core/format/counted-words';
import { Format } from '@core/format/format';
import { failure, success, type Result } from '@core/units/result';
import { workingMinutes } from '@core/yield/minutes';
import type { Undone } from '@core/deeds/undone-deed';
import { nowAtRest } from './at-rest';
import { Clock } from './clock';
import { isNewHere, isToldAnew, openDemo } from './demo-household';
import { HOUSEHOLD_NAME } from './household-name';
import type { GivenBackFrom } from './disk/base';
import { Repository, type Written } from './disk/repository';
import { isEmpty } from './disk/standing';
import { saveText } from '../ui/save-text';
import { Notices } from './notices';
import { PressOnce } from './press-once';
import { HELD_BY_ANOTHER, troubleOf, troubleThatStays, type Trouble } from './disk/storage-problem';

const GIVEN_BACK: Readonly<Record<GivenBackFrom, string>> = {
  'this-tab':
    'This browser had cleared the household away. All of it was written back from this page. Save its file now, so that it is in two places.',
  'second-place':
    'This browser had lost the household, or a part of it. All that was written down is back, from the second place that it is kept in. Save its file now, so that it is outside of this browser too.',
};

/** Another tab that closes by itself has done so by then. */
const SOON_MS = 2000;

interface StoreState {
  readonly household: Household;
  readonly loaded: boolean;
  /** When a copy last left this browser, and how many entries of each type it held. */
  readonly exported: { readonly at: string; readonly tally: Tally } | null;
  readonly trouble: Trouble | null;
  /** What was found on the disk and cannot be read, as text. */
  readonly spoilt: readonly string[];
  /** The deed that can be taken back. */
  readonly last: Done | null;
}

const initial: StoreState = {
  household: EMPTY_HOUSEHOLD,
  loaded: false,
  exported: null,
  trouble: null,
  spoilt: [],
  last: null,
};

/** The household that this tab looks at. Holds no logic of its own: the core says what follows. */
export const HouseholdStore = signalStore(
  withState(initial),
  withComputed(({ household, exported }) => {
    const state = computed(() => household().journal.state);
    // Weighing a steak changes no price and no place: what rests on these stays as it is.
    const records = computed(() => household().records);
    const takenBack = computed(() => takenBackPieces(household().journal), {
      equal: (a, b) => a.size === b.size && [...a].every((piece) => b.has(piece)),
    });
    return {
      state,
      settings: computed(() => settingsOf({ records: records() })),
      isSetUp: computed(() => valuesOf({ records: records() }, 'settings').has('units')),
      basis: computed(() => basisWithout({ records: records() }, takenBack())),
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
      /** When the power was out, and when pieces are to be cut. */
      powerCuts: computed(() => valuesOf({ records: records() }, 'power-cut')),
      cuttings: computed(() => valuesOf({ records: records() }, 'cutting')),
      /** Packs that are kept for something: no plan takes them. */
      reserved: computed((): Reservations => valuesOf({ records: records() }, 'reserved')),
      printing: computed(() => valuesOf({ records: records() }, 'printing').get('labels') ?? null),
      /** Shops' lists of prices, by key. */
      lists: computed(() => valuesOf({ records: records() }, 'list')),
      /** How shops make the numbers on their stickers. */
      shopCodes: computed(() => [...valuesOf({ records: records() }, 'shop-code')]),
      pieces: computed(() => [...state().lots.values()].filter((lot) => lot.form === 'piece').reverse()),
      stock: computed(() => stockOf(state())),
      /** Everything that can go off: packs, what waits on the board, pieces that were not cut yet. */
      perishable: computed(() => perishableOf(state())),
      toWrap: computed(() => toWrap(state())),
      setAside: computed(() => state().setAside),
      _unsaved: computed(() => tallySince(tallyOf(household().journal.entries), exported()?.tally ?? {})),
    };
  }),
  withComputed(({ _unsaved }) => ({
    /** What would be lost with this browser, in words. */
    unsaved: computed(() => countedWords(_unsaved())),
    unsavedCount: computed(() => Object.values(_unsaved()).reduce((sum, count) => sum + count, 0)),
  })),
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
    /** What is frozen goes here: the first freezer's first drawer, then the others. */
    freezers: computed(() =>
      appliances().flatMap(({ cold, shelves }) => (cold === 'freezer' ? shelves.map(({ id }) => id) : [])),
    ),
    /** What thaws goes here: the first refrigerator's lowest shelf. */
    refrigerator: computed(
      () =>
        appliances()
          .find(({ cold }) => cold === 'refrigerator')
          ?.shelves.at(-1)?.id ?? null,
    ),
  })),
  withComputed(({ settings }) => ({ costMethod: computed(() => settings().school ?? DEFAULT_COST_METHOD) })),
  withComputed(({ pieces, household, shopNames, pieceNotes }) => ({
    /** What a shop is called now. */
    shopName: computed(
      () =>
        (name: string | null): string =>
          name === null ? '' : isolated(shopNames().get(name) ?? name),
    ),
    minutes: computed(() =>
      workingMinutes(
        household().journal,
        new Map([...pieceNotes()].map(([piece, note]) => [piece, note.pauses ?? []])),
      ),
    ),
    openPieces: computed(() => pieces().filter((lot) => !lot.closed && lot.leftDg > 0)),
    /** Of which nothing is off yet. */
    uncutPieces: computed(() =>
      pieces().filter(
        (lot) => !lot.closed && lot.leftDg > 0 && lot.flows.every(({ way }) => way === 'liquid'),
      ),
    ),
    shops: computed(() => shopsOf(household(), shopNames())),
  })),
  withProps(({ settings }, clock = inject(Clock)) => ({
    /** Quantities as this household writes them. */
    format: new Format({ settings, today: () => clock.today(), zone: () => clock.zone() }),
  })),
  withMethods((store) => {
    const repository = inject(Repository);
    const clock = inject(Clock);
    const notices = inject(Notices);
    const pressOnce = inject(PressOnce);
    const name = inject(HOUSEHOLD_NAME);
    const { baseURI } = inject(DOCUMENT);
    const { format } = store;
    let loading: Promise<void> | null = null;
    /** Once there is something on the disk that a deed can be added to. */
    let ready: Promise<void> = Promise.resolve();
    /** All that was begun to be written. */
    let begun: Promise<unknown> = Promise.resolve();

    function nameOf(id: LotId): string {
      const lot = store.state().lots.get(id);
      return lot ? lotName(lot).toLowerCase() : 'that piece';
    }

    /** Writes, or says in words why it could not. */
    async function attempt(deed: Deed): Promise<Result<Written, Trouble>> {
      try {
        await ready;
        const written = await repository.write(deed);
        if (!written.ok) return failure({ text: inWords(written.problem), saves: null });
        took(written.value.household);
        return written;
      } catch (error) {
        patchState(store, { trouble: troubleThatStays(error) ?? store.trouble() });
        return failure(troubleOf(error));
      }
    }

    /** A copy has left this browser. */
    async function noteExport(tally = tallyOf(store.household().journal.entries)): Promise<void> {
      const at = clock.instant();
      patchState(store, { exported: { at, tally } });
      // Where nothing can be written any more the copy has left all the same.
      await repository.noteExport(at, JSON.stringify(tally)).catch(() => undefined);
    }

    /** What came out of a file is in it, too: it would not be lost with this browser. */
    async function noteOutside(tally: Tally, isAll: boolean): Promise<void> {
      const { tally: before = {} } = store.exported() ?? {};
      await noteExport(isAll ? tally : mostOf(before, tally));
    }

    /** Hands what this page shows to the browser to save. */
    async function exportFile(): Promise<void> {
      saveText(`vendicus-${name}-${clock.today()}.json`, writeFile(store.household()));
      await noteExport();
    }
    /** Hands it on to another device or program; what is called off has not left. */
    async function sendFile(): Promise<void> {
      const { shareText } = await import('../ui/share-text');
      const went = await shareText(
        `vendicus-${name}-${clock.today()}.json`,
        writeFile(store.household()),
      ).catch(() => null);
      if (went) await noteExport();
      if (went === null) notices.problem('This device did not take the file. Save it instead.', savingIt);
    }
    const savingIt = { label: 'Save the household’s file', run: () => void exportFile() };

    /** The household as it is on the disk now. */
    function took(household: Household): void {
      patchState(store, { household, spoilt: repository.spoilt.map(({ text }) => text) });
      const from = repository.givenBackFrom();
      if (from) notices.problem(GIVEN_BACK[from], savingIt);
    }

    function inWords(problem: Refusal): string {
      return explainRefusal(problem, { mass: (massDg) => format.mass(massDg), lot: nameOf });
    }

    /** What goes with it is reckoned by what is loaded once something happens to meat. */
    async function withAllOfIt(deed: Deed): Promise<Deed> {
      if ((deed.facts ?? []).length === 0) return deed;
      // Where that cannot be loaded the deed counts all the same: the next one writes down what went with it.
      const loaded = await import('@core/deeds/in-full').catch(() => null);
      return loaded ? loaded.inFull(store.household(), deed) : deed;
    }

    async function perform(
      wanted: Deed | Result<Deed>,
      takesBack = false,
    ): Promise<Result<readonly EntryId[]>> {
      const asked = 'ok' in wanted ? wanted : success(wanted);
      if (!asked.ok) {
        notices.problem(asked.problem);
        return asked;
      }
      const deed = await withAllOfIt(asked.value);
      const { say = '' } = deed;
      const written = await attempt(deed);
      if (!written.ok) {
        const { text, saves } = written.problem;
        notices.problem(text, saves === 'shown' ? savingIt : undefined);
        return failure(text);
      }
      clock.refresh();
      const { entries, rewritten } = written.value;
      if (say !== '') {
        const isUndo = takesBack || (deed.facts?.some(({ type }) => type === 'undone') ?? false);
        // What was done again is taken back by what it was, not by having been done again.
        const again = (deed.facts ?? []).flatMap((fact) => (fact.type === 'redone' ? fact.entries : []));
        const done = { say, entries: again.length > 0 ? again : entries, rewritten };
        patchState(store, { last: isUndo ? null : done });
        const of = touchedBy(written.value.household.journal, { entries, rewritten });
        if (isUndo) sayUndone(deed, rewritten, of);
        else notices.done(say, { label: 'Undo', run: () => void undo() }, of);
      }
      return success(entries);
    }

    /** What was undone can be done again: from where it is said, and later from the household's file. */
    function sayUndone(deed: Deed, rewritten: Done['rewritten'], of: readonly string[]): void {
      const entries = (deed.facts ?? []).flatMap((fact) => (fact.type === 'undone' ? fact.entries : []));
      const { say = '' } = deed;
      if (entries.length + rewritten.length === 0) return notices.done(say, undefined, of);
      const undone = { say: say.replace(/^Undone: /, ''), at: clock.instant(), entries, rewritten };
      void import('./undone-here').then(({ rememberUndone }) => rememberUndone(name, undone));
      notices.done(say, { label: 'Redo', run: () => void redo(undone) }, of);
    }

    async function redo(undone: Undone): Promise<void> {
      const { doUndoneAgain } = await import('@core/deeds/undone-deed');
      await perform(doUndoneAgain(store.household(), undone, format));
    }

    /** Takes the last deed back, but for what somebody has changed since. */
    async function undo(): Promise<void> {
      const last = store.last();
      if (last) await perform(takeBack(store.household(), last, format), true);
    }

    async function lastExport(): Promise<StoreState['exported']> {
      const [at, tally] = [await repository.meta('exported-at'), await repository.meta('exported-tally')];
      if (at === undefined) return null;
      const before = store.household().journal.entries.filter((entry) => entry.at <= at);
      return { at, tally: tally === undefined ? tallyOf(before) : (JSON.parse(tally) as Tally) };
    }

    /** While another tab holds an older base: said, as it may take as long as that tab is open. */
    const held = new Promise<void>((done) => {
      repository.onHeld(() => {
        setTimeout(() => {
          if (store.loaded()) return;
          patchState(store, { trouble: HELD_BY_ANOTHER });
          done();
        }, SOON_MS);
      });
    });

    async function load(): Promise<void> {
      try {
        took(name === 'demo' ? await loadDemo() : await repository.load());
        patchState(store, { loaded: true, exported: await lastExport(), trouble: null });
      } catch (error) {
        patchState(store, { loaded: true, trouble: troubleOf(error) });
      }
    }

    /**
     * Where nobody has touched it the demo is told anew, so that it is now in it. Where it is new here it is
     * told while the disk is looked at, and looked at while it is written; no deed is done before it is there.
     */
    async function loadDemo(): Promise<Household> {
      const tell = () => openDemo(baseURI, { instant: clock.instant(), zone: clock.zone() });
      const early = isNewHere() ? tell() : null;
      const there = await repository.load().finally(() => early?.catch(() => undefined));
      if (!isToldAnew(there, clock.instant())) return there;
      const anew = await (early ?? tell()).catch((error: unknown) => {
        if (isEmpty(there)) throw error;
        return null;
      });
      // Where it cannot be told anew, what is there is looked at.
      if (!anew) return there;
      const { household, lay, write } = anew;
      lay();
      ready = write().then(async () => took(await repository.load()));
      ready.catch((error: unknown) => patchState(store, { trouble: troubleOf(error) }));
      return household;
    }

    const whenLoaded = (): Promise<void> => (loading ??= load());

    return {
      whenLoaded,
      /** Once it is loaded, or it is known that this may take long. */
      whenKnown: (): Promise<void> => Promise.race([whenLoaded(), held]),
      /**
       * Writes a deed down, all of it or none, and says so, or why not: the one way in which the
       * application writes. On the disk before this returns. What is no deed is only said.
       *
       * @returns the ids of its entries
       */
      perform: (wanted: Deed | Result<Deed>): Promise<Result<readonly EntryId[]>> => {
        const deed = perform(wanted);
        pressOnce.wait(deed);
        begun = Promise.allSettled([begun, deed]);
        return deed;
      },
      /** Once all that was begun is on the disk, or refused: for what goes by what was said just now. */
      written: async (): Promise<void> => void (await Promise.all([ready, begun])),
      undo,
      /** Reads the household anew, where another hand has written it. */
      refresh: async (): Promise<void> => took(await repository.load()),
      exportFile,
      sendFile,
      noteExport,
      noteOutside,
      /** What is on the disk as a file, unread: of a household that this version cannot read. */
      rawText: (): Promise<string> => repository.asFile(),
      watch: () => repository.watch(took, (error) => patchState(store, { trouble: troubleOf(error) })),
      close: () => repository.close(),
    };
  }),
  withHooks((store) => {
    const destroyed = inject(DestroyRef);
    return {
      onInit(): void {
        void store.whenLoaded().then(store.written).then(nowAtRest, nowAtRest);
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
