import { inject, Injectable, signal } from '@angular/core';
import { Format } from '@core/format/format';
import type { LyingText } from '@core/price/read-lying';
import { priceFieldsAfter } from '@core/price/typed-price';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { keepInTab } from '../../ui/form/keep-in-tab';

/** A piece that lies there, as it is typed. */
export interface Lying extends LyingText {
  readonly id: number;
  /** Empty while nobody has said which kind it is. */
  readonly kind: string;
  /** Empty for the way that the household last wished. */
  readonly way: string;
  readonly marks: readonly string[];
  /** The figures that somebody said are right as they stand. */
  readonly sureOf?: string;
}

/** The figures of a piece, as one text. */
export const figuresOf = ({ price, weight, pricedBy }: LyingText): string =>
  [price, weight, pricedBy].join('|');

/** A counter has more; a hand compares no more than so many. */
export const MOST = 4;

/** Pieces of any kinds that are compared; they wait in the tab, like the piece that is asked about. */
@Injectable()
export class Compared {
  private readonly format = inject(Format);
  private readonly lying = signal<readonly Lying[]>([this.blank(1), this.blank(2)]);
  readonly all = this.lying.asReadonly();

  constructor() {
    const [key, { today }] = [draftKey('side-by-side'), inject(Clock)];
    keepInTab(() => `${key()} ${today()}`, { lying: this.lying });
  }

  set(id: number, part: Partial<Lying>): void {
    this.lying.update((all) =>
      all.map((each) => (each.id === id ? { ...each, ...priceFieldsAfter(each, part) } : each)),
    );
  }

  add(): void {
    this.lying.update((all) => [...all, this.blank(Math.max(0, ...all.map(({ id }) => id)) + 1)]);
  }

  remove(id: number): void {
    this.lying.update((all) => all.filter((each) => each.id !== id));
  }

  /** None of them is taken: what is compared next is another counter. */
  forget(): void {
    this.lying.set([this.blank(1), this.blank(2)]);
  }

  /** A piece from the Counter goes beside those that lie there: in the first empty place. */
  take(piece: Omit<Lying, 'id'>): void {
    const isSame = (each: Lying): boolean =>
      each.kind === piece.kind && each.weight === piece.weight && each.price === piece.price;
    if (this.all().some(isSame)) return;
    const free = this.all().find((each) => each.weight === '' && each.price === '');
    if (!free && this.all().length >= MOST) this.remove(this.all()[0]?.id ?? 0);
    if (!free) this.add();
    this.set(free?.id ?? this.all().at(-1)?.id ?? 0, piece);
  }

  private blank(id: number): Lying {
    return { id, kind: '', way: '', weight: '', price: '', pricedBy: this.format.priceUnit(), marks: [] };
  }
}
