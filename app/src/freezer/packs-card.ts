import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { thawFacts } from '@core/dinner/use-facts';
import type { Fact } from '@core/journal/entry';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Acts } from '../kit/acts';
import { WHY_THROWN } from './pack-card';
import type { PackRow } from './pack-rows';

/** Several packs at once: all of them, or none. */
@Component({
  selector: 'v-packs-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>{{ rows().length }} packs chosen</h2>
    <p class="hero">
      {{ figures.massParts(massDg()).value }}<small>{{ figures.massParts(massDg()).unit }}</small>
    </p>
    <p class="soft">
      {{ figures.number(plates(), 0) }} plates{{
        costMinor() === null ? '' : ', ' + figures.money(costMinor()!)
      }}
    </p>
    @if (overdue() > 0) {
      <p class="caution bad" role="alert">
        {{ figures.count(overdue(), 'pack') }} of them {{ overdue() === 1 ? 'is' : 'are' }} past the last day:
        not to be eaten or given away. What became of such a pack is asked on its own card.
      </p>
    } @else {
      <button type="button" class="act" (click)="thaw()">Take all out to thaw</button>
      <p class="caution">
        In the refrigerator, on a tray at the bottom; never on the counter. Local codes come first.
      </p>
    }
    <label class="field"
      ><span class="label">Move all to</span
      ><select class="text" (change)="move($any($event.target))">
        <option value="">choose a place</option>
        @for (each of store.shelves(); track each.id) {
          <option [value]="each.id">{{ each.name }}</option>
        }
      </select></label
    >
    @if (overdue() === 0) {
      <div class="two">
        <button type="button" class="quiet" (click)="all('eaten', 'eaten')">All eaten</button
        ><button type="button" class="quiet" (click)="all('given', 'given away')">All given away</button>
      </div>
    }
    <label class="field"
      ><span class="label">Thrown away, because</span
      ><select class="text" (change)="why.set($any($event.target).value)">
        @for (each of whys; track each) {
          <option [value]="each">{{ each }}</option>
        }
      </select></label
    >
    <button type="button" class="quiet whole" (click)="discard()">Throw all away</button>
    <button type="button" class="quiet whole" (click)="cleared.emit()">Choose none</button>
  `,
  styles: `
    :host {
      display: grid;
      gap: 10px;
    }
    p {
      margin: 0;
    }
    .act {
      min-height: 64px;
    }
    .two {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 8px;
    }
    .whole {
      width: 100%;
    }
  `,
})
export class PacksCard {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  private readonly acts = inject(Acts);
  private readonly clock = inject(Clock);
  readonly rows = input.required<readonly PackRow[]>();
  readonly cleared = output();
  protected readonly whys = WHY_THROWN;
  protected readonly why = signal<string>(WHY_THROWN[0]);
  protected readonly overdue = computed(() => this.rows().filter(({ cold }) => cold.overdue).length);
  protected readonly massDg = computed(() => this.rows().reduce((sum, { lot }) => sum + lot.leftDg, 0));
  protected readonly plates = computed(() => this.rows().reduce((sum, { plates }) => sum + plates, 0));
  protected readonly costMinor = computed(() =>
    this.rows().reduce<number | null>(
      (sum, { costMinor }) => (sum === null || costMinor === null ? null : sum + costMinor),
      0,
    ),
  );

  protected thaw(): void {
    const frozen = this.rows().filter(({ cold }) => cold.state === 'frozen');
    const facts = frozen.flatMap(
      ({ lot }) =>
        thawFacts(lot, 'all', {
          way: 'refrigerator',
          refrigerator: this.store.refrigerator(),
          newId: '',
          on: this.clock.today(),
        }).facts,
    );
    void this.write(`${this.figures.count(frozen.length, 'pack')} thawing`, facts);
  }

  protected move(select: HTMLSelectElement): void {
    const place = select.value;
    if (place !== '')
      void this.write(
        `${this.rows().length} packs moved`,
        this.rows().map(({ lot }): Fact => ({ type: 'placed', lot: lot.id, place })),
      );
  }

  protected all(type: 'eaten' | 'given', word: string): void {
    void this.write(
      `${this.rows().length} packs ${word}`,
      this.rows().map(({ lot }): Fact => ({ type, lot: lot.id, amount: 'all', on: this.clock.today() })),
    );
  }

  protected discard(): void {
    void this.write(
      `${this.rows().length} packs thrown away`,
      this.rows().map(({ lot }): Fact => ({
        type: 'discarded',
        lot: lot.id,
        amount: 'all',
        on: this.clock.today(),
        reason: this.why(),
      })),
    );
  }

  private async write(said: string, facts: readonly Fact[]): Promise<void> {
    if (facts.length > 0 && (await this.acts.write(said, facts))) this.cleared.emit();
  }
}
