import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { PriceTape } from '../../ui/tape/price-tape';
import { PieceAsked } from '../piece/piece-asked';
import { OnTape } from '../prices/on-tape';
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
        [say]="tape.say"
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

  protected readonly tape = new OnTape(this.format);

  /** A price by the piece is not on a tape of prices by weight. */
  protected readonly asked = computed(() => {
    const perKg = this.answer.perKg();
    return perKg === null ? null : this.tape.at(perKg);
  });
  protected readonly even = computed(() => {
    const even = this.answer.even();
    return even === null ? null : this.tape.at(even);
  });
  protected readonly doubt = computed((): readonly [number, number] | null => {
    const range = this.even() === null ? null : this.answer.evenRange();
    return range && [this.tape.at(range[0]), this.tape.at(range[1])];
  });
  protected readonly rests = computed(() => {
    const rests = this.answer.going()?.perKgMinor ?? this.answer.even() ?? 0;
    return this.asked() ?? this.tape.at(rests);
  });

  protected readonly notches = computed(() =>
    this.tape.notches({
      even: this.answer.even() ?? undefined,
      isLowerBound: this.answer.isMissing(),
      asked: this.answer.perKg() ?? undefined,
      going: this.answer.going()?.perKgMinor,
      best: this.answer.best()?.perKgMinor,
    }),
  );

  /** The tape is in the household's money, the label in its own. */
  protected slide(minor: number): void {
    const [format, coins] = [this.label.format(), this.label.coins()];
    if (coins === null) return;
    const price = format.plainPerUnit(minor / coins / format.kgPerUnit());
    this.label.type({ total: '', pricedBy: this.format.priceUnit(), price });
  }
}
