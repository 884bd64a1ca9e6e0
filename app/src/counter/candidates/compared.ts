import { computed, inject, Injectable, linkedSignal, signal } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import { KINDS } from '@core/catalogue/kinds';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { draftOf } from '../../ui/form/draft-of';
import { keepInTab } from '../../ui/form/keep-in-tab';

/** A piece that lies there, as it is typed. */
export interface Lying {
  readonly id: number;
  readonly weight: string;
  readonly price: string;
  readonly marks: readonly string[];
}

/** A counter has more; a hand compares no more than so many. */
export const MOST = 4;

/** Pieces of one kind that are compared; they wait in the tab, like the piece that is asked about. */
@Injectable()
export class Compared {
  private readonly kinds = inject(HouseholdStore).kinds;
  private readonly kindId = signal(KINDS[0]?.id ?? '');
  readonly kind = computed(
    (): Kind => this.kinds().find(({ id }) => id === this.kindId()) ?? (KINDS[0] as Kind),
  );
  readonly wayId = draftOf(() => this.kind().ways[0]?.id ?? '', this.kindId);
  private readonly lying = linkedSignal<string, readonly Lying[]>({
    source: this.kindId,
    computation: () => [blank(1), blank(2)],
  });
  readonly all = this.lying.asReadonly();

  constructor() {
    const [key, { today }] = [draftKey('compared'), inject(Clock)];
    keepInTab(() => `${key()} ${today()}`, { kind: this.kindId, way: this.wayId, lying: this.lying });
  }

  choose(id: string): void {
    this.kindId.set(id);
  }

  set(id: number, part: Partial<Lying>): void {
    this.lying.update((all) => all.map((each) => (each.id === id ? { ...each, ...part } : each)));
  }

  add(): void {
    this.lying.update((all) => [...all, blank(Math.max(...all.map(({ id }) => id)) + 1)]);
  }

  remove(id: number): void {
    this.lying.update((all) => all.filter((each) => each.id !== id));
  }

  /** A piece from the Counter goes beside those of its kind that lie there: in the first empty place. */
  take(kind: string, way: string, piece: Omit<Lying, 'id'>): void {
    if (kind !== this.kindId()) this.choose(kind);
    this.wayId.set(way);
    const isSame = (each: Lying): boolean => each.weight === piece.weight && each.price === piece.price;
    if (this.all().some(isSame)) return;
    const free = this.all().find((each) => each.weight === '' && each.price === '');
    if (!free && this.all().length >= MOST) this.remove(this.all()[0]?.id ?? 0);
    if (!free) this.add();
    this.set(free?.id ?? this.all().at(-1)?.id ?? 0, piece);
  }
}

const blank = (id: number): Lying => ({ id, weight: '', price: '', marks: [] });
