import inputtext from '@primeuix/themes/aura/inputtext';
import {
  ChangeDetectionStrategy,
  Component,
  effect,
  type ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { readDay } from '@core/format/read-day';
import { Format } from '@core/format/format';
import type { IsoDate } from '@core/units/date';
import { InputText } from 'primeng/inputtext';
import { PopoverButton } from '../over/popover-button';
import { DayCalendar } from './day-calendar';
import { newFieldId } from './field-id';
import { Labelled, type LabelLook } from './labelled';
import { wears } from '../wears';

wears({ inputtext });

/**
 * A day: typed as people write one ("26 Nov", "yesterday", "26.11."), or picked from a calendar. What
 * is no day, or lies outside the limits, is said beside it and does not count.
 */
@Component({
  selector: 'v-day',
  imports: [DayCalendar, InputText, Labelled, PopoverButton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field', '[class.beside]': "look() === 'beside'" },
  template: `
    <v-labelled [of]="id" [label]="label()" [look]="look()" [problem]="problem()" [hint]="hint()">
      <span class="with-button">
        <input
          pInputText
          #field
          [id]="id"
          autocomplete="off"
          [attr.aria-label]="named() || null"
          [attr.placeholder]="placeholder() || ' '"
          [attr.aria-invalid]="problem() ? true : null"
          [attr.aria-describedby]="problem() || hint() ? id + '-why' : null"
          (change)="take(field.value)"
          (keydown.escape)="showWhatCounts()"
        />
        <v-popover-button
          #calendar
          look="icon"
          [named]="'Calendar: ' + (named() || label())"
          (opened)="isWanted.set(true)"
        >
          <i face class="pi pi-calendar" aria-hidden="true"></i>
          @defer (when isWanted()) {
            <v-day-calendar
              [value]="value()"
              [earliest]="earliest()"
              [latest]="latest()"
              (chosen)="pick($event); calendar.close()"
            />
          } @placeholder {
            <div class="room"></div>
          }
        </v-popover-button>
      </span>
    </v-labelled>
  `,
  styles: `
    .room {
      width: 320px;
      height: 390px;
    }
  `,
})
export class Day {
  private readonly format = inject(Format);
  readonly label = input.required<string>();
  readonly named = input('');
  readonly look = input<LabelLook>('above');
  /** What counts now; empty where no day is known. */
  readonly value = input.required<IsoDate>();
  readonly earliest = input<IsoDate>();
  readonly latest = input<IsoDate>();
  readonly placeholder = input('');
  readonly hint = input('');
  /** Emits the day, or nothing where the field was emptied. */
  readonly valueChange = output<IsoDate>();

  protected readonly id = newFieldId();
  protected readonly problem = signal('');
  protected readonly isWanted = signal(false);
  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('field');

  constructor() {
    effect(() => {
      this.value();
      this.showWhatCounts();
    });
  }

  protected take(text: string): void {
    if (text.trim() === '') return this.pick('');
    const [earliest, latest] = [this.earliest(), this.latest()];
    const read = readDay(text, this.format.dayFromToday(0), { earliest, latest });
    if (!read.ok) return this.says(read.problem);
    if (latest && read.value > latest)
      return this.says(`${this.format.dayAndYear(read.value)} is still to come.`);
    if (earliest && read.value < earliest)
      return this.says(`The earliest is ${this.format.dayAndYear(earliest)}.`);
    this.pick(read.value);
  }

  protected pick(day: IsoDate): void {
    this.valueChange.emit(day);
    this.showWhatCounts();
  }

  private says(problem: string): void {
    const counts = this.value();
    this.problem.set(counts === '' ? problem : `${problem} ${this.format.dayInField(counts)} stands.`);
  }

  /** Written by hand, as in every field that reads what is typed. */
  protected showWhatCounts(): void {
    this.problem.set('');
    const counts = this.value();
    this.field().nativeElement.value = counts === '' ? '' : this.format.dayInField(counts);
  }
}
