import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import type { Destination } from '@core/catalogue/destination';
import { partOf } from '@core/catalogue/kinds';
import { describeEntry } from '@core/journal/describe-entry';
import type { Fact } from '@core/journal/entry';
import type { Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { askQuestion, questionsAbout } from '@core/journal/questions';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Ask } from '../kit/ask';
import { Bench, type Weighed } from './bench';

/** What can be done at the bench. Every act is written down before the screen says so. */
@Injectable()
export class BenchActs {
  private readonly bench = inject(Bench);
  private readonly store = inject(HouseholdStore);
  private readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);

  private readonly waiting = signal(0);
  /** Something is being written down; what is pressed meanwhile waits for its turn. */
  readonly busy = computed(() => this.waiting() > 0);
  private turn: Promise<unknown> = Promise.resolve();
  /** Weights that are being taken or wait for it. */
  private takes = 0;
  /** The load that is being taken, by its plateau. */
  private takingPlateau: number | null = null;
  private readonly heldPlateau = signal(0);
  /** What lies there weighs as much as the last, and the scale was not seen empty: a second, or the same again? */
  readonly isHeldBack = computed(() => {
    const now = this.bench.link.steadiness();
    return this.bench.link.choice().handsFree && now.state === 'steady' && now.plateau === this.heldPlateau();
  });
  /** The load that was taken last, by its plateau: a second tap on it is a slip. */
  private takenPlateau: number | null = null;

  constructor() {
    // Hands free: the scale's own steady moment takes the weight.
    effect(() => {
      const now = this.bench.link.steadiness();
      const { handsFree, mode } = this.bench.link.choice();
      if (!handsFree) return;
      untracked(() => {
        if (!this.bench.isAtWork() || this.bench.isTyped()) return;
        const wish = this.bench.hands().wants(now, this.bench.link.tareDg(), mode);
        if (wish === 'take') void this.take();
        if (wish === 'like-the-last' && now.state === 'steady') this.heldPlateau.set(now.plateau);
      });
    });
  }

  /** One act after the other: what is pressed while the last is being written is not lost. */
  private inTurn<T>(act: () => Promise<T>): Promise<T> {
    this.waiting.update((count) => count + 1);
    const done = this.turn.then(act).finally(() => this.waiting.update((count) => count - 1));
    this.turn = done.catch(() => undefined);
    return done;
  }

  /** Takes the weight that is there as it is pressed, for the part in hand. */
  take(): Promise<void> {
    const { bench } = this;
    const weighed = bench.weighed();
    const now = bench.link.steadiness();
    const plateau = !bench.isTyped() && now.state === 'steady' ? now.plateau : null;
    const isSame = weighed === null || (plateau !== null && plateau === this.takingPlateau);
    // A second press on what is being taken is a slip of the finger.
    if (this.takes > 0 && isSame) return Promise.resolve();
    this.takingPlateau = plateau;
    this.takes += 1;
    const [text, count] = [bench.typedText(), bench.typedCount()];
    // The fields are free for the next weight at once; what was not taken comes back.
    if (weighed) bench.typedCount.set(null);
    if (bench.isTyped() && weighed) bench.typedText.set('');
    return this.inTurn(async () => {
      if (await this.takeNow(weighed, plateau, count)) return;
      if (bench.typedText() === '') bench.typedText.set(text);
      if (bench.typedCount() === null) bench.typedCount.set(count);
    }).finally(() => {
      this.takingPlateau = null;
      this.takes -= 1;
    });
  }

  private async takeNow(
    weighed: Weighed | null,
    plateau: number | null,
    count: string | null,
  ): Promise<boolean> {
    const { bench } = this;
    const piece = bench.piece();
    if (!piece || piece.closed || piece.leftDg === 0) return false;
    if (!weighed) return this.refuse(this.whyNot());
    if (plateau !== null && plateau === this.takenPlateau)
      return this.refuse('That weight was taken already. Put the next thing on, or type it.');
    const isWritten = await (bench.mustDrain()
      ? this.drain(piece, weighed)
      : this.cut(piece, weighed, count));
    if (isWritten) this.afterTaking(weighed, plateau);
    return isWritten;
  }

  /** Takes a part in hand; it stays in hand over what is still being written. */
  choose(part: string): void {
    const { bench } = this;
    bench.part.set(part);
    if (this.busy()) void this.inTurn(() => Promise.resolve(bench.part.set(part)));
  }

  /** Takes the part so many places on in hand. */
  chooseBeside(by: number): void {
    const ids = [...this.bench.partIds(), ''];
    this.choose(ids[(ids.indexOf(this.bench.part()) + by + ids.length) % ids.length] ?? '');
  }

  /** Takes all that is left for the part in hand, without weighing it. */
  takeRest(): Promise<void> {
    return this.inTurn(async () => {
      const piece = this.bench.piece();
      if (!piece || piece.closed || !this.bench.isRest()) return;
      const weighed = { massDg: piece.leftDg, typed: 'what was left' };
      if (await this.cut(piece, weighed, this.bench.typedCount())) this.bench.typedCount.set(null);
    });
  }

  tare(): void {
    const { link } = this.bench;
    const now = link.steadiness();
    if (now.state !== 'steady') return this.notices.problem('Wait until the scale stands still, then tare.');
    link.tareDg.set(Math.max(0, now.massDg));
    this.takenPlateau = now.plateau;
    this.notices.done(
      now.massDg > 0
        ? `Tare ${this.figures.mass(now.massDg)}: from here on only what is added counts.`
        : 'The scale is empty: no tare.',
    );
  }

  clearTare(): void {
    this.bench.link.tareDg.set(0);
  }

  skipDraining(): void {
    const piece = this.bench.piece();
    if (piece) this.bench.skippedDraining.update((ids) => new Set([...ids, piece.id]));
  }

  /** The weight taken last was another part. */
  async repart(part: string): Promise<void> {
    const last = this.bench.cuts().at(-1);
    const known = partOf(this.bench.kind(), part);
    if (!last || !known || part === last.part) return;
    this.notices.tell(
      await this.store.append({ type: 'changed', lot: last.id, part, destination: known.destination }),
      `${this.figures.mass(last.inDg)} is ${known.name.toLowerCase()}, goes to ${known.destination}`,
    );
  }

  async send(cut: Lot, destination: Destination): Promise<void> {
    this.notices.tell(
      await this.store.append({ type: 'changed', lot: cut.id, destination }),
      `${lotName(cut)} goes to ${destination}`,
    );
  }

  async changeWay(way: string): Promise<void> {
    const piece = this.bench.piece();
    if (!piece || way === piece.way) return;
    const name = this.bench.kind()?.ways.find(({ id }) => id === way)?.name ?? way;
    this.notices.tell(
      await this.store.append({ type: 'corrected', entry: piece.made, set: { way } }),
      `Now: ${name}`,
    );
  }

  undo(): Promise<void> {
    return this.inTurn(() => this.undoNow());
  }

  private async undoNow(): Promise<void> {
    const last = this.bench.undoable();
    if (!last) return;
    const what = describeEntry(last, {
      mass: (massDg) => this.figures.mass(massDg),
      lot: (id) => this.lotName(id),
    });
    const written = await this.store.append({ type: 'undone', entries: [last.id] });
    if (!written.ok && written.refusal?.code === 'rests-on')
      return this.undoTogether(last.id, written.refusal.entries.length);
    if (!this.notices.tell(written, `Undone: ${what.charAt(0).toLowerCase()}${what.slice(1)}`)) return;
    this.takenPlateau = null;
    // What was added to the container is not weighed yet again.
    if (last.type === 'cut' && this.bench.link.choice().mode === 'into-container')
      this.bench.link.tareDg.set(last.tareDg ?? 0);
  }

  /** One weighing is taken out by itself, wherever it stands; what came after it stays. */
  takeOut(cut: Lot): Promise<void> {
    return this.inTurn(async () => {
      const what = `${lotName(cut)}, ${this.figures.mass(cut.inDg)}`;
      const written = await this.store.append({ type: 'undone', entries: [cut.made] });
      if (!written.ok && written.refusal?.code === 'rests-on')
        return this.undoTogether(cut.made, written.refusal.entries.length);
      if (this.notices.tell(written, `Taken out: ${what}`)) this.takenPlateau = null;
    });
  }

  redo(): Promise<void> {
    return this.inTurn(async () => {
      const undone = this.bench.redoable();
      if (undone)
        this.notices.tell(await this.store.append({ type: 'redone', entries: undone.entries }), 'Done again');
    });
  }

  /**
   * Closes the piece.
   *
   * @returns a question that wants a reason first; null where it is closed, or was refused
   */
  async close(reason?: string): Promise<{ question: string } | 'closed' | 'refused'> {
    const piece = this.bench.piece();
    if (!piece) return 'refused';
    const fact: Fact = { type: 'closed', lot: piece.id, reason: reason?.trim() || undefined };
    const [question] = questionsAbout(this.store.state(), fact);
    if (question) return { question: askQuestion(question, (massDg) => this.figures.mass(massDg)) };
    return this.notices.tell(await this.store.append(fact), `${this.bench.name()} closed.`)
      ? 'closed'
      : 'refused';
  }

  async reopen(): Promise<void> {
    const piece = this.bench.piece();
    if (piece)
      this.notices.tell(
        await this.store.append({ type: 'reopened', lot: piece.id }),
        `${this.bench.name()} is open again.`,
      );
  }

  async pause(): Promise<void> {
    const piece = this.bench.piece();
    if (!piece) return;
    const [isPaused, now] = [this.bench.isPaused(), this.clock.instant()];
    this.notices.tell(
      await this.store.changeNote(piece.id, ({ pauses = [] }) => ({
        pauses: isPaused
          ? pauses.map((pause) => (pause.to === undefined ? { ...pause, to: now } : pause))
          : [...pauses, { from: now }],
      })),
      this.bench.isPaused() ? 'The clock stands still.' : 'The clock runs again.',
    );
  }

  /** It lay in the refrigerator in a stretch that nobody had said anything about. */
  async wasCold(stretch: { readonly from: string; readonly to: string }): Promise<void> {
    const piece = this.bench.piece();
    if (!piece) return;
    this.notices.tell(
      await this.store.changeNote(piece.id, ({ cold = [] }) => ({
        cold: [...cold, { from: stretch.from, to: stretch.to }],
      })),
      'Time in the refrigerator does not count.',
    );
  }

  async setHot(isHot: boolean): Promise<void> {
    const piece = this.bench.piece();
    if (!piece) return;
    this.notices.tell(
      await this.store.changeNote(piece.id, () => ({ hot: isHot ? (true as const) : undefined })),
      isHot ? 'In heat it may be out for 1 hour in all.' : 'It may be out for 2 hours in all.',
    );
  }

  async correctMinutes(minutes: number): Promise<void> {
    const piece = this.bench.piece();
    if (!piece) return;
    this.notices.tell(
      await this.store.changeNote(piece.id, () => ({ minutes: minutes > 0 ? minutes : undefined })),
      minutes > 0 ? `Working time is ${minutes} minutes.` : 'Working time is counted again.',
    );
  }

  private whyNot(): string {
    const { bench } = this;
    if (bench.isTyped()) return bench.typed()?.problem ?? 'Type the weight first.';
    const now = bench.link.steadiness();
    if (now.state === 'overload') return 'That is more than the scale can carry. Weigh it in two goes.';
    if (now.state === 'moving') return 'Wait until the scale stands still.';
    return now.massDg - bench.link.tareDg() < 0
      ? 'The scale is below zero. Put the tray back, or tare it again.'
      : 'Nothing lies on the scale.';
  }

  private afterTaking(weighed: Weighed, plateau: number | null): void {
    const { bench } = this;
    const now = bench.link.steadiness();
    this.takenPlateau = plateau;
    this.heldPlateau.set(0);
    if (plateau === null) return;
    bench.hands().taken(weighed.massDg);
    if (bench.link.choice().mode === 'into-container' && now.state === 'steady' && now.plateau === plateau)
      bench.link.tareDg.set(now.massDg);
  }

  private async drain(piece: Lot, weighed: Weighed): Promise<boolean> {
    const fact: Fact = { type: 'drained', lot: piece.id, ...weighed };
    const questions = questionsAbout(this.store.state(), fact).map((question) =>
      askQuestion(question, (massDg) => this.figures.mass(massDg)),
    );
    if (
      questions.length > 0 &&
      !(await this.ask.confirm('Is this right?', questions.join(' '), 'Yes, take it'))
    )
      return false;
    const liquid = piece.leftDg - weighed.massDg;
    return this.notices.tell(
      await this.store.append(fact),
      liquid > 0 ? `Drained: ${this.figures.mass(liquid)} of liquid` : 'Drained: no liquid',
    );
  }

  private async cut(piece: Lot, weighed: Weighed, typedCount: string | null): Promise<boolean> {
    const { bench } = this;
    const part = bench.part() || bench.ownPart().trim();
    const count = Number(typedCount?.trim() || bench.likelyCount(weighed.massDg));
    if (part === '') return this.refuse('Give the part a name first.');
    if (!Number.isInteger(count) || count < 1 || count > 1000)
      return this.refuse('How many is a whole number from 1 to 1000.');
    const fact: Fact = {
      type: 'cut',
      from: piece.id,
      lot: this.clock.newId(),
      part,
      destination: bench.destination(),
      ...weighed,
      count,
      on: this.clock.today(),
    };
    const overshoot = weighed.massDg - piece.leftDg;
    const said = `${bench.currentPart()?.name ?? part}${count > 1 ? ` × ${count}` : ''}: ${this.figures.mass(weighed.massDg)}`;
    const more =
      overshoot > 0
        ? ` The scale found ${this.figures.mass(overshoot)} more than was left; taken as a correction.`
        : '';
    return this.notices.tell(await this.store.append(fact), said + more);
  }

  private refuse(why: string): false {
    this.notices.problem(why);
    return false;
  }

  private async undoTogether(entry: string, others: number): Promise<void> {
    const text = `${others} later ${others === 1 ? 'entry rests' : 'entries rest'} on this, such as packs made of it. They would be undone with it.`;
    if (await this.ask.confirm('Undo them all?', text, 'Undo all of it'))
      this.notices.tell(await this.store.undoTogether(entry), 'Undone together');
  }

  private lotName(id: string): string {
    const lot = this.store.state().lots.get(id);
    return lot ? lotName(lot).toLowerCase() : 'it';
  }
}
