import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withState } from '@ngrx/signals';
import type { MassDg } from '@core/units/mass';
import type { Reading } from '@core/scale/reading';
import type { ScaleEvent } from '@core/scale/scale-source';
import { SteadinessDetector, type Steadiness } from '@core/scale/steadiness';
import { rememberChoice, rememberedChoice, type ScaleChoice } from './scale-choice';
import { SCALES } from './scales';
import { PracticeScale } from './practice-scale';

/** A scale that has said nothing for so long is gone. */
const SILENCE_MS = 4000;
/**
 * After the silence the page waits so long again: where it stood still itself (a busy machine, a slow
 * disk), the words of the scale are waiting and are heard first.
 */
const HEAR_OUT_MS = 1000;
/** So many lines in a row that are no weights: it speaks another language. */
const MUCH_RUBBISH = 12;

interface LinkState {
  readonly choice: ScaleChoice;
  readonly reading: Reading | null;
  readonly steadiness: Steadiness;
  /** Why there is no scale now; typing goes on. */
  readonly problem: string | null;
  /** What stands on the scale and is not meat. */
  readonly tareDg: MassDg;
  readonly name: string;
  readonly graduationDg: MassDg;
  /** The tray of the practice scale, while that is the scale. */
  readonly practice: PracticeScale | null;
  /** What it says is of no real scale. */
  readonly isPractice: boolean;
  /** Whether one may weigh with a scale that is not there: in the demo, and nowhere else. */
  readonly mayPractise: boolean;
}

const NOTHING_SAID = {
  reading: null,
  steadiness: { state: 'moving' },
  problem: null,
  tareDg: 0,
  practice: null,
  isPractice: false,
} as const satisfies Partial<LinkState>;

/** The scale that this device weighs with: what it shows, whether it stands still, and what is wrong. */
export const ScaleLink = signalStore(
  { providedIn: 'root' },
  withState((): LinkState => ({
    ...NOTHING_SAID,
    choice: rememberedChoice(),
    name: '',
    graduationDg: 10,
    mayPractise: false,
  })),
  withComputed(({ choice, problem }) => ({
    isConnected: computed(() => choice().source !== 'typed' && problem() === null),
  })),
  withMethods((store) => {
    const scales = inject(SCALES);
    let stop: (() => void) | null = null;
    let silence: ReturnType<typeof setTimeout> | undefined;
    let rubbish = 0;
    /** The last plateau seen: its number is never given again, whatever is connected. */
    let plateau = 0;
    /** Counts up with each connection, so that a late answer of an earlier one says nothing. */
    let attempt = 0;

    function disconnect(): void {
      attempt += 1;
      stop?.();
      stop = null;
      clearTimeout(silence);
      rubbish = 0;
      patchState(store, NOTHING_SAID);
    }

    function lose(problem: string): void {
      disconnect();
      patchState(store, { problem });
    }

    function waitForWords(): void {
      clearTimeout(silence);
      silence = setTimeout(() => {
        silence = setTimeout(() => lose('It has fallen silent.'), HEAR_OUT_MS);
      }, SILENCE_MS);
    }

    function practises(): void {
      if (store.mayPractise()) patchState(store, { isPractice: true });
      else
        lose('The server has no scale yet, only one for practice. Its README says how to name the real one.');
    }

    function hear(event: ScaleEvent, detector: SteadinessDetector): void {
      if (event.type === 'lost') return lose(event.why);
      if (event.type === 'practice') return practises();
      waitForWords();
      if (event.type === 'rubbish') {
        rubbish += 1;
        if (rubbish >= MUCH_RUBBISH)
          lose(
            `It sends lines that are no weights, such as “${event.line}”. Check its settings and the speed of the cable.`,
          );
        return;
      }
      rubbish = 0;
      const now = detector.next(event.reading);
      if (now.state === 'steady') plateau = now.plateau;
      patchState(store, ({ steadiness }) => ({
        reading: event.reading,
        steadiness: alike(steadiness, now) ? steadiness : now,
      }));
    }

    /** What stands in for a scale does not stay chosen where nobody practises. */
    const allowed = (choice: ScaleChoice, mayPractise: boolean): ScaleChoice =>
      scales[choice.source]?.isPractice && !mayPractise ? { ...choice, source: 'typed' } : choice;

    /** Connects to the scale chosen; again, where one was connected. */
    async function connect(mayPractise = store.mayPractise()): Promise<void> {
      disconnect();
      const own = attempt;
      patchState(store, { mayPractise, choice: allowed(store.choice(), mayPractise) });
      const source = scales[store.choice().source]?.source(store.choice());
      if (!source) return;
      const { name, graduationDg, isPractice = false } = source;
      const detector = new SteadinessDetector(graduationDg, plateau);
      const practice = source instanceof PracticeScale ? source : null;
      patchState(store, { name, graduationDg, practice, isPractice });
      try {
        const hangUp = await source.listen((event) => own === attempt && hear(event, detector));
        if (own !== attempt) return hangUp();
        stop = hangUp;
        waitForWords();
      } catch (error) {
        if (own === attempt) lose(error instanceof Error ? error.message : 'It cannot be reached.');
      }
    }

    return {
      connect,
      disconnect,
      /** Weighs with another scale from now on, or otherwise; this device remembers it. */
      choose(change: Partial<ScaleChoice>): void {
        const before = store.choice();
        patchState(store, { choice: { ...before, ...change } });
        rememberChoice(store.choice());
        const isOther = (['source', 'graduation', 'baudRate'] as const).some(
          (key) => change[key] !== undefined && change[key] !== before[key],
        );
        if (isOther || store.problem() !== null) void connect();
      },
      /** So much of what stands there is not meat. */
      tare: (tareDg: MassDg): void => patchState(store, { tareDg }),
    };
  }),
);
export type ScaleLink = InstanceType<typeof ScaleLink>;

function alike(a: Steadiness, b: Steadiness): boolean {
  if (a.state !== 'steady' || b.state !== 'steady') return a.state === b.state;
  return a.plateau === b.plateau && a.massDg === b.massDg;
}
