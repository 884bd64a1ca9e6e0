import { sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { kindById, partOf } from '@core/catalogue/kinds';
import { pastCompositions } from '@core/yield/piece-composition';
import { usualRanges } from '@core/yield/usual-range';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Slips } from '../../ui/told/slips';

/** A piece beside the household's others cut the same way, and the catalogue's usual range, part by part. */
@Component({
  selector: 'v-yield-strip',
  imports: [Slips, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './yield-strip.html',
  styleUrl: './yield-strip.css',
})
export class YieldStrip {
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  readonly piece = input.required<string>();

  private readonly kind = computed(() => kindById(this.store.state().lots.get(this.piece())?.kind ?? null));
  private readonly way = computed(() => {
    const id = this.store.state().lots.get(this.piece())?.way;
    return this.kind()?.ways.find((way) => way.id === id) ?? this.kind()?.ways[0];
  });
  private readonly past = computed(() =>
    this.kind() && this.way() ? pastCompositions(this.store.state(), this.kind()!.id, this.way()!.id) : [],
  );
  protected readonly others = computed(
    () => this.past().filter(({ piece }) => piece.id !== this.piece()).length,
  );
  protected readonly rows = computed(() => {
    const [kind, way] = [this.kind(), this.way()];
    if (!kind || !way) return [];
    return [...usualRanges(kind, way)].map(([key, [low, high]]) => {
      const dots = this.past().map(({ piece, composition }) => ({
        own: piece.id === this.piece(),
        share: composition.shares[composition.keys.indexOf(key)] ?? 0,
      }));
      const others = dots.filter(({ own }) => !own);
      return {
        key,
        name: partOf(kind, key)?.name ?? 'Liquid and unaccounted',
        own: dots.find(({ own }) => own)?.share ?? null,
        mean: others.length > 0 ? sum(others, ({ share }) => share) / others.length : null,
        low,
        high,
        dots,
        scale: 96 / Math.max(high, ...dots.map(({ share }) => share), 0.001),
      };
    });
  });
}
