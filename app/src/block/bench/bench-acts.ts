import { callIt, sendTo } from '@core/deeds/correct-cut';
import type { Deed } from '@core/deeds/deed';
import { packAsSaid } from '@core/deeds/pack-as-said';
import { lastActAtBoard, undoAct, type ActAtBoard } from '@core/deeds/undo-at-board';
import { drain, weigh, type Weighed } from '@core/deeds/weigh';
import { weighIntoPack } from '@core/deeds/weigh-into-pack';
import {
  changeWay,
  closePiece,
  correctMinutes,
  pauseWork,
  reopenPiece,
  wasCold,
  workInHeat,
  type SaidAtClosing,
} from '@core/deeds/work-on-piece';
import { doAgain } from '@core/deeds/undoing';
import { withWhatRestsOn } from '@core/ledger/journal';
import type { Lot } from '@core/ledger/lot';
import type { SaidLine } from '@core/said/said-line';
import { likelyCount } from '@core/board/likely-count';
import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import type { Destination } from '@core/ledger/destination';
import { partOf } from '@core/catalogue/kinds';
import { describeEntry } from '@core/format/describe-entry';
import { lotName } from '@core/catalogue/lot-name';
import { askQuestion, questionsAbout, type Question } from '@core/deeds/questions';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import { Packing } from '../packing/packing';
import { Board } from './board';
import { Hand } from './hand';

/** What can be done at the bench. Every act is written down before the screen says so. */
@Injectable()
export class BenchActs {
  private readonly board = inject(Board);
  private readonly hand = inject(Hand);
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);
  private readonly packing = inject(Packing);

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
    const now = this.hand.link.steadiness();
    return this.hand.link.choice().handsFree && now.state === 'steady' && now.plateau === this.heldPlateau();
  });
  /** The load that was taken last, by its plateau: a second tap on it is a slip. */
  private takenPlateau: number | null = null;

  constructor() {
    // Hands free: the scale's own steady moment takes the weight.
    effect(() => {
      const now = this.hand.link.steadiness();
      const { handsFree, mode } = this.hand.link.choice();
      if (!handsFree) return;
      untracked(() => {
        if (!this.board.isAtWork() || this.hand.isTyped()) return;
        const wish = this.hand.hands().wants(now, this.hand.link.tareDg(), mode);
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
    const { hand } = this;
    const weighed = hand.weighed();
    const now = hand.link.steadiness();
    const plateau = !hand.isTyped() && now.state === 'steady' ? now.plateau : null;
    const isSame = weighed === null || (plateau !== null && plateau === this.takingPlateau);
    // A second press on what is being taken is a slip of the finger.
    if (this.takes > 0 && isSame) return Promise.resolve();
    this.takingPlateau = plateau;
    this.takes += 1;
    // The fields are free for the next weight at once; what was not taken comes back.
    const typed = weighed ? hand.empty() : null;
    return this.inTurn(async () => {
      const isTaken = await this.takeNow(weighed, plateau, typed?.typedCount ?? null);
      if (!isTaken && typed) hand.bringBack(typed);
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
    const { board } = this;
    const piece = board.piece();
    if (!piece || piece.closed || piece.leftDg === 0) return false;
    if (!weighed) return this.refuse(this.whyNot());
    if (plateau !== null && plateau === this.takenPlateau)
      return this.refuse('That weight was taken already. Put the next thing on, or type it.');
    const isWritten = await (board.mustDrain()
      ? this.drain(piece, weighed)
      : this.cut(piece, weighed, count));
    if (isWritten) this.afterTaking(weighed, plateau);
    return isWritten;
  }

  /** Takes a part in hand; it stays in hand over what is still being written. */
  choose(part: string): void {
    const { hand } = this;
    hand.hold(part);
    if (this.busy()) void this.inTurn(() => Promise.resolve(hand.hold(part)));
  }

  /** Takes the part so many places on in hand. */
  chooseBeside(by: number): void {
    if (this.board.mustDrain()) return;
    const ids = [...this.board.partIds(), ''];
    this.choose(ids[(ids.indexOf(this.hand.part()) + by + ids.length) % ids.length] ?? '');
  }

  /** Takes all that is left for the part in hand, without weighing it. */
  takeRest(): Promise<void> {
    return this.inTurn(async () => {
      const piece = this.board.piece();
      if (!piece || piece.closed || !this.hand.isRest()) return;
      const weighed = { massDg: piece.leftDg, typed: 'what was left' };
      if (await this.cut(piece, weighed, this.hand.typedCount())) this.hand.typeCount(null);
    });
  }

  tare(): void {
    const { link } = this.hand;
    const now = link.steadiness();
    if (now.state !== 'steady') return this.notices.problem('Wait until the scale stands still, then tare.');
    link.tare(Math.max(0, now.massDg));
    this.takenPlateau = now.plateau;
    this.notices.done(
      now.massDg > 0
        ? `Tare ${this.format.mass(now.massDg)}: from here on only what is added counts.`
        : 'The scale is empty: no tare.',
    );
  }

  clearTare(): void {
    this.hand.link.tare(0);
  }

  skipDraining(): void {
    this.board.skipDraining();
  }

  /** The weight taken last was another part. */
  async repart(part: string): Promise<void> {
    const last = this.board.cuts().at(-1);
    const known = partOf(this.board.kind(), part);
    if (!last || !known || part === last.part) return;
    await this.store.perform(callIt(last, known, this.format));
  }

  async send(cut: Lot, destination: Destination): Promise<void> {
    await this.store.perform(sendTo(cut, destination));
  }

  async changeWay(id: string): Promise<void> {
    const piece = this.board.piece();
    const way = this.board.kind()?.ways.find((each) => each.id === id);
    if (piece && way && id !== piece.way) await this.store.perform(changeWay(piece, way));
  }

  undo(): Promise<void> {
    return this.inTurn(() => this.undoNow());
  }

  private async undoNow(): Promise<void> {
    const act = lastActAtBoard(this.store.household().journal, this.board.familyIds());
    if (!act) return;
    const what = describeEntry(act.entry, {
      mass: (massDg) => this.format.mass(massDg),
      lot: (id) => this.lotName(id),
    });
    const say =
      act.weighings > 1
        ? `Undone: ${act.weighings} weighings of one line, with their packs`
        : `Undone: ${what.charAt(0).toLowerCase()}${what.slice(1)}`;
    if (!(await this.undoAct(act, say))) return;
    this.packing.made([]);
    // What was added to the container is not weighed yet again.
    if (act.entry.type === 'cut' && this.hand.link.choice().mode === 'into-container')
      this.hand.link.tare(act.entry.tareDg ?? 0);
  }

  /** One weighing is taken out by itself, wherever it stands; what came after it stays. */
  takeOut(cut: Lot): Promise<void> {
    return this.inTurn(async () => {
      const [entry = cut.made, ...later] = withWhatRestsOn(this.store.household().journal, cut.made);
      await this.undoAct(
        { entries: [entry], later },
        `Taken out: ${lotName(cut)}, ${this.format.mass(cut.inDg)}`,
      );
    });
  }

  /** Undoes an act; where something rests on it, once somebody says so. True where it was undone alone. */
  private async undoAct(act: Pick<ActAtBoard, 'entries' | 'later'>, say: string): Promise<boolean> {
    const { length } = act.later;
    if (length > 0) {
      const text = `${length} later ${length === 1 ? 'entry rests' : 'entries rest'} on this, such as packs made of it. They would be undone with it.`;
      if (!(await this.ask.confirm('Undo them all?', text, 'Undo all of it'))) return false;
    }
    const written = await this.store.perform(undoAct(act, say));
    if (!written.ok || length > 0) return false;
    this.takenPlateau = null;
    return true;
  }

  redo(): Promise<void> {
    return this.inTurn(async () => {
      const undone = this.board.redoable();
      if (undone) await this.store.perform(doAgain(undone.entries));
    });
  }

  /**
   * Closes the piece.
   *
   * @returns the questions that want an answer first, where there are any
   */
  async close(said: SaidAtClosing = {}): Promise<readonly Question[] | 'closed' | 'refused'> {
    const piece = this.board.piece();
    if (!piece) return 'refused';
    const deed = closePiece(piece, said);
    const questions = (deed.facts ?? []).flatMap((fact) => questionsAbout(this.store.state(), fact));
    if (questions.length > 0) return questions;
    return (await this.store.perform(deed)).ok ? 'closed' : 'refused';
  }

  reopen(): Promise<void> {
    return this.withPiece(reopenPiece);
  }

  pause(): Promise<void> {
    return this.withPiece((piece) => pauseWork(piece, this.board.isPaused(), this.clock.instant()));
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
    const piece = this.board.piece();
    if (piece) await this.store.perform(deedOf(piece));
  }

  /** What to ask before a deed is written down. */
  private questionsOf({ facts = [] }: Deed): string[] {
    return facts
      .flatMap((fact) => questionsAbout(this.store.state(), fact))
      .map((question) => askQuestion(question, (massDg) => this.format.mass(massDg)));
  }

  private whyNot(): string {
    const { hand } = this;
    if (hand.isTyped()) return hand.typed()?.problem ?? 'Type the weight first.';
    const now = hand.link.steadiness();
    if (now.state === 'overload') return 'That is more than the scale can carry. Weigh it in two goes.';
    if (now.state === 'moving') return 'Wait until the scale stands still.';
    return now.massDg - hand.link.tareDg() < 0
      ? 'The scale is below zero. Put the tray back, or tare it again.'
      : 'Nothing lies on the scale.';
  }

  private afterTaking(weighed: Weighed, plateau: number | null): void {
    const { hand } = this;
    const now = hand.link.steadiness();
    this.takenPlateau = plateau;
    this.heldPlateau.set(0);
    if (plateau === null) return;
    hand.hands().taken(weighed.massDg);
    if (hand.link.choice().mode === 'into-container' && now.state === 'steady' && now.plateau === plateau)
      hand.link.tare(now.massDg);
  }

  private async drain(piece: Lot, weighed: Weighed): Promise<boolean> {
    const deed = drain(piece, weighed, this.format);
    const questions = this.questionsOf(deed);
    if (
      questions.length > 0 &&
      !(await this.ask.confirm(
        'Is this right?',
        questions.join(' '),
        `Take ${this.format.mass(weighed.massDg)}`,
      ))
    )
      return false;
    return (await this.store.perform(deed)).ok;
  }

  private async cut(piece: Lot, weighed: Weighed, typedCount: string | null): Promise<boolean> {
    const { hand } = this;
    const part = hand.part() || hand.ownPart().trim();
    const cameOff = {
      part,
      name: hand.currentPart()?.name ?? part,
      destination: hand.destination(),
      count: Number(typedCount?.trim() || hand.likelyCount(weighed.massDg)),
    };
    if (!this.packing.isOn())
      return (await this.store.perform(weigh(piece, cameOff, weighed, this.at(), this.format))).ok;
    const how = this.packing.how(piece, weighed.tareDg ?? 0);
    const packed = weighIntoPack(piece, cameOff, weighed, how, this.at(), this.format);
    if (!packed.ok) return this.refuse(packed.problem);
    const { deed, pack } = packed.value;
    if (!(await this.store.perform(deed)).ok) return false;
    if (pack !== null) this.packing.made([pack]);
    return true;
  }

  /**
   * Writes a whole piece down as a line says it, packs and all.
   *
   * @returns whether it is written; what is wrong has been said
   */
  async packAsSaid(line: SaidLine): Promise<boolean> {
    const [piece, kind, way] = [this.board.piece(), this.board.kind(), this.board.way()];
    if (!piece || !kind || !way) return false;
    const said = packAsSaid(
      piece,
      line,
      (item) => likelyCount(kind, way, piece, item, this.board.weighedSoFar()),
      this.packing.how(piece, 0),
      this.at(),
      this.format,
    );
    if (!said.ok) return this.refuse(said.problem);
    if (!(await this.store.perform(said.value.deed)).ok) return false;
    this.board.skipDraining();
    this.packing.made(said.value.packs);
    return true;
  }

  private at(): { readonly on: string; readonly newId: () => string } {
    return { on: this.clock.today(), newId: () => this.clock.newId() };
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
