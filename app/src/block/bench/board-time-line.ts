import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { TEMPERATURES } from '@core/catalogue/temperatures';
import { wallAt } from '@core/units/zone';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { Board } from './board';
import { BenchActs } from './bench-acts';

/** From so many minutes on it is said how long the piece has been out. */
const SAID_FROM = 30;

/** How long the piece has been out of the refrigerator, and what to do about it. */
@Component({
  selector: 'v-board-time-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[class.late]': 'isLate()' },
  template: `
    @if (time(); as time) {
      <div [class.caution]="time.state !== 'fine'" [class.over]="time.state === 'over'" class="line">
        <p role="status">{{ said() }}</p>
        <span>
          @if (time.gap; as gap) {
            <button type="button" class="link" (click)="acts.wasCold(gap)">
              It was in the refrigerator {{ span(gap) }}
            </button>
          }
          <button
            type="button"
            class="link"
            role="switch"
            [attr.aria-checked]="!!board.note().hot"
            [class.on]="board.note().hot"
            (click)="acts.setHot(!board.note().hot)"
          >
            Above {{ hot }} here
          </button>
        </span>
      </div>
    }
  `,
  styles: `
    /* Once it matters it is read first. */
    :host(.late) {
      order: -1;
    }
    .line {
      display: flex;
      align-items: baseline;
      gap: 0 16px;
      flex-wrap: wrap;
      margin: 8px 0 0;
      padding-top: 0;
      padding-bottom: 0;
    }
    p {
      margin: 0;
      max-width: none;
    }
    .line:not(.caution) p {
      color: var(--soft);
      font-size: var(--small);
    }
    .over p {
      font-weight: 600;
    }
    span {
      display: flex;
      gap: 0 16px;
      flex-wrap: wrap;
    }
    .link {
      font-size: var(--small);
      color: var(--ink);
    }
    .on {
      font-weight: 700;
      text-decoration: none;
    }
    .on::before {
      content: '✓ ' / '';
    }
  `,
})
export class BoardTimeLine {
  protected readonly board = inject(Board);
  protected readonly acts = inject(BenchActs);
  private readonly format = inject(Format);
  private readonly zone = inject(Clock).zone();
  protected readonly hot = this.format.air(TEMPERATURES.hotDay.celsius);

  protected readonly time = computed(() => {
    const time = this.board.boardTime();
    return time && time.minutes >= SAID_FROM ? time : null;
  });
  protected readonly isLate = computed(() => (this.time()?.state ?? 'fine') !== 'fine');
  protected readonly said = computed(() => {
    const time = this.time();
    if (!time) return '';
    const out = `${this.duration(time.minutes)} out of the refrigerator`;
    const most = time.most === 60 ? '1 hour' : '2 hours';
    if (time.state === 'fine') return `${out}, of ${most} in all.`;
    if (time.state === 'soon')
      return `${out}: put it back soon, ${most} in all is the most (USDA FSIS, Danger Zone).`;
    return `${out}: longer than ${most} in all is not safe (USDA FSIS, Danger Zone). When in doubt, throw it out; local codes come first.`;
  });

  protected span({ from, to }: { from: string; to: string }): string {
    const [begin, end] = [wallAt(from, this.zone), wallAt(to, this.zone)];
    const day = begin.date === end.date ? '' : `${this.format.weekday(begin.date)} `;
    return `from ${day}${this.format.time(begin.time)} to ${to >= this.board.nowAt() ? 'now' : this.format.time(end.time)}`;
  }

  private duration(minutes: number): string {
    const whole = Math.floor(minutes);
    if (whole < 60) return `${whole} min`;
    return whole < 48 * 60
      ? `${Math.floor(whole / 60)} h ${whole % 60} min`
      : `${Math.floor(whole / 1440)} days`;
  }
}
