import { sum } from 'd3-array';
import { daysOfPack } from '@core/dinner/week';
import { freezeBatch } from '@core/deeds/freeze-batch';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { keepsUpTo } from '@core/cold/cold';
import { freezeBy, loadedOn, planBatch, type GoesIn } from '@core/freeze/batch';
import { applianceAt, freezes, isInUnknown } from '@core/cold/cold-places';
import { whyNotToFreeze } from '@core/cold/why';
import { hoursToFreeze } from '@core/cold/freezing';
import { failure, success, type Result } from '@core/units/result';
import { roomIn } from '@core/freeze/room';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { addHours, daysBetween, type IsoDate } from '@core/units/date';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Swatch } from '../../ui/piece/swatch';
import { PopoverButton } from '../../ui/over/popover-button';
import { draftKey } from '../../household/draft-key';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { BarePicture } from '../../ui/told/bare-picture';

/** New packs on their way into the freezer: what goes in today, where, and what waits in the refrigerator. */
@Component({
  selector: 'v-batch-page',
  imports: [BarePicture, PopoverButton, RouterLink, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './batch-page.html',
  styleUrl: './batch-page.css',
})
export class BatchPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  protected readonly today = this.clock.today;
  protected readonly lotName = lotName;
  private readonly colds = inject(Colds);
  protected readonly roomRule = computed(() =>
    this.format.smallUnit() === 'oz'
      ? 'A cubic foot of freezer takes about 37 lb of packs. In a day no more than 2 to 3 lb a cubic foot go in, 2.5 here,'
      : `A litre of freezer takes about ${this.format.number(0.6, 1)} kg of packs. In a day no more than 32 to 48 g a litre go in, 40 here,`,
  );
  /** What somebody has left out, or put in though it is planned. */
  private readonly said = signal<Readonly<Record<string, 'in' | 'out'>>>({});

  /** Packs that lie in no freezer. */
  protected readonly fresh = computed(() =>
    [...this.store.state().lots.values()].filter(
      (lot) =>
        lot.form === 'pack' &&
        lot.leftDg > 0 &&
        applianceAt(this.store.appliances(), lot.place)?.cold !== 'freezer',
    ),
  );
  /** The next day for which a pack is planned, where it keeps until then; null for none: what will be eaten is not frozen. */
  protected readonly plannedFor = (lot: Lot): IsoDate | null => {
    const next = daysOfPack(lot.id, this.store.meals()).find((day) => day >= this.today());
    return next !== undefined && keepsUpTo(this.colds.of()(lot), next) ? next : null;
  };
  private readonly isLeft = (lot: Lot): boolean =>
    (this.said()[lot.id] ?? (this.plannedFor(lot) === null ? 'in' : 'out')) === 'out';
  private readonly batch = computed(() =>
    planBatch(
      this.fresh().filter((lot) => !this.isLeft(lot)),
      this.store.appliances(),
      this.store.stock(),
      this.colds.of(),
      this.today(),
    ),
  );
  protected readonly leftOut = computed(() => this.fresh().filter(this.isLeft));
  protected readonly tooLate = computed(() => this.batch().tooLate);
  protected readonly noRoom = computed(() => this.batch().noRoom);
  protected readonly notRaw = computed(() => this.batch().notRaw);
  /** What goes in on each day. */
  protected readonly days = computed(() => {
    const days = new Map<IsoDate, GoesIn[]>();
    for (const each of this.batch().goesIn) {
      const known = days.get(each.on);
      if (known) known.push(each);
      else days.set(each.on, [each]);
    }
    return [...days].map(([on, packs]) => {
      const freezing = packs.map((each) => this.freezing(each));
      return {
        on,
        packs: packs.map((each, index) => ({ ...each, nth: index + 1, freezing: freezing[index] })),
        massDg: sum(packs, ({ lot }) => lot.leftDg),
        hardAt: on === this.today() ? this.hardAt(freezing) : '',
      };
    });
  });

  /** The freezers, and what they still take. */
  protected readonly freezers = computed(() =>
    this.store
      .appliances()
      .filter(({ cold }) => cold === 'freezer')
      .map((appliance) => {
        const inside = new Set([appliance.id, ...appliance.shelves.map(({ id }) => id)]);
        const stored = this.store.stock().filter(({ place }) => place !== null && inside.has(place));
        const known = stored.filter(({ place }) => !isInUnknown(this.store.appliances(), place));
        const massDg = sum(known, ({ leftDg }) => leftDg);
        const loadedDg = loadedOn(appliance, stored, this.colds.of(), this.today());
        const { litres, atLeast } = appliance;
        const room = litres === null ? null : roomIn(litres, massDg, atLeast);
        return { ...appliance, room, loadedDg, share: room ? massDg / (massDg + room.freeDg) : 0 };
      }),
  );
  protected readonly massDg = computed(() => sum(this.fresh(), ({ leftDg }) => leftDg));

  constructor() {
    const key = draftKey('batch');
    keepInTab(() => `${key()} ${this.today()}`, { said: this.said });
  }

  private freezing({ lot, appliance }: GoesIn): Result<number> {
    if (this.colds.of()(lot).state === 'frozen') return failure('frozen already');
    if (!freezes(appliance)) return failure(`Air of ${this.format.air(appliance.airC)} does not freeze it.`);
    return success(hoursToFreeze(lot, lot.leftDg, appliance));
  }

  /** When the slowest of what goes in now is frozen: until then none of it counts as frozen. */
  private hardAt(freezing: readonly Result<number>[]): string {
    const slowest = Math.max(0, ...freezing.map(({ value = 0 }) => value));
    return slowest === 0 ? '' : this.format.moment(addHours(this.clock.now(), slowest));
  }

  protected waitsUntil(lot: Lot): string {
    return this.format.weekday(freezeBy(lot, this.colds.of(), this.today()));
  }

  protected whyNot(lot: Lot): string {
    return whyNotToFreeze(this.colds.of()(lot));
  }

  protected dayName(on: IsoDate): string {
    const days = daysBetween(this.today(), on);
    return days === 0 ? 'Goes in today' : `${this.format.weekday(on)}: waits in the refrigerator until then`;
  }

  protected leave(lot: Lot): void {
    this.said.update((said) => ({ ...said, [lot.id]: 'out' }));
  }

  protected bringBack(lot: Lot): void {
    this.said.update((said) => ({ ...said, [lot.id]: 'in' }));
  }

  /** Today's into their drawers, the others into the refrigerator until their day. */
  protected putAway(): void {
    void this.store.perform(freezeBatch(this.batch().goesIn, this.store.refrigerator(), this.today()));
  }
}
