import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Notices } from '../../household/notices';
import { WeightDoubt } from '../weighing/weight-doubt';
import { Hand } from './hand';

/** What went wrong, or what a weight may mean: said where the weighings stand, and nothing is covered. */
@Component({
  selector: 'v-said-here',
  imports: [WeightDoubt],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (problem(); as why) {
      <p class="problem">
        <i class="pi pi-exclamation-triangle" aria-hidden="true"></i><span>{{ why.text }}</span>
        @if (why.act; as act) {
          <button type="button" class="quiet small" (click)="act.run()">{{ act.label }}</button>
        }
        <button type="button" class="icon" aria-label="Close this notice" (click)="notices.close()">
          <i class="pi pi-times" aria-hidden="true"></i>
        </button>
      </p>
    } @else if (hand.question()) {
      <v-weight-doubt />
    }
  `,
  styles: `
    :host {
      display: flex;
      align-items: center;
      min-width: 0;
    }
    v-weight-doubt {
      flex: 1;
    }
    p {
      margin: 0;
      max-width: none;
      line-height: 1.25;
    }
    .problem {
      flex: 1;
      display: flex;
      gap: 10px;
      align-items: center;
      border-left: 4px solid var(--bad);
      padding-left: 12px;
      font-weight: 600;
    }
    .problem span {
      flex: 1;
    }
    .problem > i {
      color: var(--bad);
    }
    .icon {
      background: none;
      border: 0;
      color: inherit;
      min-width: 48px;
      min-height: 48px;
      cursor: pointer;
    }
  `,
})
export class SaidHere {
  protected readonly notices = inject(Notices);
  protected readonly hand = inject(Hand);
  /** Whether there is something to say. */
  readonly isSaid = computed(() => this.problem() !== null || this.hand.question() !== null);
  protected readonly problem = computed(() => {
    const notice = this.notices.notice();
    return notice?.tone === 'problem' ? notice : null;
  });
}
