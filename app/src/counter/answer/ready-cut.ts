import { computed, inject, Injectable, signal } from '@angular/core';
import { asAsked } from '@core/price/as-asked';
import type { Asked, PriceNote } from '@core/price/price-note';
import { typedAsked } from '@core/format/typed-asked';
import { askPrice } from '@core/format/price-words';
import { priceParts } from '@core/price/typed-price';
import { bookWith, notesOf } from '@core/price/price-book';
import { priceQuestions } from '@core/price/price-questions';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import { draftOf } from '../../ui/form/draft-of';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { PieceAsked } from '../piece/piece-asked';

/**
 * Prices of ready-cut meat that were typed at the Counter. They count at once on every page of it,
 * and wait here until they are written down: with the purchase, or on request.
 */
@Injectable()
export class ReadyCut {
  private readonly store = inject(HouseholdStore);
  private readonly piece = inject(PieceAsked);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);

  /** Where and when they were seen. */
  readonly shop = signal('');
  readonly date = draftOf(() => this.clock.today());
  private readonly typedNow = signal<Readonly<Record<string, string>>>({});
  /** As typed, by shop item. */
  readonly typed = this.typedNow.asReadonly();

  readonly shopName = computed(() => this.shop().trim() || 'unnamed shop');

  readonly isAny = computed(() => Object.values(this.typed()).some((text) => text.trim() !== ''));
  readonly unreadable = computed(() =>
    Object.keys(this.typed()).filter((item) => this.textOf(item) !== '' && this.askedOf(item) === null),
  );
  /** Those that can be read, as they would be written down. */
  readonly notes = computed<PriceNote[]>(() =>
    Object.keys(this.typed()).flatMap((item): PriceNote[] => {
      const asked = this.askedOf(item);
      const price = asked && asAsked(asked);
      if (!asked || !price) return [];
      const typed = `${priceParts(this.textOf(item)).amount}/${asked.unit}`;
      return [{ item, shop: this.shopName(), ...price, on: this.date(), typed, ...this.ofGrade() }];
    }),
  );

  /** The household's prices with the typed ones among them. */
  readonly basis = computed(() => {
    const basis = this.store.basis();
    const book = bookWith(
      basis.pricing.book,
      this.notes().map((note) => ({ ...note, key: `typed-${note.item}` })),
    );
    return { ...basis, pricing: { ...basis.pricing, book, grade: this.piece.grade() } };
  });
  /** The grade of what is asked about, as a price carries it. */
  readonly ofGrade = computed(() => {
    const grade = this.piece.grade();
    return grade === null ? {} : { grade };
  });

  constructor() {
    const key = draftKey('ready-cut');
    keepInTab(() => `${key()} ${this.clock.today()}`, {
      typed: this.typedNow,
      shop: this.shop,
    });
  }

  /** Whose price it is: a sticker says so. */
  isSeenAt(shop: string): void {
    this.shop.set(shop);
  }

  type(item: string, text: string): void {
    this.typedNow.update((typed) => ({ ...typed, [item]: text }));
  }

  /** They are written down. */
  forget(): void {
    this.typedNow.set({});
  }

  /**
   * What was typed, and other prices with it, to be written down: once what is odd about them was asked.
   *
   * @returns null where one cannot be read, or somebody wants to look again
   */
  async sure(others: readonly PriceNote[] = []): Promise<readonly PriceNote[] | null> {
    if (this.unreadable().length > 0) {
      this.notices.problem('One of the prices for ready-cut meat cannot be read. Mend it or empty it.');
      return null;
    }
    const { book } = this.store.basis().pricing;
    const isNoted = (note: PriceNote): boolean =>
      notesOf(book, note.item).some(
        ({ shop, on, perKgMinor }) => shop === note.shop && on === note.on && perKgMinor === note.perKgMinor,
      );
    const notes = [...this.notes(), ...others].filter((note) => !isNoted(note));
    const questions = notes.flatMap((note) =>
      priceQuestions(book, note).map((question) => askPrice(note, question, this.format)),
    );
    if (questions.length === 0) return notes;
    const isSure = await this.ask.confirm('Is this price right?', questions.join(' '), 'Note this price');
    return isSure ? notes : null;
  }

  textOf(item: string): string {
    return (this.typed()[item] ?? '').trim();
  }

  private askedOf(item: string): Asked | null {
    return typedAsked(this.textOf(item), this.format);
  }
}
