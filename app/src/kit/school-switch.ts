import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { SCHOOL_IDS, SCHOOLS, type SchoolId } from '@core/cost/school';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';

/** The school of cost that every figure is shown under: one switch for the household. */
@Component({
  selector: 'v-school-switch',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="switch no-print" role="radiogroup" aria-label="How cost is shared">
      @for (id of ids; track id) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="id === store.school()"
          [class.on]="id === store.school()"
          (click)="choose(id)"
        >
          {{ schools[id].name }}
        </button>
      }
    </div>
    <p class="soft about">{{ about() }}</p>
  `,
  styles: `
    .switch {
      display: inline-flex;
      flex-wrap: wrap;
      border: 1.5px solid var(--ink);
      border-radius: 3px;
    }
    button {
      font: inherit;
      background: none;
      border: 0;
      border-right: 1px solid var(--line);
      color: var(--soft);
      padding: 0 16px;
      min-height: 44px;
      cursor: pointer;
    }
    button:last-child {
      border-right: 0;
    }
    button.on {
      background: var(--ink);
      color: var(--paper);
      font-weight: 600;
    }
    .about {
      margin: 6px 0 0;
      font-size: 0.95rem;
      max-width: 80ch;
    }
    @media (max-width: 900px) {
      .switch {
        display: grid;
        grid-template-columns: 1fr 1fr;
      }
    }
  `,
})
export class SchoolSwitch {
  protected readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);
  protected readonly ids = SCHOOL_IDS;
  protected readonly schools = SCHOOLS;
  protected readonly about = computed(() => SCHOOLS[this.store.school()].about);

  protected async choose(school: SchoolId): Promise<void> {
    const written = await this.store.changeSettings(() => ({ school }));
    if (!written.ok) this.notices.problem(this.notices.explain(written));
  }
}
