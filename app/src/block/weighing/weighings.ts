import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import type { Lot } from '@core/ledger/lot';
import { tileOf } from '../../ui/piece/destination-look';
import { Board } from '../bench/board';

/** Every weighing where it stands, the newest first: pressed, it can be put right or taken out. */
@Component({
  selector: 'v-weighings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (each of cuts(); track each.lot.id; let first = $first) {
      <button
        type="button"
        [class.newest]="first"
        [attr.aria-label]="'Put right ' + each.name + ', ' + each.mass"
        (click)="opened.emit(each.lot)"
      >
        <i [style.background-image]="each.tile" aria-hidden="true"></i
        ><span
          >{{ each.name }} <b>{{ each.mass }}</b></span
        >
      </button>
    }
  `,
  styles: `
    :host {
      display: flex;
      gap: 6px;
      overflow-x: auto;
      scrollbar-width: thin;
      min-width: 0;
    }
    button {
      flex: none;
      display: flex;
      align-items: stretch;
      min-height: 48px;
      max-width: 15em;
      padding: 0;
      border: 1px solid var(--line);
      border-radius: 2px;
      background: var(--sheet);
      color: var(--ink);
      font: inherit;
      font-size: var(--small);
      line-height: 1.15;
      text-align: left;
      cursor: pointer;
    }
    @media print {
      :host {
        flex-wrap: wrap;
        overflow: visible;
      }
    }
    .newest {
      border-color: var(--ink);
    }
    i {
      flex: none;
      width: 12px;
      border-right: 1px solid var(--ink);
    }
    span {
      align-self: center;
      padding: 0 9px;
    }
    b {
      display: block;
      font-weight: 600;
    }
  `,
})
export class Weighings {
  private readonly board = inject(Board);
  private readonly format = inject(Format);
  readonly opened = output<Lot>();
  protected readonly cuts = computed(() =>
    this.board
      .cuts()
      .map((lot) => ({
        lot,
        name: `${lotName(lot)}${lot.count > 1 ? ` × ${lot.count}` : ''}`,
        mass: this.format.mass(lot.inDg),
        tile: `url("${tileOf(lot.destination)}")`,
      }))
      .reverse(),
  );
}
