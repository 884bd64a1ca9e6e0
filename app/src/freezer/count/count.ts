import { groups } from 'd3-array';
import { computed, inject, linkedSignal } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withLinkedState,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { findHere, packsByNumber, takeStock } from '@core/deeds/take-stock';
import type { WhyMissing } from '@core/freeze/stock-take';
import type { Lot, LotId } from '@core/ledger/lot';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { draftOf } from '../../ui/form/draft-of';

interface CountState {
  /** What was seen, anywhere. */
  readonly ticked: ReadonlySet<LotId>;
  /** What became of what is not there, as far as somebody said. */
  readonly whys: ReadonlyMap<LotId, WhyMissing>;
  /** A pack whose label is here and that should not be, and what it weighs. */
  readonly surplus: { readonly pack: Lot; readonly massDg: number } | null;
}

/** More of a set, or one of them no longer. */
export function toggled<T>(all: ReadonlySet<T>, one: T): ReadonlySet<T> {
  const next = new Set(all);
  if (!next.delete(one)) next.add(one);
  return next;
}

/** A stock-take: where one stands, what should lie there, what was seen of it. */
export const Count = signalStore(
  withState<CountState>({
    ticked: new Set<LotId>(),
    whys: new Map<LotId, WhyMissing>(),
    surplus: null,
  }),
  withProps(() => ({
    _store: inject(HouseholdStore),
    _clock: inject(Clock),
    _notices: inject(Notices),
  })),
  withComputed(({ _store }) => ({
    /** Where something lies, with how much. */
    places: computed(() =>
      groups(_store.stock(), ({ place }) => place ?? '').map(([id, packs]) => ({
        id,
        count: packs.length,
        name: _store.placeNames().get(id) ?? 'no place',
      })),
    ),
  })),
  withLinkedState(({ places }) => ({ place: draftOf(() => places()[0]?.id ?? '') })),
  withLinkedState(({ place }) => ({
    /** All that lies here was ticked; what is missing is told. */
    isClosing: linkedSignal<string, boolean>({ source: place, computation: () => false }),
  })),
  withComputed(({ _store, place, ticked }) => {
    const packs = computed(() => _store.stock().filter((pack) => (pack.place ?? '') === place()));
    const isSeen = ({ id }: Lot): boolean => ticked().has(id);
    return {
      packs,
      found: computed(
        () =>
          new Set(
            packs()
              .filter(isSeen)
              .map(({ id }) => id),
          ),
      ),
      missing: computed(() => packs().filter((pack) => !isSeen(pack))),
    };
  }),
  withMethods((store) => {
    const { _store: household, _notices: notices, _clock: clock } = store;
    const tickAll = (packs: readonly Lot[]): void =>
      patchState(store, ({ ticked }) => ({ ticked: new Set([...ticked, ...packs.map(({ id }) => id)]) }));
    return {
      goTo: (place: string): void => patchState(store, { place }),
      toggle: (id: LotId): void => patchState(store, ({ ticked }) => ({ ticked: toggled(ticked, id) })),
      /** Ticks by the number on a label. */
      tick(text: string): void {
        if (text.trim() === '') return;
        const all = { stock: household.stock(), lots: household.state().lots.values() };
        const named = packsByNumber(text, store.place(), all);
        if (!named.ok) return notices.problem(named.problem);
        if ('here' in named.value) return tickAll(named.value.here);
        const { elsewhere: pack } = named.value;
        patchState(store, { surplus: { pack, massDg: pack.leftDg || pack.inDg } });
      },
      weighSurplus: (massDg: number): void =>
        patchState(store, ({ surplus }) => ({ surplus: surplus && { ...surplus, massDg } })),
      leaveSurplus: (): void => patchState(store, { surplus: null }),
      async takeSurplus(): Promise<void> {
        const extra = store.surplus();
        if (!extra) return;
        if (!(await household.perform(findHere(extra.pack, store.place(), extra.massDg))).ok) return;
        tickAll([extra.pack]);
        patchState(store, { surplus: null });
      },
      close(): void {
        if (store.missing().length === 0) return notices.done('Everything is there.');
        patchState(store, { isClosing: true });
      },
      lookAgain: (): void => patchState(store, { isClosing: false }),
      setWhy: (id: LotId, why: WhyMissing): void =>
        patchState(store, ({ whys }) => ({ whys: new Map(whys).set(id, why) })),
      /** Puts the journal right. */
      async write(): Promise<void> {
        const missing = store.missing();
        const why = new Map(missing.map(({ id }) => [id, store.whys().get(id) ?? 'lost'] as const));
        const written = await household.perform(takeStock(missing, why, clock.today()));
        if (written.ok) patchState(store, { isClosing: false });
      },
    };
  }),
);
export type Count = InstanceType<typeof Count>;
