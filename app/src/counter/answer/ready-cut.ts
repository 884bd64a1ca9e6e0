import { computed, inject, Injectable, signal } from '@angular/core';
import type { PriceNote } from '@core/price/price-note';
import { bookWith } from '@core/price/price-book';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { keepInTab } from '../../ui/form/keep-in-tab';

/**
 * Prices of ready-cut meat that were typed at the Counter. They count at once on every page of it,
 * and wait here until they are written down: with the purchase, or on request.
 */
@Injectable()
export class ReadyCut {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);

  /** Where and when they were seen. */
  readonly shop = signal('');
  readonly date = signal(this.clock.today());
  private readonly typedNow = signal<Readonly<Record<string, string>>>({});
  /** As typed, by shop item. */
  readonly typed = this.typedNow.asReadonly();

  readonly isAny = computed(() => Object.values(this.typed()).some((text) => text.trim() !== ''));
  readonly unreadable = computed(() =>
    Object.keys(this.typed()).filter((item) => this.textOf(item) !== '' && this.perKgOf(item) === null),
  );
  /** Those that can be read, as they would be written down. */
  readonly notes = computed<PriceNote[]>(() =>
    Object.keys(this.typed()).flatMap((item): PriceNote[] => {
      const perKgMinor = this.perKgOf(item);
      if (perKgMinor === null) return [];
      const typed = `${this.textOf(item)}/${this.format.priceUnit()}`;
      return [{ item, shop: this.shop().trim() || 'unnamed shop', perKgMinor, on: this.date(), typed }];
    }),
  );

  /** The household's prices with the typed ones among them. */
  readonly basis = computed(() => {
    const basis = this.store.basis();
    const book = bookWith(
      basis.pricing.book,
      this.notes().map((note) => ({ ...note, key: `typed-${note.item}` })),
    );
    return { ...basis, pricing: { ...basis.pricing, book } };
  });

  constructor() {
    const key = `vendicus-ready-cut-${inject(HOUSEHOLD_NAME)}-${this.clock.today()}`;
    keepInTab(() => key, {
      typed: this.typedNow,
      shop: this.shop,
    });
  }

  type(item: string, text: string): void {
    this.typedNow.update((typed) => ({ ...typed, [item]: text }));
  }

  /** They are written down. */
  forget(): void {
    this.typedNow.set({});
  }

  textOf(item: string): string {
    return (this.typed()[item] ?? '').trim();
  }

  private perKgOf(item: string): number | null {
    const minor = this.format.parsePerUnit(this.textOf(item));
    return minor !== null && minor > 0 ? minor : null;
  }
}
