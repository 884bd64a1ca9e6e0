import { computed, effect, inject, linkedSignal, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { ActivatedRoute } from '@angular/router';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withLinkedState,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { savedSlices, slicingSoFar } from '@core/books/slicing-so-far';
import type { Destination } from '@core/ledger/destination';
import type { Lot } from '@core/ledger/lot';
import { appetiteG } from '@core/pack/packs-wanted';
import { firstRequest } from '@core/slice/first-request';
import { moveStation, type MovedStation } from '@core/slice/move-station';
import { planSlices } from '@core/slice/plan';
import type { RestReason } from '@core/slice/rest-for';
import { readSlices } from '@core/slice/read-slices';
import { slicesRequestSchema, type SlicesRequest } from '@core/slice/slices-request';
import type { Wish } from '@core/slice/wish';
import { map } from 'rxjs';
import { HouseholdStore } from '../../household/household-store';
import { SlicePlans } from '../../compute/slice-plans';

interface SlicePlanState {
  /** A second wish to set beside the first. */
  readonly other: Wish | null;
  /** Somebody has measured this log; until then it has its usual shape. */
  readonly isMeasured: boolean;
}

/** A cut is the same as one that is so near to it, mm. */
const SAME_CUT_MM = 0.5;

/** A request with something changed. What is wrong with it is shown beside the plan; what was typed stays. */
export function changed(request: SlicesRequest, change: Partial<SlicesRequest>): SlicesRequest {
  const next = slicesRequestSchema.safeParse({ ...request, ...change });
  return next.success ? next.data : { ...request, ...change };
}

/** The cuts that stay where they were put, after one was moved. */
export function pinnedAfter(
  pinnedMm: readonly number[],
  { from, to }: { readonly from: number; readonly to: number | null },
): number[] {
  const others = pinnedMm.filter((mm) => Math.abs(mm - from) > SAME_CUT_MM);
  return to === null ? others : [...others, to];
}

/** The wish that a plan is set beside first: slices twice as thick, or of two inches. */
export function otherWish(wish: Wish): Wish {
  return { by: 'thickness', thicknessMm: wish.by === 'thickness' ? wish.thicknessMm * 2 : 50 };
}

/** Where a log is cut: how it was measured, what is wished of it, the plan, and another beside it. */
export const SlicePlan = signalStore(
  withState<SlicePlanState>({ other: null, isMeasured: false }),
  withProps(() => ({
    _store: inject(HouseholdStore),
    _mixes: inject(SlicePlans),
    _lot: toSignal(inject(ActivatedRoute).paramMap.pipe(map((params) => params.get('lot') ?? ''))),
  })),
  withComputed(({ _store, _lot }) => ({
    piece: computed<Lot | undefined>(() => _store.state().lots.get(_lot() ?? '')),
  })),
  withComputed(({ _store, piece }) => ({
    /** Who eats, and how much of this animal. */
    _eaters: computed(() => {
      const { eaters } = _store.settings();
      return eaters.map(({ name }) => ({ name, plateG: appetiteG(eaters, name, piece()?.animal ?? null) }));
    }),
  })),
  withLinkedState(({ _store, _eaters, piece }) => ({
    /** The log and the wish as they stand on the page. */
    draft: linkedSignal<Lot | undefined, SlicesRequest | null>({
      source: piece,
      computation: (it, before) =>
        !it || (before?.value && before.source?.id === it.id)
          ? (before?.value ?? null)
          : untracked(() => savedSlices(_store.household(), it) ?? firstRequest(it, _eaters())),
    }),
  })),
  withComputed(({ _store, _mixes, draft, piece }) => {
    const read = computed(() => {
      const request = draft();
      return request && readSlices(request);
    });
    const log = computed(() => read()?.value ?? null);
    return {
      /** What is wrong with the log or the wish. */
      problem: computed(() => read()?.problem ?? null),
      log,
      /** Mixes are searched for in a worker; the last answer stands until the next has come. */
      planned: computed(() => {
        const now = log();
        if (now?.request.wish.by === 'mix') return _mixes.answer();
        return now && planSlices(now.profile, now.request);
      }),
      /** What has been weighed since the plan was taken to the board. */
      soFar: computed(() => {
        const it = piece();
        return it ? slicingSoFar(_store.household(), it) : null;
      }),
    };
  }),
  withComputed(({ log, other }) => ({
    otherPlanned: computed(() => {
      const [now, wish] = [log(), other()];
      return now && wish && planSlices(now.profile, { ...now.request, ...asWished(now.request, wish) });
    }),
  })),
  withMethods((store) => {
    const change = (part: Partial<SlicesRequest>): void =>
      patchState(store, ({ draft }) => ({ draft: draft && changed(draft, part) }));
    const measure = (part: Partial<SlicesRequest>): void => {
      patchState(store, { isMeasured: true });
      change(part);
    };
    const pin = (from: number, to: number | null): void =>
      change({ pinnedMm: pinnedAfter(store.draft()?.pinnedMm ?? [], { from, to }) });
    return {
      change,
      measure,
      wishFor: (wish: Wish): void => change({ wish } as Partial<SlicesRequest>),
      /** A cut that is moved stays where it was put, and the rest is planned around it. */
      move: ({ from, to }: { readonly from: number; readonly to: number }): void => pin(from, to),
      free: (mm: number): void => pin(mm, null),
      movePlace(moved: MovedStation): void {
        const [request, profile] = [store.draft(), store.log()?.profile];
        if (request && profile) measure({ stations: moveStation(request, profile, moved) });
      },
      /** What is done with a stretch that is no slice. */
      setRestFor: (why: RestReason, destination: Destination): void =>
        change({ restFor: { ...store.draft()?.restFor, [why]: destination } }),
      /** Begins again with what lies on the board now. */
      measureAnew: (): void =>
        patchState(store, { isMeasured: false, draft: firstRequest(store.piece(), store._eaters()) }),
      setOther: (other: Wish): void => patchState(store, { other }),
      compare: (): void =>
        patchState(store, ({ other, draft }) => ({ other: other || !draft ? null : otherWish(draft.wish) })),
    };
  }),
  withHooks(({ draft, log, _mixes }) => ({
    onInit: (): void => {
      effect(() => {
        const [request, now] = [draft(), log()];
        if (request && now?.request.wish.by === 'mix') untracked(() => _mixes.ask(request));
      });
    },
  })),
);

/** A request for the same log with another wish: nothing is held in place, and no thickness that is wished for is refused. */
function asWished(
  { minThicknessMm, maxThicknessMm }: { readonly minThicknessMm: number; readonly maxThicknessMm: number },
  wish: Wish,
) {
  if (wish.by !== 'thickness') return { wish, pinnedMm: [] };
  return {
    wish,
    pinnedMm: [],
    minThicknessMm: Math.min(minThicknessMm, Math.floor(wish.thicknessMm)),
    maxThicknessMm: Math.max(maxThicknessMm, Math.ceil(wish.thicknessMm)),
  };
}
