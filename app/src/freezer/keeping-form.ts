import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { KeepingRules } from '@core/journal/settings';
import { Notices } from '../data/notices';
import { draftOf } from '../kit/draft-of';

const RED = ['beef', 'lamb', 'pork'] as const;

/** How long the household keeps meat where nothing is published, and where its own advice is stricter. */
@Component({
  selector: 'v-keeping-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (ngSubmit)="save()" aria-label="How long it keeps">
      <fieldset>
        <legend>A whole piece in its packer’s sealed bag, without a use-by date</legend>
        <p class="soft">
          Nothing is published for it. After so many days it is said “open or freeze it; ask the shop”: 14 for
          beef and lamb and 7 for pork are ours.
        </p>
        <div class="row">
          @for (animal of red; track animal) {
            <label class="field"
              ><span class="label">{{ animal }}, days</span
              ><input
                class="text"
                inputmode="numeric"
                [name]="animal"
                [attr.aria-label]="'Days sealed, ' + animal"
                [ngModel]="sealed()[animal]"
                (ngModelChange)="change(animal, $event)"
            /></label>
          }
        </div>
      </fieldset>
      <fieldset>
        <legend>Thawed in the refrigerator</legend>
        <p class="soft">
          Published are 1 to 2 more days for birds, ground and cubed meat, 3 to 5 for whole pieces and steaks.
          Where your local advice is stricter, it counts.
        </p>
        <div class="row">
          <label class="field"
            ><span class="label">At most, days</span
            ><input
              class="text wide"
              inputmode="numeric"
              name="thawed"
              placeholder="as published"
              aria-label="Days thawed at most"
              [(ngModel)]="thawed"
          /></label>
          <label class="tick"
            ><input type="checkbox" name="never" [(ngModel)]="neverRaw" /> Never freeze it again raw</label
          >
        </div>
      </fieldset>
      <button type="submit" class="quiet">Save the rules</button>
    </form>
  `,
  styles: `
    form {
      display: grid;
      gap: 20px;
      justify-items: start;
      margin-top: 10px;
    }
    fieldset {
      border: 0;
      margin: 0;
      padding: 0;
      max-width: 620px;
    }
    legend {
      padding: 0;
      font-weight: 600;
    }
    p {
      margin: 2px 0 8px;
    }
    .row {
      display: flex;
      gap: 16px;
      flex-wrap: wrap;
      align-items: end;
    }
    .field {
      width: 118px;
    }
    .field:has(.wide) {
      width: 150px;
    }
    .tick input {
      width: 22px;
      height: 22px;
      accent-color: var(--act);
    }
    .tick {
      display: flex;
      gap: 8px;
      align-items: center;
      min-height: 44px;
    }
  `,
})
export class KeepingForm {
  private readonly notices = inject(Notices);
  readonly rules = input.required<KeepingRules>();
  readonly saved = output<KeepingRules>();
  protected readonly red = RED;
  protected readonly sealed = draftOf<Record<(typeof RED)[number], string>>(() => {
    const { beef, lamb, pork } = this.rules().sealedDays;
    return { beef: String(beef), lamb: String(lamb), pork: String(pork) };
  });
  protected readonly thawed = draftOf(() => String(this.rules().thawedDays ?? ''));
  protected readonly neverRaw = draftOf(() => this.rules().refreezeRaw === false);

  protected change(animal: (typeof RED)[number], days: string): void {
    this.sealed.update((sealed) => ({ ...sealed, [animal]: days }));
  }

  protected save(): void {
    const [beef, lamb, pork] = RED.map((animal) => wholeDays(this.sealed()[animal], 1, 365));
    if (!beef || !lamb || !pork)
      return this.notices.problem('Days sealed are whole numbers from 1 to 365. Nothing was changed.');
    const said = this.thawed().trim();
    const thawedDays = said === '' ? undefined : wholeDays(said, 0, 5);
    if (thawedDays === null)
      return this.notices.problem(
        'Days thawed are a whole number from 0 to 5, or nothing for the published ones. Nothing was changed.',
      );
    this.saved.emit({
      sealedDays: { beef, lamb, pork },
      ...(thawedDays === undefined ? {} : { thawedDays }),
      ...(this.neverRaw() ? { refreezeRaw: false as const } : {}),
    });
  }
}

function wholeDays(text: string, least: number, most: number): number | null {
  const days = /^\d{1,3}$/.test(text.trim()) ? Number(text) : NaN;
  return days >= least && days <= most ? days : null;
}
