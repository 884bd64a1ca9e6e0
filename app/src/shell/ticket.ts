import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { drainedDg, flowedDg, type Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import type { stillOwed } from '@core/cost/still-owed';
import { familyOf } from '@core/ledger/leaves';
import { Clock } from '../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';

/** The piece in work, with its weight so far and its next step. Travels along through the places. */
@Component({
  selector: 'v-ticket',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <a class="ticket" [routerLink]="['/', household, 'block', piece().id]">
      <i class="hole" aria-hidden="true"></i>
      <h2>{{ name() }}</h2>
      <p>{{ where() }}</p>
      <dl>
        <div class="wide">
          <dt>Label</dt>
          <dd>{{ format.mass(piece().inDg) }}</dd>
        </div>
        <div class="wide">
          <dt>Paid</dt>
          <dd>{{ format.money(piece().paidMinor ?? 0) }}</dd>
        </div>
        @if (isDrained()) {
          <div class="wide">
            <dt>Drained</dt>
            <dd>{{ format.mass(drained()) }}</dd>
          </div>
        }
        <div>
          <dt>On the board</dt>
          <dd>{{ format.mass(piece().leftDg) }}</dd>
        </div>
      </dl>
      <p class="next">{{ next() }}</p>
    </a>
  `,
  styles: `
    .ticket {
      display: block;
      position: relative;
      background: var(--sheet);
      border: 1.5px solid var(--ink);
      border-radius: 3px;
      padding: 30px 18px 14px;
      text-decoration: none;
      clip-path: polygon(22px 0, 100% 0, 100% 100%, 0 100%, 0 22px);
    }
    .ticket::before {
      content: '';
      position: absolute;
      left: -1.5px;
      top: -1.5px;
      width: 23px;
      height: 23px;
      background: linear-gradient(135deg, transparent 46%, var(--ink) 46%, var(--ink) 54%, transparent 54%);
    }
    .hole {
      position: absolute;
      left: 27px;
      top: 11px;
      width: 11px;
      height: 11px;
      border: 1.5px solid var(--ink);
      border-radius: 50%;
      background: var(--paper);
    }
    h2 {
      font-size: var(--large);
    }
    p {
      margin: 2px 0 9px;
      color: var(--soft);
      font-size: var(--small);
    }
    dl {
      margin: 0;
      border-top: 1px solid var(--line);
      padding-top: 8px;
      font-size: var(--small);
    }
    dl div {
      display: flex;
      justify-content: space-between;
      gap: 8px;
      line-height: 1.55;
    }
    dt {
      color: var(--soft);
    }
    dd {
      margin: 0;
      font-weight: 600;
    }
    .next {
      margin: 10px 0 0;
      padding-top: 9px;
      border-top: 1px dashed var(--ink);
      color: var(--ink);
      font-weight: 600;
    }
    /* On the Block it lies above the work, in one line where there is room. */
    :host(.lying) .ticket {
      padding: 2px 14px 2px 36px;
      display: flex;
      border-width: 1px;
      background: none;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 0 16px;
      clip-path: none;
    }
    :host(.lying) .ticket::before {
      display: none;
    }
    :host(.lying) .hole {
      left: 14px;
      top: calc(50% - 5px);
    }
    :host(.lying) p,
    :host(.lying) dl,
    :host(.lying) .next {
      margin: 0;
      padding: 0;
      border: 0;
    }
    :host(.lying) h2 {
      font-size: var(--text-size);
    }
    :host(.lying) dl {
      display: flex;
      font-size: var(--small);
      flex-wrap: wrap;
      gap: 0 16px;
    }
    :host(.lying) .next {
      margin-left: auto;
    }
    @media (max-width: 699px) {
      :host(.lying) p:not(.next),
      :host(.lying) .wide {
        display: none;
      }
      :host(.lying) .ticket {
        justify-content: space-between;
        align-items: center;
        min-height: 44px;
      }
      :host(.lying) .next {
        display: none;
      }
    }
  `,
})
export class Ticket {
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  readonly piece = input.required<Lot>();
  protected readonly name = computed(() => lotName(this.piece()));
  protected readonly isDrained = computed(() => flowedDg(this.piece(), 'liquid') > 0);
  protected readonly drained = computed(() => drainedDg(this.piece()));
  protected readonly where = computed(() => {
    const { shop, on } = this.piece();
    return [this.store.shopName()(shop), on && this.format.age(on)].filter(Boolean).join(', ');
  });
  private readonly cuts = computed(() => familyOf(this.store.state(), this.piece()).slice(1));
  protected readonly next = computed(() => {
    const count = this.cuts().length;
    if (count > 0) return this.owed() ?? `${count} ${count === 1 ? 'part' : 'parts'} weighed. Go on.`;
    return this.isDrained() ? 'Next: weigh the first part' : 'Next: drain it and weigh it';
  });

  /** What parts cost in the shop is reckoned by what is loaded once there is a piece in work. */
  private readonly reckons = signal<typeof stillOwed | null>(null);

  constructor() {
    // Where it cannot be loaded the ticket says how many parts were weighed.
    import('@core/cost/still-owed').then((m) => this.reckons.set(m.stillOwed)).catch(() => undefined);
  }

  /** How far it is from having paid for itself; null where too little is known to say. */
  private readonly owed = computed(() => {
    const owed = this.reckons()?.(this.piece(), this.cuts(), this.store.basis().pricing, this.clock.today());
    if (!owed || owed.worthMinor === 0) return null;
    if (owed.owedMinor <= 0)
      return `It has paid for itself, ${this.format.money(-owed.owedMinor)}${owed.isLowerBound ? ' or more' : ''} over.`;
    const { more } = owed;
    if (more.length === 0)
      return `${this.format.money(owed.owedMinor)} ${owed.isLowerBound ? 'at most is' : 'is'} still owed.`;
    const how = more
      .map(({ part: { portion, portions, name }, count }) =>
        portion ? `${count} more ${count === 1 ? portion : portions}` : `the ${name.toLowerCase()}`,
      )
      .join(' and ');
    return `${owed.isLowerBound ? `${how} at most` : how}, and it has paid for itself.`;
  });
}
