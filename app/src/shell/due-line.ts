import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { Clock } from '../household/clock';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { Due } from './due';

/** One line on every page: what has to leave the freezer by when, and what is past its last day. */
@Component({
  selector: 'v-due-line',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'no-print', role: 'status' },
  template: `
    @if (out(); as out) {
      <a class="out" [routerLink]="'/' + household + '/' + out.where">
        <i class="pi pi-clock" aria-hidden="true"></i>
        <span
          ><b>{{ out.when }}</b> {{ out.what }}</span
        >
      </a>
    }
    @if (past(); as past) {
      <a class="past" [routerLink]="['/', household, 'freezer']">
        <i class="pi pi-exclamation-triangle" aria-hidden="true"></i> <span>{{ past }}</span>
      </a>
    }
  `,
  styleUrl: './due-line.css',
})
export class DueLine {
  private readonly due = inject(Due);
  private readonly clock = inject(Clock);
  private readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);

  protected readonly out = computed(() => {
    const [first, ...more] = this.due.soon();
    if (!first) return null;
    const others = more.length > 0 ? `, and ${more.length} more` : '';
    if (first.what === 'cut')
      return { where: 'freezer', when: 'Today', what: `open or freeze ${lotName(first.lot)}${others}` };
    const isNow = first.at <= this.clock.now();
    return {
      where: first.lot.form === 'piece' ? 'freezer' : 'freezer/week',
      when: isNow ? 'Now' : `By ${this.format.timeOf(first.at)}`,
      what: `${lotName(first.lot)} out of the freezer${others}`,
    };
  });

  protected readonly past = computed(() => {
    const [first, ...more] = this.due.overdue();
    if (!first) return null;
    return more.length === 0
      ? `${lotName(first)} is past its last day`
      : `${more.length + 1} are past their last day`;
  });
}
