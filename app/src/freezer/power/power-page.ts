import { throwAway } from '@core/deeds/part-with';
import { lookAtPack } from '@core/deeds/look-at-pack';
import { sayPowerCut, unsayPowerCut } from '@core/deeds/say-power-cut';
import { instantAt, wallAt } from '@core/units/zone';
import type { Instant } from '@core/units/date';
import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { packsWithout, placesWithout, type CutAdvice, type Holds } from '@core/freeze/power-cut';
import { applianceAt } from '@core/cold/cold-places';
import type { PowerCut } from '@core/cold/power-cut-note';
import type { EntryOf } from '@core/ledger/entry';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { STATE_WORDS } from '../../household/cold-words';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Field } from '../../ui/field/field';
import { Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';
import { draftOf } from '../../ui/form/draft-of';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { draftKey } from '../../household/draft-key';
import { readTime } from '@core/format/read-time';

/** How full a freezer is said to be, where that is not as written down. */
const SHARES = { 'as-known': null, full: 1, half: 0.5, less: 0.3 } as const;
type Said = keyof typeof SHARES;

/** What each pack asks for, in words. */
const ADVICE: Readonly<Record<CutAdvice, string>> = {
  nothing: 'nothing to do while the door is shut',
  check: 'check it',
  measure: 'throw it away, unless a thermometer shows 4 °C (40 °F) or below',
};

/** The power is out: how long the cold holds, what to look at first, and what to do with each pack. */
@Component({
  selector: 'v-power-page',
  imports: [Choice, Day, Field],
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
  protected readonly states = STATE_WORDS;
  protected readonly advice = ADVICE;
  protected readonly readTime = readTime;
  protected readonly shares: Options<Said> = [
    ['as-known', 'as full as written down'],
    ['full', 'full, with other food'],
    ['half', 'half full'],
    ['less', 'less than half full, or opened'],
  ];

  /** The cut that was written down last: it is the one that is looked at. */
  private readonly known = computed(
    () => [...this.store.powerCuts()].sort(([, a], [, b]) => (a.from < b.from ? 1 : -1))[0] ?? null,
  );
  private readonly written = computed((): PowerCut | null => this.known()?.[1] ?? null);
  private readonly said = signal<Readonly<Record<string, Said>>>({});
  /** When it went and came back, as typed. */
  protected readonly outOn = draftOf(() => this.dayOf(this.written()?.from));
  protected readonly outAt = draftOf(() => this.timeOf(this.written()?.from));
  protected readonly backOn = draftOf(() => this.dayOf(this.written()?.to));
  protected readonly backAt = draftOf(() => this.timeOf(this.written()?.to));
  private readonly typed = computed((): PowerCut | null => {
    const from = this.momentOf(this.outOn(), this.outAt());
    const to = this.momentOf(this.backOn() || this.outOn(), this.backAt());
    return from === null ? null : { from, ...(to === null ? {} : { to }) };
  });
  /** What is wrong with what is typed. */
  private readonly refused = computed(() => {
    const typed = this.typed();
    return (
      typed &&
      (sayPowerCut('-', { from: typed.from, to: typed.to ?? null }, this.clock.now()).problem ?? null)
    );
  });
  /** As typed, where that can be; it counts here at once, and everywhere once it is written down. */
  protected readonly cut = computed(() => (this.refused() === null ? this.typed() : null) ?? this.written());
  protected readonly isWritten = computed(
    () => this.cut() !== null && JSON.stringify(this.cut()) === JSON.stringify(this.written()),
  );
  protected readonly asked = signal('');
  protected readonly problem = computed(() => this.refused() ?? this.asked());
  protected readonly shown = signal(12);

  constructor() {
    const [key, { today }] = [draftKey('power'), this.clock];
    keepInTab(() => `${key()} ${today()}`, {
      outOn: this.outOn,
      outAt: this.outAt,
      backOn: this.backOn,
      backAt: this.backAt,
      said: this.said,
    });
    // What was said before is not said of another time.
    effect(() => {
      if (this.typed()) this.asked.set('');
    });
  }

  protected readonly places = computed(() => {
    const [request, now] = [this.request(), this.clock.now()];
    return placesWithout(request).map(({ appliance, packs, share, holds, until }) => ({
      id: appliance.id,
      name: appliance.name,
      isFreezer: appliance.cold === 'freezer',
      said: this.said()[appliance.id] ?? 'as-known',
      full: share !== null && appliance.cold === 'freezer' ? this.fullWords(share, appliance.atLeast) : '',
      count: packs.length,
      holds: holdsWords(holds),
      until: until ? this.format.moment(until) : holds.hours === null ? 'nobody can say' : '',
      isOver: until !== null && until < (this.cut()?.to ?? now),
    }));
  });

  protected readonly first = computed(() =>
    packsWithout(
      placesWithout(this.request()),
      this.cut(),
      this.clock.now(),
      this.colds.of(),
      this.nowhere(),
    ),
  );
  /** What lies in no place by name: pieces, parts on the table, packs without a drawer. */
  private readonly nowhere = computed(() => {
    const clockOf = this.colds.of();
    const isNamed = ({ place }: Lot): boolean => applianceAt(this.store.appliances(), place) !== undefined;
    return this.store.perishable().filter((lot) => !isNamed(lot) && !clockOf(lot).overdue);
  });
  /** Of what is written down, so much came once the power was back. */
  protected readonly later = computed(
    () =>
      placesWithout(this.request()).flatMap(({ packs }) => packs).length +
      this.nowhere().length -
      this.first().length,
  );

  private readonly request = computed(() => ({
    appliances: this.store.appliances(),
    stock: this.colds.eatable(),
    clockOf: this.colds.of(),
    cut: this.cut(),
    saidFull: new Map(
      Object.entries(this.said()).flatMap(([id, said]) => {
        const share = SHARES[said];
        return share === null ? [] : [[id, share] as const];
      }),
    ),
  }));

  protected sayFull(place: string, said: Said): void {
    this.said.update((all) => ({ ...all, [place]: said }));
  }

  /** Writes the cut down, so that what freezes is not called frozen before it is. */
  protected async write(): Promise<void> {
    const typed = this.typed();
    if (!typed) return this.asked.set('Say since when: the day and the time. Nothing was written down.');
    if (this.backOn() !== '' && typed.to === undefined)
      return this.asked.set('Say at what time it came back. Nothing was written down.');
    const [key, known] = this.known() ?? [];
    // What began once the last one was over is another.
    const isAnother = key === undefined || (known?.to !== undefined && typed.from > known.to);
    const { from, to = null } = typed;
    await this.store.perform(
      sayPowerCut(isAnother ? this.clock.newId() : key, { from, to }, this.clock.now()),
    );
  }

  /** There was none after all. */
  protected async forget(): Promise<void> {
    const [key] = this.known() ?? [];
    if (key !== undefined) await this.store.perform(unsayPowerCut(key));
  }

  protected look(pack: Lot, found: EntryOf<'checked'>['found']): void {
    void this.store.perform(lookAtPack(pack, found, this.clock.today()));
  }

  protected discard(pack: Lot): void {
    void this.store.perform(throwAway([pack], 'power cut', this.clock.today()));
  }

  private momentOf(on: string, at: string): Instant | null {
    return on === '' || at === '' ? null : instantAt(on, at, this.clock.zone());
  }

  private dayOf(at: Instant | undefined): string {
    return at === undefined ? '' : this.clock.dayOf(at);
  }

  private timeOf(at: Instant | undefined): string {
    return at === undefined ? '' : wallAt(at, this.clock.zone()).time;
  }

  private fullWords(share: number, atLeast: boolean): string {
    const full = `${this.format.percent(share, 0)} full of packs`;
    return atLeast ? `${full}, a drawer of unknown size apart` : full;
  }
}

function holdsWords(holds: Holds): string {
  switch (holds.says) {
    case 'published':
      return `about ${holds.hours} h`;
    case 'between':
      return `about ${holds.hours} h, between two published figures`;
    case 'under-24':
      return 'under 24 h: check each pack';
    case 'not-frozen':
      return 'not promised: more than a day’s load was not frozen yet';
    case 'unknown':
      return '24 to 48 h if it is half full or more: its size is not set';
  }
}
