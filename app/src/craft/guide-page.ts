import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { KINDS, kindById, partOf } from '@core/catalogue/kinds';
import { safeTemperature } from '@core/catalogue/safe-temperature';
import { usualRanges } from '@core/yield/usual-range';
import { convert } from '@core/units/convert';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { PieceDrawing } from '../kit/piece-drawing';
import { Swatch } from '../kit/swatch';

/** One kind as a page to read before standing at the board. */
@Component({
  selector: 'v-guide-page',
  imports: [RouterLink, PieceDrawing, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './guide-page.html',
  styleUrl: './guide-page.css',
})
export class GuidePage {
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  /** The id of the kind, from the address. */
  readonly kind = input.required<string>();

  protected readonly known = computed(() => kindById(this.kind()) ?? null);
  protected readonly others = KINDS;
  protected readonly wayId = linkedSignal(() => this.known()?.ways[0]?.id ?? '');
  protected readonly way = computed(() => this.known()?.ways.find(({ id }) => id === this.wayId()));
  protected readonly steps = computed(() => this.way()?.steps.flatMap((id) => this.known()?.steps.find((step) => step.id === id) ?? []) ?? []);
  protected readonly minutes = computed(() => this.steps().reduce((sum, { minutes }) => sum + minutes, 0));
  protected readonly shares = computed(() => {
    const [kind, way] = [this.known(), this.way()];
    if (!kind || !way) return [];
    const ranges = usualRanges(kind, way);
    const parts = Object.entries(way.shares).map(([id, share]) => ({ part: partOf(kind, id), share, range: ranges.get(id) ?? [share, share] }));
    return parts.sort((a, b) => b.share - a.share);
  });
  protected readonly partIds = computed(() => this.shares().flatMap(({ part }) => part?.id ?? []));
  protected readonly safe = computed(() => safeTemperature(this.known()?.animal ?? 'beef'));

  protected freed(ids: readonly string[]): string {
    const shares = this.way()?.shares ?? {};
    return ids
      .filter((id) => shares[id] !== undefined)
      .map((id) => partOf(this.known() ?? undefined, id)?.name.toLowerCase())
      .join(', ');
  }

  protected fahrenheit(celsius: number): number {
    return Math.round(convert(celsius, 'C', 'F'));
  }
}
