import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { heatWords, leastHeats } from '@core/catalogue/safe-temperature';
import { TEMPERATURES } from '@core/catalogue/temperatures';
import { convert } from '@core/units/convert';
import { USUAL_KEEPING } from '@core/cold/keeping-rules';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../household/household-store';

/** What keeps raw meat from making anyone ill, with the published figures. */
@Component({
  selector: 'v-safety-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './safety-page.html',
  styles: `
    .cols {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
      gap: 10px 50px;
    }
    h2 {
      margin: 20px 0 6px;
      border-top: 1.5px solid var(--ink);
      padding-top: 12px;
    }
    ul {
      margin: 0;
      padding-left: 20px;
    }
    .ledger .figure {
      white-space: normal;
    }
    li {
      padding: 4px 0;
      max-width: 60ch;
    }
    @media (max-width: 900px) {
      .cols {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class SafetyPage {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  protected readonly t = TEMPERATURES;

  protected readonly done = computed(() => {
    return leastHeats(this.rules()).map((heat) => ({
      what: heat.what,
      figure: heatWords(heat, (celsius) => this.format.heat(celsius)),
    }));
  });
  /** What this household follows beside the published figures. */
  protected readonly rules = computed(() => this.store.settings().keeping ?? USUAL_KEEPING);
  protected readonly cold = computed(() => [
    { what: TEMPERATURES.refrigerator.what, figure: this.degrees(TEMPERATURES.refrigerator.celsius) },
    { what: TEMPERATURES.freezer.what, figure: this.degrees(TEMPERATURES.freezer.celsius) },
    {
      what: 'Danger zone, as short as can be',
      figure: `${this.degrees(TEMPERATURES.dangerFrom.celsius)} to ${this.degrees(TEMPERATURES.dangerTo.celsius)}`,
    },
  ]);

  protected degrees(celsius: number): string {
    return `${this.format.number(celsius, Number.isInteger(celsius) ? 0 : 1)} °C (${Math.round(convert(celsius, 'C', 'F'))} °F)`;
  }
}
