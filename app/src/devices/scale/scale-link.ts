import { computed, inject, Injectable, signal } from '@angular/core';
import type { Reading } from '@core/scale/reading';
import type { ScaleEvent } from '@core/scale/scale-source';
import { SteadinessDetector, type Steadiness } from '@core/scale/steadiness';
import { rememberChoice, rememberedChoice, type ScaleChoice } from './scale-choice';
import { SCALES } from './scales';
import { StandInScale } from './stand-in-scale';

/** A scale that has said nothing for so long is gone. */
const SILENCE_MS = 4000;
/**
 * After the silence the page waits so long again: where it stood still itself (a busy machine, a slow
 * disk), the words of the scale are waiting and are heard first.
 */
const HEAR_OUT_MS = 1000;
/** So many lines in a row that are no weights: it speaks another language. */
const MUCH_RUBBISH = 12;

/** The scale that this device weighs with: what it shows, whether it stands still, and what is wrong. */
@Injectable({ providedIn: 'root' })
export class ScaleLink {
  private readonly scales = inject(SCALES);
  readonly choice = signal<ScaleChoice>(rememberedChoice());
  readonly reading = signal<Reading | null>(null);
  readonly steadiness = signal<Steadiness>({ state: 'moving' }, { equal: alike });
  /** Why there is no scale now; typing goes on. */
  readonly problem = signal<string | null>(null);
  /** What stands on the scale and is not meat. */
  readonly tareDg = signal(0);
  readonly name = signal('');
  readonly graduationDg = signal(10);
  readonly isConnected = computed(() => this.choice().source !== 'typed' && this.problem() === null);
  /** The tray of the stand-in, while that is the scale. */
  readonly standIn = signal<StandInScale | null>(null);

  private stop: (() => void) | null = null;
  private silence: ReturnType<typeof setTimeout> | undefined;
  private rubbish = 0;
  /** The last plateau seen: its number is never given again, whatever is connected. */
  private plateau = 0;
  /** Counts up with each connection, so that a late answer of an earlier one says nothing. */
  private attempt = 0;

  choose(change: Partial<ScaleChoice>): void {
    const before = this.choice();
    this.choice.set({ ...before, ...change });
    rememberChoice(this.choice());
    const isOther = (['source', 'graduation', 'baudRate'] as const).some(
      (key) => change[key] !== undefined && change[key] !== before[key],
    );
    if (isOther || this.problem() !== null) void this.connect();
  }

  /** Connects to the scale chosen; again, where one was connected. */
  async connect(): Promise<void> {
    this.disconnect();
    const attempt = this.attempt;
    const source = this.scales[this.choice().source]?.source(this.choice()) ?? null;
    if (!source) return;
    const detector = new SteadinessDetector(source.graduationDg, this.plateau);
    this.name.set(source.name);
    this.graduationDg.set(source.graduationDg);
    this.standIn.set(source instanceof StandInScale ? source : null);
    try {
      const stop = await source.listen((event) => attempt === this.attempt && this.hear(event, detector));
      if (attempt !== this.attempt) return stop();
      this.stop = stop;
      this.waitForWords();
    } catch (error) {
      if (attempt === this.attempt)
        this.lose(error instanceof Error ? error.message : 'It cannot be reached.');
    }
  }

  disconnect(): void {
    this.attempt += 1;
    this.stop?.();
    this.stop = null;
    clearTimeout(this.silence);
    this.rubbish = 0;
    this.reading.set(null);
    this.steadiness.set({ state: 'moving' });
    this.problem.set(null);
    this.tareDg.set(0);
    this.standIn.set(null);
  }

  private hear(event: ScaleEvent, detector: SteadinessDetector): void {
    if (event.type === 'lost') return this.lose(event.why);
    this.waitForWords();
    if (event.type === 'rubbish') {
      this.rubbish += 1;
      if (this.rubbish >= MUCH_RUBBISH)
        this.lose(
          `It sends lines that are no weights, such as “${event.line}”. Check its settings and the speed of the cable.`,
        );
      return;
    }
    this.rubbish = 0;
    this.reading.set(event.reading);
    const now = detector.next(event.reading);
    if (now.state === 'steady') this.plateau = now.plateau;
    this.steadiness.set(now);
  }

  private waitForWords(): void {
    clearTimeout(this.silence);
    this.silence = setTimeout(() => {
      this.silence = setTimeout(() => this.lose('It has fallen silent.'), HEAR_OUT_MS);
    }, SILENCE_MS);
  }

  private lose(why: string): void {
    this.disconnect();
    this.problem.set(why);
  }
}

function alike(a: Steadiness, b: Steadiness): boolean {
  if (a.state !== 'steady' || b.state !== 'steady') return a.state === b.state;
  return a.plateau === b.plateau && a.massDg === b.massDg;
}
