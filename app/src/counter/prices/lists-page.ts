import { ChangeDetectionStrategy, Component, computed, inject, resource, signal } from '@angular/core';
import { shopItem } from '@core/catalogue/shop-items';
import { notePrices } from '@core/deeds/note-prices';
import { Format } from '@core/format/format';
import { goingPrice } from '@core/price/going-price';
import { notesOf } from '@core/price/price-book';
import { seenSpan } from '@core/price/seen-span';
import { Clock } from '../../household/clock';
import { MAY_PRACTISE } from '../../household/may-practise';
import { HouseholdStore } from '../../household/household-store';
import { PriceLists } from '../../devices/price-lists';
import { asOptions, Choice, type Options } from '../../ui/field/choice';
import { Fold } from '../../ui/over/fold';
import { TapeStrip } from '../../ui/tape/tape-strip';
import { Slips } from '../../ui/told/slips';
import { ListSources } from './list-sources';

/** A shop's weekly list, to look through and take over into the price book. */
@Component({
  selector: 'v-lists-page',
  imports: [Choice, Fold, ListSources, Slips, TapeStrip],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './lists-page.html',
  styleUrl: './lists-page.css',
})
export class ListsPage {
  protected readonly format = inject(Format);
  protected readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly source = inject(PriceLists);
  private readonly mayPractise = inject(MAY_PRACTISE);

  private readonly asked = computed(() => ({
    sources: [...this.store.lists().values()],
    today: this.clock.today(),
    currency: this.store.settings().currency,
  }));
  protected readonly lists = resource({
    params: this.asked,
    loader: async ({ params: { sources, today, currency } }) => {
      const all = await Promise.all(
        sources.map((source) => this.source.load(source, today, this.mayPractise)),
      );
      return {
        shops: all.flatMap((each) =>
          each.ok && each.value.lists.currency === currency
            ? each.value.lists.shops.map((shop) => ({ ...shop, isPractice: each.value.isPractice }))
            : [],
        ),
        problems: all.flatMap((each) => {
          if (!each.ok) return [each.problem];
          return each.value.lists.currency === currency
            ? []
            : [
                `A list is in ${each.value.lists.currency}, and this household counts in ${currency}: its prices cannot be taken over.`,
              ];
        }),
      };
    },
  });
  protected readonly shop = signal('');
  protected readonly on = signal('');
  private readonly told = computed(() => (this.lists.hasValue() ? this.lists.value() : null));
  protected readonly problems = computed(() => this.told()?.problems ?? []);
  private readonly all = computed(() => this.told()?.shops ?? []);
  protected readonly shops = computed(() => asOptions(this.all().map(({ shop }) => shop)));
  protected readonly ofShop = computed(
    () => this.all().find(({ shop }) => shop === this.shop()) ?? this.all()[0],
  );
  private readonly ons = computed(() =>
    (this.ofShop()?.weeks ?? [])
      .map(({ on }) => on)
      .filter((on) => on <= this.clock.today())
      .reverse(),
  );
  protected readonly weeks = computed((): Options<string> =>
    this.ons().map((on) => [on, this.format.day(on)] as const),
  );
  protected readonly week = computed(
    () =>
      this.ofShop()?.weeks.find(({ on }) => on === (this.on() || this.ons()[0])) ??
      this.ofShop()?.weeks.at(-1),
  );

  protected readonly rows = computed(() => {
    const [week, shop] = [this.week(), this.ofShop()?.shop ?? ''];
    const { book } = this.store.basis().pricing;
    return (week?.lines ?? []).map(([item, perKgMinor, offer]) => {
      const going = goingPrice(book, item, this.clock.today())?.perKgMinor ?? null;
      const [low, high] = seenSpan(book, item, this.clock.today()) ?? [perKgMinor, perKgMinor];
      const share = going === null ? 0 : perKgMinor / going - 1;
      return {
        item,
        perKgMinor,
        offer: offer === 1,
        name: shopItem(item)?.name ?? item,
        going,
        span: { from: Math.min(low, perKgMinor), to: Math.max(high, perKgMinor) },
        isLow: going !== null && share < -0.05,
        difference:
          Math.abs(share) < 0.005
            ? 'the same'
            : `${this.format.percent(Math.abs(share), 0)} ${share < 0 ? 'lower' : 'higher'}`,
        known: notesOf(book, item).some((note) => note.on === week?.on && note.shop === shop),
      };
    });
  });
  protected readonly newLines = computed(() => this.rows().filter(({ known }) => !known));

  protected async takeOver(
    rows: readonly { item: string; perKgMinor: number; offer: boolean; name: string }[],
  ): Promise<void> {
    const [on, shop] = [this.week()?.on, this.ofShop()?.shop];
    if (!on || !shop) return;
    const notes = rows.map(({ item, perKgMinor, offer }) => ({
      item,
      shop,
      perKgMinor,
      on,
      ...(offer ? { offer } : {}),
      ...(this.ofShop()?.isPractice ? { practice: true as const } : {}),
    }));
    const say = rows.length === 1 ? `${rows[0]?.name} taken over.` : `${rows.length} prices taken over.`;
    await this.store.perform(notePrices(notes, say, () => this.clock.newId()));
  }
}
