import { massAsTyped } from '@core/format/typed-mass';
import { computed, inject, linkedSignal, untracked } from '@angular/core';
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
import { againstLast, type AgainstLast } from '@core/board/against-last';
import { likelyCount } from '@core/board/likely-count';
import { mayBeRest } from '@core/board/may-be-rest';
import type { WeightAsked } from '@core/board/meant-weight';
import { partRanges } from '@core/board/part-ranges';
import { portionAsked } from '@core/board/portion-weight';
import { stillInHand } from '@core/board/still-in-hand';
import { slicingSoFar } from '@core/books/slicing-so-far';
import { virtualMassDg } from '@core/board/virtual-meat';
import { weightQuestion } from '@core/board/weight-question';
import { partOf } from '@core/catalogue/kinds';
import type { Weighed } from '@core/deeds/weigh';
import { Format } from '@core/format/format';
import { typedWeight, type WeightAnswer } from '@core/format/typed-weight';
import type { Destination } from '@core/ledger/destination';
import type { LotId } from '@core/ledger/lot';
import { HandsFree } from '@core/scale/hands-free';
import type { MassDg } from '@core/units/mass';
import { seededUniform } from '@core/units/random';
import { pastCompositions } from '@core/yield/piece-composition';
import { habitOfWay } from '@core/yield/prediction';
import { HouseholdStore } from '../../household/household-store';
import { ScaleLink } from '../../devices/scale/scale-link';
import { draftKey } from '../../household/draft-key';
import { draftOf } from '../../ui/form/draft-of';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { Packing } from '../packing/packing';
import { Board } from './board';

interface HandState {
  /** What a part is called that the kind does not know. */
  readonly ownPart: string;
  /** Typing while a scale is there. */
  readonly typing: boolean;
  /** What is typed for the next weight of each piece; it waits while another is on the board. */
  readonly nexts: Readonly<Record<LotId, TypedNext>>;
  /** What was pressed of the answers to a weight in doubt, while it stands there. */
  readonly answered: WeightAnswer | null;
  /** Weighings about which nothing more is asked. */
  readonly dismissed: ReadonlySet<LotId>;
}

/** What was typed for the next weight. */
export interface TypedNext {
  readonly typedText: string;
  /** How many somebody says it is; null where nobody does. */
  readonly typedCount: string | null;
}

const NOTHING_TYPED: TypedNext = { typedText: '', typedCount: null };

/** The fields are free for the next weight. */
export const emptied = (isTyped: boolean, { typedText }: TypedNext): TypedNext => ({
  typedText: isTyped ? '' : typedText,
  typedCount: null,
});

/** What was not taken comes back into the fields, where nothing new stands in them. */
export const broughtBack = (before: TypedNext, now: TypedNext): TypedNext => ({
  typedText: now.typedText === '' ? before.typedText : now.typedText,
  typedCount: now.typedCount ?? before.typedCount,
});

/** What is in the hand: the part that comes off next, where it goes, how many it is, and what it weighs. */
export const Hand = signalStore(
  withState<HandState>({
    ownPart: '',
    typing: false,
    nexts: {},
    answered: null,
    dismissed: new Set<LotId>(),
  }),
  withProps(() => ({
    link: inject(ScaleLink),
    _board: inject(Board),
    _format: inject(Format),
    _packing: inject(Packing),
    _store: inject(HouseholdStore),
    _virtual: seededUniform(Math.floor(performance.timeOrigin)),
  })),
  withLinkedState(({ _board: board, _packing: packing }) => ({
    part: linkedSignal<string, string>({
      source: board.mark,
      computation: () =>
        untracked(() => packed(board, packing) ?? board.next()?.part ?? board.cuts().at(-1)?.part ?? ''),
    }),
  })),
  withComputed(({ _board: board, nexts }) => {
    const next = computed(() => nexts()[board.pieceId()] ?? NOTHING_TYPED);
    return {
      typedText: computed(() => next().typedText),
      typedCount: computed(() => next().typedCount),
    };
  }),
  withComputed(({ _board: board, part }) => ({
    currentPart: computed(() => partOf(board.kind(), part())),
    /** What is left may be all of this part. */
    isRest: computed(() => {
      const [kind, way, piece] = [board.kind(), board.way(), board.piece()];
      return (
        kind !== undefined &&
        way !== undefined &&
        piece !== undefined &&
        !board.mustDrain() &&
        mayBeRest(kind, way, part(), piece.leftDg, board.weighedSoFar())
      );
    }),
  })),
  withLinkedState(({ _board: board, part, currentPart }) => ({
    destination: draftOf<Destination>(() => board.goesTo()(currentPart()) ?? 'main', part),
    step: linkedSignal<string, number>({
      source: computed(() => `${board.mark()}/${part()}`),
      computation: () => untracked(() => stepOf(board, part())),
    }),
  })),
  withComputed(({ _board: board, _store, step }) => ({
    currentStep: computed(() => board.steps()[step()]),
    /** What the household's last pieces of this way gave. */
    _past: computed(() => {
      const [kind, way] = [board.kind(), board.way()];
      return kind && way && board.pieceId()
        ? untracked(() => pastCompositions(_store.state(), kind.id, way.id)).map(
            ({ composition }) => composition,
          )
        : [];
    }),
    _ranges: computed(() => {
      // What past pieces teach does not change while one is cut: read once for each piece and way.
      const [kind, way] = [board.kind(), board.way()];
      return kind && way && board.pieceId()
        ? partRanges(
            kind,
            way,
            untracked(() => habitOfWay(_store.state(), { kind, way })),
          )
        : new Map<string, never>();
    }),
  })),
  withMethods(({ _board: board, _past, part }) => ({
    /** How this piece's part in hand compares with the last ones, at so much of it in all. */
    againstLast(massDg: MassDg): AgainstLast | null {
      const piece = board.piece();
      return piece === undefined
        ? null
        : againstLast(_past(), part(), massDg / piece.inDg, board.isPartOff(part()));
    },
  })),
  withComputed(({ _board: board, _ranges, part, dismissed }) => ({
    /** The usual range of the part in hand, in all and in tenths of a gram, and how much of it is off with this weight. */
    range: computed(() => {
      const [piece, range] = [board.piece(), _ranges().get(part())];
      if (!piece || !range) return null;
      const inDg = ([low, high]: readonly [number, number]): readonly [number, number] => [
        low * piece.inDg,
        high * piece.inDg,
      ];
      return {
        catalogue: inDg(range.catalogue),
        own: range.own && inDg(range.own),
        offDg: board.offDg().get(part()) ?? 0,
      };
    }),
    /** What the weight taken last may mean. */
    question: computed(() => {
      const [last, piece] = [board.cuts().at(-1), board.piece()];
      const range = _ranges().get(last?.part ?? '');
      if (!last || !piece || !range || piece.closed || dismissed().has(last.id)) return null;
      const share = (board.offDg().get(last.part ?? '') ?? 0) / piece.inDg;
      const asked = weightQuestion(share, range, last.destination, board.isOff());
      const [low, high] = range.own ?? range.catalogue;
      return (
        asked && {
          ...asked,
          lot: last,
          massDg: share * piece.inDg,
          lowDg: low * piece.inDg,
          highDg: high * piece.inDg,
        }
      );
    }),
  })),
  withMethods(({ _board: board, part }) => ({
    /** How many of the part in hand a weight is likely of. */
    likelyCount(massDg: MassDg): number {
      const [kind, way, piece] = [board.kind(), board.way(), board.piece()];
      if (!kind || !way || !piece) return 1;
      return likelyCount(kind, way, piece, { part: part(), massDg }, board.weighedSoFar());
    },
  })),
  withComputed(({ _board: board, _store }) => ({
    /** The next slice, thickness from the end that lies there; null where no plan says. */
    nextSlice: computed(() => {
      const piece = board.piece();
      return (piece && slicingSoFar(_store.household(), piece)?.next.value?.slices[0]) ?? null;
    }),
  })),
  withComputed((store) => {
    const { _board: board, _format, link, range, part, nextSlice, typing, typedText, answered } = store;
    const isTyped = computed(() => typing() || !link.isConnected());
    const portion = computed(() => {
      const [kind, way, piece] = [board.kind(), board.way(), board.piece()];
      if (!kind || !way || !piece || board.mustDrain()) return null;
      const planned = part() === board.mainPart().id ? nextSlice()?.massG : undefined;
      return portionAsked(kind, way, piece, part(), board.weighedSoFar(), planned ?? null);
    });
    const asked = computed((): WeightAsked | null => {
      const piece = board.piece();
      const typedDg = massAsTyped(typedText(), 'small', _format)?.massDg ?? 0;
      return piece
        ? {
            inDg: piece.inDg,
            leftDg: piece.leftDg,
            isDrained: board.mustDrain(),
            usual: range()?.own ?? range()?.catalogue ?? null,
            portion: portion(),
            count: Math.max(1, Number(store.typedCount()) || store.likelyCount(typedDg)),
          }
        : null;
    });
    const typed = computed(() => typedWeight(typedText(), asked(), _format, answered()?.isSure));
    return {
      isTyped,
      typed,
      /** What the scale shows now, without the tare. */
      liveDg: computed(() => {
        const reading = link.reading();
        return reading && !reading.isOverload ? reading.massDg - link.tareDg() : null;
      }),
      weighed: computed<Weighed | null>(() => {
        if (isTyped()) return typed()?.value ?? null;
        const [now, tareDg] = [link.steadiness(), link.tareDg()];
        if (now.state !== 'steady' || now.massDg - tareDg < link.graduationDg()) return null;
        return {
          massDg: now.massDg - tareDg,
          ...(tareDg > 0 ? { grossDg: now.massDg, tareDg } : {}),
          ...(link.isPractice() ? { practice: 'scale' as const } : {}),
        };
      }),
      /** The hand that is not needed; new with each scale. */
      hands: computed(() => new HandsFree(link.graduationDg())),
    };
  }),
  withComputed(({ typedCount, weighed, likelyCount }) => ({
    /** How many the next weight is: as typed, or as likely. */
    count: computed(() => typedCount() ?? `${likelyCount(weighed()?.massDg ?? 0)}`),
  })),
  withMethods((store) => {
    const { _board: board } = store;
    const next = (): TypedNext => ({ typedText: store.typedText(), typedCount: store.typedCount() });
    /** A number that came with an answer goes with it. */
    const type = (part: Partial<TypedNext>, answered: WeightAnswer | null = null): void =>
      patchState(store, ({ nexts, answered: before }) => ({
        nexts: {
          ...nexts,
          [board.pieceId()]: {
            ...next(),
            ...(before?.count === undefined ? {} : { typedCount: null }),
            ...part,
          },
        },
        answered,
      }));
    return {
      hold(part: string): void {
        // It was answered for another part.
        if (part !== store.part() && store.answered()) type({});
        patchState(store, { part });
      },
      nameOwnPart: (ownPart: string): void => patchState(store, { ownPart }),
      send: (destination: Destination): void => patchState(store, { destination }),
      type: (typedText: string): void => type({ typedText }),
      /** One of the answers to a weight in doubt stands there now. */
      answer: (answer: WeightAnswer): void => {
        const { text, count } = answer;
        type({ typedText: text, ...(count === undefined ? {} : { typedCount: String(count) }) }, answer);
      },
      typeCount: (typedCount: string | null): void => type({ typedCount }),
      toggleTyping: (): void => patchState(store, ({ typing }) => ({ typing: !typing })),
      /** Looks at the step so many further on. */
      goStep: (by: number): void =>
        patchState(store, ({ step }) => ({
          step: Math.min(board.steps().length - 1, Math.max(0, step + by)),
        })),
      /** The scale's own steady moment takes the weight, or the person does. */
      toggleHandsFree: (): void => store.link.choose({ handsFree: !store.link.choice().handsFree }),
      toggleMode: (): void =>
        store.link.choose({
          mode: store.link.choice().mode === 'one-by-one' ? 'into-container' : 'one-by-one',
        }),
      /** Asks nothing more about a weighing. */
      dismiss: (lot: LotId): void =>
        patchState(store, ({ dismissed }) => ({ dismissed: new Set([...dismissed, lot]) })),
      /** Empties the fields for the next weight; says what stood in them. */
      empty(): TypedNext {
        const before = next();
        type(emptied(store.isTyped(), before));
        return before;
      },
      bringBack: (before: TypedNext): void => type(broughtBack(before, next())),
      /** What the next part could weigh, for the practice scale's tray. */
      virtualMassDg(): number {
        const [kind, way, piece] = [board.kind(), board.way(), board.piece()];
        if (!kind || !way || !piece) return 0;
        const part = board.mustDrain() ? null : store.part();
        return store.isRest() && !store.currentPart()?.portion
          ? piece.leftDg
          : virtualMassDg(kind, way, piece, part, store._virtual);
      },
    };
  }),
  withHooks((store) => ({
    onInit: (): void => {
      const key = draftKey('weight');
      keepInTab(key, {
        nexts: Object.assign(() => store.nexts(), {
          set: (nexts: never) => patchState(store, { nexts }),
        }),
      });
    },
  })),
);
export type Hand = InstanceType<typeof Hand>;

/** The part that goes into pack after pack; null where nothing is packed, or all of it is. */
function packed(board: Board, packing: Packing): string | null {
  const [kind, way, piece] = [board.kind(), board.way(), board.piece()];
  return packing.isOn() && kind && way && piece && !board.mustDrain()
    ? stillInHand(kind, way, piece, board.weighedSoFar())
    : null;
}

/** The step at which a part comes off. */
function stepOf(board: Board, part: string): number {
  if (board.mustDrain()) return 0;
  const next = board.next();
  if (next && (next.part === part || next.part === null)) return next.step;
  return Math.max(
    0,
    board.steps().findIndex(({ frees }) => frees.includes(part)),
  );
}
