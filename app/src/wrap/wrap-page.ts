import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { isUsable } from '@core/catalogue/destination';
import { kindById, partOf } from '@core/catalogue/kinds';
import type { Amount, Take } from '@core/journal/entry';
import type { Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { lastActOn } from '@core/journal/undo';
import { measure } from '@core/journal/take';
import { spread } from '@core/units/cumulative';
import { totalDg } from '@core/journal/lot';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Swatch } from '../kit/swatch';

/** One thing on the table that can go into the pack: a portion, or a heap. */
interface Choice {
  readonly lot: Lot;
  /** Text of how much of it is taken, empty for none. */
  readonly amount: string;
}

/** Which portions go into which pack, and what the pack cost. */
@Component({
  selector: 'v-wrap-page',
  imports: [FormsModule, RouterLink, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './wrap-page.html',
  styleUrl: './wrap-page.css',
})
export class WrapPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);

  protected readonly lotName = lotName;
  protected readonly today = this.clock.today();
  protected readonly amounts = signal<Readonly<Record<string, string>>>({});
  protected readonly date = signal(this.today);
  protected readonly place = linkedSignal(() => [...this.store.places().keys()][0] ?? '');

  /** The table, by the piece it came from. */
  protected readonly tables = computed(() => {
    const { lots } = this.store.state();
    const groups = new Map<string, Lot[]>();
    for (const lot of this.store.toWrap()) {
      const from = lots.get(lot.sources[0]?.lot ?? '');
      const key = from ? `${lotName(from)}${from.shop ? `, ${from.shop}` : ''}${from.on ? `, ${this.figures.age(from.on)}` : ''}` : 'Mixed';
      groups.set(key, [...(groups.get(key) ?? []), lot]);
    }
    return [...groups].map(([name, list]) => ({ name, lots: list }));
  });

  protected readonly chosen = computed(() =>
    this.store.toWrap().flatMap((lot) => {
      const amount = this.amounts()[lot.id];
      return amount === undefined ? [] : [{ lot, amount } satisfies Choice];
    }),
  );
  protected readonly takes = computed(() => this.chosen().map((choice) => ({ choice, ...this.readAmount(choice) })));
  protected readonly massDg = computed(() => this.takes().reduce((sum, take) => sum + (take.massDg ?? 0), 0));
  protected readonly problem = computed(() => this.takes().find((take) => take.problem)?.problem ?? '');

  protected readonly name = linkedSignal(computed(() => this.proposedName()));
  protected readonly plates = linkedSignal(computed(() => this.proposedPlates()));
  protected readonly platesWrong = computed(() => !/^\d{0,3}$/.test(this.plates().trim()) || this.plates().trim() === '0');

  /** What the chosen would cost, by the share of each lot's cost that goes along. */
  protected readonly cost = computed(() => {
    const costs = this.takes().map(({ choice, massDg }) => {
      const cost = this.store.costs().get(choice.lot.id);
      return { minor: spread(cost?.leftMinor ?? 0, 0, massDg ?? 0, choice.lot.leftDg), complete: cost?.complete ?? false };
    });
    return { minor: costs.reduce((sum, { minor }) => sum + minor, 0), complete: costs.every(({ complete }) => complete) };
  });
  protected readonly perPlate = computed(() => {
    const plates = Number(this.plates());
    return plates > 0 ? Math.round(this.cost().minor / plates) : null;
  });
  protected readonly ready = computed(() => this.massDg() > 0 && this.problem() === '' && this.name().trim() !== '' && !this.platesWrong());

  protected readonly appetite = computed(() => {
    const eaters = this.store.settings().eaters;
    return eaters.length === 0 ? null : { count: eaters.length, totalDg: eaters.reduce((sum, { plateDg }) => sum + plateDg, 0) };
  });

  protected readonly recent = computed(() =>
    this.store
      .stock()
      .filter((lot) => lot.form === 'pack' && lot.on === this.today && lot.sources.length > 0)
      .reverse(),
  );

  protected toggle(lot: Lot): void {
    this.amounts.update((amounts) => {
      const { [lot.id]: known, ...others } = amounts;
      return known === undefined ? { ...amounts, [lot.id]: lot.countLeft > 1 ? String(lot.countLeft) : '' } : others;
    });
  }

  protected setAmount(lot: Lot, text: string): void {
    this.amounts.update((amounts) => ({ ...amounts, [lot.id]: text }));
  }

  /** Width of a token: larger portions look larger. */
  protected size(lot: Lot): number {
    return Math.round(74 + 70 * Math.min(1, lot.leftDg / Math.max(1, lot.countLeft) / 6000));
  }

  protected async wrap(): Promise<void> {
    if (!this.ready()) return this.notices.problem(this.whyNot());
    const lot = this.clock.newId();
    const from: Take[] = this.takes().map(({ choice, amount }) => ({ lot: choice.lot.id, amount: amount ?? 'all' }));
    const plates = Number(this.plates()) || undefined;
    const name = this.name().trim();
    const place = this.place();
    const written = await this.store.append(
      { type: 'packed', lot, name, from, plates, on: this.date() || this.today },
      ...(place ? [{ type: 'placed' as const, lot, place }] : []),
    );
    if (this.notices.tell(written, `${name} wrapped${place ? `, in ${this.store.places().get(place)?.name}` : ''}`)) this.amounts.set({});
  }

  protected async unwrap(pack: Lot): Promise<void> {
    const last = lastActOn(this.store.household().journal, new Set([pack.id]));
    if (last) this.notices.tell(await this.store.undoTogether(pack.made), `${lotName(pack)} undone; its portions are on the table again`);
  }

  private whyNot(): string {
    if (this.chosen().length === 0) return 'Choose from the table what goes into the pack first.';
    if (this.problem() !== '') return this.problem();
    return this.platesWrong() ? 'Plates is a whole number from 1, or nothing.' : 'Write a name on the pack first.';
  }

  private readAmount({ lot, amount }: Choice): { amount?: Amount; massDg?: number; problem?: string } {
    const text = amount.trim();
    if (text === '') return { amount: 'all', massDg: lot.leftDg };
    if (lot.countLeft > 1 && /^\d+$/.test(text)) return this.measured(lot, { count: Number(text) });
    const mass = this.figures.parseMass(text, 'small');
    return mass && mass.massDg > 0 ? this.measured(lot, { massDg: mass.massDg }) : { problem: `“${text}” is not an amount of ${lotName(lot).toLowerCase()}.` };
  }

  private measured(lot: Lot, amount: Amount): { amount?: Amount; massDg?: number; problem?: string } {
    if (amount !== 'all' && 'count' in amount && amount.count < 1) return { problem: 'Take at least one.' };
    const result = measure(lot, amount);
    if ('refusal' in result) {
      return { problem: `There is not that much ${lotName(lot).toLowerCase()}: ${lot.countLeft > 1 ? lot.countLeft : this.figures.mass(lot.leftDg)} left.` };
    }
    return { amount, massDg: result.taken.massDg };
  }

  private proposedName(): string {
    const lots = this.chosen().map(({ lot }) => lot);
    const first = lots[0];
    if (!first) return '';
    const names = [...new Set(lots.map(lotName))];
    if (names.length > 1) return names.join(', ');
    const count = this.countOf(this.takes());
    const part = partOf(kindById(first.kind), first.part);
    if (!part?.portion) return names[0] ?? '';
    return count === 1 ? lotName(first) : `${count} ${part.portions}`;
  }

  /** By appetite, but a steak is one plate and is not cut further. Nothing for bones and fat. */
  private proposedPlates(): string {
    const appetite = this.appetite();
    const each = appetite ? appetite.totalDg / appetite.count : 2000;
    const usable = this.takes().filter(({ choice }) => isUsable(choice.lot.destination));
    const massDg = usable.reduce((sum, take) => sum + (take.massDg ?? 0), 0);
    const portions = usable.every(({ choice }) => this.isPortions(choice.lot)) ? this.countOf(usable) : Infinity;
    return massDg === 0 ? '' : String(Math.max(1, Math.min(portions, Math.round(massDg / each))));
  }

  private countOf(takes: readonly { choice: Choice; amount?: Amount }[]): number {
    return takes.reduce((sum, { choice, amount }) => sum + (amount && amount !== 'all' && 'count' in amount ? amount.count : choice.lot.countLeft), 0);
  }

  /** Whether it is one or several that are not cut further, as opposed to a heap. */
  protected isPortions(lot: Lot): boolean {
    return partOf(kindById(lot.kind), lot.part)?.portion !== undefined;
  }

  protected isPartTaken(lot: Lot): boolean {
    return lot.leftDg < totalDg(lot);
  }
}
