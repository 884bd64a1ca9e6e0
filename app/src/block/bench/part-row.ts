import { ChangeDetectionStrategy, Component, inject, output } from '@angular/core';
import { Board } from './board';
import { Hand } from './hand';
import { Swatch } from '../../ui/piece/swatch';

/** The parts of this way: the one in hand is marked, what is off is struck. */
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
            ><v-swatch [of]="each.destination" />
            @if ($index < 9) {
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
    @media (max-width: 900px) {
      .parts {
        grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
      }
    }
  `,
})
export class PartRow {
  protected readonly board = inject(Board);
  protected readonly hand = inject(Hand);
  readonly chosen = output<string>();
}
