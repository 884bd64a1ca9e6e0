import { findHere, takeStock } from '@core/deeds/take-stock';
import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { WHY_MISSING, type WhyMissing } from '@core/freeze/stock-take';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { readShortNumber, shortNumber } from '@core/label/short-number';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { PageTabs } from '../../household/parts/page-tabs';
import { Swatch } from '../../ui/piece/swatch';
import { UndoBar } from '../../household/parts/undo-bar';
import { draftOf } from '../../ui/field/draft-of';
import { Field } from '../../ui/field/field';
import { Choice } from '../../ui/field/choice';
import { massReader } from '@core/format/readers';

/** Walking through the drawers with a phone: what is there is ticked, the rest is put right. */
@Component({
  selector: 'v-count-page',
  imports: [Choice, Field, PageTabs, RouterLink, Swatch, UndoBar],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './count-page.html',
  styleUrl: './count-page.css',
})
export class CountPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  protected readonly lotName = lotName;
  protected readonly shortNumber = shortNumber;
  protected readonly reasons = Object.entries(WHY_MISSING) as [WhyMissing, string][];
  protected readonly readMass = massReader(this.format, 'small');

  protected readonly places = computed(() => {
    const counts = new Map<string, number>();
    for (const { place } of this.store.stock()) counts.set(place ?? '', (counts.get(place ?? '') ?? 0) + 1);
    return [...counts].map(([id, count]) => ({
      id,
      count,
      name: this.store.placeNames().get(id) ?? 'no place',
    }));
  });
  protected readonly whereOptions = computed(() =>
    this.places().map(({ id, name, count }) => [id, `${name} (${count})`] as const),
  );
  protected readonly place = draftOf(() => this.places()[0]?.id ?? '');
  protected readonly packs = computed(() =>
    this.store.stock().filter((pack) => (pack.place ?? '') === this.place()),
  );
  private readonly ticked = signal<ReadonlySet<string>>(new Set());
  protected readonly found = computed(
    () =>
      new Set(
        this.packs()
          .filter(({ id }) => this.ticked().has(id))
          .map(({ id }) => id),
      ),
  );
  protected readonly missing = computed(() => this.packs().filter(({ id }) => !this.ticked().has(id)));
  protected readonly isClosing = linkedSignal<string, boolean>({
    source: this.place,
    computation: () => false,
  });
  protected readonly whys = signal<ReadonlyMap<string, WhyMissing>>(new Map());
  /** A pack whose label is here and that should not be. */
  protected readonly surplus = signal<{ readonly pack: Lot; readonly massDg: number } | null>(null);

  protected toggle(id: string): void {
    this.ticked.update((ticked) => {
      const next = new Set(ticked);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }

  protected tick(text: string): void {
    const number = readShortNumber(text);
    if (number === '') return;
    const all = this.store.stock().filter((pack) => shortNumber(pack.id) === number);
    const here = all.filter((pack) => (pack.place ?? '') === this.place());
    if (here.length > 0)
      return this.ticked.update((ticked) => new Set([...ticked, ...here.map(({ id }) => id)]));
    const pack =
      all[0] ??
      [...this.store.state().lots.values()].findLast(
        (lot) => lot.form === 'pack' && shortNumber(lot.id) === number,
      );
    if (!pack)
      return this.notices.problem(
        `No pack has the number ${number.slice(0, 12)}. Without a label, enter it as a pack.`,
      );
    this.surplus.set({ pack, massDg: pack.leftDg || pack.inDg });
  }

  protected async writeSurplus(): Promise<void> {
    const extra = this.surplus();
    if (!extra) return;
    if (!(await this.store.perform(findHere(extra.pack, this.place(), extra.massDg))).ok) return;
    this.ticked.update((ticked) => new Set([...ticked, extra.pack.id]));
    this.surplus.set(null);
  }

  protected close(): void {
    if (this.missing().length === 0) return this.notices.done('Everything is there.');
    this.isClosing.set(true);
  }

  protected setWhy(id: string, why: WhyMissing): void {
    this.whys.update((whys) => new Map(whys).set(id, why));
  }

  protected async write(): Promise<void> {
    const missing = this.missing();
    const why = new Map(missing.map(({ id }) => [id, this.whys().get(id) ?? 'lost'] as const));
    const written = await this.store.perform(takeStock(missing, why, this.clock.today()));
    if (written.ok) this.isClosing.set(false);
  }
}
