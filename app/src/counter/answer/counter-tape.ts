import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { PriceTape } from '../../ui/tape/price-tape';
import type { Notch } from '../../ui/tape/tape-layout';
import { PieceAsked } from '../piece/piece-asked';
import { AnswerNow } from './answer-now';

/** What is asked, even money, the going price and the best seen on one tape, along which the price can be slid. */
@Component({
  selector: 'v-counter-tape',
  imports: [PriceTape],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (rests() > 0) {
      <v-price-tape
        [label]="'Price for a ' + format.priceUnit()"
        [notches]="notches()"
        [even]="even()"
        [doubt]="doubt()"
        [asked]="asked()"
        [rests]="rests()"
        [say]="say"
        [told]="answer.told()?.sum ?? ''"
        (slid)="slide($event)"
      />
    }
  `,
  styles: `
    :host {
      display: block;
    }
  `,
})
export class CounterTape {
  protected readonly format = inject(Format);
  protected readonly answer = inject(AnswerNow);
  private readonly label = inject(PieceAsked).label;

  /** The tape is in smallest coins for the household's unit. */
  private readonly onTape = (perKgMinor: number): number => perKgMinor * this.format.kgPerUnit();
  protected readonly say = (minor: number): string =>
    this.format.plainPerUnit(minor / this.format.kgPerUnit());

  /** A price by the piece is not on a tape of prices by weight. */
  protected readonly asked = computed(() => {
    const perKg = this.answer.perKg();
    return perKg === null ? null : this.onTape(perKg);
  });
  protected readonly even = computed(() => {
    const even = this.answer.even();
    return even === null ? null : this.onTape(even);
  });
  protected readonly doubt = computed((): readonly [number, number] | null => {
    const range = this.even() === null ? null : this.answer.evenRange();
    return range && [this.onTape(range[0]), this.onTape(range[1])];
  });
  protected readonly rests = computed(() => {
    const rests = this.answer.going()?.perKgMinor ?? this.answer.even() ?? 0;
    return this.asked() ?? this.onTape(rests);
  });

  protected readonly notches = computed((): Notch[] => {
    const [asked, even, answer] = [this.asked(), this.even(), this.answer];
    const [going, best] = [answer.going(), answer.best()];
    const notch = (id: string, word: string, at: number, side: Notch['side']): Notch => ({
      id,
      at,
      text: `${word} ${this.say(at)}`.trim(),
      side,
    });
    const known = (id: string, word: string, perKg: number | undefined): Notch[] =>
      perKg === undefined ? [] : [notch(id, word, this.onTape(perKg), 'below')];
    const isBest = best && best.perKgMinor < (going?.perKgMinor ?? Infinity) * 0.98;
    return [
      ...(even === null ? [] : [notch('even', answer.isMissing() ? 'even ≥' : 'even', even, 'above')]),
      ...(asked === null ? [] : [notch('asked', '', asked, 'below')]),
      ...known('going', 'going', going?.perKgMinor),
      ...known('best', 'best', isBest ? best.perKgMinor : undefined),
    ];
  });

  /** The tape is in the household's money, the label in its own. */
  protected slide(minor: number): void {
    const [format, coins] = [this.label.format(), this.label.coins()];
    if (coins === null) return;
    const price = format.plainPerUnit(minor / coins / format.kgPerUnit());
    this.label.type({ total: '', pricedBy: this.format.priceUnit(), price });
  }
}
