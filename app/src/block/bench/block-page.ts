import button from '@primeuix/themes/aura/button';
import dialog from '@primeuix/themes/aura/dialog';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  ElementRef,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Dialog } from 'primeng/dialog';
import { cleanPrice } from '@core/board/clean-price';
import { DESTINATION_IDS, type Destination } from '@core/ledger/destination';
import { flowedDg, type Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { pieceName } from '@core/catalogue/piece-name';
import type { Question } from '@core/deeds/questions';
import type { SaidAtClosing } from '@core/deeds/work-on-piece';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { MAY_PRACTISE } from '../../household/may-practise';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { EditFigure } from '../../household/parts/edit-figure';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import { ShareBar, type Stretch } from '../../ui/piece/share-bar';
import { BagLine } from './bag-line';
import { Board } from './board';
import { Hand } from './hand';
import { BoardTimeLine } from './board-time-line';
import { BenchActs } from './bench-acts';
import { ClosingQuestions } from './closing-questions';
import { EndCheck } from './end-check';
import { pressKey, type AtTheBench } from './keys';
import { LineForm } from '../packing/line-form';
import { Packing } from '../packing/packing';
import { PartRow } from './part-row';
import { SaidHere } from './said-here';
import { SplitForm } from '../split/split-form';
import { ScaleSettings } from '../scale/scale-settings';
import { StepCard } from './step-card';
import { PutRight } from '../weighing/put-right';
import { WeighedList } from '../weighing/weighed-list';
import { Weighings } from '../weighing/weighings';
import { WeighPanel } from '../weighing/weigh-panel';
import { TakesFocus } from '../../ui/form/takes-focus';
import { backCloses } from '../../ui/over/back-closes';
import { BarePicture } from '../../ui/told/bare-picture';
import { wears } from '../../ui/wears';

wears({ button, dialog });

/** The board: what comes off next, where the cut goes, and how much it weighed. */
@Component({
  selector: 'v-block-page',
  imports: [
    BagLine,
    BarePicture,
    BoardTimeLine,
    ClosingQuestions,
    RouterLink,
    Dialog,
    EditFigure,
    EndCheck,
    LineForm,
    PartRow,
    PieceDrawing,
    PutRight,
    SaidHere,
    ScaleSettings,
    ShareBar,
    SplitForm,
    TakesFocus,
    StepCard,
    WeighedList,
    WeighPanel,
    Weighings,
  ],
  providers: [Board, Hand, Packing, BenchActs],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './block-page.html',
  styleUrl: './block-page.css',
  host: { '(document:keydown)': 'onKey($event)', '(click)': 'freeHand($event)' },
})
export class BlockPage {
  protected readonly board = inject(Board);
  protected readonly hand = inject(Hand);
  protected readonly acts = inject(BenchActs);
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly notices = inject(Notices);
  private readonly router = inject(Router);

  private readonly panel = viewChild(WeighPanel);
  private readonly drawing = viewChild(PieceDrawing);
  protected readonly dialog = signal<'scale' | 'list' | 'right' | 'line' | 'reason' | 'split' | null>(null);
  private readonly rightingId = signal('');
  /** The weighing that is being put right, while it is there. */
  protected readonly righting = computed(() => this.board.cuts().find(({ id }) => id === this.rightingId()));
  private readonly packing = inject(Packing);
  protected readonly closing = signal<readonly Question[]>([]);
  protected readonly closingTitle = computed(() => {
    const missing = this.closing().find(({ code }) => code === 'much-unaccounted');
    return missing?.code === 'much-unaccounted'
      ? `Finish with ${this.format.mass(missing.unaccountedDg)} not weighed?`
      : 'Finish with so much bone?';
  });
  protected readonly others = computed(() =>
    this.store.openPieces().filter(({ id }) => id !== this.board.piece()?.id),
  );
  protected readonly lotName = lotName;
  /** Two that are called the same are told apart by how they are cut. */
  protected toldApart(lot: Lot): string {
    return pieceName(lot, this.store.openPieces());
  }

  protected readonly stretches = computed<Stretch[]>(() => {
    const piece = this.board.piece();
    const stretch = (where: Stretch['where'], name: string, massDg: number): Stretch => ({
      where,
      name,
      size: massDg,
      figure: this.format.mass(massDg),
    });
    if (!piece) return [];
    const masses = new Map<Destination, number>();
    for (const cut of this.board.cuts())
      masses.set(cut.destination, (masses.get(cut.destination) ?? 0) + cut.inDg - flowedDg(cut, 'cut'));
    const weighed = DESTINATION_IDS.map((where) => stretch(where, where, masses.get(where) ?? 0));
    return [
      ...weighed,
      stretch('left', 'still on the board', piece.leftDg),
      stretch('unaccounted', 'unaccounted', flowedDg(piece, 'unaccounted')),
    ];
  });

  /** What clean meat has come to, and how many plates lie there; once drained, what the liquid did to the price. */
  protected readonly cleanSoFar = computed(() => {
    const piece = this.board.piece();
    const price = piece && cleanPrice(piece, this.board.cuts());
    const plates = Math.floor(this.board.plates());
    const { askedPerKg = 0, drainedPerKg = 0, cleanPerKg = 0 } = price ?? {};
    const words =
      !price || this.board.mustDrain()
        ? []
        : this.board.cuts().length === 0
          ? drainedPerKg > askedPerKg
            ? [
                `the liquid made it ${this.format.perUnit(drainedPerKg)} instead of ${this.format.perUnit(askedPerKg)}`,
              ]
            : []
          : [`clean meat so far ${this.format.perUnit(cleanPerKg)}`];
    return [...words, ...(plates > 0 ? [this.format.count(plates, 'plate')] : [])].join(', ');
  });

  /** The deed just done, in a few words. */
  protected readonly justDone = computed(() => {
    const notice = this.notices.notice();
    return notice?.tone === 'done' ? notice.text : '';
  });

  /** What the keys reach. */
  private readonly at: AtTheBench = {
    acts: this.acts,
    hand: this.hand,
    turnDrawing: () => this.drawing()?.turn(),
    showList: () => this.dialog.set('list'),
    togglePacks: () => this.packing.toggle(),
    tray: () => this.panel()?.tray(),
  };

  constructor() {
    const { link } = this.hand;
    void link.connect(inject(MAY_PRACTISE));
    inject(DestroyRef).onDestroy(() => {
      link.disconnect();
      this.notices.sayInPlace(false);
    });
    backCloses(
      () => this.dialog() !== null,
      () => this.dialog.set(null),
    );
    // What is asked in a window over the page would hide what is said behind it.
    effect(() => this.notices.sayInPlace(this.dialog() === null && this.board.isAtWork()));
    effect(() => {
      const problem = link.problem();
      if (problem)
        this.notices.problem(`No weight from the scale. ${problem} What was weighed is kept; type the next.`);
    });
  }

  protected onKey(event: KeyboardEvent): void {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && this.hand.typedText() === '') {
      event.preventDefault();
      void (event.shiftKey ? this.acts.redo() : this.acts.undo());
      return;
    }
    const at = event.target as HTMLElement;
    if (
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      this.dialog() !== null ||
      at.closest('input, select, textarea') ||
      // A window of this page that is just closing takes no key; one of another's does.
      (at.closest('[role=dialog]') && !this.host.contains(at))
    )
      return;
    const isPressed = event.key === ' ' || event.key === 'Enter';
    if (!this.board.isAtWork() || event.repeat || (isPressed && at.closest('button, a, summary'))) return;
    // Where weights are typed a figure is one, wherever the hand was last: it goes into the field.
    if (this.hand.isTyped() && /^[\d.,]$/.test(event.key))
      return this.panel()?.field()?.nativeElement.focus();
    if (pressKey(event.key, this.at) || this.pressFigure(event)) event.preventDefault();
  }

  /** A button that was pressed with the finger lets go of the keys: space takes the weight again. */
  protected freeHand(event: MouseEvent): void {
    const pressed = event.target instanceof Element ? event.target.closest('button') : null;
    if (event.detail > 0 && pressed?.closest('.weigh')) pressed.blur();
  }

  protected choosePart(id: string): void {
    if (!this.board.partIds().includes(id) && id !== '') return;
    this.acts.choose(id);
    this.panel()?.field()?.nativeElement.focus();
  }

  protected putRight(cut: Lot): void {
    this.rightingId.set(cut.id);
    this.dialog.set('right');
  }

  protected async close(said: SaidAtClosing = {}): Promise<void> {
    const outcome = await this.acts.close(said);
    if (outcome === 'refused') return;
    if (outcome !== 'closed') {
      this.closing.set(outcome);
      this.dialog.set('reason');
      return;
    }
    this.dialog.set(null);
    await this.router.navigate(['/', this.household, 'wrap']);
  }

  /** A figure chooses the part; with shift, the part of what was weighed last. */
  private pressFigure({ code, shiftKey }: KeyboardEvent): boolean {
    const id = this.board.partIds()[Number(/^(?:Digit|Numpad)([1-9])$/.exec(code)?.[1] ?? 0) - 1];
    if (id === undefined) return false;
    if (shiftKey) void this.acts.repart(id);
    else this.choosePart(id);
    return true;
  }
}
