import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { DESTINATION_IDS, DESTINATIONS } from '@core/ledger/destination';
import { tileOf } from '../../ui/piece/destination-look';
import { Hand } from '../bench/hand';

/** Where the part in hand goes: a key each, so that a wet thumb needs no list. */
@Component({
  selector: 'v-destination-keys',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="keys" role="radiogroup" aria-label="Goes to">
      @for (each of keys(); track each.id) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="each.id === hand.destination()"
          [attr.title]="each.meaning"
          [class.on]="each.id === hand.destination()"
          (click)="hand.send(each.id)"
        >
          <i [style.background-image]="each.tile" aria-hidden="true"></i>{{ each.id }}
        </button>
      }
    </div>
  `,
  styles: `
    .keys {
      display: grid;
      grid-template-columns: repeat(4, 1fr);
      gap: 5px;
    }
    button {
      display: grid;
      grid-template-columns: 14px 1fr;
      align-items: center;
      min-height: 48px;
      min-width: 0;
      padding: 0;
      overflow: hidden;
      border: 1px solid var(--line);
      border-radius: 2px;
      background: var(--sheet);
      color: var(--ink);
      font: inherit;
      font-size: var(--small);
      cursor: pointer;
    }
    i {
      align-self: stretch;
      border-right: 1px solid var(--ink);
    }
    @media (max-width: 699px) {
      button {
        min-height: 44px;
      }
    }
    .on {
      border-color: var(--ink);
      box-shadow: inset 0 0 0 1.5px var(--ink);
      font-weight: 650;
    }
  `,
})
export class DestinationKeys {
  protected readonly hand = inject(Hand);
  /** Liquid is weighed out before anything is cut: it has a key only where a part says so. */
  protected readonly keys = computed(() =>
    DESTINATION_IDS.filter((id) => id !== 'liquid' || this.hand.destination() === 'liquid').map((id) => ({
      id,
      meaning: DESTINATIONS[id].meaning,
      tile: `url("${tileOf(id)}")`,
    })),
  );
}
