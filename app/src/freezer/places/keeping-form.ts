import { sealedDays } from '@core/freeze/keeping-rules';
import { sealedAnimals, type Animal } from '@core/ledger/animal';
import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { KeepingRules } from '@core/freeze/keeping-rules';
import { Notices } from '../../household/notices';
import { draftOf } from '../../ui/field/draft-of';

const SEALED = sealedAnimals() as Animal[];

/** How long the household keeps meat where nothing is published, and where its own advice is stricter. */
@Component({
  selector: 'v-keeping-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './keeping-form.html',
  styleUrl: './keeping-form.css',
})
export class KeepingForm {
  private readonly notices = inject(Notices);
  readonly rules = input.required<KeepingRules>();
  readonly saved = output<KeepingRules>();
  protected readonly red = SEALED;
  protected readonly sealed = draftOf<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(SEALED.map((animal) => [animal, String(sealedDays(this.rules(), animal))])),
  );
  protected readonly thawed = draftOf(() => String(this.rules().thawedDays ?? ''));
  protected readonly neverRaw = draftOf(() => this.rules().refreezeRaw === false);

  protected change(animal: Animal, days: string): void {
    this.sealed.update((sealed) => ({ ...sealed, [animal]: days }));
  }

  protected save(): void {
    const days = SEALED.map((animal) => [animal, wholeDays(this.sealed()[animal] ?? '', 1, 365)] as const);
    if (days.some(([, each]) => each === null))
      return this.notices.problem('Days sealed are whole numbers from 1 to 365. Nothing was changed.');
    const said = this.thawed().trim();
    const thawedDays = said === '' ? undefined : wholeDays(said, 0, 5);
    if (thawedDays === null)
      return this.notices.problem(
        'Days thawed are a whole number from 0 to 5, or nothing for the published ones. Nothing was changed.',
      );
    this.saved.emit({
      sealedDays: Object.fromEntries(days),
      ...(thawedDays === undefined ? {} : { thawedDays }),
      ...(this.neverRaw() ? { refreezeRaw: false as const } : {}),
    });
  }
}

function wholeDays(text: string, least: number, most: number): number | null {
  const days = /^\d{1,3}$/.test(text.trim()) ? Number(text) : NaN;
  return days >= least && days <= most ? days : null;
}
