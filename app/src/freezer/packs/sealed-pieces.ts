import { sayKindOfDate, sayWrap, setLabelDate } from '@core/deeds/label-date';
import { foundLeaking, openBag } from '@core/deeds/open-bag';
import { move } from '@core/deeds/move';
import { planCutting } from '@core/deeds/plan-cutting';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { isInFreezer, type Cold } from '@core/cold/cold';
import type { Wrap } from '@core/cold/usual-wrap';
import { whyOf } from '@core/cold/why';
import { isBird } from '@core/ledger/animal';
import { addDays } from '@core/units/date';
import { Clock } from '../../household/clock';
import { pieceWords } from '../../household/piece-words';
import { Choice, type Options } from '../../ui/field/choice';
import { PiecesNow } from '../week/pieces-now';
import type { Dated } from '@core/ledger/entry';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { keepsWords } from '../../household/cold-words';
import { LabelDate } from '../../household/parts/label-date';
import { PlaceChoice } from '../../household/parts/place-choice';

const WRAPS: Options<Wrap | ''> = [
  ['', 'not said'],
  ['sealed', 'sealed bag'],
  ['open', 'tray or paper'],
];

/** Pieces that were bought and are not cut yet: where they wait, and until when. */
@Component({
  selector: 'v-sealed-pieces',
  imports: [Choice, PlaceChoice, LabelDate, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './sealed-pieces.html',
  styles: `
    section {
      margin-bottom: 18px;
    }
    h2 {
      font-size: var(--large);
      margin-bottom: 6px;
    }
    div {
      display: flex;
      gap: 8px 18px;
      flex-wrap: wrap;
      align-items: center;
      border-top: 1px solid var(--line);
      padding: 6px 0;
    }
    a {
      font-weight: 600;
    }
    .why {
      flex-basis: 100%;
    }
  `,
})
export class SealedPieces {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly colds = inject(Colds);
  private readonly clock = inject(Clock);
  private readonly plans = inject(PiecesNow);
  protected readonly lotName = lotName;
  protected readonly wraps = WRAPS;
  /** What is past its day is said above, with its deeds. */
  protected readonly pieces = computed(() =>
    this.store.uncutPieces().filter((piece) => !this.colds.of()(piece).overdue),
  );

  /** A kind of date that was chosen and waits for its day. */
  protected readonly asked = signal<ReadonlyMap<string, Dated | ''>>(new Map());

  protected cold(piece: Lot): Cold {
    return this.colds.of()(piece);
  }

  protected why(piece: Lot): string {
    return whyOf(this.cold(piece));
  }

  protected keeps(piece: Lot): string {
    return keepsWords(this.cold(piece), this.format);
  }

  protected setKind(piece: Lot, kind: Dated | ''): void {
    this.asked.update((asked) => new Map([...asked, [piece.id, kind]]));
    if (piece.until && kind !== '') void this.store.perform(sayKindOfDate(piece, kind));
  }

  protected setUntil(piece: Lot, date: string): void {
    if (date === '') return;
    const dated = this.asked().get(piece.id) || piece.dated || 'use-by';
    void this.store.perform(setLabelDate(piece, date, dated, this.format));
  }

  protected isRed({ animal }: Lot): boolean {
    return animal !== null && !isBird(animal);
  }

  /** Whole red meat that came fresh: in its packer’s bag it keeps by other days. */
  protected mayBeSealed(piece: Lot): boolean {
    return this.isRed(piece) && (piece.kept === null || piece.kept === 'sealed' || piece.kept === 'open');
  }

  protected wrapOf({ kept }: Lot): Wrap | '' {
    return kept === 'sealed' || kept === 'open' ? kept : '';
  }

  protected setWrap(piece: Lot, wrap: Wrap | ''): void {
    if (wrap !== '') void this.store.perform(sayWrap(piece, wrap));
  }

  protected planned(piece: Lot): string {
    const plan = this.plans.all().find(({ lot }) => lot.id === piece.id);
    return plan && (plan.cutOn !== null || plan.trouble !== null) ? pieceWords(plan, this.format) : '';
  }

  /** The days on which it can be cut: up to its last one, and the one that is said. */
  protected cutDays(piece: Lot): Options<string> {
    const [cold, said] = [this.cold(piece), this.store.cuttings().get(piece.id)?.on];
    const days = Array.from({ length: 14 }, (_, day) => addDays(this.clock.today(), day)).filter(
      (day) => isInFreezer(cold) || cold.cookBy === null || day <= cold.cookBy,
    );
    const all = said === undefined || days.includes(said) ? days : [said, ...days];
    return [['', 'no day yet'], ...all.map((day) => [day, this.format.weekday(day)] as const)];
  }

  protected planCut(piece: Lot, on: string): void {
    const now = { cold: this.cold(piece), today: this.clock.today() };
    void this.store.perform(planCutting(piece, on || null, now, this.format));
  }

  protected open(piece: Lot): void {
    void this.store.perform(openBag(piece, this.clock.today()));
  }

  protected leaks(piece: Lot): void {
    void this.store.perform(foundLeaking(piece, this.clock.today()));
  }

  protected move(piece: Lot, place: string): void {
    void this.store.perform(move([piece], place, this.colds.laying()));
  }
}
