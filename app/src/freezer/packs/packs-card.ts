import { sum } from 'd3-array';
import type { Result } from '@core/units/result';
import type { Deed } from '@core/deeds/deed';
import { eat } from '@core/deeds/eat';
import { keepPacks } from '@core/deeds/keep-pack';
import { move } from '@core/deeds/move';
import { giveAway, throwAway, WHY_THROWN } from '@core/deeds/part-with';
import { thaw } from '@core/deeds/thaw';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import type { PackRow } from './pack-rows';
import { PlaceChoice } from '../../household/parts/place-choice';
import { asOptions, Choice } from '../../ui/field/choice';
import { TextField } from '../../ui/field/text-field';

/** Several packs at once: all of them, or none. */
@Component({
  selector: 'v-packs-card',
  imports: [PlaceChoice, Choice, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './packs-card.html',
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
    .keep {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 8px;
      align-items: end;
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
  protected readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  readonly rows = input.required<readonly PackRow[]>();
  readonly cleared = output();
  protected readonly whys = asOptions(WHY_THROWN);
  protected readonly why = signal<(typeof WHY_THROWN)[number]>(WHY_THROWN[0]);
  protected readonly overdue = computed(() => this.rows().filter(({ cold }) => cold.overdue).length);
  protected readonly massDg = computed(() => sum(this.rows(), ({ lot }) => lot.leftDg));
  protected readonly plates = computed(() => sum(this.rows(), ({ plates }) => plates));
  protected readonly costMinor = computed(() =>
    this.rows().reduce<number | null>(
      (sum, { costMinor }) => (sum === null || costMinor === null ? null : sum + costMinor),
      0,
    ),
  );

  protected readonly what = signal('');
  private readonly lots = computed(() => this.rows().map(({ lot }) => lot));

  protected thaw(): void {
    const frozen = this.rows().flatMap(({ lot, cold }) => (cold.state === 'frozen' ? [lot] : []));
    void this.perform(thaw(frozen, 'all', this.colds.thawing('refrigerator')));
  }

  protected move(place: string): void {
    void this.perform(move(this.lots(), place, this.colds.laying()));
  }

  protected keep(): void {
    void this.store.perform(keepPacks(this.lots(), this.what()));
  }

  protected eat(): void {
    void this.perform(eat(this.lots(), 'all', this.clock.today()));
  }

  protected give(): void {
    void this.perform(giveAway(this.lots(), this.clock.today()));
  }

  protected discard(): void {
    void this.perform(throwAway(this.lots(), this.why(), this.clock.today()));
  }

  private async perform(deed: Deed | Result<Deed>): Promise<void> {
    const isNothing = !('ok' in deed) && !deed.facts?.length;
    if (!isNothing && (await this.store.perform(deed)).ok) this.cleared.emit();
  }
}
