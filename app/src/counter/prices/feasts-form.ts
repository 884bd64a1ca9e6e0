import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { saveFeasts } from '@core/deeds/change-settings';
import { rulesOn } from '@core/feast/feast-rule';
import type { OwnFeastRule, Feasts, OwnFeast } from '@core/feast/feast-schemas';
import { feastDays, USUAL_FEASTS } from '@core/feast/feasts';
import { FEASTS_OF_COUNTRY, KNOWN_FEASTS } from '@core/feast/known-feasts';
import { feastRuleWords } from '@core/format/feast-words';
import { Format } from '@core/format/format';
import { addDays } from '@core/units/date';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { Check } from '../../ui/field/check';
import { Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';
import { draftKey } from '../../household/draft-key';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { TextField } from '../../ui/field/text-field';

const COUNTRIES = new Intl.DisplayNames(['en'], { type: 'region' });

/** The feasts of this household: those of a country, one by one, and its own. Each counts as soon as it is said. */
@Component({
  selector: 'v-feasts-form',
  imports: [Check, Choice, Day, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './feasts-form.html',
  styleUrl: './feasts-form.css',
})
export class FeastsForm {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  protected readonly format = inject(Format);

  protected readonly feasts = computed(() => this.store.settings().feasts ?? USUAL_FEASTS);
  protected readonly countries: Options<string> = [
    ['', 'choose one'],
    ...Object.keys(FEASTS_OF_COUNTRY)
      .map((code) => [code, COUNTRIES.of(code) ?? code] as const)
      .sort(([, a], [, b]) => a.localeCompare(b)),
  ];
  private readonly next = computed(() => {
    const today = this.clock.today();
    const all = { ...this.feasts(), known: KNOWN_FEASTS.map(({ id }) => id) };
    const year = Number(today.slice(0, 4));
    const days = [year, year + 1].flatMap((of) => feastDays(all, of)).filter(({ on }) => on >= today);
    return new Map(days.reverse().map(({ id, on }) => [id, on]));
  });
  protected readonly rows = computed(() =>
    KNOWN_FEASTS.map(({ id, name }) => ({
      id,
      name: name.charAt(0).toUpperCase() + name.slice(1),
      next: this.next().get(id) ?? '',
      isKept: this.feasts().known.includes(id),
    })).sort((a, b) => a.next.localeCompare(b.next)),
  );
  protected readonly own = computed(() =>
    this.feasts().own.map((feast) => ({
      ...feast,
      comesBack: feastRuleWords(feast.rule),
      next: this.next().get(feast.id) ?? '',
    })),
  );

  protected readonly name = signal('');
  protected readonly on = signal('');
  private readonly rule = signal(0);
  protected readonly latest = computed(() => addDays(this.clock.today(), 370));
  private readonly rules = computed((): OwnFeastRule[] => (this.on() ? rulesOn(this.on()) : []));
  protected readonly ways = computed((): Options<number> =>
    this.rules().map((rule, index) => [index, feastRuleWords(rule)] as const),
  );
  protected readonly way = computed(() => Math.min(this.rule(), this.rules().length - 1));
  protected readonly tried = signal(false);

  constructor() {
    const key = draftKey('feast');
    keepInTab(() => `${key()} ${this.clock.today()}`, { name: this.name, on: this.on, rule: this.rule });
  }

  protected chooseCountry(code: string): Promise<unknown> {
    const known = FEASTS_OF_COUNTRY[code];
    return known ? this.save({ known: [...known] }) : Promise.resolve();
  }

  protected keep(id: string, isKept: boolean): Promise<unknown> {
    const others = this.feasts().known.filter((each) => each !== id);
    return this.save({ known: isKept ? [...others, id] : others });
  }

  protected chooseWay(index: number): void {
    this.rule.set(index);
  }

  protected async add(): Promise<void> {
    this.tried.set(true);
    const [name, rule] = [this.name().trim(), this.rules()[this.way()]];
    if (!name || !rule) return;
    const own: OwnFeast = { id: `own-${this.clock.newId()}`, name, rule };
    const written = await this.save({ own: [...this.feasts().own, own] });
    if (!written.ok) return;
    this.name.set('');
    this.on.set('');
    this.tried.set(false);
  }

  protected takeOut(id: string): Promise<unknown> {
    return this.save({ own: this.feasts().own.filter((each) => each.id !== id) });
  }

  private save(part: Partial<Feasts>): ReturnType<HouseholdStore['perform']> {
    return this.store.perform(saveFeasts({ ...this.feasts(), ...part }));
  }
}
