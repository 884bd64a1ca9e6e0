import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { DESTINATION_IDS } from '@core/catalogue/destination';
import { kindById, partOf } from '@core/catalogue/kinds';
import { compareWithShop, type ComparisonLine } from '@core/cost/comparison';
import { packsFrom } from '@core/files/report';
import { leavesOf } from '@core/journal/leaves';
import { lotName } from '@core/journal/lot-name';
import { packState } from '@core/pack/pack-state';
import { unitPrice } from '@core/price/label-total';
import { yieldTest } from '@core/yield/yield-test';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Swatch } from '../kit/swatch';
import { MassFlow } from './mass-flow';
import { PriceGap } from './price-gap';

/** One piece: its yield test, what its parts and packs cost, and whether it beat the shop. */
@Component({
  selector: 'v-piece-page',
  imports: [RouterLink, MassFlow, PriceGap, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './piece-page.html',
  styleUrl: './piece-page.css',
})
export class PiecePage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  readonly lot = input.required<string>();

  protected readonly lotName = lotName;
  protected readonly packState = packState;
  protected readonly destinations = DESTINATION_IDS;
  protected readonly piece = computed(() => {
    const lot = this.store.state().lots.get(this.lot());
    return lot?.form === 'piece' ? lot : undefined;
  });
  protected readonly test = computed(() => yieldTest(this.store.state(), this.lot()));
  protected readonly shop = computed(() => compareWithShop(this.store.state(), this.lot(), this.store.prices()));
  protected readonly paidPerKg = computed(() => unitPrice(this.piece()?.inDg ?? 1, this.piece()?.paidMinor ?? 0));
  protected readonly family = computed(() => {
    const kind = kindById(this.piece()?.kind ?? null);
    const parts = new Map<string, { id: string; name: string; destination: (typeof DESTINATION_IDS)[number]; count: number; massDg: number; minor: number }>();
    for (const { lot, massDg, destination } of leavesOf(this.store.state(), this.lot())) {
      const id = `${lot.part ?? ''}/${destination}`;
      const name = lot.part === null ? (this.piece()?.closed ? 'Whole' : 'Still on the board') : (partOf(kind, lot.part)?.name ?? lot.part);
      const seen = parts.get(id) ?? { id, name, destination, count: 0, massDg: 0, minor: 0 };
      const minor = this.store.costs().get(lot.id)?.minor ?? 0;
      parts.set(id, { ...seen, count: seen.count + lot.count, massDg: seen.massDg + massDg, minor: seen.minor + minor });
    }
    return [...parts.values()].sort((a, b) => DESTINATION_IDS.indexOf(a.destination) - DESTINATION_IDS.indexOf(b.destination));
  });
  protected readonly packs = computed(() => {
    const piece = this.piece();
    if (!piece) return [];
    return packsFrom(this.store.state(), piece).map((lot) => {
      const cost = this.store.costs().get(lot.id);
      const minor = cost?.complete ? cost.minor : null;
      return { lot, minor, perPlate: minor !== null && lot.plates ? minor / lot.plates : null };
    });
  });
  protected readonly portion = computed(() => {
    const packs = this.packs().filter(({ lot, minor }) => lot.plates !== null && minor !== null);
    const plates = packs.reduce((sum, { lot }) => sum + (lot.plates ?? 0), 0);
    return plates > 0 ? packs.reduce((sum, { minor }) => sum + (minor ?? 0), 0) / plates : null;
  });

  protected partLabel(line: ComparisonLine): string {
    if (line.part === null) return this.piece() ? lotName(this.piece()!) : 'Whole';
    return partOf(kindById(this.piece()?.kind ?? null), line.part)?.name ?? line.part;
  }

  protected atLeast(): string {
    return this.shop().complete ? '' : 'at least ';
  }
}
