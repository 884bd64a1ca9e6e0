import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { USUAL_COOK_MINUTES, type Dinners } from '@core/dinner/dinners';
import { Notices } from '../../household/notices';
import { draftOf } from '../../ui/field/draft-of';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const HOUR = /^([01]\d|2[0-3]):[0-5]\d$/;

/** When the household eats, on which days without meat, and when somebody is up to take a pack out. */
@Component({
  selector: 'v-dinners-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (ngSubmit)="save()" aria-label="When we eat">
      <label class="field"
        ><span class="label">Dinner at</span><input class="text" type="time" name="at" [(ngModel)]="at"
      /></label>
      <label class="field"
        ><span class="label">Somebody is up from</span
        ><input class="text" type="time" name="from" [(ngModel)]="from"
      /></label>
      <label class="field"
        ><span class="label">until</span><input class="text" type="time" name="to" [(ngModel)]="to"
      /></label>
      <label class="field"
        ><span class="label">Minutes to cook</span
        ><input class="text" inputmode="numeric" name="cook" [(ngModel)]="cook"
      /></label>
      <div class="field">
        <span class="label">Without meat on</span
        ><span class="days" role="group" aria-label="Days without meat">
          @for (name of names; track name; let i = $index) {
            <button
              type="button"
              class="quiet small"
              [attr.aria-pressed]="meatless().includes(i + 1)"
              (click)="toggle(i + 1)"
            >
              {{ name }}
            </button>
          }
        </span>
      </div>
      <button type="submit" class="quiet">Save</button>
    </form>
  `,
  styles: `
    form {
      display: grid;
      grid-template-columns: repeat(3, 148px) 130px minmax(0, 1fr) auto;
      gap: 12px 16px;
      align-items: end;
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      padding: 16px 18px;
      margin-top: 14px;
    }
    .days {
      display: flex;
      gap: 6px;
      flex-wrap: wrap;
    }
    [aria-pressed='true'] {
      background: var(--ink);
      color: var(--paper);
    }
    @media (max-width: 900px) {
      form {
        grid-template-columns: 1fr 1fr;
      }
      form > div {
        grid-column: 1 / -1;
      }
    }
  `,
})
export class DinnersForm {
  private readonly notices = inject(Notices);
  readonly dinners = input.required<Dinners>();
  readonly saved = output<Dinners>();
  protected readonly names = WEEKDAYS;
  protected readonly at = draftOf(() => this.dinners().at);
  protected readonly from = draftOf(() => this.dinners().awake[0]);
  protected readonly to = draftOf(() => this.dinners().awake[1]);
  protected readonly cook = draftOf(() => String(this.dinners().cookMinutes ?? USUAL_COOK_MINUTES));
  protected readonly meatless = draftOf<readonly number[]>(() => this.dinners().meatless);

  protected toggle(day: number): void {
    this.meatless.update((days) =>
      days.includes(day) ? days.filter((each) => each !== day) : [...days, day].sort(),
    );
  }

  protected save(): void {
    if (![this.at(), this.from(), this.to()].every((time) => HOUR.test(time)))
      return this.notices.problem('Those are hours of the day, such as 19:00. Nothing was changed.');
    if (this.from() >= this.to())
      return this.notices.problem(
        'Somebody gets up before going to bed: the first hour is the earlier one. Nothing was changed.',
      );
    const cookMinutes = Number(this.cook().trim());
    if (!/^\d{1,4}$/.test(this.cook().trim()) || cookMinutes > 1440)
      return this.notices.problem('Minutes to cook are a whole number up to 1440. Nothing was changed.');
    this.saved.emit({
      ...this.dinners(),
      at: this.at(),
      awake: [this.from(), this.to()],
      cookMinutes,
      meatless: [...this.meatless()],
    });
  }
}
