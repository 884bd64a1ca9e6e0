import { massDoubt, typedMass } from '@core/format/typed-mass';
import { ANIMAL_IDS, type Animal } from '@core/ledger/animal';
import { enterPack } from '@core/deeds/enter-pack';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Dated, FactOf } from '@core/ledger/entry';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { LabelDate } from '../../household/parts/label-date';
import { countReader, orEmpty } from '@core/format/readers';
import { asOptions, Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';
import { draftOf } from '../../ui/form/draft-of';
import { Field } from '../../ui/field/field';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { ReadableForm } from '../../ui/form/readable-form';
import { TextField } from '../../ui/field/text-field';

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
/** What it is: that decides what it is for, and how long it keeps. */
const FORMS = {
  main: { word: 'steaks, chops, roasts, pieces', as: { destination: 'main' } },
  slices: { word: 'cutlets, cut one way, 5 mm or more', as: { destination: 'thin', prepared: 'slices' } },
  second: { word: 'smaller cuts', as: { destination: 'second' } },
  grind: { word: 'ground', as: { destination: 'grind' } },
  stew: { word: 'diced, strips, stew', as: { destination: 'stew' } },
  tenderised: { word: 'tenderised, injected, in brine', as: { destination: 'main', prepared: 'tenderised' } },
  sausage: { word: 'raw sausage', as: { destination: 'grind', prepared: 'sausage' } },
  organ: { word: 'liver, heart, giblets', as: { destination: 'second', prepared: 'organ' } },
  stock: { word: 'bones for stock', as: { destination: 'stock' } },
  render: { word: 'fat', as: { destination: 'render' } },
} as const satisfies Readonly<
  Record<string, { word: string; as: Pick<FactOf<'acquired'>, 'destination' | 'prepared'> }>
>;
type CutAs = keyof typeof FORMS;

/** A pack that no piece here stands behind: in the freezer before, a gift, or bought ready cut. */
@Component({
  selector: 'v-pack-form',
  imports: [Choice, Day, Field, FormsModule, LabelDate, ReadableForm, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './pack-form.html',
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
      padding-top: 27px;
    }
    .end .quiet {
      width: 100%;
      min-height: 48px;
    }
  `,
})
export class PackForm {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  private readonly clock = inject(Clock);

  readonly done = output();
  protected readonly origins = ORIGINS;
  protected readonly animals: Options<Animal | ''> = [['', 'unknown'], ...asOptions(ANIMAL_IDS)];
  protected readonly forms = Object.entries(FORMS).map(([id, { word }]) => [id as CutAs, word] as const);
  protected readonly keptOptions = KEPT;
  protected readonly today = this.clock.today;
  protected readonly name = signal('');
  protected readonly mass = signal('');
  protected readonly plates = signal('');
  protected readonly animal = signal<Animal | ''>('');
  protected readonly cutAs = signal<CutAs>('main');
  protected readonly origin = signal<(typeof ORIGINS)[number][0]>('already-here');
  protected readonly date = signal('');
  protected readonly kept = signal<(typeof KEPT)[number][0]>('');
  protected readonly until = signal('');
  protected readonly dated = signal<Dated | ''>('');
  protected readonly bought = signal(this.today());
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
  protected readonly places = computed((): Options<string> => [
    ...this.store.shelves().map(({ id, name }) => [id, name] as const),
    ['', 'no place yet'],
  ]);

  private readonly typedMass = computed(() => typedMass(this.mass(), 'small', this.format));
  private readonly typedPaid = computed(() => this.format.parseMoney(this.paid()));
  protected readonly massProblem = computed(() => {
    const text = this.mass();
    if (text.trim() === '') return this.tried() ? 'What does it weigh?' : '';
    const isMass = (this.typedMass()?.massDg ?? 0) > 0;
    return massDoubt(text, 'small', this.format) ?? (isMass ? '' : `“${text}” is no weight.`);
  });
  protected readonly paidWrong = computed(
    () => this.paid().trim() !== '' && !((this.typedPaid() ?? -1) >= 0),
  );
  protected readonly readPlates = orEmpty(0, countReader(1, 999, 'Plates are'));
  /** What is missing is said once somebody wants to go on. */
  protected readonly tried = signal(false);

  private readonly draft = draftKey('pack');
  /** For the day: from another one the days of the form would be others. */
  private readonly forget = keepInTab(() => `${this.draft()} ${this.today()}`, {
    name: this.name,
    mass: this.mass,
    plates: this.plates,
    animal: this.animal,
    cutAs: this.cutAs,
    origin: this.origin,
    date: this.date,
    kept: this.kept,
    until: this.until,
    dated: this.dated,
    bought: this.bought,
    paid: this.paid,
    place: this.place,
  });

  protected async save(): Promise<void> {
    this.tried.set(true);
    const mass = this.typedMass();
    if (!mass || this.name().trim() === '' || this.massProblem() !== '' || this.paidWrong()) return;
    const on = this.isFresh() ? this.bought() : this.date();
    const pack: FactOf<'acquired'> = {
      type: 'acquired',
      lot: this.clock.newId(),
      name: this.name().trim(),
      animal: this.animal() || undefined,
      ...FORMS[this.cutAs()].as,
      ...mass,
      count: 1,
      plates: Number(this.plates()) || undefined,
      paidMinor: this.paid().trim() === '' ? null : this.typedPaid(),
      origin: this.origin(),
      on: on || null,
      boughtOn: (this.isFresh() && on) || undefined,
      kept: this.kept() || undefined,
      until: this.until() || undefined,
      dated: (this.until() && this.dated()) || undefined,
    };
    const written = await this.store.perform(enterPack(pack, this.place(), this.today(), this.format));
    if (!written.ok) return;
    this.forget();
    this.done.emit();
  }
}
