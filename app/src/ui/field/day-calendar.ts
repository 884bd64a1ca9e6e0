import button from '@primeuix/themes/aura/button';
import datepicker from '@primeuix/themes/aura/datepicker';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Format } from '@core/format/format';
import type { IsoDate } from '@core/units/date';
import { DatePicker } from 'primeng/datepicker';
import { wears } from '../wears';

wears({ button, datepicker });

/** A calendar shows days of this browser's zone; a day is a day, whatever the zone. */
const asDate = (day: IsoDate): Date => new Date(`${day}T12:00:00`);
const asDay = (date: Date): IsoDate =>
  [date.getFullYear(), date.getMonth() + 1, date.getDate()]
    .map((each) => String(each).padStart(2, '0'))
    .join('-');

/** A month to pick a day from, with today and yesterday at hand. */
@Component({
  selector: 'v-day-calendar',
  imports: [DatePicker, FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="near">
      @for (near of offered(); track near.day) {
        <button type="button" class="quiet small" (click)="chosen.emit(near.day)">{{ near.word }}</button>
      }
    </div>
    <p-datepicker
      [inline]="true"
      [minDate]="from()"
      [maxDate]="until()"
      [defaultDate]="until() ?? null"
      [pt]="readAsWritten"
      [ngModel]="date()"
      (ngModelChange)="pick($event)"
    />
  `,
  styles: `
    .near {
      display: flex;
      gap: 8px;
      margin-bottom: 10px;
    }
  `,
})
export class DayCalendar {
  private readonly format = inject(Format);
  readonly value = input.required<IsoDate>();
  readonly earliest = input<IsoDate>();
  readonly latest = input<IsoDate>();
  readonly chosen = output<IsoDate>();

  /** The buttons of the month and the year are called what they show. */
  protected readonly readAsWritten = {
    selectMonth: { 'aria-label': null },
    selectYear: { 'aria-label': null },
  };

  protected readonly date = computed(() => (this.value() === '' ? null : asDate(this.value())));
  protected readonly from = computed(() => dateOf(this.earliest()));
  protected readonly until = computed(() => dateOf(this.latest()));
  protected readonly offered = computed(() =>
    (
      [
        ['Yesterday', -1],
        ['Today', 0],
        ['Tomorrow', 1],
      ] as const
    )
      .map(([word, days]) => ({ word, day: this.format.dayFromToday(days) }))
      .filter(({ day }) => day >= (this.earliest() ?? day) && day <= (this.latest() ?? day)),
  );

  protected pick(date: Date | null): void {
    if (date) this.chosen.emit(asDay(date));
  }
}

const dateOf = (day: IsoDate | undefined): Date | undefined => (day ? asDate(day) : undefined);
