import { correctPrice, deletePrice } from '@core/deeds/note-prices';
import { askPrice } from '@core/format/price-words';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { shopItem } from '@core/catalogue/shop-items';
import type { PriceNote, PriceUnit } from '@core/price/price-note';
import { goingPrice } from '@core/price/going-price';
import { perKgOf } from '@core/price/per-kg';
import { notesOf, type KeyedNote } from '@core/price/price-book';
import { priceQuestions } from '@core/price/price-questions';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import { draftOf } from '../../ui/form/draft-of';

/** One price, written down or corrected in seconds: item, shop, price. The rest is preset. */
@Component({
  selector: 'v-price-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (ngSubmit)="save()" autocomplete="off">
      <div class="field item">
        <label for="price-item">Item</label>
        <select
          id="price-item"
          class="text"
          name="item"
          [ngModel]="item()"
          (ngModelChange)="chosen.emit($event)"
        >
          @for (each of items(); track each.id) {
            <option [value]="each.id">{{ each.name }}</option>
          }
        </select>
      </div>
      <div class="field">
        <label for="price-shop">Shop</label
        ><input
          id="price-shop"
          class="text"
          name="shop"
          maxlength="200"
          list="price-shops"
          [(ngModel)]="shop"
        />
        <datalist id="price-shops">
          @for (each of store.shops(); track each) {
            <option [value]="each"></option>
          }
        </datalist>
      </div>
      <div class="field">
        <label for="price-amount">Price</label
        ><input
          id="price-amount"
          class="text"
          name="amount"
          inputmode="decimal"
          [placeholder]="last()"
          [(ngModel)]="amount"
        />
      </div>
      <div class="field">
        <label for="price-unit">for</label>
        <select id="price-unit" class="text" name="unit" [(ngModel)]="unit">
          @for (each of units(); track each.id) {
            <option [value]="each.id">{{ each.name }}</option>
          }
        </select>
      </div>
      @if (unit() === 'piece' || unit() === 'pack') {
        <div class="field">
          <label for="price-weight">Its weight</label
          ><input
            id="price-weight"
            class="text"
            name="weight"
            [placeholder]="'in ' + format.smallUnit()"
            [(ngModel)]="weight"
          />
        </div>
      }
      <div class="field">
        <label for="price-day">Seen on</label
        ><input id="price-day" class="text" name="day" type="date" [max]="today()" [(ngModel)]="day" />
      </div>
      <label class="tick"><input type="checkbox" name="offer" [(ngModel)]="offer" /> on offer</label>
      <div class="field note">
        <label for="price-note">Note</label
        ><input id="price-note" class="text" name="note" maxlength="200" [(ngModel)]="note" />
      </div>
      <div class="acts">
        <button type="submit" class="quiet go" [attr.aria-disabled]="perKg() === null || null">
          {{ editing() ? 'Correct it' : 'Write it down' }}
        </button>
        @if (editing()) {
          <button type="button" class="quiet" (click)="done.emit()">Leave it</button
          ><button type="button" class="quiet" (click)="remove()">Delete</button>
        }
      </div>
      <p class="soft said">{{ said() }}</p>
    </form>
  `,
  styles: `
    form {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
      gap: 8px 14px;
      align-items: end;
    }
    .item {
      grid-column: span 2;
    }
    .note {
      grid-column: span 2;
    }
    .tick {
      display: flex;
      gap: 8px;
      align-items: center;
      min-height: 48px;
    }
    .tick input {
      width: 22px;
      height: 22px;
      accent-color: var(--act);
    }
    .acts {
      display: flex;
      gap: 8px;
      flex-wrap: wrap;
    }
    .go {
      background: var(--act);
      color: var(--act-ink);
      border-color: var(--act);
      min-height: 48px;
    }
    .go[aria-disabled='true'] {
      background: var(--line);
      color: var(--soft);
      border-color: var(--line);
    }
    .said {
      grid-column: 1 / -1;
      margin: 0;
      min-height: 1.3em;
    }
    @media (max-width: 900px) {
      form {
        grid-template-columns: 1fr 1fr;
      }
      .go {
        grid-column: 1 / -1;
      }
    }
  `,
})
export class PriceForm {
  protected readonly format = inject(Format);
  protected readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);
  readonly item = input.required<string>();
  /** A note to correct instead of writing a new one. */
  readonly editing = input<KeyedNote | null>(null);
  readonly chosen = output<string>();
  readonly done = output();

  protected readonly items = this.store.shopItems;
  protected readonly today = this.clock.today;
  private readonly key = (): string | undefined => this.editing()?.key;
  protected readonly shop = draftOf(() => this.editing()?.shop ?? '', this.key);
  protected readonly amount = draftOf(
    () => (this.editing() ? this.format.plainPerUnit(this.editing()!.perKgMinor) : ''),
    this.key,
  );
  protected readonly unit = draftOf<PriceUnit>(() => this.format.priceUnit(), this.key);
  protected readonly weight = signal('');
  protected readonly day = draftOf(() => this.editing()?.on ?? this.today(), this.key);
  protected readonly offer = draftOf(() => this.editing()?.offer ?? false, this.key);
  protected readonly note = draftOf(() => this.editing()?.note ?? '', this.key);

  protected readonly units = computed<{ id: PriceUnit; name: string }[]>(() => [
    { id: 'kg', name: 'a kg' },
    { id: 'lb', name: 'a lb' },
    { id: '100g', name: '100 g' },
    { id: 'piece', name: 'a piece' },
    { id: 'pack', name: 'a pack' },
  ]);

  protected readonly last = computed(() => {
    const notes = notesOf(this.store.basis().pricing.book, this.item());
    const here = notes.findLast(({ shop }) => shop === this.shop().trim()) ?? notes.at(-1);
    return here ? `last ${this.format.plainPerUnit(here.perKgMinor)}` : this.format.currencySign();
  });

  protected readonly perKg = computed(() => {
    const minor = this.format.parseMoney(this.amount());
    const each = this.format.parseMass(this.weight(), 'small');
    return minor === null || minor <= 0 ? null : perKgOf(minor, this.unit(), each?.massDg ?? null);
  });

  protected readonly said = computed(() => {
    const going = goingPrice(this.store.basis().pricing.book, this.item(), this.day());
    const perKg = this.perKg();
    if (perKg !== null && this.unit() !== this.format.priceUnit())
      return `That is ${this.format.perUnit(perKg)}.`;
    return going
      ? `Goes for ${this.format.perUnit(going.perKgMinor)}, from ${going.notes.length === 1 ? 'one shop' : going.notes.length + ' shops'}, ${this.format.age(going.notes[0]!.on)}.`
      : 'No price of it is known yet.';
  });

  protected async save(): Promise<void> {
    const perKgMinor = this.perKg();
    if (perKgMinor === null)
      return this.notices.problem(
        this.amount().trim() === ''
          ? 'Type a price.'
          : this.unit() === 'piece' || this.unit() === 'pack'
            ? 'Type what it weighs, so that its price can be compared.'
            : 'That is not a price.',
      );
    const shop = this.shop().trim() || 'unnamed shop';
    const value: PriceNote = {
      item: this.item(),
      shop,
      perKgMinor,
      on: this.day() || this.today(),
      ...(this.unit() === 'kg' ? {} : { typed: `${this.amount().trim()}/${this.unit()}` }),
      ...(this.offer() ? { offer: true } : {}),
      ...(this.note().trim() ? { note: this.note().trim() } : {}),
    };
    const book = this.store.basis().pricing.book;
    const questions = priceQuestions(book, value, this.editing()?.key);
    const double = questions.find((question) => question.code === 'same-day');
    const text = questions.map((question) => askPrice(value, question, this.format)).join(' ');
    if (
      text &&
      !(await this.ask.confirm(
        'Is this price right?',
        text,
        double ? 'Put this one in its place' : 'Yes, it is',
      ))
    )
      return;
    const key = this.editing()?.key ?? double?.other.key ?? this.clock.newId();
    const said = `${shopItem(value.item)?.name}, ${shop}: ${this.format.perUnit(perKgMinor)}`;
    const written = await this.store.perform(correctPrice(key, value, said));
    if (!written.ok) return;
    this.amount.set('');
    this.weight.set('');
    this.note.set('');
    this.done.emit();
  }

  protected async remove(): Promise<void> {
    const key = this.editing()?.key;
    if (!key) return;
    if ((await this.store.perform(deletePrice(key))).ok) this.done.emit();
  }
}
