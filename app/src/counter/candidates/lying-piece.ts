import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import { Format } from '@core/format/format';
import type { RankedCandidate } from '@core/yield/candidates';
import { TextField } from '../../ui/field/text-field';
import { PriceTape } from '../../ui/tape/price-tape';
import type { Span } from '../../ui/tape/tape-layout';
import { MarksSeen } from '../label/marks-seen';
import { OnTape } from '../prices/on-tape';
import type { Lying } from './compared';

/** One of the pieces that lie there: what is on its label, its tape on the common scale, what it comes to. */
@Component({
  selector: 'v-lying-piece',
  imports: [MarksSeen, PriceTape, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './lying-piece.html',
  styleUrl: './lying-piece.css',
})
export class LyingPiece {
  protected readonly format = inject(Format);
  readonly kind = input.required<Kind>();
  readonly letter = input.required<string>();
  readonly lying = input.required<Lying>();
  readonly result = input.required<RankedCandidate | undefined>();
  /** What it says beside its letter: that it is the one to take, or the how manieth. */
  readonly place = input('');
  readonly isBest = input(false);
  readonly canGo = input(false);
  /** What a piece goes for, to stand in while no price is typed. */
  readonly goingPerKg = input.required<number | null>();
  readonly scale = input.required<Span | null>();
  readonly changed = output<Partial<Lying>>();
  readonly gone = output();

  protected readonly goingText = computed(() => {
    const going = this.goingPerKg();
    return going === null ? this.format.currencySign() : `going ${this.format.plainPerUnit(going)}`;
  });
  protected readonly wrong = computed(() => {
    const { weight, price } = this.lying();
    const doubt = this.format.massDoubt(weight, 'large');
    const isWeight = (this.format.parseMass(weight, 'large')?.massDg ?? 0) > 0;
    const isPrice = (this.format.parsePerUnit(price) ?? 0) > 0;
    const isAlone = weight.trim() !== '' && price.trim() === '' && this.goingPerKg() === null;
    return {
      weight: weight.trim() === '' || isWeight ? '' : (doubt ?? 'That is not a weight.'),
      price:
        price.trim() !== '' && !isPrice
          ? 'That is not a price.'
          : isAlone
            ? 'Type its price: none is known.'
            : '',
    };
  });

  protected readonly tape = new OnTape(this.format);
  protected readonly asked = computed(() => this.tape.at(this.result()?.candidate.perKgMinor ?? 0));
  protected readonly even = computed(() => {
    const even = this.result()?.evenPerKgMinor ?? null;
    return even === null ? null : this.tape.at(even);
  });
  protected readonly notches = computed(() =>
    this.tape.notches({
      even: this.result()?.evenPerKgMinor ?? undefined,
      isLowerBound: this.result()?.isLowerBound ?? false,
      asked: this.result()?.candidate.perKgMinor ?? 0,
    }),
  );
}
