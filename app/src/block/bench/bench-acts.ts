import { callIt, sendTo } from '@core/deeds/correct-cut';
import type { Deed } from '@core/deeds/deed';
import { drain, weigh, type Weighed } from '@core/deeds/weigh';
import {
  changeWay,
  closePiece,
  correctMinutes,
  pauseWork,
  reopenPiece,
  wasCold,
  workInHeat,
} from '@core/deeds/work-on-piece';
import { doAgain, undoing } from '@core/deeds/undoing';
import type { EntryId, Lot } from '@core/ledger/lot';
import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import type { Destination } from '@core/ledger/destination';
import { partOf } from '@core/catalogue/kinds';
import { describeEntry } from '@core/format/describe-entry';
import { lotName } from '@core/catalogue/lot-name';
import { askQuestion, questionsAbout } from '@core/deeds/questions';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import { Bench } from './bench';

/** What can be done at the bench. Every act is written down before the screen says so. */
@Injectable()
export class BenchActs {
  private readonly bench = inject(Bench);
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
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
        ? `Tare ${this.format.mass(now.massDg)}: from here on only what is added counts.`
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
    await this.store.perform(callIt(last, known, this.format));
  }

  async send(cut: Lot, destination: Destination): Promise<void> {
    await this.store.perform(sendTo(cut, destination));
  }

  async changeWay(id: string): Promise<void> {
    const piece = this.bench.piece();
    const way = this.bench.kind()?.ways.find((each) => each.id === id);
    if (piece && way && id !== piece.way) await this.store.perform(changeWay(piece, way));
  }

  undo(): Promise<void> {
    return this.inTurn(() => this.undoNow());
  }

  private async undoNow(): Promise<void> {
    const last = this.bench.undoable();
    if (!last) return;
    const what = describeEntry(last, {
      mass: (massDg) => this.format.mass(massDg),
      lot: (id) => this.lotName(id),
    });
    if (!(await this.undoEntry(last.id, `Undone: ${what.charAt(0).toLowerCase()}${what.slice(1)}`))) return;
    // What was added to the container is not weighed yet again.
    if (last.type === 'cut' && this.bench.link.choice().mode === 'into-container')
      this.bench.link.tareDg.set(last.tareDg ?? 0);
  }

  /** One weighing is taken out by itself, wherever it stands; what came after it stays. */
  takeOut(cut: Lot): Promise<void> {
    return this.inTurn(async () => {
      await this.undoEntry(cut.made, `Taken out: ${lotName(cut)}, ${this.format.mass(cut.inDg)}`);
    });
  }

  /** Undoes an entry; with all that rests on it, where somebody says so. True where it was undone alone. */
  private async undoEntry(entry: EntryId, say: string): Promise<boolean> {
    const { deed, others } = undoing(this.store.household(), entry, say);
    if (others > 0) {
      const text = `${others} later ${others === 1 ? 'entry rests' : 'entries rest'} on this, such as packs made of it. They would be undone with it.`;
      if (!(await this.ask.confirm('Undo them all?', text, 'Undo all of it'))) return false;
    }
    const written = await this.store.perform(others > 0 ? { ...deed, say: 'Undone together' } : deed);
    if (!written.ok || others > 0) return false;
    this.takenPlateau = null;
    return true;
  }

  redo(): Promise<void> {
    return this.inTurn(async () => {
      const undone = this.bench.redoable();
      if (undone) await this.store.perform(doAgain(undone.entries));
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
    const deed = closePiece(piece, reason);
    const [question] = this.questionsOf(deed);
    if (question !== undefined) return { question };
    return (await this.store.perform(deed)).ok ? 'closed' : 'refused';
  }

  reopen(): Promise<void> {
    return this.withPiece(reopenPiece);
  }

  pause(): Promise<void> {
    return this.withPiece((piece) => pauseWork(piece, this.bench.isPaused(), this.clock.instant()));
  }

  wasCold(stretch: { readonly from: string; readonly to: string }): Promise<void> {
    return this.withPiece((piece) => wasCold(piece, stretch));
  }

  setHot(isHot: boolean): Promise<void> {
    return this.withPiece((piece) => workInHeat(piece, isHot));
  }

  correctMinutes(minutes: number): Promise<void> {
    return this.withPiece((piece) => correctMinutes(piece, minutes));
  }

  private async withPiece(deedOf: (piece: Lot) => Deed): Promise<void> {
    const piece = this.bench.piece();
    if (piece) await this.store.perform(deedOf(piece));
  }

  /** What to ask before a deed is written down. */
  private questionsOf({ facts = [] }: Deed): string[] {
    return facts
      .flatMap((fact) => questionsAbout(this.store.state(), fact))
      .map((question) => askQuestion(question, (massDg) => this.format.mass(massDg)));
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
    const deed = drain(piece, weighed, this.format);
    const questions = this.questionsOf(deed);
    if (
      questions.length > 0 &&
      !(await this.ask.confirm('Is this right?', questions.join(' '), 'Yes, take it'))
    )
      return false;
    return (await this.store.perform(deed)).ok;
  }

  private async cut(piece: Lot, weighed: Weighed, typedCount: string | null): Promise<boolean> {
    const { bench } = this;
    const part = bench.part() || bench.ownPart().trim();
    const cameOff = {
      part,
      name: bench.currentPart()?.name ?? part,
      destination: bench.destination(),
      count: Number(typedCount?.trim() || bench.likelyCount(weighed.massDg)),
    };
    const at = { on: this.clock.today(), newId: () => this.clock.newId() };
    return (await this.store.perform(weigh(piece, cameOff, weighed, at, this.format))).ok;
  }

  private refuse(why: string): false {
    this.notices.problem(why);
    return false;
  }

  private lotName(id: string): string {
    const lot = this.store.state().lots.get(id);
    return lot ? lotName(lot).toLowerCase() : 'it';
  }
}
