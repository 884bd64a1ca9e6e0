import { ChangeDetectionStrategy, Component, computed, inject, input, model, output } from '@angular/core';
import {
  MEASURED_WITH,
  measuredWith,
  placeAs,
  type MeasuredPlace,
  type MeasuredWith,
} from '@core/slice/measured-with';
import { isPlausibleDensity, type Profile } from '@core/slice/profile';
import { SECTIONS, type Section } from '@core/slice/section';
import type { SlicesRequest } from '@core/slice/slices-request';
import { usualLog } from '@core/slice/usual-log';
import { Figures } from '../data/figures';
import { Notices } from '../data/notices';

const MOST_PLACES = 9;
const HEADS = { widthMm: 'wide', heightMm: 'high', girthMm: 'round' } as const;
const SPOKEN = { widthMm: 'Width', heightMm: 'Height', girthMm: 'Girth' } as const;

/** The log as a ruler, a tape and a scale find it. */
@Component({
  selector: 'v-log-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="grid">
      <div class="field">
        <label for="length">Length</label
        ><input
          id="length"
          class="text"
          [value]="figures.length(log().lengthMm)"
          (change)="setWhole({ lengthMm: figures.parseLength($any($event.target).value) })"
        />
      </div>
      <div class="field">
        <label for="mass">Weight</label
        ><input
          id="mass"
          class="text"
          [value]="figures.mass(massDg())"
          (change)="setMass($any($event.target).value)"
        />
      </div>
    </div>
    <details [open]="isMeasuring()" (toggle)="isMeasuring.set($any($event.target).open)">
      <summary>
        Measured in {{ log().stations.length }} places, {{ figures.number(density(), 2) }} g/cm³
      </summary>
      <div class="field">
        <label for="section">A cut through it is</label
        ><select id="section" class="text" (change)="changed.emit({ section: $any($event.target).value })">
          @for (each of sections; track each) {
            <option [value]="each" [selected]="each === log().section">{{ each.replace('-', ' ') }}</option>
          }
        </select>
      </div>
      <div class="field">
        <label for="with">Measured with</label
        ><select id="with" class="text" (change)="measureWith($any($event.target).value)">
          @for (each of ways; track each) {
            <option [value]="each" [selected]="each === by()">{{ each }}</option>
          }
        </select>
      </div>
      <table class="ledger">
        <thead>
          <tr>
            <th>at</th>
            @for (key of keys(); track key) {
              <th>{{ heads[key] }}</th>
            }
            <th><span class="visually-hidden">Take out</span></th>
          </tr>
        </thead>
        <tbody>
          @for (place of log().stations; track $index; let row = $index) {
            <tr>
              <td>
                <input
                  class="text"
                  [attr.aria-label]="'Place ' + (row + 1)"
                  [value]="figures.length(place.atMm)"
                  (change)="setPlace(row, 'atMm', $any($event.target).value)"
                />
              </td>
              @for (key of keys(); track key) {
                <td>
                  <input
                    class="text"
                    [attr.aria-label]="spoken[key] + ' at place ' + (row + 1)"
                    [value]="figures.length(place[key] ?? 0)"
                    (change)="setPlace(row, key, $any($event.target).value)"
                  />
                </td>
              }
              <td>
                <button
                  type="button"
                  class="quiet small"
                  [disabled]="log().stations.length <= 2"
                  (click)="removePlace(row)"
                  [attr.aria-label]="'Take out place ' + (row + 1)"
                >
                  ×
                </button>
              </td>
            </tr>
          }
        </tbody>
      </table>
      <button
        type="button"
        class="quiet small"
        [disabled]="!profile() || log().stations.length >= most"
        (click)="addPlace()"
      >
        Measure another place
      </button>
    </details>
    @if (isOdd()) {
      <p class="caution">
        {{ figures.number(density(), 2) }} g/cm³ is unusual for meat (0.85 to 1.15). Measure the sizes again,
        or the weight.
      </p>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-direction: column;
      gap: 8px;
    }
    .grid {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 8px 10px;
    }
    .field {
      gap: 2px;
    }
    .text {
      min-height: 50px;
    }
    table {
      table-layout: fixed;
      margin-bottom: 8px;
    }
    th:last-child {
      width: 44px;
    }
    td {
      padding: 6px 4px 6px 0;
    }
    td:last-child {
      padding-right: 0;
    }
    td .text {
      padding: 4px 6px;
      font-size: 1rem;
      min-height: 44px;
    }
    summary {
      cursor: pointer;
      min-height: 36px;
      padding: 6px 0;
    }
    details .field {
      margin-bottom: 6px;
    }
  `,
})
export class LogForm {
  protected readonly figures = inject(Figures);
  private readonly notices = inject(Notices);
  readonly log = input.required<SlicesRequest>();
  /** Null while the measures make no log. */
  readonly profile = input.required<Profile | null>();
  /** The kind whose usual shape stands until places are measured. */
  readonly kind = input.required<string | null>();
  /** Whether a place has been measured, and the usual shape no longer follows the weight. */
  readonly isMeasured = input.required<boolean>();
  /** Whether the places are open to be measured. */
  readonly isMeasuring = model.required<boolean>();
  readonly changed = output<Partial<SlicesRequest>>();
  readonly measured = output<Partial<SlicesRequest>>();

  protected readonly sections = SECTIONS;
  protected readonly ways = Object.keys(MEASURED_WITH) as MeasuredWith[];
  protected readonly heads = HEADS;
  protected readonly spoken = SPOKEN;
  protected readonly most = MOST_PLACES;
  protected readonly by = computed(() => measuredWith(this.log().stations));
  protected readonly keys = computed(() => MEASURED_WITH[this.by()]);
  protected readonly massDg = computed(() => Math.round(this.log().massG) * 10);
  protected readonly density = computed(() => this.profile()?.densityGPerCm3 ?? 0);
  protected readonly isOdd = computed(() => this.density() > 0 && !isPlausibleDensity(this.density()));

  /** Length or weight of the whole: the usual shape goes along with it until places are measured. */
  protected setWhole(change: { readonly lengthMm?: number | null; readonly massG?: number | null }): void {
    const { lengthMm = null, massG = null } = { ...this.log(), ...change };
    if (!(lengthMm !== null && lengthMm > 0) || !(massG !== null && massG > 0))
      return this.notices.problem('That is no length or weight. The old one stands.');
    const stretched = this.log().stations.map((place) => ({
      ...place,
      atMm: Math.round((place.atMm / this.log().lengthMm) * lengthMm),
    }));
    const stations = this.isMeasured() ? stretched : usualLog(this.kind(), massG, lengthMm).stations;
    this.changed.emit({ lengthMm, massG, stations: [...stations], pinnedMm: [] });
  }

  protected setMass(text: string): void {
    this.setWhole({ massG: (this.figures.parseMass(text, 'large')?.massDg ?? NaN) / 10 || null });
  }

  protected setPlace(index: number, key: keyof MeasuredPlace, text: string): void {
    const mm = this.figures.parseLength(text);
    if (mm === null || mm < 0) return this.notices.problem(`“${text}” is no length. The old one stands.`);
    this.measured.emit({
      stations: this.log().stations.map((place, at) => (at === index ? { ...place, [key]: mm } : place)),
    });
  }

  protected addPlace(): void {
    const { stations, section } = this.log();
    const gaps = stations
      .slice(1)
      .map(({ atMm }, index) => ({ index, size: atMm - (stations[index]?.atMm ?? 0) }));
    const widest = gaps.reduce((a, b) => (b.size > a.size ? b : a));
    const place = placeAs(
      this.sizedAt(Math.round((stations[widest.index]?.atMm ?? 0) + widest.size / 2)),
      section,
      this.by(),
    );
    this.measured.emit({
      stations: [...stations.slice(0, widest.index + 1), place, ...stations.slice(widest.index + 1)],
    });
  }

  protected removePlace(index: number): void {
    this.measured.emit({ stations: this.log().stations.filter((_, at) => at !== index) });
  }

  /** Says every place as the other tool would have found it. */
  protected measureWith(by: MeasuredWith): void {
    const section: Section = this.log().section;
    if (!this.profile())
      return this.notices.problem('Mend the measures first; then change what they are measured with.');
    this.measured.emit({
      stations: this.log().stations.map(({ atMm }) => placeAs(this.sizedAt(atMm), section, by)),
    });
  }

  private sizedAt(atMm: number): { atMm: number; widthMm: number; heightMm: number } {
    const profile = this.profile();
    return {
      atMm,
      widthMm: Math.round(profile?.widthAt(atMm) ?? 0),
      heightMm: Math.round(profile?.heightAt(atMm) ?? 0),
    };
  }
}
