import { ChangeDetectionStrategy, Component, computed, inject, input, model, output } from '@angular/core';
import {
  MEASURED_WITH,
  measuredWith,
  placeAs,
  type MeasuredPlace,
  type MeasuredWith,
} from '@core/slice/measured-with';
import { lengthReader, massReader } from '@core/format/readers';
import { isPlausibleDensity, type Profile } from '@core/slice/profile';
import { SECTIONS, type Section } from '@core/slice/section';
import type { SlicesRequest } from '@core/slice/slices-request';
import { usualLog } from '@core/slice/usual-log';
import { Format } from '@core/format/format';
import { Notices } from '../../household/notices';
import { asOptions, Choice } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';

const MOST_PLACES = 9;
const HEADS = { widthMm: 'wide', heightMm: 'high', girthMm: 'round' } as const;
const SPOKEN = { widthMm: 'Width', heightMm: 'Height', girthMm: 'Girth' } as const;

/** The log as a ruler, a tape and a scale find it. */
@Component({
  selector: 'v-log-form',
  imports: [Choice, Field],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="grid">
      <v-field
        keys="decimal"
        label="Length"
        [value]="format.length(log().lengthMm)"
        [read]="readLength"
        (changed)="setWhole({ lengthMm: $event })"
      />
      <v-field
        keys="decimal"
        label="Weight"
        [value]="format.mass(massDg())"
        [read]="readMass"
        (changed)="setWhole({ massG: $event / 10 })"
      />
    </div>
    <details #places [open]="isMeasuring()" (toggle)="isMeasuring.set(places.open)">
      <summary>
        Measured in {{ log().stations.length }} places, {{ format.number(density(), 2) }} g/cm³
      </summary>
      <v-choice
        label="A cut through it is"
        [options]="sections"
        [value]="log().section"
        (valueChange)="changed.emit({ section: $event })"
      />
      <v-choice label="Measured with" [options]="ways" [value]="by()" (valueChange)="measureWith($event)" />
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
                <v-field
                  keys="decimal"
                  class="small"
                  look="bare"
                  [label]="'Place ' + (row + 1)"
                  [value]="format.length(place.atMm)"
                  [read]="readPlace"
                  (changed)="setPlace(row, 'atMm', $event)"
                />
              </td>
              @for (key of keys(); track key) {
                <td>
                  <v-field
                    keys="decimal"
                    class="small"
                    look="bare"
                    [label]="spoken[key] + ' at place ' + (row + 1)"
                    [value]="format.length(place[key] ?? 0)"
                    [read]="readPlace"
                    (changed)="setPlace(row, key, $event)"
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
        {{ format.number(density(), 2) }} g/cm³ is unusual for meat (0.85 to 1.15). Measure the sizes again,
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
  protected readonly format = inject(Format);
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

  protected readonly sections = SECTIONS.map((each) => [each, each.replace('-', ' ')] as const);
  protected readonly ways = asOptions(Object.keys(MEASURED_WITH) as MeasuredWith[]);
  protected readonly readLength = lengthReader(this.format);
  protected readonly readPlace = lengthReader(this.format, { zero: true });
  protected readonly readMass = massReader(this.format, 'large');
  protected readonly heads = HEADS;
  protected readonly spoken = SPOKEN;
  protected readonly most = MOST_PLACES;
  protected readonly by = computed(() => measuredWith(this.log().stations));
  protected readonly keys = computed(() => MEASURED_WITH[this.by()]);
  protected readonly massDg = computed(() => Math.round(this.log().massG) * 10);
  protected readonly density = computed(() => this.profile()?.densityGPerCm3 ?? 0);
  protected readonly isOdd = computed(() => this.density() > 0 && !isPlausibleDensity(this.density()));

  /** Length or weight of the whole: the usual shape goes along with it until places are measured. */
  protected setWhole(change: { readonly lengthMm?: number; readonly massG?: number }): void {
    const { lengthMm, massG } = { ...this.log(), ...change };
    const stretched = this.log().stations.map((place) => ({
      ...place,
      atMm: Math.round((place.atMm / this.log().lengthMm) * lengthMm),
    }));
    const stations = this.isMeasured() ? stretched : usualLog(this.kind(), massG, lengthMm).stations;
    this.changed.emit({ lengthMm, massG, stations: [...stations], pinnedMm: [] });
  }

  protected setPlace(index: number, key: keyof MeasuredPlace, mm: number): void {
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
