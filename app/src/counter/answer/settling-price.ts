import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { AnswerNow } from './answer-now';
import { GapPrices } from './gap-prices';

const LIST = new Intl.ListFormat('en-GB');

/** What would settle an open answer, and fields for the prices bought cut that it lacks: the one that moves it most first. */
@Component({
  selector: 'v-settling-price',
  imports: [GapPrices],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (settles(); as open) {
      <p>
        {{ open.isWorthIt ? 'Worth it' : 'Comes out ahead' }} if {{ open.names }} costs over
        <b>{{ format.perUnit(open.perKgMinor) }}</b>{{ open.range }}.
      </p>
    }
    @if (kind(); as of) {
      <v-gap-prices [kind]="of" [parts]="parts()" [deciding]="settles()?.first ?? null" />
    }
  `,
  styles: `
    :host {
      display: block;
      --field-height: 56px;
      --field-size: var(--head);
    }
    :host:empty {
      display: none;
    }
    p {
      margin: 6px 0 4px;
    }
    b {
      white-space: nowrap;
    }
  `,
})
export class SettlingPrice {
  protected readonly format = inject(Format);
  private readonly answer = inject(AnswerNow);

  protected readonly settles = computed(() => {
    const settles = this.answer.settles();
    if (!settles) return null;
    const names = settles.items.map((item) => this.answer.nameOf(item));
    const [low, even, high] = [settles.lowMinor, settles.perKgMinor, settles.highMinor].map(
      (minor) => this.format.perUnit(minor).split('/')[0] ?? '',
    );
    return {
      first: settles.items[0] ?? null,
      names: names.length > 1 ? `${LIST.format(names)}, one with another,` : (names[0] ?? 'what is left'),
      perKgMinor: settles.perKgMinor,
      isWorthIt: settles.isWorthIt,
      range: low === even && high === even ? '' : ` (${low} to ${high}, four times in five)`,
    };
  });

  protected readonly kind = computed(() => this.answer.asked()?.kind ?? null);
  protected readonly parts = computed(() => this.answer.prediction()?.parts ?? []);
}
