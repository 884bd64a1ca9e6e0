import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  inject,
  output,
} from '@angular/core';
import { Format } from '@core/format/format';
import { Board } from './board';
import { Hand } from './hand';
import { Swatch } from '../../ui/piece/swatch';

/** The parts of this way, each with what has come off of it: the one in hand is marked, what is off is struck. */
@Component({
  selector: 'v-part-row',
  imports: [Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="parts" role="radiogroup" aria-label="Part to weigh">
      @for (each of board.parts(); track each.id) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="each.id === hand.part()"
          [class.on]="each.id === hand.part()"
          [class.off]="board.isPartOff(each.id)"
          (click)="chosen.emit(each.id)"
        >
          <b>{{ each.name }}</b>
          <span
            ><v-swatch [of]="each.destination" [word]="sumOf(each.id) || each.destination" />
            @if ($index < 9 && !hand.isTyped()) {
              <kbd aria-hidden="true">{{ $index + 1 }}</kbd>
            }
          </span>
        </button>
      }
      <button
        type="button"
        role="radio"
        [attr.aria-checked]="hand.part() === ''"
        [class.on]="hand.part() === ''"
        (click)="chosen.emit('')"
      >
        <b>Something else</b><span>name it</span>
      </button>
    </div>
  `,
  styles: `
    .parts {
      --swatch-width: 18px;
      --swatch-gap: 6px;
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(98px, 1fr));
      gap: 6px;
    }
    button {
      min-height: 58px;
      border: 1.5px solid var(--line);
      background: var(--sheet);
      border-radius: 3px;
      font: inherit;
      text-align: left;
      padding: 4px 7px;
      color: var(--ink);
      cursor: pointer;
      display: flex;
      flex-direction: column;
      gap: 2px;
      justify-content: center;
    }
    b {
      font-weight: 550;
      font-size: var(--small);
      line-height: 1.08;
      overflow-wrap: anywhere;
      hyphens: auto;
    }
    span {
      display: flex;
      justify-content: space-between;
      align-items: center;
      font-size: var(--small);
      color: var(--soft);
    }
    kbd {
      font-size: var(--tiny);
      color: var(--soft);
      border: 0;
      padding: 0;
    }
    .on {
      border-color: var(--ink);
      box-shadow: inset 0 0 0 1px var(--ink);
    }
    .off b {
      text-decoration: line-through;
      text-decoration-thickness: 1px;
      color: var(--soft);
    }
    @media (max-width: 699px) {
      .parts {
        display: flex;
        overflow-x: auto;
        scrollbar-width: none;
      }
      button {
        flex: 0 0 136px;
      }
    }
  `,
})
export class PartRow {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly board = inject(Board);
  protected readonly hand = inject(Hand);
  private readonly format = inject(Format);
  readonly chosen = output<string>();

  constructor() {
    // Where the row is longer than the screen, what is in hand is in sight.
    afterRenderEffect(() => {
      this.hand.part();
      const [row, on] = [this.host.querySelector('.parts'), this.host.querySelector<HTMLElement>('.on')];
      if (row && on && row.scrollWidth > row.clientWidth)
        row.scrollTo({ left: on.offsetLeft - (row.clientWidth - on.offsetWidth) / 2 });
    });
  }

  /** What has come off as this part; nothing yet is an empty word. */
  protected sumOf(part: string): string {
    const massDg = this.board.offDg().get(part) ?? 0;
    return massDg > 0 ? this.format.mass(massDg) : '';
  }
}
