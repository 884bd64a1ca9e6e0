import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { USUAL_COOK_MINUTES, type Dinners } from '@core/dinner/dinners';
import { draftKey } from '../../household/draft-key';
import { Notices } from '../../household/notices';
import { draftOf } from '../../ui/form/draft-of';
import { keepFormInTab } from '../../ui/form/keep-form-in-tab';
import { Format } from '@core/format/format';
import { countReader } from '@core/format/readers';
import { readTime } from '@core/format/read-time';
import { Field } from '../../ui/field/field';
import { ReadableForm } from '../../ui/form/readable-form';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** When the household eats, on which days without meat, and when somebody is up to take a pack out. */
@Component({
  selector: 'v-dinners-form',
  imports: [Field, FormsModule, ReadableForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './dinners-form.html',
  styleUrl: './dinners-form.css',
})
export class DinnersForm {
  protected readonly format = inject(Format);
  private readonly notices = inject(Notices);
  protected readonly readTime = readTime;
  protected readonly readMinutes = countReader(0, 1440, 'Minutes to cook are');
  readonly dinners = input.required<Dinners>();
  readonly saved = output<Dinners>();
  protected readonly names = WEEKDAYS;
  protected readonly at = draftOf(() => this.dinners().at);
  protected readonly from = draftOf(() => this.dinners().awake[0]);
  protected readonly to = draftOf(() => this.dinners().awake[1]);
  protected readonly cook = draftOf(() => this.dinners().cookMinutes ?? USUAL_COOK_MINUTES);
  protected readonly meatless = draftOf<readonly number[]>(() => this.dinners().meatless);

  constructor() {
    const key = draftKey('dinners');
    keepFormInTab(() => `${key()} ${JSON.stringify(this.dinners())}`, {
      at: this.at,
      from: this.from,
      to: this.to,
      cook: this.cook,
      meatless: this.meatless,
    });
  }

  protected toggle(day: number): void {
    this.meatless.update((days) =>
      days.includes(day) ? days.filter((each) => each !== day) : [...days, day].sort(),
    );
  }

  protected save(): void {
    if (this.from() >= this.to())
      return this.notices.problem(
        'Somebody gets up before going to bed: the first hour is the earlier one. Nothing was changed.',
      );
    this.saved.emit({
      ...this.dinners(),
      at: this.at(),
      awake: [this.from(), this.to()],
      cookMinutes: this.cook(),
      meatless: [...this.meatless()],
    });
  }
}
