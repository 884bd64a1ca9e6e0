import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { TEMPERATURES } from '@core/catalogue/temperatures';
import { wallAt } from '@core/units/zone';
import { Figures } from '../data/figures';
import { Bench } from './bench';
import { BenchActs } from './bench-acts';

/** From so many minutes on it is said how long the piece has been out. */
const SAID_FROM = 30;

/** How long the piece has been out of the refrigerator, and what to do about it. */
@Component({
  selector: 'v-board-time-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (time(); as time) {
      <div [class.caution]="time.state !== 'fine'" [class.over]="time.state === 'over'" class="line">
        <p role="status">{{ said() }}</p>
        <span>
          @if (time.gap; as gap) {
            <button type="button" class="quiet small" (click)="acts.wasCold(gap)">
              It was in the refrigerator {{ span(gap) }}
            </button>
          }
          <button
            type="button"
            class="quiet small"
            role="switch"
            [attr.aria-checked]="!!bench.note().hot"
            [class.on]="bench.note().hot"
            (click)="acts.setHot(!bench.note().hot)"
          >
            Above {{ hot }} here
          </button>
        </span>
      </div>
    }
  `,
  styles: `
    .line {
      display: flex;
      justify-content: space-between;
      align-items: center;
      gap: 6px 14px;
      flex-wrap: wrap;
      margin: 8px 0 0;
    }
    p {
      margin: 0;
      flex: 1 1 260px;
    }
    .line:not(.caution) p {
      color: var(--soft);
      font-size: 0.95rem;
    }
    .over p {
      font-weight: 600;
    }
    span {
      display: flex;
      gap: 6px;
      flex-wrap: wrap;
    }
    .on {
      background: var(--ink);
      color: var(--paper);
    }
  `,
})
export class BoardTimeLine {
  protected readonly bench = inject(Bench);
  protected readonly acts = inject(BenchActs);
  private readonly figures = inject(Figures);
  private readonly zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  protected readonly hot = this.figures.air(TEMPERATURES.hotDay.celsius);

  protected readonly time = computed(() => {
    const time = this.bench.boardTime();
    return time && time.minutes >= SAID_FROM ? time : null;
  });
  protected readonly said = computed(() => {
    const time = this.time();
    if (!time) return '';
    const out = `${this.duration(time.minutes)} out of the refrigerator`;
    const most = time.most === 60 ? '1 hour' : '2 hours';
    if (time.state === 'fine') return `${out}, of ${most} in all.`;
    if (time.state === 'soon')
      return `${out}: put it back soon. ${most} in all is the most (USDA FSIS, from memory); the time adds up.`;
    return `${out}: longer than ${most} in all, it is not safe to keep (USDA FSIS, from memory). If it lay in the refrigerator meanwhile, say so here. When in doubt, throw it out; local codes come first.`;
  });

  protected span({ from, to }: { from: string; to: string }): string {
    const [begin, end] = [wallAt(from, this.zone), wallAt(to, this.zone)];
    const day = begin.date === end.date ? '' : `${this.figures.weekday(begin.date)} `;
    return `from ${day}${this.figures.time(begin.time)} to ${to >= this.bench.nowAt() ? 'now' : this.figures.time(end.time)}`;
  }

  private duration(minutes: number): string {
    const whole = Math.floor(minutes);
    if (whole < 60) return `${whole} min`;
    return whole < 48 * 60
      ? `${Math.floor(whole / 60)} h ${whole % 60} min`
      : `${Math.floor(whole / 1440)} days`;
  }
}
