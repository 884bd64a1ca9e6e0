import { ChangeDetectionStrategy, Component, computed, effect, ElementRef, inject, input, linkedSignal, signal, untracked, viewChild } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Dialog } from 'primeng/dialog';
import { DESTINATION_IDS, DESTINATIONS, type Destination } from '@core/catalogue/destination';
import { kindById, partOf } from '@core/catalogue/kinds';
import { partsOfWay } from '@core/catalogue/parts-of-way';
import { familyOf } from '@core/journal/leaves';
import { drainedDg, flowedDg, type Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { askQuestion, questionsAbout } from '@core/journal/questions';
import { lastActOn, lastUndoOn } from '@core/journal/undo';
import { describeEntry } from '@core/journal/describe-entry';
import type { Fact } from '@core/journal/entry';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Ask } from '../kit/ask';
import { DONE, PieceDrawing } from '../kit/piece-drawing';
import { ShareBar, type Stretch } from '../kit/share-bar';
import { Swatch } from '../kit/swatch';
import { WeighedList } from './weighed-list';

/** The board: what comes off next, and how much it weighed. */
@Component({
  selector: 'v-block-page',
  imports: [FormsModule, RouterLink, Dialog, PieceDrawing, ShareBar, Swatch, WeighedList],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './block-page.html',
  styleUrl: './block-page.css',
  host: { '(document:keydown)': 'onKey($event)' },
})
export class BlockPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);

  /** The piece, from the address; else the last one opened. */
  readonly lot = input<string>();

  protected readonly destinations = DESTINATION_IDS;
  protected readonly meaning = DESTINATIONS;
  protected readonly piece = computed<Lot | undefined>(() => {
    const asked = this.store.state().lots.get(this.lot() ?? '');
    return asked?.form === 'piece' ? asked : this.store.openPieces()[0];
  });
  private readonly pieceId = computed(() => this.piece()?.id ?? '');
  protected readonly kind = computed(() => kindById(this.piece()?.kind ?? null));
  protected readonly name = computed(() => (this.piece() ? lotName(this.piece() as Lot) : ''));
  protected readonly way = computed(() => this.kind()?.ways.find(({ id }) => id === this.piece()?.way) ?? this.kind()?.ways[0]);
  protected readonly family = computed(() => (this.piece() ? familyOf(this.store.state(), this.piece() as Lot) : []));
  protected readonly cuts = computed(() => this.family().slice(1));
  protected readonly drained = computed(() => (this.piece() ? drainedDg(this.piece() as Lot) : 0));

  /** Nothing is off yet and the liquid has not been weighed out. */
  protected readonly mustDrain = computed(() => {
    const piece = this.piece();
    return piece !== undefined && piece.flows.length === 0 && piece.foundDg === 0 && !this.skippedDraining().has(piece.id);
  });
  private readonly skippedDraining = signal<ReadonlySet<string>>(new Set());

  /** The parts of the way chosen, in the order of work; then the kind's others that may turn up. */
  protected readonly parts = computed(() => {
    const [kind, way] = [this.kind(), this.way()];
    if (!kind || !way) return [];
    return partsOfWay(kind, way);
  });
  protected readonly partIds = computed(() => this.parts().map(({ id }) => id));
  /** How much of each part is off, against its usual share of a piece like this. */
  protected readonly off = computed(() => {
    const usualDg = (part: string): number => (this.way()?.shares[part] ?? 0) * (this.piece()?.inDg ?? 0);
    const masses = new Map<string, number>();
    for (const { part, inDg } of this.cuts()) if (part !== null) masses.set(part, (masses.get(part) ?? 0) + inDg);
    return new Map([...masses].map(([part, massDg]) => [part, usualDg(part) > 0 ? massDg / usualDg(part) : 1]));
  });

  protected readonly part = linkedSignal<string, string>({
    source: this.pieceId,
    computation: () => untracked(() => this.proposedPart()),
  });
  protected readonly ownPart = signal('');
  protected readonly currentPart = computed(() => partOf(this.kind(), this.part()));
  protected readonly destination = linkedSignal<Destination>(() => this.currentPart()?.destination ?? 'main');
  protected readonly weight = signal('');
  protected readonly count = signal('1');

  /** What stands in the weight field, read. */
  protected readonly reading = computed(() => {
    const text = this.weight().trim();
    if (text === '') return null;
    const mass = this.figures.parseMass(text, this.mustDrain() ? 'large' : 'small');
    if (mass === null) return { problem: `That is not a weight. Write it like 372 ${this.figures.smallUnit()} or 1.2 ${this.figures.priceUnit()}.` };
    if (mass.massDg <= 0) return { problem: 'A weight is more than zero.' };
    return { mass };
  });
  protected readonly hint = computed(() => {
    const reading = this.reading();
    const piece = this.piece();
    if (reading?.problem) return reading.problem;
    if (reading?.mass && piece) {
      const after = piece.leftDg - reading.mass.massDg;
      return after < 0 ? `That is ${this.figures.mass(-after)} more than is left.` : `Leaves ${this.figures.mass(after)} on the board.`;
    }
    return this.mustDrain() ? `Label: ${this.figures.mass(piece?.inDg ?? 0)}.` : this.usually();
  });

  private readonly inHand = computed(() => `${this.pieceId()}/${this.part()}/${this.mustDrain()}`);
  protected readonly step = linkedSignal<string, number>({
    source: this.inHand,
    computation: () => untracked(() => this.stepOfPart()),
  });
  protected readonly steps = computed(() => {
    const kind = this.kind();
    return (this.way()?.steps ?? []).flatMap((id) => kind?.steps.find((step) => step.id === id) ?? []);
  });
  protected readonly currentStep = computed(() => this.steps()[this.step()]);

  protected readonly stretches = computed<Stretch[]>(() => {
    const piece = this.piece();
    const stretch = (where: Stretch['where'], name: string, massDg: number): Stretch => ({ where, name, size: massDg, figure: this.figures.mass(massDg) });
    if (!piece) return [];
    const masses = new Map<Destination, number>();
    for (const cut of this.cuts()) {
      const kept = cut.inDg - flowedDg(cut, 'cut');
      masses.set(cut.destination, (masses.get(cut.destination) ?? 0) + kept);
    }
    const weighed = DESTINATION_IDS.map((where) => stretch(where, where, masses.get(where) ?? 0));
    return [...weighed, stretch('left', 'still on the board', piece.leftDg), stretch('unaccounted', 'unaccounted', flowedDg(piece, 'unaccounted'))];
  });

  private readonly familyIds = computed(() => new Set(this.family().map(({ id }) => id)));
  protected readonly undoable = computed(() => lastActOn(this.store.household().journal, this.familyIds()));
  protected readonly redoable = computed(() => lastUndoOn(this.store.household().journal, this.familyIds()));

  protected readonly closing = signal<string | null>(null);
  protected readonly reason = signal('');
  private readonly field = viewChild<ElementRef<HTMLInputElement>>('field');
  protected readonly busy = signal(false);

  constructor() {
    effect(() => {
      this.piece();
      this.field()?.nativeElement.focus({ preventScroll: true });
    });
  }

  protected onKey(event: KeyboardEvent): void {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && this.weight() === '') {
      event.preventDefault();
      void (event.shiftKey ? this.redo() : this.undo());
    }
  }

  /** Up and down choose the part while the hand stays in the weight field. */
  protected onFieldKey(event: KeyboardEvent): void {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by === undefined || this.mustDrain()) return;
    event.preventDefault();
    const ids = [...this.partIds(), ''];
    const at = ids.indexOf(this.part());
    this.part.set(ids[(at + by + ids.length) % ids.length] ?? '');
  }

  protected choosePart(id: string): void {
    if (id !== '' || this.part() === '') this.part.set(id);
    this.field()?.nativeElement.focus();
  }

  protected async take(): Promise<void> {
    const [piece, reading] = [this.piece(), this.reading()];
    if (!piece || this.busy()) return;
    if (!reading?.mass) return this.notices.problem(reading?.problem ?? 'Type the weight first.');
    this.busy.set(true);
    try {
      await (this.mustDrain() ? this.drain(piece, reading.mass) : this.cut(piece, reading.mass));
    } finally {
      this.busy.set(false);
      this.field()?.nativeElement.focus();
    }
  }

  protected skipDraining(): void {
    const piece = this.piece();
    if (piece) this.skippedDraining.update((ids) => new Set([...ids, piece.id]));
  }

  protected async undo(): Promise<void> {
    const last = this.undoable();
    if (!last) return;
    const what = describeEntry(last, { mass: (massDg) => this.figures.mass(massDg), lot: (id) => this.lotName(id) });
    const written = await this.store.append({ type: 'undone', entries: [last.id] });
    if (!written.ok && written.refusal?.code === 'rests-on') return this.undoTogether(last.id, written.refusal.entries.length);
    this.notices.tell(written, `Undone: ${what.charAt(0).toLowerCase()}${what.slice(1)}`);
  }

  protected async redo(): Promise<void> {
    const undone = this.redoable();
    if (undone) this.notices.tell(await this.store.append({ type: 'redone', entries: undone.entries }), 'Done again');
  }

  protected async close(reason?: string): Promise<void> {
    const piece = this.piece();
    if (!piece) return;
    const fact: Fact = { type: 'closed', lot: piece.id, reason: reason?.trim() || undefined };
    const [question] = questionsAbout(this.store.state(), fact);
    if (question) {
      this.closing.set(askQuestion(question, (massDg) => this.figures.mass(massDg)));
      return;
    }
    const written = await this.store.append(fact);
    if (this.notices.tell(written, `${this.name()} closed.`)) this.closing.set(null);
  }

  protected async closeWithReason(): Promise<void> {
    if (this.reason().trim() === '') return this.notices.problem('Say why it is missing, in a word or two.');
    await this.close(this.reason());
  }

  protected async reopen(): Promise<void> {
    const piece = this.piece();
    if (piece) this.notices.tell(await this.store.append({ type: 'reopened', lot: piece.id }), `${this.name()} is open again.`);
  }

  private async drain(piece: Lot, mass: { massDg: number; typed: string }): Promise<void> {
    const fact: Fact = { type: 'drained', lot: piece.id, ...mass };
    const questions = questionsAbout(this.store.state(), fact).map((question) => askQuestion(question, (massDg) => this.figures.mass(massDg)));
    if (questions.length > 0 && !(await this.ask.confirm('Is this right?', questions.join(' '), 'Yes, take it'))) return;
    const liquid = piece.leftDg - mass.massDg;
    const said = liquid > 0 ? `Drained: ${this.figures.mass(liquid)} of liquid` : 'Drained: no liquid';
    if (this.notices.tell(await this.store.append(fact), said)) this.weight.set('');
  }

  private async cut(piece: Lot, mass: { massDg: number; typed: string }): Promise<void> {
    const part = this.part() || this.ownPart().trim();
    const count = Number(this.count().trim() || '1');
    if (part === '') return this.notices.problem('Give the part a name first.');
    if (!Number.isInteger(count) || count < 1) return this.notices.problem('How many is a whole number from 1.');
    const fact: Fact = { type: 'cut', from: piece.id, lot: this.clock.newId(), part, destination: this.destination(), ...mass, count, on: this.clock.today() };
    const overshoot = mass.massDg - piece.leftDg;
    const written = await this.store.append(fact);
    const said = `${this.currentPart()?.name ?? part}: ${this.figures.mass(mass.massDg)}`;
    const more = overshoot > 0 ? ` The scale found ${this.figures.mass(overshoot)} more than was left; taken as a correction.` : '';
    if (!this.notices.tell(written, said + more)) return;
    this.weight.set('');
    this.count.set('1');
    // Portions come one after another; anything else makes room for what comes next.
    if (!this.currentPart()?.portion && this.part() !== '') this.part.set(this.proposedPart());
  }

  private async undoTogether(entry: string, others: number): Promise<void> {
    const text = `${others} later ${others === 1 ? 'entry rests' : 'entries rest'} on this, such as packs made of it. They would be undone with it.`;
    if (await this.ask.confirm('Undo them all?', text, 'Undo all of it')) this.notices.tell(await this.store.undoTogether(entry), 'Undone together');
  }

  /** What is in hand goes on until most of its usual share is off; then the next in the order of work. */
  private proposedPart(): string {
    const off = this.off();
    const isOff = (id: string): boolean => (off.get(id) ?? 0) >= DONE;
    const last = this.cuts().at(-1)?.part;
    if (last && this.partIds().includes(last) && !isOff(last)) return last;
    return this.partIds().find((id) => !isOff(id)) ?? last ?? '';
  }

  private stepOfPart(): number {
    if (this.mustDrain()) return 0;
    return Math.max(0, this.steps().findIndex((step) => step.frees.includes(this.part())));
  }

  private usually(): string {
    const share = this.way()?.shares[this.part()];
    const piece = this.piece();
    if (share === undefined || !piece) return '';
    return `Usually about ${this.figures.mass(Math.round((share * piece.inDg) / 100) * 100)} of a piece like this in all.`;
  }

  private lotName(id: string): string {
    const lot = this.store.state().lots.get(id);
    return lot ? lotName(lot).toLowerCase() : 'it';
  }
}
