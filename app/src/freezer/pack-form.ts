import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Dated, FactOf } from '@core/journal/entry';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Acts } from '../kit/acts';
import { LabelDate } from '../kit/label-date';
import { draftOf } from '../kit/draft-of';

const ORIGINS = [
  ['already-here', 'was here before'],
  ['bought-cut', 'bought ready cut'],
  ['gift', 'a gift'],
] as const;
const KEPT = [
  ['', 'fresh'],
  ['bought-frozen', 'frozen'],
  ['frozen-before', 'frozen before, thawed by the shop'],
] as const;
const ANIMALS = ['beef', 'pork', 'lamb', 'chicken', 'turkey'] as const;
const FORMS = [
  ['main', 'steaks, chops, roasts, pieces'],
  ['second', 'smaller cuts'],
  ['grind', 'ground'],
  ['stew', 'stew or strips'],
  ['stock', 'bones for stock'],
  ['render', 'fat'],
] as const;

/** A pack that no piece here stands behind: in the freezer before, a gift, or bought ready cut. */
@Component({
  selector: 'v-pack-form',
  imports: [FormsModule, LabelDate],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form class="form" (ngSubmit)="save()" autocomplete="off" aria-label="Enter a pack">
      <div class="field">
        <label for="pf-name">What is it</label
        ><input id="pf-name" class="text" name="name" [(ngModel)]="name" placeholder="lamb shanks" />
      </div>
      <div class="field">
        <label for="pf-mass">Weight</label
        ><input
          id="pf-mass"
          class="text"
          name="mass"
          [(ngModel)]="mass"
          [placeholder]="'in ' + figures.smallUnit()"
          [attr.aria-invalid]="massWrong()"
        />
      </div>
      <div class="field">
        <label for="pf-plates">Plates, if known</label
        ><input id="pf-plates" class="text" name="plates" inputmode="numeric" [(ngModel)]="plates" />
      </div>
      <div class="field">
        <label for="pf-animal">Animal</label>
        <select id="pf-animal" class="text" name="animal" [(ngModel)]="animal">
          <option value="">unknown</option>
          @for (each of animals; track each) {
            <option [value]="each">{{ each }}</option>
          }
        </select>
      </div>
      <div class="field">
        <label for="pf-form">Cut as</label>
        <select id="pf-form" class="text" name="form" [(ngModel)]="destination">
          @for (each of forms; track each[0]) {
            <option [value]="each[0]">{{ each[1] }}</option>
          }
        </select>
      </div>
      <div class="field">
        <label for="pf-origin">It</label>
        <select id="pf-origin" class="text" name="origin" [(ngModel)]="origin">
          @for (each of origins; track each[0]) {
            <option [value]="each[0]">{{ each[1] }}</option>
          }
        </select>
      </div>
      <div class="field">
        <label for="pf-kept">When it came it was</label>
        <select id="pf-kept" class="text" name="kept" [(ngModel)]="kept">
          @for (each of keptOptions; track each[0]) {
            <option [value]="each[0]">{{ each[1] }}</option>
          }
        </select>
      </div>
      <v-label-date
        field="pf-until"
        [frozen]="kept() === 'bought-frozen'"
        [(dated)]="dated"
        [(until)]="until"
      />
      @if (isFresh()) {
        <div class="field">
          <label for="pf-bought">Bought on</label
          ><input id="pf-bought" class="text" name="bought" type="date" [max]="today" [(ngModel)]="bought" />
        </div>
      } @else {
        <div class="field">
          <label for="pf-date">Frozen on, if known</label
          ><input id="pf-date" class="text" name="date" type="date" [max]="today" [(ngModel)]="date" />
        </div>
      }
      <div class="field">
        <label for="pf-paid">Paid, if known</label
        ><input
          id="pf-paid"
          class="text"
          name="paid"
          inputmode="decimal"
          [(ngModel)]="paid"
          [placeholder]="figures.currencySign()"
          [attr.aria-invalid]="paidWrong()"
        />
      </div>
      <div class="field">
        <label for="pf-place">Lies in</label>
        <select id="pf-place" class="text" name="place" [(ngModel)]="place">
          @for (each of store.shelves(); track each.id) {
            <option [value]="each.id">{{ each.name }}</option>
          }
          <option value="">no place yet</option>
        </select>
      </div>
      <div class="end">
        <button type="submit" class="quiet" [attr.aria-disabled]="!ready() || null">Put it in</button>
      </div>
    </form>
  `,
  styles: `
    .form {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
      gap: 12px 16px;
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      padding: 18px 20px;
      margin-bottom: 22px;
      border-radius: 3px;
    }
    .end {
      display: flex;
      align-items: flex-end;
    }
    .end .quiet {
      width: 100%;
      min-height: 48px;
    }
  `,
})
export class PackForm {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly acts = inject(Acts);

  readonly done = output();
  protected readonly origins = ORIGINS;
  protected readonly animals = ANIMALS;
  protected readonly forms = FORMS;
  protected readonly keptOptions = KEPT;
  protected readonly today = this.clock.today();
  protected readonly name = signal('');
  protected readonly mass = signal('');
  protected readonly plates = signal('');
  protected readonly animal = signal<(typeof ANIMALS)[number] | ''>('');
  protected readonly destination = signal<(typeof FORMS)[number][0]>('main');
  protected readonly origin = signal<(typeof ORIGINS)[number][0]>('already-here');
  protected readonly date = signal('');
  protected readonly kept = signal<(typeof KEPT)[number][0]>('');
  protected readonly until = signal('');
  protected readonly dated = signal<Dated | ''>('');
  protected readonly bought = signal(this.today);
  /** Fresh, or thawed for sale: then its days count from the purchase. What was here before may be as it lies. */
  protected readonly isFresh = computed(
    () => this.kept() === 'frozen-before' || (this.kept() === '' && !this.liesFrozen()),
  );
  private readonly liesFrozen = computed(
    () =>
      this.origin() === 'already-here' &&
      this.store.shelves().find(({ id }) => id === this.place())?.cold !== 'refrigerator',
  );
  protected readonly paid = signal('');
  protected readonly place = draftOf(() => this.store.shelves()[0]?.id ?? '');

  private readonly typedMass = computed(() => this.figures.parseMass(this.mass(), 'small'));
  private readonly typedPaid = computed(() => this.figures.parseMoney(this.paid()));
  protected readonly massWrong = computed(
    () => this.mass().trim() !== '' && !((this.typedMass()?.massDg ?? 0) > 0),
  );
  protected readonly paidWrong = computed(
    () => this.paid().trim() !== '' && !((this.typedPaid() ?? -1) >= 0),
  );
  protected readonly ready = computed(
    () =>
      this.name().trim() !== '' &&
      this.mass().trim() !== '' &&
      !this.massWrong() &&
      !this.paidWrong() &&
      /^([1-9]\d{0,2})?$/.test(this.plates().trim()),
  );

  protected async save(): Promise<void> {
    const mass = this.typedMass();
    if (!mass || !this.ready())
      return this.notices.problem(
        'A pack wants a name and a weight; plates and paid may be empty, but not something else.',
      );
    const on = this.isFresh() ? this.bought() : this.date();
    if (this.isFresh() && on === '')
      return this.notices.problem(
        'Say when it was bought: its days count from then. Nothing was written down.',
      );
    if (on > this.today)
      return this.notices.problem(
        `${this.figures.dayAndYear(on)} is still to come: it cannot have been then. Nothing was written down.`,
      );
    const lot = this.clock.newId();
    const place = this.place();
    const fact: FactOf<'acquired'> = {
      type: 'acquired',
      lot,
      name: this.name().trim(),
      animal: this.animal() || undefined,
      destination: this.destination(),
      ...mass,
      count: 1,
      plates: Number(this.plates()) || undefined,
      paidMinor: this.paid().trim() === '' ? null : this.typedPaid(),
      origin: this.origin(),
      on: on || null,
      boughtOn: this.isFresh() ? on : undefined,
      kept: this.kept() || undefined,
      until: this.until() || undefined,
      dated: (this.until() && this.dated()) || undefined,
    };
    if (
      await this.acts.write(`${fact.name} is in`, [
        fact,
        ...(place ? [{ type: 'placed' as const, lot, place }] : []),
      ])
    )
      this.done.emit();
  }
}
