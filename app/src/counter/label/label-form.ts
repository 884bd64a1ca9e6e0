import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { LabelDraft, type DiscountKind } from './label-draft';

const DISCOUNTS: readonly { kind: DiscountKind; name: string }[] = [
  { kind: 'none', name: 'no discount' },
  { kind: 'off-total', name: 'save … on the total' },
  { kind: 'per-unit', name: 'off each unit' },
  { kind: 'percent', name: 'per cent off' },
  { kind: 'multi-buy', name: 'buy some, pay fewer' },
  { kind: 'reduced', name: 'reduced, its date is short' },
];

const UNITS = [
  { id: 'kg', name: 'a kg' },
  { id: 'lb', name: 'a lb' },
  { id: '100g', name: '100 g' },
  { id: 'piece', name: 'each' },
] as const;

/** The figures of a label: two of weight, price and total, and what is taken off. */
@Component({
  selector: 'v-label-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <fieldset>
      <legend>What does the label say?</legend>
      <div class="grid">
        @if (counted()) {
          <div class="field">
            <label for="count">How many</label>
            <input
              id="count"
              class="text"
              name="count"
              inputmode="numeric"
              [ngModel]="label.count()"
              (ngModelChange)="label.type({ count: $event })"
              [attr.aria-invalid]="label.wrong().count !== ''"
              aria-describedby="count-note"
            />
            <small id="count-note" class="wrong">{{ label.wrong().count }}</small>
            @if (label.pieces() > 1) {
              <label class="apart"
                ><input
                  type="checkbox"
                  name="apart"
                  [ngModel]="label.apart()"
                  (ngModelChange)="label.type({ apart: $event })"
                />
                keep them apart, cut one by one</label
              >
            }
          </div>
        }
        <div class="field">
          <span class="for"
            ><label for="price">Price for</label>
            <select
              name="priced-by"
              aria-label="Priced by"
              [ngModel]="label.pricedBy()"
              (ngModelChange)="label.type({ pricedBy: $event })"
            >
              @for (each of units; track each.id) {
                <option [value]="each.id">{{ each.name }}</option>
              }
            </select></span
          >
          <input
            id="price"
            class="text"
            name="price"
            inputmode="decimal"
            [attr.aria-label]="'Price for ' + unitName()"
            [ngModel]="label.price()"
            (ngModelChange)="label.type({ price: $event })"
            [placeholder]="pricePlaceholder()"
            [attr.aria-invalid]="label.wrong().price !== ''"
            aria-describedby="price-note"
          />
          <small id="price-note" [class.wrong]="label.wrong().price">{{
            label.wrong().price || priceHint()
          }}</small>
        </div>
        <div class="field">
          <label for="weight">{{ counted() ? 'Weight of all' : 'Weight on the label' }}</label>
          <input
            id="weight"
            class="text"
            name="weight"
            [ngModel]="label.weight()"
            (ngModelChange)="label.type({ weight: $event })"
            [placeholder]="
              label.purchase()?.workedOut === 'massDg'
                ? format.mass(label.purchase()!.massDg)
                : 'in ' + format.priceUnit() + (sized() ? ', or size 14' : '')
            "
            [attr.aria-invalid]="label.wrong().weight !== ''"
            aria-describedby="weight-note"
          />
          <small id="weight-note" class="wrong">{{ label.wrong().weight || weightHint() }}</small>
        </div>
        <div class="field">
          <label for="total">Total</label>
          <input
            id="total"
            class="text"
            name="total"
            inputmode="decimal"
            [ngModel]="label.total()"
            (ngModelChange)="label.type({ total: $event })"
            [placeholder]="
              label.purchase()?.workedOut === 'totalMinor'
                ? format.money(label.purchase()!.totalMinor)
                : format.currencySign()
            "
            [attr.aria-invalid]="label.wrong().total !== ''"
            aria-describedby="total-note"
          />
          <small id="total-note" class="wrong">{{ label.wrong().total }}</small>
        </div>
        <div class="field">
          <label for="discount-kind">Discount</label>
          <select
            id="discount-kind"
            class="text"
            name="discount-kind"
            [ngModel]="label.discountKind()"
            (ngModelChange)="label.type({ discountKind: $event })"
          >
            @for (each of discounts(); track each.kind) {
              <option [value]="each.kind">{{ each.name }}</option>
            }
          </select>
          <small></small>
        </div>
        @if (label.discountKind() !== 'none') {
          <div class="field">
            <label for="discount">{{ amountLabel() }}</label>
            <span class="pair">
              <input
                id="discount"
                class="text"
                name="discount"
                inputmode="decimal"
                [ngModel]="label.discount()"
                (ngModelChange)="label.type({ discount: $event })"
                [attr.aria-invalid]="label.wrong().discount !== ''"
                aria-describedby="discount-note"
              />
              @if (label.discountKind() === 'multi-buy') {
                <span class="soft">pay</span
                ><input
                  class="text"
                  name="pay"
                  inputmode="numeric"
                  aria-label="Pay for how many"
                  [ngModel]="label.pay()"
                  (ngModelChange)="label.type({ pay: $event })"
                />
              }
            </span>
            <small id="discount-note" class="wrong">{{ label.wrong().discount }}</small>
          </div>
        }
      </div>
    </fieldset>
  `,
  styles: `
    fieldset {
      border: 0;
      padding: 0;
      margin: 0 0 14px;
      min-width: 0;
    }
    legend {
      font: 650 var(--large) var(--name);
      padding: 0;
      margin-bottom: 8px;
    }
    .grid {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
      gap: 2px 12px;
    }
    .field > label,
    .for {
      font-size: var(--text-size);
      color: var(--soft);
      display: flex;
      gap: 4px;
      align-items: baseline;
      min-height: 27px;
      white-space: nowrap;
    }
    .for select {
      font: inherit;
      color: var(--ink);
      background: transparent;
      border: 0;
      border-bottom: 1px dotted var(--soft);
      padding: 0;
      min-height: 24px;
    }
    .for select option {
      background: var(--sheet);
    }
    .apart {
      display: flex;
      gap: 8px;
      align-items: center;
      min-height: 44px;
      white-space: normal;
      line-height: 1.2;
    }
    .apart input {
      width: 20px;
      height: 20px;
      accent-color: var(--act);
    }
    .pair {
      display: flex;
      gap: 8px;
      align-items: center;
    }
    @media (max-width: 900px) {
      .grid {
        grid-template-columns: 1fr 1fr;
        gap: 2px 12px;
      }
    }
  `,
})
export class LabelForm {
  protected readonly format = inject(Format);
  protected readonly label = inject(LabelDraft);
  protected readonly store = inject(HouseholdStore);
  readonly counted = input.required<boolean>();
  /** Sold by a size number in some places. */
  readonly sized = input(false);
  /** What the piece goes for, to stand in while no price is typed. */
  readonly goingPerKg = input.required<number | null>();
  /** How low the price is among those seen. */
  readonly priceHint = input('');
  /** That the weight is far from a usual one. */
  readonly weightHint = input('');

  protected readonly units = UNITS;
  protected readonly unitName = computed(
    () => UNITS.find(({ id }) => id === this.label.pricedBy())?.name ?? '',
  );
  protected readonly discounts = computed(() =>
    DISCOUNTS.map((each) =>
      each.kind === 'per-unit' ? { ...each, name: `off each ${this.format.priceUnit()}` } : each,
    ),
  );
  protected readonly pricePlaceholder = computed(() => {
    const purchase = this.label.purchase();
    if (purchase?.workedOut === 'perKgMinor') return this.format.perUnit(purchase.perKgMinor);
    const going = this.goingPerKg();
    return going === null ? this.format.currencySign() : `going ${this.format.perUnit(going).split('/')[0]}`;
  });
  protected readonly amountLabel = computed(
    () =>
      ({
        none: '',
        'off-total': 'Save how much',
        'per-unit': `Off each ${this.format.priceUnit()}`,
        percent: 'Per cent',
        'multi-buy': 'Buy',
        reduced: 'Reduced to, in all',
      })[this.label.discountKind()],
  );
}
