import { sealedDays } from '@core/cold/keeping-rules';
import { sealedAnimals, type Animal } from '@core/ledger/animal';
import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { KeepingRules } from '@core/cold/keeping-rules';
import { countReader, orEmpty } from '@core/format/readers';
import { Check } from '../../ui/field/check';
import { draftOf } from '../../ui/form/draft-of';
import { Field } from '../../ui/field/field';
import { ReadableForm } from '../../ui/form/readable-form';

const SEALED = sealedAnimals() as Animal[];

/** How long the household keeps meat where nothing is published, and where its own advice is stricter. */
@Component({
  selector: 'v-keeping-form',
  imports: [Check, Field, FormsModule, ReadableForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './keeping-form.html',
  styleUrl: './keeping-form.css',
})
export class KeepingForm {
  readonly rules = input.required<KeepingRules>();
  readonly saved = output<KeepingRules>();
  protected readonly red = SEALED;
  protected readonly sealed = draftOf<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(SEALED.map((animal) => [animal, String(sealedDays(this.rules(), animal))])),
  );
  protected readonly thawed = draftOf(() => String(this.rules().thawedDays ?? ''));
  protected readonly neverRaw = draftOf(() => this.rules().refreezeRaw === false);

  protected readonly readSealed = countReader(1, 365, 'Days sealed are');
  protected readonly readThawed = orEmpty(
    null,
    countReader(0, 5, 'Leave it empty for the published days, or write'),
  );

  protected change(animal: Animal, days: number): void {
    this.sealed.update((sealed) => ({ ...sealed, [animal]: String(days) }));
  }

  protected save(): void {
    const thawed = this.thawed();
    this.saved.emit({
      sealedDays: Object.fromEntries(SEALED.map((animal) => [animal, Number(this.sealed()[animal])])),
      ...(thawed === '' ? {} : { thawedDays: Number(thawed) }),
      ...(this.neverRaw() ? { refreezeRaw: false as const } : {}),
    });
  }
}
