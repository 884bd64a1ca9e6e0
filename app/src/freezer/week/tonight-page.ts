import { rollups } from 'd3-array';
import { notKept } from '@core/dinner/reservation';
import { thaw } from '@core/deeds/thaw';
import { addHours, minutesBetween } from '@core/units/date';
import { instantAt } from '@core/units/zone';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { readyBy, type Ready } from '@core/freeze/ready-by';
import { THAWING } from '@core/cold/thawing-time';
import { lotName } from '@core/catalogue/lot-name';
import { isUsable } from '@core/ledger/destination';
import { USUAL_COOK_MINUTES } from '@core/dinner/dinners';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { RouterLink } from '@angular/router';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Swatch } from '../../ui/piece/swatch';
import { keepsWords, STATE_WORDS } from '../../household/cold-words';
import { SoftThrough } from '../../household/parts/soft-through';
import { Field } from '../../ui/field/field';
import { PiecesDue } from './pieces-due';
import { readTime } from '@core/format/read-time';
import { Slips } from '../../ui/told/slips';

/** What can still be thawed for tonight, and by when it must be out. */
@Component({
  selector: 'v-tonight-page',
  imports: [RouterLink, Slips, Field, PiecesDue, SoftThrough, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './tonight-page.html',
  styles: `
    .when {
      max-width: 180px;
      margin-bottom: 16px;
    }
    .no td {
      color: var(--soft);
    }
  `,
})
export class TonightPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  private readonly clock = inject(Clock);
  protected readonly lotName = lotName;
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly ways = THAWING;
  private readonly colds = inject(Colds);
  protected readonly at = signal(this.store.settings().dinners?.at ?? '19:00');
  private readonly dinner = computed(() => instantAt(this.clock.today(), this.at(), this.clock.zone()));
  protected readonly hoursLeft = computed(() => minutesBetween(this.clock.now(), this.dinner()) / 60);
  /** Cooking starts so long before. */
  protected readonly cookMinutes = computed(
    () => this.store.settings().dinners?.cookMinutes ?? USUAL_COOK_MINUTES,
  );
  private readonly panAt = computed(() => addHours(this.dinner(), -this.cookMinutes() / 60));
  protected readonly rows = computed(() => {
    const packs = notKept(this.store.stock(), this.store.reserved()).filter(({ destination }) =>
      isUsable(destination),
    );
    const rank = ({ way }: Ready): number => (way === null ? 2 : way === 'fresh' || way === 'thawed' ? 0 : 1);
    const pan = { now: this.clock.now(), panAt: this.panAt(), on: this.clock.today() };
    return readyBy(packs, pan, this.colds.of()).sort((a, b) => rank(a) - rank(b));
  });
  /** What is kept for something is not offered, and named: of several alike how many. */
  protected readonly kept = computed(() =>
    rollups(
      this.store.stock().filter(({ id }) => this.store.reserved().has(id)),
      (lots) => lots.length,
      (lot) => this.store.reserved().get(lot.id)?.for ?? '',
      lotName,
    ).flatMap(([what, names]) =>
      names.map(([name, count]) => `${count > 1 ? `${count} × ${name}` : name}, for ${what}`),
    ),
  );
  /** What nobody has looked at since the power was out is not offered, and named. */
  protected readonly unchecked = computed(() => {
    const clockOf = this.colds.of();
    return this.colds.eatable().filter((lot) => clockOf(lot).toCheck);
  });
  /** What is past its day is not offered, and named. */
  protected readonly overdue = this.colds.overdue;

  protected readonly readTime = readTime;

  protected takeOut({ lot, way }: Ready): void {
    if (way !== 'refrigerator' && way !== 'cold-water') return;
    void this.store.perform(thaw([lot], 'all', this.colds.thawing(way)));
  }

  protected how({ way, lot }: Ready): string {
    if (way === null) return 'cook from frozen, or another day';
    const cold = this.colds.of()(lot);
    if (way === 'on-its-way')
      return `${cold.softAt === null ? 'thawing in the refrigerator' : 'in cold water'}, ${keepsWords(cold, this.format)}`;
    if (way === 'fresh' || way === 'thawed')
      return `${STATE_WORDS[cold.state]}, ${keepsWords(cold, this.format)}`;
    return THAWING[way].name;
  }
}
