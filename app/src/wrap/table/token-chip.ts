import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { kindById, partOf } from '@core/catalogue/kinds';
import { lotName } from '@core/catalogue/lot-name';
import { doubtOf, type Token } from '@core/pack/table';
import { Format } from '@core/format/format';
import { tileOf } from '../../ui/piece/destination-look';

/** Something on the table: as large as it is heavy, marked by where it goes. */
@Component({
  selector: 'v-token',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button
      type="button"
      [attr.aria-pressed]="isHeld()"
      [class.held]="isHeld()"
      [class.heap]="token().isHeap"
      [style.width.px]="wide()"
      [style.min-height.px]="tall()"
      (click)="taken.emit()"
      (keydown)="keyed.emit($event)"
    >
      <i [style.background-image]="image()" aria-hidden="true"></i>
      <span
        ><span class="what">{{ what() }}</span>
        <b>{{ isMean() ? 'about ' : '' }}{{ format.mass(massDg() ?? token().massDg) }}</b></span
      >
      <span class="visually-hidden">, {{ token().lot.destination }}</span>
    </button>
  `,
  styles: `
    button {
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      color: var(--ink);
      font: inherit;
      text-align: left;
      padding: 0;
      display: grid;
      grid-template-columns: 14px 1fr;
      border-radius: 14px 9px 12px 8px;
      overflow: hidden;
      cursor: grab;
      min-width: 92px;
      max-width: 100%;
    }
    button.heap {
      border-radius: 3px;
      border-style: dashed;
    }
    i {
      border-right: 1px solid var(--ink);
    }
    span > .what,
    b {
      display: block;
    }
    button > span {
      padding: 6px 9px;
      align-self: center;
      min-width: 0;
    }
    .what {
      font-size: var(--small);
      line-height: 1.15;
      overflow-wrap: anywhere;
    }
    b {
      font: 600 var(--large)/1.15 var(--text);
    }
    .held {
      box-shadow: 0 0 0 3px var(--act);
    }
  `,
})
export class TokenChip {
  protected readonly format = inject(Format);
  readonly token = input.required<Token>();
  /** So much of a heap; all there is where it is not said. */
  readonly massDg = input<number>();
  readonly isHeld = input(false);
  readonly taken = output();
  readonly keyed = output<KeyboardEvent>();

  protected readonly image = computed(() => `url("${tileOf(this.token().lot.destination)}")`);
  /** It was weighed with others, and has their mean. */
  protected readonly isMean = computed(() => doubtOf(this.token()) > 0);
  protected readonly what = computed(() => {
    const { lot, isHeap } = this.token();
    const portion = isHeap ? undefined : partOf(kindById(lot.kind), lot.part)?.portion;
    if (portion && this.token().half) return `Cut ${portion}`;
    return portion && lot.count > 1 ? portion.charAt(0).toUpperCase() + portion.slice(1) : lotName(lot);
  });
  private readonly side = computed(() =>
    Math.sqrt(Math.min(6000, this.massDg() ?? this.token().massDg) / 6000),
  );
  protected readonly wide = computed(() => Math.round(80 + 58 * this.side()));
  protected readonly tall = computed(() => Math.round(44 + 30 * this.side()));
}
