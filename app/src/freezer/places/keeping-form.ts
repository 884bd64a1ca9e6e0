import { sealedDays } from '@core/cold/keeping-rules';
import { ANIMALS, sealedAnimals, type Animal } from '@core/ledger/animal';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { Format } from '@core/format/format';
import { FormsModule } from '@angular/forms';
import type { KeepingRules } from '@core/cold/keeping-rules';
import { countReader, orEmpty } from '@core/format/readers';
import { draftKey } from '../../household/draft-key';
import { Check } from '../../ui/field/check';
import { Choice, type Options } from '../../ui/field/choice';
import { draftOf } from '../../ui/form/draft-of';
import { keepFormInTab } from '../../ui/form/keep-form-in-tab';
import { Field } from '../../ui/field/field';
import { ReadableForm } from '../../ui/form/readable-form';

const SEALED = sealedAnimals() as Animal[];

/** How long the household keeps meat where nothing is published, and where its own advice is stricter. */
@Component({
  selector: 'v-keeping-form',
  imports: [Check, Choice, Field, FormsModule, ReadableForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './keeping-form.html',
  styleUrl: './keeping-form.css',
})
export class KeepingForm {
  readonly rules = input.required<KeepingRules>();
  readonly saved = output<KeepingRules>();
  protected readonly red = SEALED;
  protected readonly sealed = draftOf<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(SEALED.map((animal) => [animal, String(sealedDays(this.rules(), animal)?.due ?? '')])),
  );
  protected readonly thawed = draftOf(() => String(this.rules().thawedDays ?? ''));
  protected readonly neverRaw = draftOf(() => this.rules().refreezeRaw === false);
  protected readonly atRisk = draftOf(() => this.rules().atRisk === true);
  protected readonly heat = draftOf<'' | 'uk'>(() => this.rules().heat ?? '');

  /** Ours can be shortened, not lengthened: a date of the shop's is typed with the piece. */
  protected readonly readSealed = new Map(
    SEALED.map((animal) => [animal, countReader(1, ANIMALS[animal].sealed?.due ?? 1, 'Days sealed are')]),
  );
  protected readonly usual = (animal: Animal): string => String(ANIMALS[animal].sealed?.due ?? '');
  protected readonly format = inject(Format);
  protected readonly heats = computed((): Options<'' | 'uk'> => [
    ['', `USDA: ${this.format.heat(62.8)} and 3 minutes’ rest`],
    ['uk', `United Kingdom: ${this.format.heat(70)} for 2 minutes`],
  ]);
  protected readonly readThawed = orEmpty(
    null,
    countReader(0, 5, 'Leave it empty for the published days, or write'),
  );

  constructor() {
    const key = draftKey('keeping');
    keepFormInTab(() => `${key()} ${JSON.stringify(this.rules())}`, {
      sealed: this.sealed,
      thawed: this.thawed,
      neverRaw: this.neverRaw,
      atRisk: this.atRisk,
      heat: this.heat,
    });
  }

  protected change(animal: Animal, days: number): void {
    this.sealed.update((sealed) => ({ ...sealed, [animal]: String(days) }));
  }

  protected save(): void {
    const thawed = this.thawed();
    this.saved.emit({
      sealedDays: Object.fromEntries(SEALED.map((animal) => [animal, Number(this.sealed()[animal])])),
      ...(thawed === '' ? {} : { thawedDays: Number(thawed) }),
      ...(this.neverRaw() ? { refreezeRaw: false as const } : {}),
      ...(this.atRisk() ? { atRisk: true as const } : {}),
      ...(this.heat() === 'uk' ? { heat: 'uk' as const } : {}),
    });
  }
}
