import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { drainedDg } from '@core/ledger/lot';
import { MUCH_UNACCOUNTED } from '@core/yield/piece-composition';
import { Format } from '@core/format/format';
import { Check } from '../../ui/field/check';
import { Board } from './board';

/** The last look before a piece is closed: bones, glands, gristle, and what was not found again. */
@Component({
  selector: 'v-end-check',
  imports: [Check],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1>Before you finish</h1>
    <p class="hint">Everything of this way is off. Run a hand over it all once more.</p>
    <ul>
      @for (each of board.kind()?.endCheck; track each) {
        <li>
          <v-check [value]="looked().has($index)" (valueChange)="look($index, $event)">{{
            format.told(each)
          }}</v-check>
        </li>
      }
    </ul>
    <p class="left" [class.much]="isMuch()">
      <b>{{ format.mass(board.piece()?.leftDg ?? 0) }}</b> not found again, {{ format.percent(share()) }} of
      the drained weight. Up to {{ format.percent(most, 0) }} is usual: drip, the board, the scale.{{
        isMuch() ? ' This is more: is a tray not weighed yet?' : ''
      }}
    </p>
    <div class="acts">
      <button type="button" class="act" (click)="closing.emit()">{{ deed() }}</button>
      <span class="soft">then wrap what came off</span>
    </div>
  `,
  styles: `
    .hint {
      margin: 4px 0 10px;
      font-size: var(--text-size);
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
      border-top: 1px solid var(--line);
    }
    li {
      border-bottom: 1px solid var(--line);
    }
    v-check {
      min-height: 52px;
    }
    .left {
      margin: 14px 0;
      max-width: 70ch;
    }
    .much b {
      color: var(--bad);
    }
    .acts {
      display: flex;
      gap: 16px;
      align-items: center;
      flex-wrap: wrap;
    }
  `,
})
export class EndCheck {
  protected readonly board = inject(Board);
  protected readonly format = inject(Format);
  readonly closing = output();
  protected readonly most = MUCH_UNACCOUNTED;
  protected readonly share = computed(() => {
    const piece = this.board.piece();
    return piece ? piece.leftDg / drainedDg(piece) : 0;
  });
  /** What has been looked at; it is for the hand, and not written down. */
  protected readonly looked = signal<ReadonlySet<number>>(new Set());
  /** What nobody has looked at is said on the deed that leaves it so. */
  protected readonly deed = computed(() => {
    const open = (this.board.kind()?.endCheck.length ?? 0) - this.looked().size;
    return open === 0 ? 'Finish' : `Finish, ${open} not ticked`;
  });
  protected readonly isMuch = computed(() => this.share() > MUCH_UNACCOUNTED);

  protected look(at: number, isDone: boolean): void {
    this.looked.update(
      (looked) => new Set(isDone ? [...looked, at] : [...looked].filter((each) => each !== at)),
    );
  }
}
