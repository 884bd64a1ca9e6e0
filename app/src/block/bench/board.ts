import { computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { ActivatedRoute } from '@angular/router';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { boardTime } from '@core/board/board-time';
import { lastEntryAtBoard } from '@core/deeds/undo-at-board';
import { DONE, nextPart } from '@core/board/next-part';
import { kindById } from '@core/catalogue/kinds';
import { lotName } from '@core/catalogue/lot-name';
import { partsOfWay } from '@core/catalogue/parts-of-way';
import { isWhole } from '@core/ledger/is-whole';
import { familyOf } from '@core/ledger/leaves';
import { drainedDg, type Lot, type LotId } from '@core/ledger/lot';
import { lastActOn, lastUndoOn } from '@core/ledger/undo';
import { plateOf } from '@core/pack/eater';
import { platesSoFar } from '@core/pack/plates-so-far';
import { runningMinutes } from '@core/yield/minutes';
import { map } from 'rxjs';
import { Clock } from '../../household/clock';
import type { Part } from '@core/catalogue/kind-schema';
import { HouseholdStore } from '../../household/household-store';

interface BoardState {
  /** Pieces of which the liquid is not weighed out. */
  readonly undrained: ReadonlySet<LotId>;
}

/** The piece on the board: what is off, what is left, what comes next, how long it has been out. */
export const Board = signalStore(
  withState<BoardState>({ undrained: new Set<LotId>() }),
  withProps(() => ({
    _store: inject(HouseholdStore),
    _clock: inject(Clock),
    /** The piece that the address names. */
    _asked: toSignal(inject(ActivatedRoute).paramMap.pipe(map((params) => params.get('lot')))),
  })),
  withComputed(({ _store, _asked }) => {
    const piece = computed<Lot | undefined>(() => {
      const asked = _store.state().lots.get(_asked() ?? '');
      return asked?.form === 'piece' ? asked : _store.openPieces()[0];
    });
    const kind = computed(
      () => _store.kinds().find(({ id }) => id === piece()?.kind) ?? kindById(piece()?.kind ?? null),
    );
    const family = computed(() => (piece() ? familyOf(_store.state(), piece() as Lot) : []));
    return {
      /** The piece from the address; else the last one opened. */
      piece,
      pieceId: computed(() => piece()?.id ?? ''),
      kind,
      way: computed(() => kind()?.ways.find(({ id }) => id === piece()?.way) ?? kind()?.ways[0]),
      name: computed(() => (piece() ? lotName(piece() as Lot) : '')),
      family,
      cuts: computed(() => family().slice(1)),
      drained: computed(() => (piece() ? drainedDg(piece() as Lot) : 0)),
      isAtWork: computed(() => !(piece()?.closed ?? true)),
    };
  }),
  withComputed(({ _store, piece, kind, way, cuts, undrained }) => ({
    /** Nothing is off yet and the liquid has not been weighed out. */
    mustDrain: computed(() => {
      const it = piece();
      return (
        it !== undefined &&
        !it.closed &&
        !it.isDrained &&
        it.flows.length === 0 &&
        it.foundDg === 0 &&
        !undrained().has(it.id)
      );
    }),
    /** Several came as one, and nothing is off them yet. */
    canSplit: computed(() => {
      const it = piece();
      return it !== undefined && !it.closed && it.count > 1 && isWhole(it);
    }),
    /** The parts of the way chosen, in the order of work; then the kind's others that may turn up. */
    parts: computed(() => {
      const [ofKind, ofWay] = [kind(), way()];
      return ofKind && ofWay ? partsOfWay(ofKind, ofWay) : [];
    }),
    /** Where a part goes: as was said for its kind before it was bought, else as most do. */
    goesTo: computed(() => {
      const { goes = {} } = _store.basis().wishes?.get(kind()?.id ?? '') ?? {};
      return (part: Part | undefined): Part['destination'] | undefined =>
        part && (goes[part.id] ?? part.destination);
    }),
    /** How much of each part is off. */
    offDg: computed(() => {
      const masses = new Map<string, number>();
      for (const { part, inDg } of cuts())
        if (part !== null) masses.set(part, (masses.get(part) ?? 0) + inDg);
      return masses;
    }),
    weighedSoFar: computed(() => cuts().map(({ part, inDg, count }) => ({ part, massDg: inDg, count }))),
    steps: computed(() =>
      (way()?.steps ?? []).flatMap((id) => kind()?.steps.find((step) => step.id === id) ?? []),
    ),
  })),
  withComputed(({ piece, pieceId, kind, way, cuts, parts, offDg, mustDrain, weighedSoFar }) => {
    const next = computed(() => {
      const [ofKind, ofWay, it] = [kind(), way(), piece()];
      return ofKind && ofWay && it
        ? nextPart(ofKind, ofWay, { massDg: it.inDg, leftDg: it.leftDg }, weighedSoFar())
        : null;
    });
    return {
      /** What the piece is bought for: the main part of most weight. */
      mainPart: computed(() => {
        const main = parts().filter(({ destination }) => destination === 'main');
        const shares = way()?.shares ?? {};
        const heaviest = [...main].sort((a, b) => (shares[b.id] ?? 0) - (shares[a.id] ?? 0))[0] ?? parts()[0];
        return heaviest ?? { id: 'meat', name: 'Meat', destination: 'main' as const };
      }),
      partIds: computed(() => parts().map(({ id }) => id)),
      /** How much of each part is off, against its usual share of a piece like this. */
      off: computed(() => {
        const usualDg = (part: string): number => (way()?.shares[part] ?? 0) * (piece()?.inDg ?? 0);
        return new Map(
          [...offDg()].map(([part, massDg]) => [part, usualDg(part) > 0 ? massDg / usualDg(part) : 1]),
        );
      }),
      next,
      /** Everything that the way gives is off. */
      isOff: computed(
        () => !mustDrain() && cuts().length > 0 && (piece()?.leftDg === 0 || next()?.part === null),
      ),
      /** Changes with every weighing and every undo. */
      mark: computed(
        () =>
          `${pieceId()}/${way()?.id}/${mustDrain()}/${cuts()
            .map(({ id, part, inDg }) => `${id}${part}${inDg}`)
            .join()}`,
      ),
    };
  }),
  withComputed(({ _store, family, cuts, pieceId }) => {
    const familyIds = computed(() => new Set(family().map(({ id }) => id)));
    const note = computed(() => _store.pieceNotes().get(pieceId()) ?? {});
    return {
      familyIds,
      note,
      plates: computed(() => platesSoFar(cuts(), plateOf(_store.settings()))),
      /** The last that happened to it, bought or weighed. */
      lastAct: computed(() => lastActOn(_store.household().journal, familyIds())),
      /** What undo takes back: back to the first weighing, and no further. */
      undoable: computed(() => lastEntryAtBoard(_store.household().journal, familyIds())),
      redoable: computed(() => lastUndoOn(_store.household().journal, familyIds())),
      isPaused: computed(() => note().pauses?.some(({ to }) => to === undefined) ?? false),
    };
  }),
  withComputed(({ _store, _clock, isAtWork, note, lastAct, pieceId, familyIds }) => ({
    nowAt: _clock.now,
    /** Working time so far: as it was corrected, else as it runs. */
    minutes: computed(
      () =>
        note().minutes ??
        runningMinutes(
          _store.minutes().get(pieceId()) ?? 0,
          isAtWork() ? lastAct()?.at : undefined,
          note().pauses ?? [],
          _clock.now(),
        ),
    ),
    /** How long it has been out of the refrigerator, while it is on the board. */
    boardTime: computed(() =>
      isAtWork()
        ? boardTime(
            _store.household().journal,
            familyIds(),
            note().cold ?? [],
            _clock.now(),
            note().hot ?? false,
          )
        : null,
    ),
  })),
  withMethods((store) => ({
    /** Whether a part counts as off. */
    isPartOff: (part: string): boolean => (store.off().get(part) ?? 0) >= DONE,
    /** Goes on with the piece as it lies there: its liquid is not weighed out. */
    skipDraining(): void {
      patchState(store, ({ undrained }) => ({ undrained: new Set([...undrained, store.pieceId()]) }));
    },
  })),
);
export type Board = InstanceType<typeof Board>;
