import { isBird } from '@core/ledger/animal';
import {
  afterNextRender,
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  ElementRef,
  inject,
  output,
  viewChild,
} from '@angular/core';
import inputtext from '@primeuix/themes/aura/inputtext';
import { NgTemplateOutlet } from '@angular/common';
import { FormsModule } from '@angular/forms';
import { InputText } from 'primeng/inputtext';
import { gToBirdNumber } from '@core/catalogue/bird-number';
import { fromDg } from '@core/units/mass';
import { Format } from '@core/format/format';
import type { WeightAnswer } from '@core/format/typed-weight';
import { wears } from '../../ui/wears';
import { Packing } from '../packing/packing';
import { PackingRow } from '../packing/packing-row';
import { Board } from '../bench/board';
import { Hand } from '../bench/hand';
import { BenchActs } from '../bench/bench-acts';
import { DestinationKeys } from './destination-keys';
import { RangeStrip } from './range-strip';
import { PracticeTray } from '../scale/practice-tray';

wears({ inputtext });

const NOISE_STEPS = 1;

/** The weight, what it is, where it goes; and the one act that writes it down. */
@Component({
  selector: 'v-weigh-panel',
  imports: [DestinationKeys, FormsModule, InputText, NgTemplateOutlet, PackingRow, RangeStrip, PracticeTray],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './weigh-panel.html',
  styleUrl: './weigh-panel.css',
})
export class WeighPanel {
  protected readonly board = inject(Board);
  protected readonly hand = inject(Hand);
  protected readonly acts = inject(BenchActs);
  protected readonly format = inject(Format);
  protected readonly link = this.hand.link;
  protected readonly packing = inject(Packing);
  /** The scale is to be chosen. */
  readonly scale = output();
  /** All of it is to be said in one line. */
  readonly line = output();

  private readonly page = inject(DOCUMENT);
  readonly field = viewChild<ElementRef<HTMLInputElement>>('field');
  private readonly many = viewChild<ElementRef<HTMLInputElement>>('many');
  readonly tray = viewChild(PracticeTray);

  /** The weight as the scale shows it, moving or not. */
  protected readonly live = computed(() => {
    const liveDg = this.hand.liveDg();
    if (liveDg === null) return null;
    const { value, unit } = this.format.massParts(this.hand.weighed()?.massDg ?? liveDg);
    // The point of a fixed-width face stands too far from its neighbours.
    const [, whole = value, point = '', part = ''] = /^(.*)([.,])(\d+)$/.exec(value) ?? [];
    return { whole, point, part, unit };
  });
  protected readonly state = computed(() => {
    const now = this.link.steadiness();
    if (now.state === 'overload') return { word: 'too heavy', tone: 'bad' };
    if (now.state === 'moving') return { word: 'moving', tone: 'soft' };
    // Within its noise an empty scale is empty.
    return now.massDg - this.link.tareDg() < -NOISE_STEPS * this.link.graduationDg()
      ? // The bag was tared and is full: the next is not on yet.
        this.packing.isOn()
        ? { word: 'next bag', tone: 'soft' }
        : { word: 'below zero', tone: 'bad' }
      : { word: 'steady', tone: 'good' };
  });
  protected readonly hint = computed(() => {
    const [typed, piece] = [this.hand.typed(), this.board.piece()];
    if (typed?.problem) return typed.problem;
    if (typed?.ok && piece) {
      const after = piece.leftDg - typed.value.massDg;
      return after < 0
        ? `That is ${this.format.mass(-after)} more than is left.`
        : `Leaves ${this.format.mass(after)} on the board.`;
    }
    return this.board.mustDrain() ? `Label: ${this.format.mass(piece?.inDg ?? 0)}${this.size()}.` : '';
  });

  /** The number that birds of this weight are sold under in some places. */
  protected readonly size = computed(() => {
    const piece = this.board.piece();
    if (!piece || !isBird(piece.animal)) return '';
    return `, size ${gToBirdNumber(fromDg(piece.inDg / piece.count, 'g'))}${piece.count > 1 ? ' each' : ''}`;
  });

  constructor() {
    afterRenderEffect(() => this.showTyped());
    // Who comes to the board types a weight first; after that the focus is where the hand put it.
    afterNextRender(() => {
      if (!this.page.activeElement?.matches('input, textarea')) this.focus();
    });
  }

  /** The hand goes into the weight. */
  focus(): void {
    this.field()?.nativeElement.focus({ preventScroll: true });
  }

  /** The fields are free before the next key arrives, however late the page is drawn. */
  protected take(): void {
    if (this.hand.isTyped() && this.hand.typedText().trim() === '') return this.focus();
    void this.acts.take();
    this.showTyped();
  }

  /** What was meant stands in the field, for the hand that goes on there. */
  protected answer(answer: WeightAnswer): void {
    this.hand.answer(answer);
    this.focus();
  }

  /** Not by a binding: that would miss what is typed and taken between two drawings of the page. */
  private showTyped(): void {
    write(this.field()?.nativeElement, this.hand.typedText());
    write(this.many()?.nativeElement, this.hand.count());
  }

  /** Up and down choose the part while the hand stays in the weight field. */
  protected onFieldKey(event: KeyboardEvent): void {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by === undefined || this.board.mustDrain()) return;
    event.preventDefault();
    this.acts.chooseBeside(by);
  }
}

function write(field: HTMLInputElement | undefined, text: string): void {
  if (field && field.value !== text) field.value = text;
}
