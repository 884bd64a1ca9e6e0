import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { buy } from '@core/deeds/buy';
import { notePrices } from '@core/deeds/note-prices';
import { askQuestion, questionsAbout } from '@core/deeds/questions';
import { Format } from '@core/format/format';
import { notedPrice } from '@core/format/noted-price';
import type { FactOf } from '@core/ledger/entry';
import { asAsked } from '@core/price/as-asked';
import type { PriceNote } from '@core/price/price-note';
import type { LyingText } from '@core/price/read-lying';
import { Clock } from '../../household/clock';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import { oneAtATime } from '../../ui/form/one-at-a-time';
import { AnswerNow } from '../answer/answer-now';
import { ReadyCut } from '../answer/ready-cut';
import { Compared } from '../candidates/compared';
import { AsWrapped } from '../piece/as-wrapped';
import { PieceAsked } from '../piece/piece-asked';
import { pieceSaid } from './piece-said';

/** What one does now: buy it, leave it, or lay it beside another. What the answer says is in solid ink. */
@Component({
  selector: 'v-decision',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button
      type="button"
      class="buy"
      [class.act]="!isNo() && !isOpen()"
      [class.quiet]="isNo() || isOpen()"
      [class.anyway]="isNo()"
      [attr.aria-disabled]="answer.obstacle() !== '' || null"
      (click)="alone(buy)"
    >
      {{ isNo() ? 'Buy anyway' : 'Buy it' }}{{ sum() }}
    </button>
    <button type="button" [class.act]="isNo()" [class.quiet]="!isNo()" (click)="alone(leave)">
      Leave it
    </button>
    <button type="button" class="quiet" (click)="compare()">Compare</button>
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 8px;
      margin: 10px 0;
    }
    .buy {
      grid-column: 1 / -1;
      min-height: 56px;
    }
    .buy.anyway {
      order: 3;
      min-height: 48px;
    }
    .act {
      min-height: 56px;
    }
  `,
})
export class Decision {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);
  private readonly router = inject(Router);
  private readonly household = inject(HOUSEHOLD_NAME);
  private readonly piece = inject(PieceAsked);
  private readonly wrapped = inject(AsWrapped);
  private readonly label = this.piece.label;
  private readonly readyCut = inject(ReadyCut);
  private readonly compared = inject(Compared);
  protected readonly answer = inject(AnswerNow);

  protected readonly isNo = computed(() => this.answer.told()?.leans === 'dearer');
  /** While one price would settle it, that is the thing to do, and no deed is in solid ink. */
  protected readonly isOpen = computed(() => this.answer.verdict()?.answer === 'open');
  protected readonly sum = computed(() => {
    const purchase = this.label.purchase();
    return purchase && !this.answer.second() ? ` for ${this.format.money(purchase.paidMinor)}` : '';
  });

  /**
   * What is asked for the piece goes into the price book, whether it is bought or left: but neither a
   * price by the piece of a guessed weight, nor one that is still asked about.
   */
  private asked(): PriceNote[] {
    const [kind, perKg] = [this.piece.kind(), this.label.paidPerKg()];
    const perKgMinor = Math.round(perKg ?? 0);
    if (!kind || perKgMinor <= 0 || this.answer.second()) return [];
    const asked = this.label.asked();
    const price = asked && asAsked(asked);
    const isOffer = this.label.discountKind() !== 'none';
    return [
      {
        item: wholePieceItem(kind.id),
        shop: this.readyCut.shopName(),
        ...(price ?? { perKgMinor }),
        on: this.answer.on(),
        ...this.readyCut.ofGrade(),
        ...(isOffer ? { offer: true } : {}),
      },
    ];
  }

  protected readonly alone = oneAtATime();

  protected readonly leave = async (): Promise<void> => {
    // A figure that is refused is mended first: what was typed beside it would be written down without it.
    const refused = Object.values(this.label.wrong()).find((problem) => problem !== '');
    if (refused) return this.notices.problem(refused);
    const notes = await this.readyCut.sure(this.asked());
    if (!notes) return;
    const [note] = this.asked();
    const kind = this.piece.kind()?.name ?? '';
    const say = note ? `${kind} left. ${notedPrice(note, this.format)} is noted.` : `${kind} left.`;
    const deed = notePrices(notes, say, () => this.clock.newId());
    if (notes.length === 0) this.notices.done(say);
    else if (!(await this.store.perform(deed)).ok) return;
    this.readyCut.forget();
    this.piece.forget();
  };

  protected compare(): void {
    const kind = this.piece.kind();
    if (kind)
      this.compared.take({
        kind: kind.id,
        way: this.piece.wayId(),
        marks: this.piece.marks(),
        ...this.asLying(),
      });
    void this.router.navigate(['/', this.household, 'counter', 'candidates']);
  }

  /** As it stands on the label where nothing is off; else, and from abroad, what is paid for it in one's own. */
  private asLying(): LyingText {
    const weight = this.label.weight();
    const isPlain =
      this.label.discountKind() === 'none' && this.label.total() === '' && !this.label.foreign();
    if (isPlain && this.label.pieces() === 1)
      return { weight, price: this.label.price(), pricedBy: this.label.pricedBy() };
    const perKg = this.answer.perKg();
    const price = perKg === null ? '' : this.format.plainPerUnit(perKg);
    return { weight, price, pricedBy: this.format.priceUnit() };
  }

  protected readonly buy = async (): Promise<void> => {
    const [purchase, kind] = [this.label.purchase(), this.piece.kind()];
    if (!purchase || !kind || this.answer.obstacle()) return this.notices.problem(this.answer.obstacle());
    const fact: FactOf<'received'> = {
      ...pieceSaid(this.piece, this.wrapped, this.readyCut, this.answer),
      lot: this.clock.newId(),
      massDg: purchase.massDg,
      typed: this.label.typedWeight(),
      ...(this.label.isPractice() ? { practice: 'camera' as const } : {}),
      paidMinor: purchase.paidMinor,
      foreign: this.label.paidAbroad(),
    };
    const questions = questionsAbout(this.store.state(), fact).map((question) =>
      askQuestion(question, (massDg) => this.format.mass(massDg)),
    );
    if (
      questions.length > 0 &&
      !(await this.ask.confirm(
        'Is this right?',
        questions.join(' '),
        `Buy ${this.format.mass(purchase.massDg)}`,
      ))
    )
      return;
    const prices = await this.readyCut.sure(this.asked());
    if (!prices) return;
    const purchased = {
      marks: this.piece.marks(),
      prices,
      apart: this.label.apart(),
      newId: () => this.clock.newId(),
    };
    const written = await this.store.perform(buy(fact, purchased));
    if (!written.ok) return;
    this.readyCut.forget();
    this.piece.forget();
    await this.router.navigate(['/', this.household, 'block', fact.lot]);
  };
}
