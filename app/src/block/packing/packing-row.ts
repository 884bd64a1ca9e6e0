import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { PlaceChoice } from '../../household/parts/place-choice';
import { Packing } from './packing';

/** Where packs go as they are made, and what to write on the last one. */
@Component({
  selector: 'v-packing-row',
  imports: [PlaceChoice, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (packing.isOn()) {
      <v-place-choice
        label="Packs go to"
        look="beside"
        none="no place yet"
        [place]="packing.place()?.id ?? null"
        (chosen)="packing.put($event)"
      />
    }
    @if (packing.last(); as made) {
      @if (made.length > 0) {
        <div class="made" role="status">
          <span class="soft">Write on {{ made.length === 1 ? 'it' : 'them' }}</span>
          @for (each of made; track each.pack.id) {
            <span class="one"
              ><b class="signs">{{ each.signs }}</b>
              @if (made.length > 1) {
                {{ format.mass(each.pack.inDg) }}
              }
            </span>
          }
          <span>{{ day() }}</span>
          <a
            class="quiet small"
            [routerLink]="['/', household, 'wrap', 'labels']"
            [queryParams]="{ packs: ids() }"
            >Label</a
          >
        </div>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      border-top: 1px dashed var(--line);
      padding-top: 6px;
      margin-top: 6px;
    }
    .made {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 12px;
      align-items: center;
      margin-top: 4px;
    }
    .signs {
      font: 600 var(--head) / 1 var(--mono);
      font-feature-settings: 'zero';
      letter-spacing: 0.08em;
    }
    .one {
      white-space: nowrap;
    }
    a {
      margin-left: auto;
    }
  `,
})
export class PackingRow {
  protected readonly packing = inject(Packing);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly day = computed(() => {
    const on = this.packing.last()[0]?.pack.on;
    return on ? this.format.dayAndYear(on) : '';
  });
  protected readonly ids = computed(() =>
    this.packing
      .last()
      .map(({ pack }) => pack.id)
      .join(','),
  );
}
