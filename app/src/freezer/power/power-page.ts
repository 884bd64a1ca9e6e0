import { sum } from 'd3-array';
import { throwAway } from '@core/deeds/part-with';
import { addHours, noonOf } from '@core/units/date';
import { instantAt } from '@core/units/zone';
import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { checkFirst, coldHolds, type Holds } from '@core/freeze/power-cut';
import { litresOf } from '@core/freeze/room';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Field } from '../../ui/field/field';
import { Choice, type Options } from '../../ui/field/choice';
import { Check } from '../../ui/field/check';
import { Day } from '../../ui/field/day';
import { readTime } from '@core/format/read-time';

/** What was said of a power cut and looked at stays in this tab, also over a reload. */
const KEPT = 'vendicus-power-cut';
/** How full a freezer is said to be, where that is not as written down. */
const SHARES = { 'as-known': null, full: 1, half: 0.5, less: 0.3 } as const;
type Said = keyof typeof SHARES;
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });

/** The power is out: how long the cold holds, what to look at first, and what to do with each pack. */
@Component({
  selector: 'v-power-page',
  imports: [Check, Choice, Day, Field],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './power-page.html',
  styleUrl: './power-page.css',
})
export class PowerPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  protected readonly lotName = lotName;
  private readonly said = signal<ReadonlyMap<string, Said>>(new Map(remembered().said));
  /** When the power went, as somebody says; not now. */
  protected readonly outOn = signal(remembered().since.split('T')[0] ?? '');
  protected readonly outAt = signal(remembered().since.split('T')[1] ?? '');
  private readonly moment = computed(() =>
    this.outOn() === '' || this.outAt() === ''
      ? null
      : instantAt(this.outOn(), this.outAt(), this.clock.zone()),
  );
  protected readonly isToCome = computed(() => (this.moment() ?? '') > this.clock.now());
  protected readonly since = computed(() => (this.isToCome() ? null : this.moment()));
  protected readonly shares: Options<Said> = [
    ['as-known', 'as full as written down'],
    ['full', 'full, with other food'],
    ['half', 'half full'],
    ['less', 'less than half full, or opened'],
  ];
  protected readonly readTime = readTime;
  protected readonly first = computed(() => checkFirst(this.colds.eatable(), this.store.places()));
  protected readonly shown = signal(12);
  /** Looked at, and still icy or cold enough. */
  protected readonly kept = signal<ReadonlySet<string>>(new Set(remembered().kept));

  protected keep(id: string): void {
    this.kept.update(
      (kept) => new Set(kept.has(id) ? [...kept].filter((each) => each !== id) : [...kept, id]),
    );
  }

  protected discard(pack: Lot): void {
    void this.store.perform(throwAway([pack], 'power cut', this.clock.today()));
  }

  protected readonly places = computed(() =>
    this.store.appliances().flatMap((appliance) => {
      const inside = new Set([appliance.id, ...appliance.shelves.map(({ id }) => id)]);
      const packs = this.store.stock().filter(({ place }) => place !== null && inside.has(place));
      if (packs.length === 0) return [];
      const known =
        appliance.litres === null ? null : litresOf(sum(packs, ({ leftDg }) => leftDg)) / appliance.litres;
      const said = this.said().get(appliance.id) ?? 'as-known';
      const holds = coldHolds(appliance, SHARES[said] ?? known);
      const since = this.since();
      const until = holds.hours === null || since === null ? null : addHours(since, holds.hours);
      return [
        {
          id: appliance.id,
          name: appliance.name,
          isFreezer: appliance.cold === 'freezer',
          said,
          full: known !== null && appliance.cold === 'freezer' ? this.format.percent(known, 0) : '',
          count: packs.length,
          holds: holdsWords(holds),
          until: until
            ? `${WEEKDAY.format(noonOf(this.clock.dayOf(until)))}, ${this.format.timeOf(until)}`
            : 'unknown',
          isOver: until !== null && until < this.clock.now(),
        },
      ];
    }),
  );

  protected sayFull(place: string, said: Said): void {
    this.said.update((all) => new Map([...all, [place, said]]));
  }

  constructor() {
    effect(() =>
      sessionStorage.setItem(
        KEPT,
        JSON.stringify({
          since: `${this.outOn()}T${this.outAt()}`,
          said: [...this.said()],
          kept: [...this.kept()],
        }),
      ),
    );
  }
}

interface Remembered {
  readonly since: string;
  readonly said: readonly (readonly [string, Said])[];
  readonly kept: readonly string[];
}

function remembered(): Remembered {
  const nothing: Remembered = { since: 'T', said: [], kept: [] };
  try {
    return { ...nothing, ...(JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Partial<Remembered>) };
  } catch {
    return nothing;
  }
}

function holdsWords(holds: Holds): string {
  switch (holds.says) {
    case 'published':
      return `about ${holds.hours} h`;
    case 'between':
      return `about ${holds.hours} h, between two published figures`;
    case 'under-24':
      return 'under 24 h, nobody knows how much: check each pack';
    case 'unknown':
      return '24 to 48 h if it is half full or more: nobody has said how large it is';
  }
}
