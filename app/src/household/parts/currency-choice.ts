import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import { CURRENCIES } from '@core/units/region';
import { Choice, type Options } from '../../ui/field/choice';

const NAMES = new Intl.DisplayNames(['en'], { type: 'currency' });

/** The currency, from a list in which one looks by its code or its name. */
@Component({
  selector: 'v-currency-choice',
  imports: [Choice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<v-choice [label]="label()" [options]="options()" [(value)]="currency" />`,
})
export class CurrencyChoice {
  readonly currency = model.required<string>();
  readonly label = input('Currency');
  /** One that a file brought and the list does not have stays as it is. */
  protected readonly options = computed((): Options<string> => {
    const now = this.currency();
    const codes = CURRENCIES.includes(now) ? CURRENCIES : [now, ...CURRENCIES];
    return codes.map((code) => [code, `${code}, ${NAMES.of(code)}`] as const);
  });
}
